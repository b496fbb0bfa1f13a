'use client';

import '../../format/diaryWords';
import dynamic from 'next/dynamic';
import { useState, type ReactNode } from 'react';
import { areaName } from '../../format/areaName';
import { text } from '../../format/text';
import { Button } from '../../kit/Button';
import { Section, StepHead } from '../../kit/Section';
import { useCase } from '../context/caseContext';
import { Findings } from '../shared/Findings';
import { LearnedSays } from './LearnedSays';
import { LedgerTable } from './LedgerTable';
import { Records } from './Records';
import { VerdictSays } from './VerdictSays';
import { Upcoming } from './Upcoming';

const Changes = dynamic(() => import('./Changes').then((file) => file.Changes), { ssr: false });

/** The diary: what was really done, when and by whom, and what each year put on the ground. */
export function DiaryStep(): ReactNode {
  const { area, state } = useCase();
  const [fresh, setFresh] = useState<string>();
  const [changes, setChanges] = useState(false);
  const { past, loads } = state.doc;
  const done = [
    ...Object.values(past).filter(({ outcome }) => outcome !== 'left'),
    ...Object.values(loads).filter(({ outcome }) => outcome === 'done'),
  ].length;
  return (
    <>
      <StepHead title={text('diary.head', { n: done })} below={text('diary.how')} />
      <Findings step="diary" />
      <Section title={text('diary.toCome')} wide>
        <Upcoming onRecord={setFresh} />
      </Section>
      <Section title={text('diary.records')} wide>
        <Records fresh={fresh} onRecord={setFresh} />
      </Section>
      <Section title={text('verdict.title')} wide>
        <VerdictSays />
      </Section>
      <Section title={text('learned.title')} wide>
        <LearnedSays />
      </Section>
      <Section title={text('ledger.of', { area: areaName(area) })} wide>
        <LedgerTable />
      </Section>
      <Section title={text('changes.title')} wide>
        {changes ? (
          <Changes />
        ) : (
          <Button look="quiet" onClick={() => setChanges(true)}>
            {text('changes.show')}
          </Button>
        )}
      </Section>
    </>
  );
}
