'use client';

import type { Progress } from '../../store/breath';
import { useLiveQuery } from 'dexie-react-hooks';
import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useCallback, useEffect, useMemo, useState, type ReactNode } from 'react';
import { deleteCase, hasCases, listCases, restoreCase } from '../../store/desk';
import { db } from '../../store/db';
import { LineReader } from '../../store/lines';
import { leftovers, livingPages } from '../../store/mirror';
import { useCommands, type Command } from '../commands/registry';
import { text } from '../format/shell';
import { Button } from '../kit/Button';
import { Kbd } from '../kit/Kbd';
import { DeskFiles } from './DeskFiles';
import { welcome } from './firstVisit';
import type { Outcome } from './FileOutcome';
import { STEPS } from '../../core/kernel/working/finding';

function Empty({ onNew }: { onNew: () => void }): ReactNode {
  return (
    <div className="mt-10 flex flex-wrap gap-x-16 gap-y-8">
      <div className="max-w-lg flex-1 basis-80">
        <h1 className="font-serif text-decision font-semibold">{text('desk.empty')}</h1>
        <p className="mt-2 font-serif text-slip text-ink-2">{text('desk.emptyHow')}</p>
        <Button look="primary" className="mt-5" onClick={onNew}>
          {text('desk.new')}
          <Kbd>{text('desk.newKey')}</Kbd>
        </Button>
        <p className="mt-8 border-t border-rule pt-3 text-small text-ink-2">
          {text('desk.judgement')}
        </p>
      </div>
      <ol className="max-w-lg flex-1 basis-80">
        {STEPS.map((step, index) => (
          <li key={step} className="flex gap-4 border-b border-rule-2 py-2">
            <span className="num w-4 text-right font-serif text-title text-spruce">
              {String(index + 1)}
            </span>
            <span>{text(`desk.work.${step}`)}</span>
          </li>
        ))}
      </ol>
    </div>
  );
}

/** The list and its words come when there is a case. */
const Deleted = dynamic(() => import('./Deleted').then((file) => file.Deleted), { ssr: false });

const CaseList = dynamic(() => import('./CaseList').then((file) => file.CaseList), {
  ssr: false,
});

/** Fetches the list's part of the program while its lines are still being read. */
async function fetchList(): Promise<void> {
  if (await hasCases()) await import('./CaseList');
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
  const [reader] = useState(() => new LineReader());
  const cases = useLiveQuery(() => listCases(db, reader), [reader]);
  const [justDeleted, setJustDeleted] = useState<string>();
  const [outcome, setOutcome] = useState<Outcome>();
  useEffect(() => {
    void fetchList().catch(() => undefined);
    void import('../../store/gone')
      .then(({ purgeDeleted }) => purgeDeleted(Date.now()))
      .catch(() => undefined);
    void replayLeftovers().catch(() => undefined);
  }, []);
  const [welcomed, setWelcomed] = useState(false);
  useEffect(() => {
    // Where the storage is refused the list says so; a welcome has nothing to add.
    void welcome()
      .catch(() => undefined)
      .finally(() => setWelcomed(true));
  }, []);
  const outdated = cases?.outdated ?? false;
  const [remade, setRemade] = useState<Progress>();
  useEffect(() => {
    if (!outdated) return;
    void import('./remakeLines')
      .then(({ remakeLines }) => remakeLines(setRemade))
      .catch(() => undefined)
      .finally(() => setRemade(undefined));
  }, [outdated]);
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
    const fresh = { id: 'new-case', label: text('command.newCase'), keys: ['N'], run: onNew };
    if (!justDeleted) return [fresh];
    const run = (): void => void restoreCase(justDeleted);
    return [fresh, { id: 'undo-delete', label: text('command.undoDelete'), keys: ['Ctrl+Z'], run }];
  }, [onNew, justDeleted]);
  useCommands(commands);
  if (!cases || (!welcomed && cases.standing.length === 0)) return <main aria-busy="true" />;
  const { standing, deleted } = cases;
  const files = <DeskFiles rows={standing} outcome={outcome} setOutcome={setOutcome} />;
  const below = deleted.length > 0 && <Deleted rows={deleted} justDeleted={justDeleted} />;
  if (standing.length === 0) {
    return (
      <main className="min-h-[calc(100vh-2.75rem)] bg-sheet px-6 py-4">
        {outdated ? <p role="status">{text('desk.updating')}</p> : <Empty onNew={onNew} />}
        {files}
        {below}
      </main>
    );
  }
  const acts = (
    <>
      {remade && (
        <span role="status" className="text-small text-ink-2">
          {text('desk.remade', { ...remade })}
        </span>
      )}
      <Button look="primary" onClick={onNew}>
        {text('desk.new')}
        <Kbd>{text('desk.newKey')}</Kbd>
      </Button>
    </>
  );
  return (
    <CaseList
      rows={standing}
      onDelete={onDelete}
      acts={acts}
      below={
        <>
          {files}
          {below}
        </>
      }
    />
  );
}
