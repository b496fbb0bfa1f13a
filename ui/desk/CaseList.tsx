'use client';

import type { CaseIndexRow } from '../../core/plan/deskLine';
import dynamic from 'next/dynamic';
import { useMemo, useRef, useState, type ReactNode } from 'react';
import { addDays } from '../../core/kernel/typed/date';
import { QUEUES, queueOn, type Queue } from '../../core/plan/queue';
import { localDay } from '../format/date';
import { nameFrom, text } from '../format/desk';
import { useCommands, type Command } from '../commands/registry';
import { Button } from '../kit/Button';
import { CaseTable } from './CaseTable';
import { ChosenCase } from './ChosenCase';
import { DemoNote } from './DemoNote';
import type { DeskLine } from './deskLine';

/** The part of the program that writes pages comes when pages are asked for. */
const BatchDialog = dynamic(() => import('./BatchDialog').then((file) => file.BatchDialog), {
  ssr: false,
});

/** Days ahead of what goes on soon, whatever else a case waits for. */
const AHEAD = { week: 6, month: 27 } as const;
type Ahead = keyof typeof AHEAD;
type Shown = Queue | Ahead | 'all';

const SHOWN: readonly Shown[] = [
  ...QUEUES.filter((queue) => queue !== 'rest'),
  'week',
  'month',
  'all',
];

/** The cases in which something goes on within so many days, the next first. */
function soon(lines: readonly DeskLine[], today: string, days: number): DeskLine[] {
  const until = addDays(today, days);
  return lines
    .flatMap((line): DeskLine[] => {
      const on = line.row.facts.doses.find((date) => date >= today && date <= until);
      return on ? [{ ...line, queue: 'field', on }] : [];
    })
    .sort((a, b) => ((a.on ?? '') < (b.on ?? '') ? -1 : 1));
}

/** The lines of a filter. */
function linesFor(lines: readonly DeskLine[], shown: Shown, today: string): readonly DeskLine[] {
  if (shown === 'all') return lines;
  if (shown === 'week' || shown === 'month') return soon(lines, today, AHEAD[shown]);
  return lines.filter(({ queue }) => queue === shown);
}

/** The part of the program that plans cases and writes calendars comes when it is asked for. */
async function saveFound(rows: readonly CaseIndexRow[]): Promise<void> {
  const { saveDeskCalendar } = await import('./saveDeskCalendar');
  await saveDeskCalendar(rows);
}

/** Thousands of lines share a few plants: each is put into words once. */
function linesOf(rows: readonly CaseIndexRow[], today: string): DeskLine[] {
  const names = new Map<string, string>();
  const named = (plant: string): string => {
    const known = names.get(plant) ?? nameFrom('plant', plant);
    names.set(plant, known);
    return known;
  };
  const queued = queueOn(today);
  const lines = rows.map((row): DeskLine => {
    const words = [row.title, row.client, row.place, ...row.plants.map(named)];
    return { row, ...queued(row.facts), words: words.join(' ').toLowerCase() };
  });
  return lines.sort(byUrgency);
}

/** The queues in their order, each by its day, the longest waiting and the next due first. */
function byUrgency(a: DeskLine, b: DeskLine): number {
  const order = QUEUES.indexOf(a.queue) - QUEUES.indexOf(b.queue);
  if (order !== 0) return order;
  const [first, second] = [a.on ?? '9', b.on ?? '9'];
  if (first !== second) return first < second ? -1 : 1;
  return b.row.changedAt - a.row.changedAt;
}

interface FiltersProps {
  readonly lines: readonly DeskLine[];
  readonly today: string;
  readonly shown: Shown;
  readonly onShow: (shown: Shown) => void;
}

function Filters({ lines, today, shown, onShow }: FiltersProps): ReactNode {
  // Offices in which nobody asks for reviews need no button for them.
  const hasReviews = shown === 'review' || lines.some(({ queue }) => queue === 'review');
  return (
    <div role="group" aria-label={text('queue.filters')} className="flex flex-wrap gap-1.5">
      {SHOWN.filter((which) => which !== 'review' || hasReviews).map((which) => (
        <button
          key={which}
          type="button"
          aria-pressed={which === shown}
          onClick={() => onShow(which)}
          className="flex h-7 items-center gap-1.5 rounded border border-control px-2.5 text-small aria-pressed:border-spruce aria-pressed:bg-spruce-wash aria-pressed:font-semibold forced-colors:aria-pressed:border-2"
        >
          {text(`queue.${which}`)}
          <span className="num text-ink-2">{String(linesFor(lines, which, today).length)}</span>
        </button>
      ))}
    </div>
  );
}

interface CaseListProps {
  readonly rows: readonly CaseIndexRow[];
  readonly onDelete: (id: string) => void;
  /** What stands over the list: the page's own acts. */
  readonly acts: ReactNode;
  /** What stands under it. */
  readonly below: ReactNode;
}

/** The caseload by where each case waits, with a search, and the chosen case beside it. */
export function CaseList({ rows, onDelete, acts, below }: CaseListProps): ReactNode {
  const [today] = useState(() => localDay(new Date()));
  const [typed, setTyped] = useState('');
  const [chosenId, setChosenId] = useState<string>();
  const [batch, setBatch] = useState(false);
  const search = useRef<HTMLInputElement>(null);
  const lines = useMemo(() => linesOf(rows, today), [rows, today]);
  const wanting = lines.filter(({ queue }) => queue === 'decide').length;
  const [asked, setAsked] = useState<Shown>();
  const shown = asked ?? (wanting > 0 ? 'decide' : 'all');
  const words = typed.trim().toLowerCase().split(/\s+/);
  const searching = typed.trim() !== '';
  // A search looks through all queues: who types a name wants that case, wherever it waits.
  const found = searching
    ? lines.filter((line) => words.every((word) => line.words.includes(word)))
    : linesFor(lines, shown, today);
  const commands = useMemo<readonly Command[]>(
    () => [
      { id: 'batch', label: text('command.batch'), keys: [], run: () => setBatch(true) },
      {
        id: 'find-case',
        label: text('command.findCase'),
        keys: ['/'],
        run: () => search.current?.focus(),
      },
    ],
    [],
  );
  useCommands(commands);
  const chosen = found.find(({ row }) => row.id === chosenId) ?? found[0];
  // The plan of a case that nobody has asked for yet is not fetched.
  const look = (): void => setChosenId(chosen?.row.id);
  return (
    <div className="flex h-[calc(100vh-2.75rem)] bg-sheet">
      <main className="flex min-w-0 flex-1 flex-col overflow-y-auto px-6 py-4">
        <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-2">
          <h1 className="font-serif text-decision font-semibold">
            {text('desk.title', { n: wanting })}
          </h1>
          <span className="flex items-center gap-2">
            {!searching && (shown === 'week' || shown === 'month') && found.length > 0 && (
              <Button onClick={() => void saveFound(found.map(({ row }) => row))}>
                {text('queue.saveCalendar')}
              </Button>
            )}
            {found.length > 0 && (
              <Button onClick={() => setBatch(true)}>
                {text(!searching && shown === 'test' ? 'queue.letters' : 'queue.pages')}
              </Button>
            )}
            {acts}
          </span>
        </div>
        <div className="mt-3 flex flex-wrap items-center justify-between gap-3">
          <Filters
            lines={lines}
            today={today}
            shown={searching ? 'all' : shown}
            onShow={(which) => {
              setTyped('');
              setAsked(which);
            }}
          />
          <input
            ref={search}
            type="search"
            aria-label={text('queue.search')}
            placeholder={text('queue.searchHelp')}
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
            onKeyDown={(event) => {
              if (event.key === 'Escape') setTyped('');
              if (event.key !== 'ArrowDown' && event.key !== 'Enter') return;
              event.preventDefault();
              document.querySelector<HTMLElement>('[data-case-link]')?.focus();
            }}
            className="field w-52 [&::-webkit-search-cancel-button]:appearance-none"
          />
        </div>
        <DemoNote rows={rows} />
        {found.length > 0 ? (
          <CaseTable
            lines={found}
            chosenId={chosen?.row.id}
            onChoose={setChosenId}
            onDelete={onDelete}
          />
        ) : (
          <p className="mt-6 flex items-center gap-4 text-ink-2">
            {searching
              ? text('queue.none.found', { words: typed.trim() })
              : text(`queue.none.${shown}`)}
            {searching && (
              <Button look="quiet" onClick={() => setTyped('')}>
                {text('queue.clear')}
              </Button>
            )}
          </p>
        )}
        {below}
        {batch && (
          <BatchDialog
            rows={found.map(({ row }) => row)}
            first={!searching && shown === 'test' ? 'letters' : 'pages'}
            onClose={() => setBatch(false)}
          />
        )}
      </main>
      <aside
        aria-label={text('chosen.title')}
        onPointerEnter={look}
        onFocus={look}
        className="w-82 shrink-0 overflow-y-auto border-l border-rule bg-paper px-4 py-4 max-margin:hidden"
      >
        <h2 className="mb-2 text-label font-semibold text-ink-2">{text('chosen.title')}</h2>
        {chosen ? (
          <ChosenCase key={chosen.row.id} row={chosen.row} looked={chosenId !== undefined} />
        ) : (
          <p className="text-ink-2">{text('chosen.none')}</p>
        )}
      </aside>
    </div>
  );
}
