'use client';

import type { ReactNode } from 'react';
import { SOURCES } from '../../core/kernel/sources';
import { PACK_PARTS, type PackCell, type PackRow } from '../../core/catalog/packs/values';
import { formatDayOfYear } from '../format/date';
import { messageText } from '../format/message';
import { formatQuantity } from '../format/quantity';
import { text } from '../format/text';
import { Printed } from '../kit/Printed';

/** A value as it is printed, its unit smaller than its number. */
function Value({ value }: PackCell): ReactNode {
  if (typeof value === 'string') return formatDayOfYear(value);
  const { before, number, after } = formatQuantity(value);
  return (
    <>
      <span className="text-small text-ink-2">{before}</span>
      {before && ' '}
      {number} <span className="text-small text-ink-2">{after}</span>
    </>
  );
}

/** The unit of a value that is typed; days have none. */
function unitOf({ value }: PackCell): string {
  if (typeof value === 'string') return '';
  const { before, after } = formatQuantity(value);
  return after || before;
}

/** The words by which a value is known: what it is, for what, and which of the row. */
export function cellName({ what, by }: PackRow, { label }: PackCell): string {
  return [what, by, label].flatMap((part) => (part ? [messageText(part)] : [])).join(', ');
}

/** The values of a row, each under its own small head. */
function Values({
  row,
  field,
}: {
  row: PackRow;
  field: ((row: PackRow, cell: PackCell) => ReactNode) | undefined;
}): ReactNode {
  return (
    <dl className="flex flex-wrap gap-x-5 gap-y-1">
      {row.cells.map((cell) => (
        <div key={cell.path}>
          <dt className="text-label text-ink-2">
            {messageText(cell.label)}
            {field && unitOf(cell) && `, ${unitOf(cell)}`}
          </dt>
          <dd className="num whitespace-nowrap">
            {field ? field(row, cell) : <Value {...cell} />}
          </dd>
        </div>
      ))}
    </dl>
  );
}

interface PackValuesProps {
  /** The rows of one pack, or of two side by side. */
  readonly columns: readonly {
    readonly title: string;
    readonly rows: readonly PackRow[];
  }[];
  /** A control in the place of each value. */
  readonly field?: (row: PackRow, cell: PackCell) => ReactNode;
}

/** Keys of the rows of a part, each once; what one pack has not stands empty in its column. */
function keysOf(columns: PackValuesProps['columns'], part: PackRow['part']): string[] {
  const rows = columns.flatMap((column) => column.rows).filter((row) => row.part === part);
  return [...new Set(rows.map(({ key }) => key))];
}

function PartTable({
  columns,
  part,
  field,
}: PackValuesProps & { part: PackRow['part'] }): ReactNode {
  const several = columns.length > 1;
  return (
    <table className="w-full table-fixed" aria-label={text(`packPart.${part}`)}>
      <colgroup>
        <col className="w-44 max-rail:w-28" />
      </colgroup>
      <thead className={several ? '' : 'sr-only'}>
        <tr className="border-b border-rule text-left text-label font-semibold text-ink-2">
          <th className="pb-1">{text('yardsticks.what')}</th>
          {columns.map(({ title }) => (
            <th key={title} className="pb-1 pl-3">
              {title}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {keysOf(columns, part).map((key) => {
          const rows = columns.map((column) => column.rows.find((row) => row.key === key));
          const what = rows.find((row) => row !== undefined)?.what;
          return (
            <tr key={key} className="border-b border-rule-2 align-top last:border-0">
              <th scope="row" className="py-1.5 text-left font-semibold">
                {what && messageText(what)}
              </th>
              {rows.map((row, index) => (
                <td key={columns[index]?.title} className="py-1.5 pl-3">
                  {row ? (
                    <div className="flex flex-wrap justify-between gap-x-4">
                      <div className="min-w-0">
                        {row.by && <p className="text-small text-ink-2">{messageText(row.by)}</p>}
                        <Values row={row} field={field} />
                      </div>
                      <Printed {...row} citation={SOURCES[row.source].citation} />
                    </div>
                  ) : (
                    <span className="text-ink-2">{text('yardsticks.notInPack')}</span>
                  )}
                </td>
              ))}
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

/** The values of a pack, part by part, each with where it is printed; those of two packs side by side. */
export function PackValues({ columns, field }: PackValuesProps): ReactNode {
  const parts = PACK_PARTS.filter((part) => keysOf(columns, part).length > 0);
  return parts.map((part) => (
    <section key={part} className="border-t border-rule py-3">
      <h3 className="mb-1 font-serif text-title font-semibold">{text(`packPart.${part}`)}</h3>
      <PartTable columns={columns} part={part} {...(field ? { field } : {})} />
    </section>
  ));
}
