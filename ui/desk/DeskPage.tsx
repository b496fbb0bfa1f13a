'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import { useRouter } from 'next/navigation';
import { useCallback, useEffect, useMemo, useState, type ReactNode } from 'react';
import { deleteCase, listCases, purgeDeleted, restoreCase } from '../../store/desk';
import type { CaseIndexRow } from '../../store/db';
import { leftovers, livingPages } from '../../store/mirror';
import { useCommands, type Command } from '../commands/registry';
import { text } from '../format/text';
import { Button } from '../parts/Button';
import { Kbd } from '../parts/Kbd';
import { CaseTable } from './CaseTable';

function Empty({ onNew }: { onNew: () => void }): ReactNode {
  return (
    <div className="mt-16 max-w-lg">
      <h1 className="font-serif text-decision font-semibold">{text('desk.empty')}</h1>
      <p className="mt-2 font-serif text-slip text-ink-2">{text('desk.emptyHow')}</p>
      <Button look="primary" className="mt-5" onClick={onNew}>
        {text('desk.new')}
        <span className="font-normal opacity-80">{text('desk.newKey')}</span>
      </Button>
      <p className="mt-8 border-t border-rule pt-3 text-small text-ink-2">
        {text('desk.judgement')}
      </p>
    </div>
  );
}

interface DeletedProps {
  readonly rows: readonly CaseIndexRow[];
  readonly justDeleted: string | undefined;
}

/** The last deletion with its undo, and what else can still be brought back. */
function Deleted({ rows, justDeleted }: DeletedProps): ReactNode {
  if (rows.length === 0) return null;
  const last = rows.find(({ id }) => id === justDeleted);
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
        <summary className="cursor-pointer">{text('desk.deletedList', { n: rows.length })}</summary>
        <ul className="mt-1">
          {rows.map((row) => (
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

/** Stores what dead pages have left. The plan is only fetched for it where there is something. */
async function replayLeftovers(): Promise<void> {
  const living = await livingPages();
  if (leftovers(living).length === 0) return;
  const { replayPending } = await import('../../store/replay');
  await replayPending(living, Date.now());
}

/** The caseload. */
export function DeskPage(): ReactNode {
  const router = useRouter();
  const cases = useLiveQuery(() => listCases());
  const [justDeleted, setJustDeleted] = useState<string>();
  useEffect(() => {
    void purgeDeleted(Date.now());
    void replayLeftovers();
  }, []);
  const onNew = useCallback((): void => {
    void import('./createCase')
      .then(({ createCase }) => createCase())
      .then((id) => router.push(`/case?id=${id}&step=ground`));
  }, [router]);
  const onDelete = useCallback((id: string): void => {
    setJustDeleted(id);
    void deleteCase(id, Date.now());
  }, []);
  const commands = useMemo<readonly Command[]>(() => {
    const fresh = { id: 'new-case', label: 'command.newCase', keys: ['N'], run: onNew };
    if (!justDeleted) return [fresh];
    const run = (): void => void restoreCase(justDeleted);
    return [fresh, { id: 'undo-delete', label: 'command.undoDelete', keys: ['Ctrl+Z'], run }];
  }, [onNew, justDeleted]);
  useCommands(commands);
  if (!cases) return <main aria-busy="true" />;
  const { standing, deleted } = cases;
  return (
    <main className="min-h-[calc(100vh-2.75rem)] bg-sheet px-6 py-4">
      {standing.length === 0 ? (
        <Empty onNew={onNew} />
      ) : (
        <>
          <div className="flex items-center justify-between gap-4">
            <h1 className="font-serif text-decision font-semibold">
              {text('desk.title', {
                n: standing.filter(({ steps }) => Object.values(steps).includes('decide')).length,
              })}
            </h1>
            <Button look="primary" onClick={onNew}>
              {text('desk.new')}
              <Kbd>{text('desk.newKey')}</Kbd>
            </Button>
          </div>
          <CaseTable rows={standing} onDelete={onDelete} />
        </>
      )}
      <Deleted rows={deleted} justDeleted={justDeleted} />
    </main>
  );
}
