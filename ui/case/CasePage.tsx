'use client';

import { liveQuery } from 'dexie';
import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { useCallback, useEffect, useState, type ReactNode } from 'react';
import { STEPS } from '../../core/kernel/working/finding';
import type { StepId } from '../../core/kernel/working/finding';
import { readRow } from '../../store/caseRows';
import { db } from '../../store/db';
import type { CaseSession } from '../../store/session';
import { text } from '../format/text';
import { OfficeProvider } from '../slip/useOffice';
import { CaseScreen } from './CaseScreen';
import { openCase, type OpenedCase } from './context/openCase';
import { RefusedCase } from './RefusedCase';

function Missing({ words }: { words: string }): ReactNode {
  return (
    <main className="px-6 py-16">
      <h1 className="font-serif text-decision font-semibold">{words}</h1>
      <Link className="mt-4 inline-block font-semibold text-spruce underline" href="/">
        {text('notFound.desk')}
      </Link>
    </main>
  );
}

/** Keeps the session in step with the database and stores what is left when the page hides. */
function useFollowing(session: CaseSession | undefined, id: string): void {
  useEffect(() => {
    if (!session) return undefined;
    const following = liveQuery(() => readRow(db, id)).subscribe((row) => {
      session.follow(row);
    });
    const onHide = (): void => void session.flush();
    window.addEventListener('pagehide', onHide);
    document.addEventListener('visibilitychange', onHide);
    return () => {
      following.unsubscribe();
      window.removeEventListener('pagehide', onHide);
      document.removeEventListener('visibilitychange', onHide);
      void session.flush();
    };
  }, [session, id]);
}

/** The case named by the address: `/case?id=…&area=…&step=…`. */
export function CasePage(): ReactNode {
  const params = useSearchParams();
  const id = params.get('id') ?? '';
  const areaId = params.get('area');
  const step = STEPS.find((each) => each === params.get('step')) ?? 'ground';
  const [opened, setOpened] = useState<OpenedCase>();
  const [failed, setFailed] = useState<Error>();
  useEffect(() => {
    let current = true;
    openCase(id).then(
      (result) => {
        if (current) setOpened(result);
      },
      (error: unknown) => {
        if (current) setFailed(error instanceof Error ? error : new Error(String(error)));
      },
    );
    return () => {
      current = false;
    };
  }, [id]);
  const session = opened?.kind === 'open' ? opened.session : undefined;
  useFollowing(session, id);
  const go = useCallback(
    (to: StepId, other?: string): void => {
      const area = other ?? areaId;
      const query = new URLSearchParams({ id, ...(area ? { area } : {}), step: to });
      window.history.pushState(null, '', `?${query.toString()}`);
    },
    [id, areaId],
  );
  // The page of faults says it, and offers another attempt.
  if (failed) throw failed;
  if (!opened) return <main aria-busy="true" />;
  if (opened.kind === 'missing') return <Missing words={text('case.missing')} />;
  if (opened.kind === 'refused') {
    return <RefusedCase id={id} words={opened.words} document={opened.document} />;
  }
  return (
    <OfficeProvider>
      <CaseScreen session={opened.session} step={step} areaId={areaId} go={go} />
    </OfficeProvider>
  );
}
