'use client';

import { useEffect, useRef, useState, type ReactNode } from 'react';
import type { CaseIndexRow } from '../../core/plan/deskLine';
import { LookThrough } from '../merge/LookThrough';
import {
  importFile,
  importFolder,
  takeLooked,
  type DecidedAll,
  type Imported,
  type Looked,
} from '../files/bringIn';
import { backUp } from '../files/caseloadFiles';
import type { LongWork } from '../files/longWork';
import { PassphraseDialog } from '../files/PassphraseDialog';
import { ArchiveDialog } from './ArchiveDialog';
import { FileOutcome, type Outcome } from './FileOutcome';

/** What somebody asks for. */
export type Job =
  | { readonly kind: 'file'; readonly file: File }
  | { readonly kind: 'folder'; readonly folder: FileSystemDirectoryHandle }
  | { readonly kind: 'all' | 'sealed' | 'archive' };

interface FileWorkProps {
  readonly rows: readonly CaseIndexRow[];
  /** The last that was asked for; each is an object of its own. */
  readonly job: Job | undefined;
  readonly outcome: Outcome | undefined;
  readonly setOutcome: (outcome: Outcome | undefined) => void;
}

/** What is done with files from the Desk, what is asked on the way, and what becomes of it; fetched when somebody asks for any. */
export function FileWork({ rows, job, outcome, setOutcome }: FileWorkProps): ReactNode {
  const [looked, setLooked] = useState<Looked>();
  /** A sealed file that is to be opened. */
  const [sealed, setSealed] = useState<{ readonly file: File; readonly wrong: boolean }>();
  /** The job whose dialog was closed. */
  const [closed, setClosed] = useState<Job>();
  const asked = job === closed ? undefined : job?.kind;
  const close = (): void => setClosed(job);
  const failed = (): void => setOutcome({ kind: 'failed' });
  const start = (kind: 'busy' | 'reading', run: (work: LongWork) => Promise<void>): void => {
    const work = new AbortController();
    const giveUp = (): void => work.abort();
    const onProgress: LongWork['onProgress'] = (told) => setOutcome({ kind, ...told, giveUp });
    onProgress({ done: 0, total: 0 });
    run({ onProgress, givenUp: work.signal }).catch(failed);
  };
  const show = (result: Imported, name: string, file?: File): void => {
    if (result.kind === 'look') {
      setOutcome(undefined);
      setLooked(result.looked);
    } else if (result.kind === 'sealed') {
      setOutcome(undefined);
      if (file) setSealed({ file, wrong: result.wrong });
    } else setOutcome({ ...result, name });
  };
  const saveAll = (passphrase: string): void =>
    start('busy', async (work) => {
      const count = await backUp(work, passphrase);
      setOutcome(count === undefined ? { kind: 'noFile' } : { kind: 'backedUp', count });
    });
  const read = (file: File, passphrase: string): void =>
    start('reading', async (work) =>
      show(await importFile(file, work, passphrase), file.name, file),
    );
  const restore = (folder: FileSystemDirectoryHandle): void =>
    start('reading', async (work) => {
      const result = await importFolder(folder, work);
      if (result) show(result, folder.name);
      else setOutcome({ kind: 'emptyFolder' });
    });
  const take = (from: Looked, decided: DecidedAll): void => {
    setLooked(undefined);
    start('busy', async (work) => show(await takeLooked(from, decided, work), from.name));
  };
  const undo = (): void => {
    if (outcome?.kind !== 'in' && outcome?.kind !== 'archived') return;
    void outcome.undo().then((done) => {
      if (done === 'failed') failed();
      else setOutcome({ kind: done === 'undone' ? 'undone' : 'cannotUndo' });
    });
  };
  const begun = useRef<Job>(undefined);
  useEffect(() => {
    if (!job || begun.current === job) return;
    begun.current = job;
    if (job.kind === 'file') read(job.file, '');
    else if (job.kind === 'folder') restore(job.folder);
    else if (job.kind === 'all') saveAll('');
  });
  return (
    <>
      {outcome && (
        <FileOutcome outcome={outcome} onClose={() => setOutcome(undefined)} onUndo={undo} />
      )}
      {asked === 'archive' && (
        <ArchiveDialog
          rows={rows}
          onDone={(count, way) => {
            close();
            setOutcome({ kind: 'archived', count, undo: way });
          }}
          onClose={close}
        />
      )}
      {asked === 'sealed' && (
        <PassphraseDialog
          isNew
          wrong={false}
          onGive={(passphrase) => {
            close();
            saveAll(passphrase);
          }}
          onClose={close}
        />
      )}
      {sealed && (
        <PassphraseDialog
          isNew={false}
          wrong={sealed.wrong}
          onGive={(passphrase) => {
            setSealed(undefined);
            read(sealed.file, passphrase);
          }}
          onClose={() => setSealed(undefined)}
        />
      )}
      {looked && (
        <LookThrough
          looked={looked}
          onTake={(decided) => take(looked, decided)}
          onClose={() => setLooked(undefined)}
        />
      )}
    </>
  );
}
