'use client';

import type { ReactNode } from 'react';
import { isDemo } from '../../core/casefile/demo';
import type { CaseIndexRow } from '../../core/plan/deskLine';
import { markDemo, restoreCase } from '../../store/desk';
import { text } from '../format/desk';
import { Button } from '../kit/Button';

/** The invented county comes back as one, as it went. */
function bringCountyBack(): void {
  void markDemo(0);
}

interface DeletedProps {
  readonly rows: readonly CaseIndexRow[];
  readonly justDeleted: string | undefined;
}

/** The last deletion with its undo, and what else can still be brought back. */
export function Deleted({ rows, justDeleted }: DeletedProps): ReactNode {
  const last = rows.find(({ id }) => id === justDeleted);
  const own = rows.filter(({ id }) => !isDemo(id));
  const demo = own.length < rows.length;
  const name = (row: CaseIndexRow): string => row.title || text('case.untitled');
  return (
    <section className="mt-8 max-w-2xl text-small text-ink-2">
      {last && (
        <p role="status" className="mb-2 flex items-center gap-3 text-base text-ink">
          {text('desk.deleted', { name: name(last) })}
          <Button look="quiet" onClick={() => void restoreCase(last.id)}>
            {text('desk.undo')}
          </Button>
        </p>
      )}
      <details>
        <summary className="cursor-pointer py-1">
          {text('desk.deletedList', { n: rows.length })}
        </summary>
        <ul className="mt-1">
          {demo && (
            <li className="flex items-center gap-3">
              {text('desk.county')}
              <Button look="quiet" onClick={bringCountyBack}>
                {text('desk.restore')}
              </Button>
            </li>
          )}
          {own.map((row) => (
            <li key={row.id} className="flex items-center gap-3">
              {name(row)}
              <Button look="quiet" onClick={() => void restoreCase(row.id)}>
                {text('desk.restore')}
              </Button>
            </li>
          ))}
        </ul>
      </details>
    </section>
  );
}
