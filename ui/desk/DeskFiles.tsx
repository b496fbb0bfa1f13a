'use client';

import type { CaseIndexRow } from '../../core/plan/deskLine';
import dynamic from 'next/dynamic';
import { useState, useSyncExternalStore, type ReactNode } from 'react';
import { text } from '../format/shell';
import { Button } from '../kit/Button';
import { pickFolder } from '../keeping/pickFolder';
import { FilePick } from '../files/FilePick';
import type { Outcome } from './FileOutcome';
import type { Job } from './FileWork';

const FileWork = dynamic(() => import('./FileWork').then((file) => file.FileWork), { ssr: false });
const Reminder = dynamic(() => import('./Reminder').then((file) => file.Reminder), { ssr: false });
const LabTable = dynamic(() => import('./LabTable').then((file) => file.LabTable), { ssr: false });

const noChange = (): (() => void) => () => undefined;

interface DeskFilesProps {
  readonly rows: readonly CaseIndexRow[];
  /** What became of the last file; the page keeps it, since a first case changes its whole shape. */
  readonly outcome: Outcome | undefined;
  readonly setOutcome: (outcome: Outcome | undefined) => void;
}

/** Files in and out of the Desk: a case or a backup in, the whole caseload out, and the reminder. */
export function DeskFiles({ rows, outcome, setOutcome }: DeskFilesProps): ReactNode {
  const busy = outcome?.kind === 'busy' || outcome?.kind === 'reading';
  const [table, setTable] = useState(false);
  const [job, setJob] = useState<Job>();
  // Only where it stands is it known what this browser gives.
  const canPick = useSyncExternalStore(
    noChange,
    () => pickFolder() !== undefined,
    () => false,
  );
  const restore = async (): Promise<void> => {
    const folder = await pickFolder('read')?.();
    if (folder) setJob({ kind: 'folder', folder });
  };
  const act = (words: string, run: () => void): ReactNode => (
    <Button look="quiet" disabled={busy} onClick={run}>
      {words}
    </Button>
  );
  const backUp = (): void => setJob({ kind: 'all' });
  return (
    <>
      <div className="mt-3 flex flex-wrap items-center gap-2">
        <FilePick
          look="quiet"
          label={text('desk.import')}
          accept=".json,application/json"
          disabled={busy}
          onFile={(file) => setJob({ kind: 'file', file })}
        />
        {canPick && act(text('desk.restoreFolder'), () => void restore())}
        {rows.length > 0 && (
          <>
            {act(text('desk.backUp'), backUp)}
            {act(text('desk.backUpSealed'), () => setJob({ kind: 'sealed' }))}
            {act(text('desk.archive'), () => setJob({ kind: 'archive' }))}
            <Button look="quiet" aria-expanded={table} onClick={() => setTable(!table)}>
              {text('desk.table')}
            </Button>
          </>
        )}
      </div>
      {table && <LabTable />}
      {rows.length > 0 && <Reminder rows={rows} onBackUp={backUp} />}
      {(job ?? outcome) && <FileWork {...{ rows, job, outcome, setOutcome }} />}
    </>
  );
}
