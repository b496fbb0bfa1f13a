'use client';

import type { ReactNode } from 'react';
import { formatDate } from '../../format/date';
import { text } from '../../format/text';
import { Cell, Table } from '../../kit/Table';
import { Figure } from '../../working/Figure';
import { OpenableRow } from '../../working/Openable';
import { useCase } from '../context/caseContext';

/** What the new report says of what went on before it: the verdict, its figures, what it may come from, and what to do. */
export function VerdictSays(): ReactNode {
  const { verdict } = useCase().area;
  if (!verdict) return <p className="text-ink-2">{text('verdict.nothing')}</p>;
  const { kind, does, untold, reasons, before, now, measured, expected, lastOn, until } = verdict;
  const list = reasons.map((reason) => text(`verdict.reason.${reason}`)).join('; ');
  return (
    <>
      <p className="font-semibold">{text(`verdict.says.${kind}`, { does })}</p>
      <Table
        label={text('verdict.title')}
        heads={[
          { id: 'before', words: text('verdict.head.before'), number: true },
          { id: 'now', words: text('verdict.head.now'), number: true },
          { id: 'measured', words: text('verdict.head.measured'), number: true },
          {
            id: 'expected',
            words: text('verdict.head.expected', { until: formatDate(until) }),
            number: true,
          },
        ]}
      >
        <OpenableRow columns={4}>
          <tr className="border-b border-rule-2">
            <Cell number>
              <Figure id={before.id} />
            </Cell>
            <Cell number>
              <Figure id={now.id} />
            </Cell>
            <Cell number>
              <Figure id={measured.id} signed bold />
            </Cell>
            <Cell number>
              <Figure id={expected.id} signed />
            </Cell>
          </tr>
        </OpenableRow>
      </Table>
      {untold && (
        <p>
          {text(`verdict.untold.${untold}`, {
            lastOn: formatDate(lastOn),
            until: formatDate(until),
          })}
        </p>
      )}
      {list && <p>{text('verdict.because', { list })}</p>}
      <p className="text-ink-2">{text(`verdict.next.${kind}`)}</p>
    </>
  );
}
