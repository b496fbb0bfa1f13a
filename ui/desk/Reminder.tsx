'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useState, type ReactNode } from 'react';
import type { CaseIndexRow } from '../../core/plan/deskLine';
import { keptFolder } from '../../store/keeping';
import { isKept } from '../../store/persistence';
import { readSetting } from '../../store/settings';
import { formatDate, localDay } from '../format/date';
import { text } from '../format/desk';
import { Button } from '../kit/Button';

/** A week: a backup older than this is worth a reminder where something changed since. */
const WEEK_MS = 7 * 86_400_000;

function wantsBackup(rows: readonly CaseIndexRow[], at: number, now: number): boolean {
  return rows.some(({ changedAt }) => changedAt > at) && now - at > WEEK_MS;
}

/** Says when cases are kept nowhere but here, and the browser may clear them. */
export function Reminder({
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
  const folder = useLiveQuery(async () => (await keptFolder()) ?? null);
  if (folder?.problem) {
    return (
      <p role="status" className="mt-3 border-l-3 border-ochre bg-ochre-wash px-3 py-1.5">
        {text('desk.folderStopped')}
      </p>
    );
  }
  const isSafe = kept || !!folder?.writtenAt;
  if (setting === undefined || folder === undefined || isSafe) return null;
  if (!wantsBackup(rows, Number(setting), opened)) return null;
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
