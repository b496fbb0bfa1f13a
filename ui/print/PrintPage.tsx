'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import type { ReactNode } from 'react';
import type { CaseFile } from '../../core/casefile/casefile';
import { planCase } from '../../core/plan/plan';
import { isUnnamed } from '../../core/tell/slip/unnamed';
import { samplingSheet } from '../../core/tell/samplingSheet';
import { migrate } from '../../core/casefile/migrations/migrate';
import { readRow } from '../../store/caseRows';
import { db } from '../../store/db';
import { text } from '../format/text';
import { Button } from '../kit/Button';
import { Signature } from '../slip/Signature';
import { SlipBlocks } from '../slip/SlipBlocks';
import { OfficeProvider, useOffice } from '../slip/useOffice';
import { WorkingProvider } from '../working/openWorking';
import { Labels } from './Labels';

/** The client's page on how to take the samples, or the labels of the bags: `/print?id=…&what=labels`. */
export function PrintPage(): ReactNode {
  return (
    <OfficeProvider>
      <Sheet />
    </OfficeProvider>
  );
}

function Sheet(): ReactNode {
  const params = useSearchParams();
  const id = params.get('id') ?? '';
  const what = params.get('what') === 'labels' ? 'labels' : 'sheet';
  // Nothing found is told from nothing read yet.
  const read = useLiveQuery(async () => ({ row: await readRow(db, id) }), [id]);
  const { paper } = useOffice();
  if (!read) return <main aria-busy="true" />;
  const migrated = read.row && read.row.deletedAt === 0 ? migrate(read.row.doc) : undefined;
  if (migrated?.kind !== 'document') return <main className="p-6">{text('case.missing')}</main>;
  const file = migrated.document as unknown as CaseFile;
  const plan = planCase(file);
  const names = isUnnamed(file) ? [] : [file.title, file.client.name, file.client.place];
  const who = names.filter((part) => part.trim() !== '').join(', ');
  const title = text(what === 'labels' ? 'sheet.labels' : 'sheet.title');
  return (
    <main className="min-h-[calc(100vh-2.75rem)] bg-sheet px-6 py-4 print:p-0">
      <div className="mb-4 flex max-w-3xl items-center justify-between gap-4 print:hidden">
        <Link
          href={`/case?id=${id}&step=sample`}
          prefetch={false}
          className="py-1 font-semibold text-spruce hover:underline"
        >
          {text('sheet.back')}
        </Link>
        <Button look="primary" onClick={() => window.print()}>
          {text('sheet.print')}
        </Button>
      </div>
      <article className={paper === 'a4' ? 'on-a4' : ''}>
        <h1
          className={`font-serif text-decision font-semibold ${what === 'labels' ? 'print:hidden' : ''}`}
        >
          {title}
        </h1>
        {what === 'sheet' && who && <p className="text-ink-2">{who}</p>}
        <WorkingProvider workings={plan.workings}>
          <div className="mt-3">
            {what === 'labels' ? (
              <Labels file={file} plan={plan} />
            ) : (
              <div className="max-w-2xl">
                <SlipBlocks blocks={samplingSheet(file, plan.areas)} />
                <Signature />
              </div>
            )}
          </div>
        </WorkingProvider>
      </article>
    </main>
  );
}
