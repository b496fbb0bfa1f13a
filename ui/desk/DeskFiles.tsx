'use client';

import type { CaseIndexRow } from '../../core/plan/deskLine';
import { useLiveQuery } from 'dexie-react-hooks';
import dynamic from 'next/dynamic';
import { useEffect, useState, type ReactNode } from 'react';
import { isKept } from '../../store/persistence';
import { readSetting } from '../../store/settings';
import { formatDate, localDay } from '../format/date';
import { text } from '../format/shell';
import { Button } from '../kit/Button';
import { FilePick } from '../files/FilePick';
import type { Outcome } from './FileOutcome';

const FileOutcome = dynamic(() => import('./FileOutcome').then((file) => file.FileOutcome), {
  ssr: false,
});

const LabTable = dynamic(() => import('./LabTable').then((file) => file.LabTable), { ssr: false });

/** A week: a backup older than this is worth a reminder where something changed since. */
const WEEK_MS = 7 * 86_400_000;

function wantsBackup(rows: readonly CaseIndexRow[], at: number, now: number): boolean {
  return rows.some(({ changedAt }) => changedAt > at) && now - at > WEEK_MS;
}

function Reminder({
  rows,
  onBackUp,
}: {
  rows: readonly CaseIndexRow[];
  onBackUp: () => void;
}): ReactNode {
  const [opened] = useState(() => Date.now());
  const [kept, setKept] = useState(true);
  const setting = useLiveQuery(async () => (await readSetting('backedUpAt')) ?? '0');
  useEffect(() => {
    void isKept().then(setKept);
  }, []);
  if (setting === undefined || kept || !wantsBackup(rows, Number(setting), opened)) return null;
  const at = Number(setting);
  return (
    <p
      role="status"
      className="mt-3 flex flex-wrap items-center gap-x-4 gap-y-1 border-l-3 border-ochre bg-ochre-wash px-3 py-1.5"
    >
      {at === 0
        ? text('desk.neverBackedUp')
        : text('desk.backedUpLong', { date: formatDate(localDay(new Date(at))) })}
      <Button look="quiet" onClick={onBackUp}>
        {text('desk.backUpNow')}
      </Button>
    </p>
  );
}

interface DeskFilesProps {
  readonly rows: readonly CaseIndexRow[];
  /** What became of the last file; the page keeps it, since a first case changes its whole shape. */
  readonly outcome: Outcome | undefined;
  readonly setOutcome: (outcome: Outcome | undefined) => void;
}

/** Files in and out of the Desk: a case or a backup in, the whole caseload out, and the reminder. */
export function DeskFiles({ rows, outcome, setOutcome }: DeskFilesProps): ReactNode {
  const busy = outcome?.kind === 'busy';
  const [table, setTable] = useState(false);
  const onProgress = (progress: { done: number; total: number }): void =>
    setOutcome({ kind: 'busy', ...progress });
  const backUp = (): void => {
    onProgress({ done: 0, total: 0 });
    void import('../files/caseloadFiles')
      .then((files) => files.backUp(onProgress))
      .then(
        (count) => setOutcome({ kind: 'backedUp', count }),
        () => setOutcome({ kind: 'failed' }),
      );
  };
  const bringIn = (file: File): void => {
    onProgress({ done: 0, total: 0 });
    void import('../files/caseloadFiles')
      .then((files) => files.importFile(file, onProgress))
      .then(
        (result) => setOutcome({ ...result, name: file.name }),
        () => setOutcome({ kind: 'failed' }),
      );
  };
  return (
    <>
      <div className="mt-3 flex flex-wrap items-center gap-2">
        <FilePick
          look="quiet"
          label={text('desk.import')}
          accept=".json,application/json"
          disabled={busy}
          onFile={bringIn}
        />
        {rows.length > 0 && (
          <Button look="quiet" disabled={busy} onClick={backUp}>
            {text('desk.backUp')}
          </Button>
        )}
        {rows.length > 0 && (
          <Button look="quiet" aria-expanded={table} onClick={() => setTable(!table)}>
            {text('desk.table')}
          </Button>
        )}
      </div>
      {table && <LabTable />}
      <Reminder rows={rows} onBackUp={backUp} />
      {outcome && <FileOutcome outcome={outcome} onClose={() => setOutcome(undefined)} />}
    </>
  );
}
