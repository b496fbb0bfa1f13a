'use client';

import type { ReactNode } from 'react';
import type { NitrogenRow } from '../../core/feeding/types';
import { messageText } from '../format/message';
import { text } from '../format/text';
import { Section, StepHead } from '../parts/Section';
import { Cell, Table } from '../parts/Table';
import { Figure } from '../working/Figure';
import { FigureText } from '../working/FigureText';
import { Openable } from '../working/Openable';
import { useCase } from './caseContext';
import { ChoiceRow } from './ChoiceRow';
import { DoseTable } from './DoseTable';
import { Findings } from './Findings';
import { SettleButton } from './SettleButton';

function Need(): ReactNode {
  const { area } = useCase();
  const { yearly, given, need } = area.feed;
  const rows = [
    { id: yearly.id, words: text('feed.yearly') },
    ...(given ? [{ id: given.id, words: text('feed.given') }] : []),
    ...(given ? [{ id: need.id, words: text('feed.need') }] : []),
  ];
  return rows.map(({ id, words }) => (
    <div key={id} className="border-b border-rule-2 py-1">
      <Openable>
        <span className="flex justify-between gap-4">
          <span>{words}</span>
          <span>
            <Figure id={id} bold /> {text('feed.ofNitrogen')}
          </span>
        </span>
      </Openable>
    </div>
  ));
}

function Product({ row }: { row: NitrogenRow }): ReactNode {
  return (
    <ChoiceRow
      what="feed-product"
      value={row.id}
      chosen={row.chosen}
      words={text(`material.${row.id}`)}
      below={text(`why.${row.id}`)}
      columns={5}
    >
      <Cell number>
        <Figure id={row.grade.id} />
      </Cell>
      <Cell number>
        <Figure id={row.rate.id} />
      </Cell>
      <Cell number>
        <Figure id={row.total.id} bold={row.chosen} />
      </Cell>
      <Cell number>
        <Figure id={row.bags.id} />
      </Cell>
    </ChoiceRow>
  );
}

/** The season's nitrogen by one product. */
export function FeedingStep(): ReactNode {
  const { area, plan } = useCase();
  const { feed, ground, headlines } = area;
  return (
    <>
      <Openable>
        <StepHead
          title={<FigureText message={headlines.feeding} />}
          below={
            'absent' in feed.need ? messageText(feed.need.absent, plan.workings) : text('feed.why')
          }
          act={<SettleButton what="feeding-settled" />}
        />
      </Openable>
      <Findings step="feeding" />
      {feed.verdict !== 'absent' && (
        <Section title={text('ph.howMuch')}>
          <Need />
        </Section>
      )}
      {feed.verdict === 'dose' && (
        <>
          <Section title={text('ph.withWhat')}>
            <Table
              label={text('ph.withWhat')}
              heads={[
                { id: 'material', words: text('ph.head.material') },
                { id: 'grade', words: text('feed.head.grade'), number: true },
                { id: 'rate', words: text('feed.head.rate'), number: true },
                {
                  id: 'here',
                  words: text(ground.known ? 'ph.head.here' : 'ph.head.each'),
                  number: true,
                },
                { id: 'bags', words: text('feed.head.bags'), number: true },
              ]}
            >
              {feed.products.map((row) => (
                <Product key={row.id} row={row} />
              ))}
            </Table>
            <p className="mt-1.5 text-small text-ink-2">{text('feed.pack')}</p>
          </Section>
          <Section title={text('ph.when')}>
            <DoseTable set={feed.set} doses={feed.doses} known={ground.known} />
          </Section>
        </>
      )}
    </>
  );
}
