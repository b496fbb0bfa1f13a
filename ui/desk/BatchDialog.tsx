'use client';

import { useEffect, useRef, useState, type ReactNode } from 'react';
import type { CaseIndexRow } from '../../core/plan/deskLine';
import type { LeftOut, Wanted } from '../../files/slip/batchPages';
import { readRows } from '../../store/caseRows';
import { db } from '../../store/db';
import { readOffice } from '../../store/office';
import { downloadBytes } from '../files/download';
import { localDay } from '../format/date';
import { text, voice } from '../format/text';
import { named } from '../format/choices';
import { ChoiceField } from '../kit/ChoiceField';
import { Button } from '../kit/Button';
import { Dialog } from '../kit/Dialog';
import { withPagePrinter } from '../slip/pagePrinter';

/** So many cases go to the worker at a time, and as often it is told how far it is. */
const AT_A_TIME = 5;

type State =
  | { readonly kind: 'choosing' }
  | { readonly kind: 'busy'; readonly done: number; readonly total: number }
  | { readonly kind: 'done'; readonly count: number; readonly leftOut: readonly LeftOut[] }
  | { readonly kind: 'failed'; readonly why: string };

/** Draws the pages of cases as one file and saves it; gives how many are in it and what is not. */
async function drawAll(
  what: Wanted['what'],
  ids: readonly string[],
  onDone: (done: number) => void,
  givenUp: AbortSignal,
): Promise<{ readonly count: number; readonly leftOut: readonly LeftOut[] }> {
  const { paper, signature, contact, volunteers } = await readOffice();
  return withPagePrinter(async (printer) => {
    await printer.begin({ what, units: voice.units, signed: { signature, contact }, volunteers });
    for (let at = 0; at < ids.length; at += AT_A_TIME) {
      const some = ids.slice(at, at + AT_A_TIME);
      const rows = await readRows(db, some);
      await printer.add(rows.flatMap((row) => (row ? [row.doc] : [])));
      onDone(Math.min(at + AT_A_TIME, ids.length));
    }
    const { bytes, count, leftOut } = await printer.finish({ paper, large: false });
    const name = `${what}-${localDay(new Date())}.pdf`;
    if (bytes && !givenUp.aborted) downloadBytes(name, bytes, 'application/pdf');
    return { count, leftOut };
  }, givenUp);
}

const WHAT: readonly Wanted['what'][] = ['pages', 'letters'];

interface ChoiceProps {
  readonly rows: readonly CaseIndexRow[];
  readonly chosen: ReadonlySet<string>;
  readonly onChoose: (chosen: ReadonlySet<string>) => void;
}

function Choice({ rows, chosen, onChoose }: ChoiceProps): ReactNode {
  const toggle = (id: string, on: boolean): void => {
    const next = new Set(chosen);
    if (on) next.add(id);
    else next.delete(id);
    onChoose(next);
  };
  return (
    <ul className="max-h-72 overflow-y-auto border-y border-rule-2">
      {rows.map(({ id, title, client }) => (
        <li key={id}>
          <label className="flex items-center gap-2 py-1">
            <input
              type="checkbox"
              className="size-4 shrink-0 accent-spruce"
              checked={chosen.has(id)}
              onChange={(event) => toggle(id, event.target.checked)}
            />
            <span className="truncate font-semibold">{title || text('case.untitled')}</span>
            <span className="truncate text-ink-2">{client}</span>
          </label>
        </li>
      ))}
    </ul>
  );
}

function Told({
  state,
  what,
}: {
  state: Extract<State, { kind: 'done' }>;
  what: Wanted['what'];
}): ReactNode {
  const { count, leftOut } = state;
  return (
    <>
      <p role="status">{text(`batch.done.${what}`, { n: count })}</p>
      {leftOut.length > 0 && (
        <>
          <h3 className="mt-3 text-label text-ink-2">
            {text('batch.leftOut', { n: leftOut.length })}
          </h3>
          <ul className="max-h-72 overflow-y-auto">
            {leftOut.map(({ title, why }, index) => (
              <li key={index} className="flex gap-3 border-b border-rule-2 py-1">
                <span className="w-2/5 shrink-0 truncate font-semibold">
                  {title || text('case.untitled')}
                </span>
                <span className="text-ink-2">{why}</span>
              </li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}

interface BatchDialogProps {
  /** The cases that the Desk shows now. */
  readonly rows: readonly CaseIndexRow[];
  /** What is printed unless somebody chooses otherwise. */
  readonly first: Wanted['what'];
  readonly onClose: () => void;
}

/** The pages of the cases that the Desk shows, or of some of them, as one PDF; or the letters that remind of the next test. */
export function BatchDialog({ rows, first, onClose }: BatchDialogProps): ReactNode {
  const [chosen, setChosen] = useState<ReadonlySet<string>>(
    () => new Set(rows.map(({ id }) => id)),
  );
  const [what, setWhat] = useState(first);
  const [state, setState] = useState<State>({ kind: 'choosing' });
  const work = useRef<AbortController>(undefined);
  useEffect(() => () => work.current?.abort(), []);
  const start = (): void => {
    const ids = rows.map(({ id }) => id).filter((id) => chosen.has(id));
    const controller = new AbortController();
    work.current = controller;
    const onDone = (done: number): void => {
      if (!controller.signal.aborted) setState({ kind: 'busy', done, total: ids.length });
    };
    onDone(0);
    drawAll(what, ids, onDone, controller.signal).then(
      (told) => setState({ kind: 'done', ...told }),
      (error: unknown) =>
        setState(
          controller.signal.aborted ? { kind: 'choosing' } : { kind: 'failed', why: String(error) },
        ),
    );
  };
  return (
    <Dialog title={text('batch.title')} onClose={onClose}>
      {state.kind === 'choosing' && (
        <>
          <ChoiceField
            label={text('batch.what')}
            value={what}
            options={named('batchWhat', WHAT)}
            onChoose={(value) => setWhat(WHAT.find((each) => each === value) ?? first)}
          />
          <p className="my-2 text-ink-2">{text(`batch.help.${what}`)}</p>
          <Choice rows={rows} chosen={chosen} onChoose={setChosen} />
          <div className="mt-3 flex items-center gap-3">
            <Button look="primary" disabled={chosen.size === 0} onClick={start}>
              {text(`batch.start.${what}`, { n: chosen.size })}
            </Button>
            <Button
              look="quiet"
              onClick={() => setChosen(new Set(chosen.size > 0 ? [] : rows.map(({ id }) => id)))}
            >
              {text(chosen.size > 0 ? 'batch.none' : 'batch.all')}
            </Button>
          </div>
        </>
      )}
      {state.kind === 'busy' && (
        <div role="status" className="flex items-center gap-4">
          <progress max={state.total} value={state.done} className="w-48 accent-spruce" />
          {state.done < state.total
            ? text('batch.busy', { done: state.done, total: state.total })
            : text('page.drawing')}
          <Button onClick={() => work.current?.abort()}>{text('batch.cancel')}</Button>
        </div>
      )}
      {state.kind === 'done' && <Told state={state} what={what} />}
      {state.kind === 'failed' && <p role="alert">{text('batch.failed', { why: state.why })}</p>}
    </Dialog>
  );
}
