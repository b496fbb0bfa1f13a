'use client';

import Link from 'next/link';
import { useRef, type KeyboardEvent, type ReactNode } from 'react';
import { STEPS } from '../../core/steps';
import type { StepId } from '../../core/working/context';
import type { CaseIndexRow } from '../../store/db';
import { formatDate, localDay } from '../format/date';
import { text } from '../format/text';
import { Button } from '../parts/Button';
import { StepMark } from '../parts/StepMark';
import { FigureText } from '../working/FigureText';
import { OpenableRow } from '../working/Openable';
import { WorkingProvider } from '../working/openWorking';

/** The step at which a case goes on: the first that wants something. */
function nextStep({ steps }: CaseIndexRow): StepId {
  return (
    STEPS.find((step) => steps[step] === 'decide') ??
    STEPS.find((step) => steps[step] === 'not-begun') ??
    'slip'
  );
}

function CaseLine({ row, onDelete }: { row: CaseIndexRow; onDelete: () => void }): ReactNode {
  const step = nextStep(row);
  const name = row.title || text('case.untitled');
  return (
    <WorkingProvider workings={row.workings}>
      <OpenableRow columns={6} className="px-2">
        <tr className="h-9 border-b border-rule-2 hover:bg-spruce-wash/60">
          <td className="max-w-56 truncate px-2">
            <Link
              href={`/case?id=${row.id}&step=${step}`}
              data-case-link=""
              className={`font-semibold hover:underline ${row.title ? '' : 'text-ink-2 italic'}`}
            >
              {name}
            </Link>
          </td>
          <td className="max-w-48 truncate px-2 text-ink-2">
            {[row.client, row.place].filter(Boolean).join(', ')}
          </td>
          <td className="px-2">
            <FigureText message={row.turnsOn} />
          </td>
          <td className="px-2 whitespace-nowrap">
            <StepMark state={row.steps[step]} />
            <span className="ml-2">{text(`step.${step}`)}</span>
          </td>
          <td className="num px-2 text-right whitespace-nowrap text-ink-2">
            {formatDate(localDay(new Date(row.changedAt)))}
          </td>
          <td className="px-2 text-right">
            <Button look="quiet" onClick={onDelete} aria-label={text('desk.deleteCase', { name })}>
              {text('desk.delete')}
            </Button>
          </td>
        </tr>
      </OpenableRow>
    </WorkingProvider>
  );
}

const HEADS = ['case', 'client', 'turnsOn', 'step', 'changed'] as const;

interface CaseTableProps {
  readonly rows: readonly CaseIndexRow[];
  readonly onDelete: (id: string) => void;
}

/** The cases, a line each; the arrow keys go from line to line. */
export function CaseTable({ rows, onDelete }: CaseTableProps): ReactNode {
  const table = useRef<HTMLTableElement>(null);
  const onKeyDown = (event: KeyboardEvent): void => {
    const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    const links = [...(table.current?.querySelectorAll<HTMLElement>('[data-case-link]') ?? [])];
    const at = links.indexOf(document.activeElement as HTMLElement);
    if (!step || at < 0) return;
    event.preventDefault();
    links[at + step]?.focus();
  };
  return (
    <table ref={table} onKeyDown={onKeyDown} className="mt-3 w-full">
      <thead>
        <tr className="h-8 border-b border-rule text-left text-label font-semibold text-ink-2">
          {HEADS.map((head) => (
            <th key={head} className={`px-2 ${head === 'changed' ? 'text-right' : ''}`}>
              {text(`desk.head.${head}`)}
            </th>
          ))}
          <th>
            <span className="sr-only">{text('desk.delete')}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <CaseLine key={row.id} row={row} onDelete={() => onDelete(row.id)} />
        ))}
      </tbody>
    </table>
  );
}
