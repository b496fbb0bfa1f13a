'use client';

import type { ReactNode } from 'react';
import type { FieldTest } from '../../../core/site/report/fieldTests';
import { useCase } from '../context/caseContext';
import { text } from '../../format/text';
import { Cell, Table } from '../../kit/Table';
import { Figure } from '../../working/Figure';
import { OpenableRow } from '../../working/Openable';

const HEADS = ['source', 'ph', 'range', 'classes', 'cost', 'days', 'used'] as const;
const NUMBERS: ReadonlySet<string> = new Set(['ph', 'range', 'cost', 'days']);

interface RowProps {
  readonly words: string;
  readonly ph: string;
  readonly range: ReactNode;
  readonly classes: string;
  readonly cost: string;
  readonly days: string;
  readonly used: string;
}

function Row({ words, ph, range, classes, cost, days, used }: RowProps): ReactNode {
  return (
    <OpenableRow columns={HEADS.length}>
      <tr className={`border-b border-rule-2 ${used ? 'font-semibold' : ''}`}>
        <Cell>{words}</Cell>
        <Cell number>
          <Figure id={ph} />
        </Cell>
        <Cell number>{range}</Cell>
        <Cell>{classes}</Cell>
        <Cell number>{cost || text('figure.dash')}</Cell>
        <Cell number>{days || text('figure.dash')}</Cell>
        <Cell>{used}</Cell>
      </tr>
    </OpenableRow>
  );
}

function classesOf({ source, classes }: FieldTest): string {
  if (source === 'probe') return '';
  const said = (['n', 'p', 'k'] as const)
    .filter((nutrient) => classes[nutrient] !== '')
    .map((nutrient) => `${text(`field.${nutrient}`)} ${text(`kitClass.${classes[nutrient]}`)}`);
  return said.join(', ');
}

/** Kit, probe and laboratory of the same sample side by side, and which one the plan rests on. */
export function Comparison(): ReactNode {
  const { area, state } = useCase();
  const { readings } = area;
  const { fieldTests, phFromField, typedWaterPh, waterPh, phUncertainty } = readings;
  if (fieldTests.length === 0) return null;
  const byLaboratory = phFromField === undefined;
  const { fee, days } = state.doc.sampling;
  const span = (low: number, high: number): string =>
    text('usual.range', { low: low.toFixed(1), high: high.toFixed(1) });
  const laboratory = byLaboratory && !('absent' in waterPh);
  return (
    <div className="mt-3">
      <Table
        label={text('compare.title')}
        heads={HEADS.map((head) => ({
          id: head,
          words: text(`compare.${head}`),
          number: NUMBERS.has(head),
        }))}
      >
        <Row
          words={text('source.laboratory')}
          ph={byLaboratory ? waterPh.id : typedWaterPh.id}
          range={
            laboratory && (
              <>
                {text('ph.plusMinus')}
                <Figure id={phUncertainty.id} bare />
              </>
            )
          }
          classes=""
          cost={fee}
          days={days}
          used={laboratory ? text('compare.usedLaboratory') : ''}
        />
        {fieldTests.map((test) => {
          const { range } = 'absent' in test.ph ? { range: undefined } : test.ph;
          return (
            <Row
              key={test.report.id}
              words={test.report.laboratory || text(`source.${test.source}`)}
              ph={test.ph.id}
              range={range ? span(range.low, range.high) : ''}
              classes={classesOf(test)}
              cost={test.report.cost}
              days="0"
              used={test === phFromField ? text('compare.usedSurest') : ''}
            />
          );
        })}
      </Table>
    </div>
  );
}
