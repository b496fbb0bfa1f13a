'use client';

import '../format/desksWords';
import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useState, type ReactNode } from 'react';
import { chooseFolder, forgetFolder, keptFolder } from '../../store/keeping';
import { askToKeep, isKept, spaceUsed, type SpaceUsed } from '../../store/persistence';
import { formatDate, formatTime, localDay } from '../format/date';
import { text } from '../format/text';
import { Button } from '../kit/Button';
import type { AskingHandle } from './keeper';
import { pickFolder } from './pickFolder';

/** What the browser promises, in one word, and what to do. */
function Promised(): ReactNode {
  const [kept, setKept] = useState<boolean>();
  const [space, setSpace] = useState<SpaceUsed>();
  useEffect(() => {
    void isKept().then(setKept);
    void spaceUsed().then(setSpace);
  }, []);
  if (kept === undefined) return null;
  const ask = async (): Promise<void> => {
    await askToKeep();
    setKept(await isKept());
  };
  return (
    <div className="max-w-2xl">
      <p className="flex items-center gap-3">
        <strong className={kept ? 'text-spruce' : 'text-ochre'}>
          {text(kept ? 'keeping.kept' : 'keeping.notKept')}
        </strong>
        {!kept && <Button onClick={() => void ask()}>{text('keeping.ask')}</Button>}
      </p>
      <p className="mt-1 text-ink-2">{text(kept ? 'keeping.keptHelp' : 'keeping.notKeptHelp')}</p>
      {space && (
        <p className="mt-1 text-ink-2">
          {text('keeping.used', { used: space.usedMb, quota: space.quotaMb })}
        </p>
      )}
    </div>
  );
}

/** The folder that is kept current, or the offer to choose one. */
function Folder(): ReactNode {
  const row = useLiveQuery(async () => (await keptFolder()) ?? null);
  const pick = pickFolder();
  if (row === undefined) return null;
  if (!pick) return <p className="text-ink-2">{text('keeping.noFolders')}</p>;
  const choose = async (): Promise<void> => {
    const handle = await pick();
    if (handle) await chooseFolder(handle);
  };
  if (!row) {
    return (
      <>
        <Button onClick={() => void choose()}>{text('keeping.choose')}</Button>
        <p className="mt-1 max-w-2xl text-ink-2">{text('keeping.chooseHelp')}</p>
      </>
    );
  }
  const handle: AskingHandle = row.handle;
  const allow = async (): Promise<void> => {
    const state = (await handle.requestPermission?.({ mode: 'readwrite' })) ?? 'granted';
    // Chosen once more, with what is known of it: whoever keeps it tries again.
    if (state === 'granted') await chooseFolder(row.handle);
  };
  const at = row.writtenAt === undefined ? undefined : new Date(row.writtenAt);
  return (
    <>
      <p className="flex flex-wrap items-center gap-3">
        <strong>{row.handle.name || text('keeping.folder')}</strong>
        <span role="status" className={row.problem ? 'text-madder' : 'text-ink-2'}>
          {row.problem
            ? text(`keeping.problem.${row.problem}`)
            : at
              ? text('keeping.written', { date: formatDate(localDay(at)), time: formatTime(at) })
              : text('keeping.writing')}
        </span>
        {row.problem === 'asks' && (
          <Button onClick={() => void allow()}>{text('keeping.goOn')}</Button>
        )}
        <Button look="quiet" onClick={() => void choose()}>
          {text('keeping.other')}
        </Button>
        <Button look="quiet" onClick={() => void forgetFolder()}>
          {text('keeping.stop')}
        </Button>
      </p>
      <p className="mt-1 max-w-2xl text-ink-2">{text('keeping.folderHelp')}</p>
    </>
  );
}

/** Where the cases are, what the browser promises, and the folder that is kept beside it. */
export function Keeping(): ReactNode {
  return (
    <div className="grid gap-y-4">
      <Promised />
      <div>
        <Folder />
      </div>
    </div>
  );
}
