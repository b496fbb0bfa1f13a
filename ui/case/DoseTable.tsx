'use client';

import type { ReactNode } from 'react';
import type { DoseSet } from '../../core/dosing/doses';
import type { Dose } from '../../core/ph/types';
import { formatDate } from '../format/date';
import { text } from '../format/text';
import { Cell, Table } from '../parts/Table';
import { Figure } from '../working/Figure';
import { Openable, OpenableRow } from '../working/Openable';

interface DoseTableProps {
  readonly set: DoseSet;
  readonly doses: readonly Dose[];
  readonly known: boolean;
}

/** The dressings by date, as hands can do them, and what rounding did. */
export function DoseTable({ set, doses, known }: DoseTableProps): ReactNode {
  return (
    <>
      <Table
        label={text('ph.when')}
        heads={[
          { id: 'date', words: text('ph.head.date') },
          { id: 'rate', words: text('ph.head.dressing'), number: true },
          { id: 'here', words: text(known ? 'ph.head.here' : 'ph.head.each'), number: true },
          { id: 'pass', words: text('ph.head.pass'), number: true },
          { id: 'state', words: text('ph.head.state') },
        ]}
      >
        {doses.map(({ key, date, state, amount }) => (
          <OpenableRow key={key} columns={5}>
            <tr className="border-b border-rule-2">
              <Cell>{formatDate(date)}</Cell>
              <Cell number>
                <Figure id={set.rate.id} />
              </Cell>
              <Cell number>
                <Figure id={amount.printed.id} bold={state === 'firm'} />
              </Cell>
              <Cell number>
                <Figure id={amount.perPass.id} />
              </Cell>
              <Cell>{text(`dose.state.${state}`)}</Cell>
            </tr>
          </OpenableRow>
        ))}
      </Table>
      <div className="mt-1.5 text-small text-ink-2">
        <Openable>
          {text('dose.roundingNote')}
          <Figure id={set.rounding.id} />
        </Openable>
      </div>
    </>
  );
}
