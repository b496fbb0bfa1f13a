'use client';

import '../format/desksWords';
import { useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { isDemo } from '../../core/casefile/demo';
import type { CaseIndexRow } from '../../core/plan/deskLine';
import type { Progress } from '../../store/breath';
import { saveArchive, takeOffDesk } from '../files/caseloadFiles';
import type { Undo } from '../files/undo';
import { text } from '../format/text';
import { Button } from '../kit/Button';
import { ChoiceField } from '../kit/ChoiceField';
import { Dialog } from '../kit/Dialog';

const YEAR_MS = 365.25 * 86_400_000;
/** Years for which a case was not changed. */
const YEARS = ['1', '2', '3', '5'];
const USUAL = '2';

type State =
  { readonly kind: 'choosing' | 'saved' | 'failed' } | ({ readonly kind: 'busy' } & Progress);

interface ArchiveDialogProps {
  /** The cases that stand on the Desk. */
  readonly rows: readonly CaseIndexRow[];
  readonly onDone: (count: number, undo: Undo) => void;
  readonly onClose: () => void;
}

/** Puts old cases away in a file: first the file, and off the Desk only when somebody says that it is there. */
export function ArchiveDialog({ rows, onDone, onClose }: ArchiveDialogProps): ReactNode {
  const [opened] = useState(() => Date.now());
  const [years, setYears] = useState(USUAL);
  const [state, setState] = useState<State>({ kind: 'choosing' });
  const work = useRef<AbortController>(undefined);
  useEffect(() => () => work.current?.abort(), []);
  const ids = useMemo(
    () =>
      rows
        .filter(({ id, changedAt }) => !isDemo(id) && opened - changedAt > Number(years) * YEAR_MS)
        .map(({ id }) => id),
    [rows, opened, years],
  );
  const failed = (): void => setState({ kind: 'failed' });
  const save = (): void => {
    const controller = new AbortController();
    work.current = controller;
    const told = (progress: Progress): void => {
      if (!controller.signal.aborted) setState({ kind: 'busy', ...progress });
    };
    told({ done: 0, total: ids.length });
    saveArchive(ids, { onProgress: told, givenUp: controller.signal }).then(
      (made) => setState({ kind: made ? 'saved' : 'choosing' }),
      failed,
    );
  };
  const takeOff = (): void => {
    takeOffDesk(ids).then((undo) => onDone(ids.length, undo), failed);
  };
  return (
    <Dialog title={text('archive.title')} onClose={onClose}>
      {state.kind === 'choosing' && (
        <>
          <p className="mb-3 text-ink-2">{text('archive.help')}</p>
          <ChoiceField
            label={text('archive.years')}
            value={years}
            options={YEARS.map((value) => ({
              value,
              words: text('archive.year', { n: Number(value) }),
            }))}
            onChoose={setYears}
          />
          <p className="my-2">{text('archive.count', { n: ids.length })}</p>
          <Button look="primary" disabled={ids.length === 0} onClick={save}>
            {text('archive.save', { n: ids.length })}
          </Button>
        </>
      )}
      {state.kind === 'busy' && (
        <div role="status" className="flex items-center gap-4">
          <progress max={state.total} value={state.done} className="w-48 accent-spruce" />
          {text('desk.busy', { done: state.done, total: state.total })}
          <Button onClick={() => work.current?.abort()}>{text('desk.giveUp')}</Button>
        </div>
      )}
      {state.kind === 'saved' && (
        <>
          <p role="status" className="mb-3">
            {text('archive.saved')}
          </p>
          <Button look="primary" onClick={takeOff}>
            {text('archive.takeOff', { n: ids.length })}
          </Button>
        </>
      )}
      {state.kind === 'failed' && <p role="alert">{text('desk.fileFailed')}</p>}
    </Dialog>
  );
}
