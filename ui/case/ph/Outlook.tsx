'use client';

import dynamic from 'next/dynamic';
import type { ReactNode } from 'react';
import type { OutlookPoint } from '../../../core/outlook/phOutlook';
import { formatDate } from '../../format/date';
import { text } from '../../format/text';
import { Cell, Table } from '../../kit/Table';
import { Figure } from '../../working/Figure';
import { FigureText } from '../../working/FigureText';
import { Openable, OpenableRow } from '../../working/Openable';
import { useCase } from '../context/caseContext';

const RangeChart = dynamic(() => import('../../kit/RangeChart'), {
  ssr: false,
  loading: () => <div className="h-52" />,
});

/** The numbers of a series; the parts of a point are absent together. */
function numbersOf(figures: readonly OutlookPoint['ph'][]): number[] {
  return figures.flatMap((each) => ('absent' in each ? [] : each.value.value));
}

function Row({ point }: { point: OutlookPoint }): ReactNode {
  const { date, ph, low, high } = point;
  return (
    <OpenableRow columns={4}>
      <tr className="border-b border-rule-2">
        <Cell>{formatDate(date)}</Cell>
        <Cell number>
          <Figure id={ph.id} />
        </Cell>
        <Cell number>
          <Figure id={low.id} />
        </Cell>
        <Cell number>
          <Figure id={high.id} />
        </Cell>
      </tr>
    </OpenableRow>
  );
}

/** The expected pH over the coming months: a drawing, and the same in figures that open. */
export function Outlook(): ReactNode {
  const { area } = useCase();
  const { outlook, goal, fertilizerAcid } = area;
  const acid = fertilizerAcid && !('absent' in fertilizerAcid) ? fertilizerAcid : undefined;
  const acidifies = acid && acid.value.value >= 0;
  return (
    <>
      <RangeChart
        label={text('outlook.chart')}
        labels={outlook.map(({ date }) => formatDate(date))}
        expected={numbersOf(outlook.map(({ ph }) => ph))}
        low={numbersOf(outlook.map(({ low }) => low))}
        high={numbersOf(outlook.map(({ high }) => high))}
        levels={[goal.window.low, goal.window.high]}
        step={0.5}
      />
      {acid && (
        <Openable>
          <p className="mt-1.5 max-w-2xl">
            <FigureText
              message={{
                id: acidifies ? 'outlook.feedSours' : 'outlook.feedSweetens',
                params: { lime: { working: acid.id } },
              }}
            />
          </p>
        </Openable>
      )}
      <p className="mt-1.5 max-w-2xl text-small text-ink-2">{text('outlook.note')}</p>
      <details className="mt-1">
        <summary className="cursor-pointer py-1 text-small font-semibold text-spruce">
          {text('outlook.inFigures')}
        </summary>
        <Table
          label={text('outlook.title')}
          heads={[
            { id: 'date', words: text('outlook.head.date') },
            { id: 'ph', words: text('outlook.head.ph'), number: true },
            { id: 'low', words: text('outlook.head.low'), number: true },
            { id: 'high', words: text('outlook.head.high'), number: true },
          ]}
        >
          {outlook.map((point) => (
            <Row key={point.date} point={point} />
          ))}
        </Table>
      </details>
    </>
  );
}
