'use client';

import { useVirtualizer } from '@tanstack/react-virtual';
import Link from 'next/link';
import { useRef, type KeyboardEvent, type ReactNode } from 'react';
import { isDemo } from '../../core/casefile/demo';
import { own } from '../../core/kernel/typed/own';
import { formatDate } from '../format/date';
import { messageText, nameFrom, text } from '../format/desk';
import { RowMenu } from '../kit/RowMenu';
import type { DeskLine } from './deskLine';
import { caseAddress } from './caseAddress';
import { HowFar } from './HowFar';

/** One line a case, in pixels: what is not in view is not drawn. */
const LINE_PX = 36;
/** Lines that are drawn above and below what is in view. */
const BEYOND = 12;

const HEADS = ['case', 'client', 'ground', 'howFar', 'turnsOn', 'on'] as const;

/** What is read first has the most room; a narrow window leaves out what the chosen case says too. */
const WIDTHS: Readonly<Record<(typeof HEADS)[number], string>> = {
  case: 'w-[26%] max-rail:w-[34%] max-phone:w-[50%]',
  client: 'w-[13%] max-rail:hidden',
  ground: 'w-28 max-rail:hidden',
  howFar: 'w-20 max-phone:hidden',
  turnsOn: '',
  on: 'w-26 text-right max-phone:hidden',
};

interface LineProps {
  readonly line: DeskLine;
  readonly index: number;
  readonly chosen: boolean;
  readonly onChoose: () => void;
  readonly onDelete: () => void;
}

function Line({ line, index, chosen, onChoose, onDelete }: LineProps): ReactNode {
  const { row, on, queue, overdue } = line;
  const name = row.title || text('case.untitled');
  return (
    <tr
      aria-rowindex={index + 2}
      onClick={onChoose}
      className={`h-9 border-b border-rule-2 ${chosen ? 'bg-spruce-wash forced-colors:outline-2 forced-colors:-outline-offset-2' : 'hover:bg-spruce-wash/60'}`}
    >
      <td className="px-2">
        <div className="flex items-center">
          <Link
            href={caseAddress(row)}
            prefetch={false}
            data-case-link=""
            data-index={index}
            onFocus={onChoose}
            className={`truncate py-1 font-semibold hover:underline ${row.title ? '' : 'text-ink-2 italic'}`}
          >
            {name}
          </Link>
          {isDemo(row.id) && (
            <span title={text('demo.mark')} className="ml-1.5 shrink-0 text-ink-2">
              {text('demo.sign')}
              <span className="sr-only">{text('demo.mark')}</span>
            </span>
          )}
        </div>
      </td>
      <td className="truncate px-2 text-ink-2 max-rail:hidden">
        {[row.client, row.place].filter(Boolean).join(', ')}
      </td>
      <td className="truncate px-2 text-ink-2 max-rail:hidden">
        {row.grounds === 1
          ? nameFrom('plant', row.plants[0] ?? '')
          : text('queue.grounds', { n: row.grounds })}
      </td>
      <td className="px-2 max-phone:hidden">
        <HowFar row={row} />
      </td>
      <td className="truncate px-2">
        {overdue
          ? text('queue.overdue', { n: overdue })
          : queue === 'decide'
            ? messageText(row.turnsOn)
            : text(`queue.${queue}`)}
      </td>
      <td className="num truncate px-2 text-right text-ink-2 max-phone:hidden">
        {on ? formatDate(on) : ''}
      </td>
      <td className="px-1 text-right" onClick={(event) => event.stopPropagation()}>
        <RowMenu
          label={text('desk.caseMenu', { name })}
          acts={[{ label: text('desk.deleteCase', { name }), run: onDelete }]}
        />
      </td>
    </tr>
  );
}

interface CaseTableProps {
  readonly lines: readonly DeskLine[];
  readonly chosenId: string | undefined;
  readonly onChoose: (id: string) => void;
  readonly onDelete: (id: string) => void;
}

/** How far a key moves among so many lines; nothing for other keys. */
function moved(key: string, at: number, count: number, page: number): number | undefined {
  const to: Readonly<Record<string, number>> = {
    ArrowDown: at + 1,
    ArrowUp: at - 1,
    PageDown: at + page,
    PageUp: at - page,
    Home: 0,
    End: count - 1,
  };
  const target = own(to, key);
  return target === undefined ? undefined : Math.min(Math.max(target, 0), count - 1);
}

/** The cases, a line each; only what is in view is drawn. The arrow keys go from line to line. */
export function CaseTable({ lines, chosenId, onChoose, onDelete }: CaseTableProps): ReactNode {
  const scroller = useRef<HTMLDivElement>(null);
  const goingTo = useRef<number>(undefined);
  // eslint-disable-next-line react-hooks/incompatible-library -- its functions are not passed on
  const virtual = useVirtualizer({
    count: lines.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => LINE_PX,
    overscan: BEYOND,
  });
  const items = virtual.getVirtualItems();
  const before = items[0]?.start ?? 0;
  const after = virtual.getTotalSize() - (items.at(-1)?.end ?? 0);
  const focusLine = (index: number): boolean => {
    const line = scroller.current?.querySelector<HTMLElement>(`[data-index="${index}"]`);
    line?.focus();
    return line !== null && line !== undefined;
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    const from = (event.target as HTMLElement).dataset['index'];
    if (from === undefined) return;
    const at = lines[Number(from)];
    if (event.key === 'Delete' && at) {
      event.preventDefault();
      onDelete(at.row.id);
      return;
    }
    const page = Math.max(1, Math.floor((scroller.current?.clientHeight ?? 0) / LINE_PX) - 1);
    const to = moved(event.key, goingTo.current ?? Number(from), lines.length, page);
    if (to === undefined) return;
    event.preventDefault();
    virtual.scrollToIndex(to);
    if (focusLine(to)) return;
    // The line has to be drawn first; a key that comes meanwhile goes on from there.
    goingTo.current = to;
    requestAnimationFrame(() =>
      requestAnimationFrame(() => {
        if (goingTo.current !== undefined) focusLine(goingTo.current);
        goingTo.current = undefined;
      }),
    );
  };
  return (
    <div ref={scroller} className="mt-3 min-h-40 flex-[0_1_auto] overflow-y-auto">
      <table aria-rowcount={lines.length + 1} onKeyDown={onKeyDown} className="w-full table-fixed">
        <thead className="sticky top-0 z-10 bg-sheet">
          <tr className="h-8 border-b border-rule text-left text-label font-semibold text-ink-2">
            {HEADS.map((head) => (
              <th key={head} className={`px-2 ${WIDTHS[head]}`}>
                {text(
                  head === 'ground' || head === 'on' || head === 'howFar'
                    ? `queue.head.${head}`
                    : `desk.head.${head}`,
                )}
              </th>
            ))}
            <th className="w-10">
              <span className="sr-only">{text('desk.acts')}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {before > 0 && (
            <tr aria-hidden="true" style={{ height: before }}>
              <td colSpan={HEADS.length + 1} />
            </tr>
          )}
          {items.map(({ index }) => {
            const line = lines[index];
            if (!line) return null;
            const { id } = line.row;
            return (
              <Line
                key={id}
                line={line}
                index={index}
                chosen={id === chosenId}
                onChoose={() => onChoose(id)}
                onDelete={() => onDelete(id)}
              />
            );
          })}
          {after > 0 && (
            <tr aria-hidden="true" style={{ height: after }}>
              <td colSpan={HEADS.length + 1} />
            </tr>
          )}
        </tbody>
      </table>
    </div>
  );
}
