'use client';

import { nanoid } from 'nanoid';
import { useId, useState, type ReactNode } from 'react';
import type { LineEdit } from '../../../core/casefile/parts/line';
import type { PageLine } from '../../../core/tell/slip/document';
import { own } from '../../../core/kernel/typed/own';
import { text } from '../../format/text';
import { useVoice } from '../../format/voiceContext';
import { Button } from '../../kit/Button';
import { RowMenu, type RowAct } from '../../kit/RowMenu';
import { SlipLine } from '../../slip/SlipBlocks';
import { useCase } from '../context/caseContext';

/** Sets what was done to a line, or takes it back. */
function useLineEdits(): (key: string, edit: Partial<LineEdit> | undefined) => void {
  const { session, state } = useCase();
  return (key, edit) => {
    const at = new Date().toISOString();
    const before = own(state.doc.lines, key);
    const value = edit && {
      ...{ what: 'words', text: '', after: '', restsOn: '' },
      ...before,
      ...edit,
      at: before?.at ?? at,
    };
    session.edit([{ path: `lines/${key}`, value }], `line:${key}:${at}`);
  };
}

interface WordsProps {
  readonly label: string;
  readonly words: string;
  readonly onSave: (words: string) => void;
  readonly onCancel: () => void;
}

/** The words of a line while they are written: Ctrl+Enter keeps them, Esc leaves it as it was. */
function WordsField({ label, words, onSave, onCancel }: WordsProps): ReactNode {
  const id = useId();
  const [draft, setDraft] = useState(words);
  const save = (): void => {
    if (draft.trim() === '') onCancel();
    else onSave(draft.replace(/\s+/g, ' ').trim());
  };
  return (
    <div className="my-2 font-sans text-body">
      <label htmlFor={id} className="text-label text-ink-2">
        {label}
      </label>
      <textarea
        id={id}
        autoFocus
        rows={3}
        maxLength={2000}
        value={draft}
        onChange={(event) => setDraft(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) save();
          if (event.key !== 'Escape') return;
          event.preventDefault();
          onCancel();
        }}
        className="field h-auto py-1.5"
      />
      <div className="mt-1 flex gap-2">
        <Button onClick={save}>{text('line.keep')}</Button>
        <Button look="quiet" onClick={onCancel}>
          {text('line.cancel')}
        </Button>
      </div>
    </div>
  );
}

/** What stands beside a line that the advisor has changed. */
function Mark({ line, set }: { line: PageLine; set: ReturnType<typeof useLineEdits> }): ReactNode {
  const { key, what, isStale, standsFor } = line;
  if (!key || !what) return null;
  return (
    <p className="flex flex-wrap items-center gap-x-3 font-sans text-small text-ink-2">
      <span className={isStale ? 'rounded bg-ochre-wash px-1.5 text-ink' : ''}>
        {text(isStale ? 'line.stale' : `line.is.${what}`)}
      </span>
      {isStale && (
        <Button look="quiet" className="h-6" onClick={() => set(key, { restsOn: standsFor })}>
          {text('line.stillRight')}
        </Button>
      )}
      <Button look="quiet" className="h-6" onClick={() => set(key, undefined)}>
        {text(`line.back.${what}`)}
      </Button>
    </p>
  );
}

type Writing = { readonly key: string; readonly as: 'words' | 'added' } | undefined;

interface LineProps {
  readonly line: PageLine;
  readonly writing: Writing;
  readonly onWrite: (writing: Writing) => void;
}

function EditableLine({ line, writing, onWrite }: LineProps): ReactNode {
  const { plan } = useCase();
  const voice = useVoice();
  const set = useLineEdits();
  const { key, block, what, standsFor } = line;
  if (!key || (block.kind !== 'sentence' && block.kind !== 'lead')) {
    return <SlipLine block={block} />;
  }
  const words = voice.message(block.text, { workings: plan.workings, plain: true });
  const acts: RowAct[] = [
    { label: text('line.reword'), run: () => onWrite({ key, as: 'words' }) },
    what === 'added'
      ? { label: text('line.remove'), run: () => set(key, undefined) }
      : {
          label: text('line.strike'),
          run: () => set(key, { what: 'struck', text: '', restsOn: standsFor }),
        },
    { label: text('line.add'), run: () => onWrite({ key, as: 'added' }) },
  ];
  const isWritten = writing?.key === key;
  const isReworded = isWritten && writing.as === 'words';
  const stop = (): void => onWrite(undefined);
  return (
    <div data-line={key} className="group relative -mr-6 pr-7">
      {isReworded ? (
        <WordsField
          label={text('line.words')}
          words={words}
          onCancel={stop}
          onSave={(said) => {
            const own: Partial<LineEdit> =
              what === 'added' ? { text: said } : { what: 'words', text: said, restsOn: standsFor };
            set(key, own);
            stop();
          }}
        />
      ) : (
        <div className={what === 'struck' ? 'text-ink-2 line-through' : ''}>
          <SlipLine block={block} />
        </div>
      )}
      <Mark line={line} set={set} />
      {what !== 'struck' && !isWritten && (
        <RowMenu
          label={text('line.menu', { line: words.slice(0, 60) })}
          acts={acts}
          className="absolute top-1 right-0.5 opacity-0 group-hover:opacity-100 focus:opacity-100 pointer-coarse:opacity-100"
        />
      )}
      {isWritten && writing.as === 'added' && (
        <WordsField
          label={text('line.added')}
          words=""
          onCancel={stop}
          onSave={(said) => {
            set(`own-${nanoid(8)}`, { what: 'added', text: said, after: key });
            stop();
          }}
        />
      )}
    </div>
  );
}

/** Words of the advisor's whose line is no more: to be put at the end, or let go. */
function Lost(): ReactNode {
  const { plan } = useCase();
  const set = useLineEdits();
  if (plan.slip.lost.length === 0) return null;
  return (
    <ul className="mt-4 rounded bg-ochre-wash px-3 py-2 font-sans text-small">
      {plan.slip.lost.map(({ key, words }) => (
        <li key={key} className="flex flex-wrap items-center gap-x-3">
          <span>{text('line.lost', { words })}</span>
          <Button look="quiet" onClick={() => set(key, { what: 'added', after: '' })}>
            {text('line.putAtEnd')}
          </Button>
          <Button look="quiet" onClick={() => set(key, undefined)}>
            {text('line.letGo')}
          </Button>
        </li>
      ))}
    </ul>
  );
}

/** The lines of the page as the advisor changes them: struck out, in other words, added; each can be taken back. */
export function EditedLines(): ReactNode {
  const { plan } = useCase();
  const [writing, setWriting] = useState<Writing>();
  return (
    <div className="font-serif text-slip">
      {plan.slip.lines.map((line, index) => (
        <EditableLine key={line.key ?? index} line={line} writing={writing} onWrite={setWriting} />
      ))}
      <Lost />
    </div>
  );
}
