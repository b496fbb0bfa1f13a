'use client';

import { useVirtualizer } from '@tanstack/react-virtual';
import type { Remote } from 'comlink';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import type { ReadRow, Summary } from '../../files/reportTable/reportTable';
import type { TableReader } from '../../workers/reportTable.worker';
import { messageText } from '../format/message';
import { nameFrom, text } from '../format/text';
import type { OpenTable } from './useTable';

/** One row, in pixels; one with a fault has a line more for its reason. */
const ROW_PX = 34;
const FAULT_PX = 20;
const BEYOND = 10;

interface CellProps {
  readonly row: ReadRow;
  readonly column: number;
  readonly head: string;
  readonly change: OpenTable['change'];
}

/** A cell: text, or where it cannot be read a field to mend it in. */
function Cell({ row, column, head, change }: CellProps): ReactNode {
  const fault = row.faults.find((each) => each.column === column);
  const shown = row.cells[column] ?? '';
  if (!fault) {
    return (
      <span className={`block truncate py-0.5 ${row.leftOut ? 'text-ink-2 line-through' : ''}`}>
        {shown}
      </span>
    );
  }
  const mend = (value: string): void => {
    if (value !== shown) change((reader) => reader.setCell(row.row, column, value));
  };
  return (
    <input
      key={shown}
      aria-invalid
      aria-label={text('table.cell', { line: row.line, head })}
      defaultValue={shown}
      className="field h-7 w-full aria-invalid:border-madder"
      onBlur={(event) => mend(event.target.value)}
      onKeyDown={(event) => {
        if (event.key === 'Enter') mend(event.currentTarget.value);
      }}
    />
  );
}

/** What a row brings, as it will stand in the case. */
function asRead({ values, leftOut }: ReadRow): string {
  if (leftOut) return text('table.leftOut');
  return values
    .map(({ analyte, typed }) =>
      [text(`analyte.${analyte}`), typed.text, nameFrom('soilUnit', typed.unit)].join(' ').trim(),
    )
    .join(', ');
}

interface RowsProps {
  readonly reader: Remote<TableReader> | undefined;
  readonly summary: Summary;
  readonly version: number;
  readonly faultyOnly: boolean;
  readonly nameOf: (sampleId: string) => string;
  readonly change: OpenTable['change'];
}

/** The rows of the table as they will be read; only what is in view is asked for and drawn. */
export function Rows({
  reader,
  summary,
  version,
  faultyOnly,
  nameOf,
  change,
}: RowsProps): ReactNode {
  const scroller = useRef<HTMLDivElement>(null);
  const [seen, setSeen] = useState<{ from: number; rows: readonly ReadRow[] }>({
    from: 0,
    rows: [],
  });
  const count = faultyOnly ? summary.faulty : summary.rows;
  // eslint-disable-next-line react-hooks/incompatible-library -- its functions are not passed on
  const virtual = useVirtualizer({
    count,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_PX + (faultyOnly ? FAULT_PX : 0),
    overscan: BEYOND,
  });
  const items = virtual.getVirtualItems();
  const first = items[0]?.index ?? 0;
  const last = items.at(-1)?.index ?? 0;
  useEffect(() => {
    let stale = false;
    void reader?.page(first, last - first + 1, faultyOnly).then(({ rows }) => {
      if (!stale) setSeen({ from: first, rows });
    });
    return () => {
      stale = true;
    };
  }, [reader, first, last, faultyOnly, version]);
  const { head } = summary;
  return (
    <div ref={scroller} className="min-h-24 flex-1 overflow-auto border-t border-rule">
      <table className="w-full" aria-label={text('table.preview')} aria-rowcount={count + 1}>
        <thead className="sticky top-0 z-10 bg-sheet">
          <tr className="text-left text-label font-semibold text-ink-2">
            <th className="w-14 px-1.5 py-1 text-right">{text('table.line')}</th>
            <th className="px-1.5 py-1">{text('table.goesTo')}</th>
            {head.map((name, at) => (
              <th key={at} className="px-1.5 py-1">
                {name}
              </th>
            ))}
            <th className="px-1.5 py-1">{text('table.asRead')}</th>
          </tr>
        </thead>
        <tbody>
          {first > 0 && (
            <tr aria-hidden="true" style={{ height: items[0]?.start }}>
              <td colSpan={head.length + 3} />
            </tr>
          )}
          {items.map(({ index }) => {
            const row = seen.rows[index - seen.from];
            if (!row) return null;
            return (
              <tr
                key={row.row}
                aria-rowindex={index + 2}
                className={`border-b border-rule-2 align-top ${row.faults.length > 0 ? 'bg-madder-wash' : ''}`}
              >
                <td className="num px-1.5 py-1.5 text-right text-ink-2">{row.line}</td>
                <td className="max-w-48 truncate px-1.5 py-1.5 font-semibold">
                  {row.sampleId ? nameOf(row.sampleId) : ''}
                </td>
                {head.map((name, column) => (
                  <td key={column} className="max-w-40 min-w-16 px-1.5 py-1">
                    <Cell row={row} column={column} head={name} change={change} />
                  </td>
                ))}
                <td className="max-w-96 px-1.5 py-1.5 text-small text-ink-2">
                  <span className="block truncate">{asRead(row)}</span>
                  {row.faults.map(({ column, reason }, at) => (
                    <span key={at} className="block text-madder">
                      {text('table.fault', { head: head[column] ?? '', why: messageText(reason) })}
                    </span>
                  ))}
                </td>
              </tr>
            );
          })}
          {last < count - 1 && (
            <tr
              aria-hidden="true"
              style={{ height: virtual.getTotalSize() - (items.at(-1)?.end ?? 0) }}
            >
              <td colSpan={head.length + 3} />
            </tr>
          )}
        </tbody>
      </table>
    </div>
  );
}
