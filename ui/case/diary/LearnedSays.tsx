'use client';

import type { ReactNode } from 'react';
import { text } from '../../format/text';
import { Cell, Table } from '../../kit/Table';
import { msg } from '../../../core/kernel/messages/msg';
import { FigureText } from '../../working/FigureText';
import { Figure } from '../../working/Figure';
import { OpenableRow } from '../../working/Openable';
import { useCase } from '../context/caseContext';

/** How the ground itself answered to lime and sulfur, beside what the table of its texture says. */
export function LearnedSays(): ReactNode {
  const { lime, sulfur } = useCase().area.learned;
  const rows = [lime, sulfur].filter((each) => each !== undefined);
  if (rows.length === 0) return <p className="max-w-2xl text-ink-2">{text('learned.nothing')}</p>;
  return (
    <>
      <Table
        label={text('learned.title')}
        heads={[
          { id: 'what', words: text('learned.head.what') },
          { id: 'here', words: text('learned.head.here'), number: true },
          { id: 'table', words: text('learned.head.table'), number: true },
          { id: 'rests', words: text('learned.head.rests') },
        ]}
      >
        {rows.map(({ does, unit, low, high, byTable, pairs }) => (
          <OpenableRow key={does} columns={4}>
            <tr className="border-b border-rule-2">
              <Cell>{text(`learned.${does}`)}</Cell>
              <Cell number>
                <FigureText
                  message={msg('learned.between', {
                    unit: { working: unit.id },
                    low: { working: low.id },
                    high: { working: high.id },
                  })}
                />
              </Cell>
              <Cell number>{byTable && <Figure id={byTable.id} />}</Cell>
              <Cell>{text('learned.pairs', { n: pairs })}</Cell>
            </tr>
          </OpenableRow>
        ))}
      </Table>
      <p className="mt-1.5 max-w-2xl text-small text-ink-2">{text('learned.how')}</p>
    </>
  );
}
