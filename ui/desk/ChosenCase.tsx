'use client';

import type { CaseIndexRow } from '../../core/plan/deskLine';
import { useLiveQuery } from 'dexie-react-hooks';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import type { ReactNode } from 'react';
import { readRow } from '../../store/caseRows';
import { db } from '../../store/db';
import { messageText, text } from '../format/desk';
import { Contained } from '../shell/Contained';
import { Kbd } from '../kit/Kbd';
import { caseAddress } from './caseAddress';

/** The plan comes with its own part, so that the list need not wait for it. */
const CaseSummary = dynamic(() => import('./CaseSummary').then((file) => file.CaseSummary), {
  ssr: false,
});

interface ChosenCaseProps {
  readonly row: CaseIndexRow;
  /** Somebody chose it or looks at it; before that only its line is told. */
  readonly looked: boolean;
}

/** The chosen case beside the list: what it comes to, and where it goes on. */
export function ChosenCase({ row, looked }: ChosenCaseProps): ReactNode {
  return (
    <>
      <p className="font-serif text-case font-semibold">{row.title || text('case.untitled')}</p>
      <p className="text-small text-ink-2">{[row.client, row.place].filter(Boolean).join(', ')}</p>
      {looked ? <Planned row={row} /> : <p className="mt-3">{messageText(row.turnsOn)}</p>}
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

/** What the case comes to, from its document. */
function Planned({ row }: { row: CaseIndexRow }): ReactNode {
  const stored = useLiveQuery(() => readRow(db, row.id), [row.id]);
  if (!stored) return null;
  return (
    <Contained part={text('chosen.part')} attempt={stored}>
      <CaseSummary doc={stored.doc} />
    </Contained>
  );
}
