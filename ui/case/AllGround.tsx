'use client';

import { headlinesOf } from '../../core/tell/headlines';
import type { AreaPlan } from '../../core/area/areaPlan';
import type { ReactNode } from 'react';
import { text } from '../format/text';
import { Button } from '../kit/Button';
import { Section, StepHead } from '../kit/Section';
import { Table } from '../kit/Table';
import { FigureText } from '../working/FigureText';
import { OpenableRow } from '../working/Openable';
import { useCase } from './context/caseContext';
import { areaName } from '../format/areaName';
import { PurchaseTable } from './shared/PurchaseTable';

function Line({ each }: { each: AreaPlan }): ReactNode {
  const { go } = useCase();
  return (
    <OpenableRow columns={3}>
      <tr className="border-b border-rule-2 align-top">
        <td className="py-1.5 pr-3">
          <button
            type="button"
            className="text-left font-semibold text-spruce hover:underline"
            onClick={() => go('ground', each.area.id)}
          >
            {areaName(each)}
          </button>
          <span className="block text-small text-ink-2">{text(`plant.${each.plant.id}`)}</span>
        </td>
        <td className="px-1.5 py-1.5">
          <FigureText message={headlinesOf(each).ph} />
        </td>
        <td className="px-1.5 py-1.5">
          <FigureText message={headlinesOf(each).feeding} />
        </td>
      </tr>
    </OpenableRow>
  );
}

/** All ground of the case: what each piece comes to, and what to buy for all of it. */
export function AllGround(): ReactNode {
  const { plan, go } = useCase();
  return (
    <>
      <StepHead
        title={text('all.title', { n: plan.areas.length })}
        act={<Button onClick={() => go('slip')}>{text('margin.whole')}</Button>}
      />
      <Section title={text('rail.ground')}>
        <Table
          label={text('rail.all')}
          heads={[
            { id: 'ground', words: text('rail.ground') },
            { id: 'ph', words: text('step.ph') },
            { id: 'feeding', words: text('step.feeding') },
          ]}
        >
          {plan.areas.map((each) => (
            <Line key={each.area.id} each={each} />
          ))}
        </Table>
      </Section>
      <Section title={text('buy.title')}>
        <PurchaseTable />
      </Section>
    </>
  );
}
