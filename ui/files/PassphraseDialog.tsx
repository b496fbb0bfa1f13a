'use client';

import '../format/desksWords';
import { useId, useState, type ReactNode } from 'react';
import { text } from '../format/text';
import { Button } from '../kit/Button';
import { Dialog } from '../kit/Dialog';
import { FieldLabel } from '../kit/FieldLabel';

/** A passphrase shorter than this is soon guessed. */
const SHORTEST = 12;

interface FieldProps {
  readonly label: string;
  readonly value: string;
  readonly isNew: boolean;
  readonly onType: (value: string) => void;
}

function Field({ label, value, isNew, onType }: FieldProps): ReactNode {
  const id = useId();
  return (
    <div className="mb-2">
      <FieldLabel of={id}>{label}</FieldLabel>
      <input
        id={id}
        type="password"
        className="field w-72"
        autoComplete={isNew ? 'new-password' : 'current-password'}
        value={value}
        onChange={(event) => onType(event.target.value)}
      />
    </div>
  );
}

interface PassphraseDialogProps {
  /** Whether a file is to be sealed by it, or one that is sealed to be opened. */
  readonly isNew: boolean;
  /** The one before did not open the file. */
  readonly wrong?: boolean;
  readonly onGive: (passphrase: string) => void;
  readonly onClose: () => void;
}

/** Asks for the passphrase of a file; of a new one twice, since nobody can open it without. */
export function PassphraseDialog({
  isNew,
  wrong = false,
  onGive,
  onClose,
}: PassphraseDialogProps): ReactNode {
  const [first, setFirst] = useState('');
  const [second, setSecond] = useState('');
  const isShort = isNew && first.length < SHORTEST;
  const differs = isNew && first !== second;
  const ready = first !== '' && !isShort && !differs;
  return (
    <Dialog title={text(isNew ? 'passphrase.new' : 'passphrase.open')} onClose={onClose}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (ready) onGive(first);
        }}
      >
        <p className="mb-3 text-ink-2">
          {text(isNew ? 'passphrase.newHelp' : 'passphrase.openHelp')}
        </p>
        <Field label={text('passphrase.field')} value={first} isNew={isNew} onType={setFirst} />
        {isNew && (
          <Field label={text('passphrase.again')} value={second} isNew onType={setSecond} />
        )}
        <p role="status" className="min-h-5 text-madder">
          {wrong && first === '' && text('passphrase.wrong')}
          {first !== '' && isShort && text('passphrase.short', { n: SHORTEST })}
          {!isShort && second !== '' && differs && text('passphrase.differs')}
        </p>
        <Button look="primary" type="submit" disabled={!ready}>
          {text(isNew ? 'passphrase.seal' : 'passphrase.unseal')}
        </Button>
      </form>
    </Dialog>
  );
}
