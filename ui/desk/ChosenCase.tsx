'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import type { ReactNode } from 'react';
import { db, type CaseIndexRow } from '../../store/db';
import { text } from '../format/text';
import { Contained } from '../shell/Contained';
import { Kbd } from '../kit/Kbd';
import { caseAddress } from './caseAddress';

/** The plan comes with its own part, so that the list need not wait for it. */
const CaseSummary = dynamic(() => import('./CaseSummary').then((file) => file.CaseSummary), {
  ssr: false,
});

/** The chosen case beside the list: what it comes to, and where it goes on. */
export function ChosenCase({ row }: { row: CaseIndexRow }): ReactNode {
  const stored = useLiveQuery(() => db.cases.get(row.id), [row.id]);
  return (
    <>
      <p className="font-serif text-case font-semibold">{row.title || text('case.untitled')}</p>
      <p className="text-small text-ink-2">{[row.client, row.place].filter(Boolean).join(', ')}</p>
      {stored && (
        <Contained part={text('chosen.part')} attempt={stored}>
          <CaseSummary doc={stored.doc} />
        </Contained>
      )}
      <p className="mt-4 flex items-center gap-2 text-small text-ink-2">
        <Link
          href={caseAddress(row)}
          prefetch={false}
          className="py-1 font-semibold text-spruce hover:underline"
        >
          {text('chosen.open')}
        </Link>
        {text('chosen.opens', { step: text(`step.${row.goesOnAt}`) })}
        <Kbd>{text('chosen.key')}</Kbd>
      </p>
    </>
  );
}
