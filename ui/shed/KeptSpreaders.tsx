'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import type { ReactNode } from 'react';
import { spreadersOf } from '../../core/casefile/parts/spreader';
import { changeOffice, readOffice } from '../../store/office';
import { text } from '../format/text';
import { Button } from '../kit/Button';
import { Cell, Table } from '../kit/Table';

/** The spreaders that the office keeps, with what was tried with them: new cases begin with them. */
export function KeptSpreaders(): ReactNode {
  const office = useLiveQuery(() => readOffice());
  if (!office) return null;
  const kept = spreadersOf(office.spreaders);
  if (kept.length === 0) return <p className="text-ink-2">{text('shed.noSpreaders')}</p>;
  const remove = (id: string): void =>
    void changeOffice(({ spreaders: { [id]: _gone, ...others } }) => ({ spreaders: others }));
  return (
    <Table
      label={text('shed.spreaders')}
      heads={[
        { id: 'name', words: text('spread.field.name') },
        { id: 'kind', words: text('spread.field.kind') },
        { id: 'swath', words: text('spread.field.swath'), number: true },
        { id: 'runs', words: text('shed.head.runs'), number: true },
        { id: 'less', words: '' },
      ]}
    >
      {kept.map(({ id, name, kind, swath, trials }) => {
        const called = name.trim() === '' ? text(`spreaderKind.${kind}`) : name;
        return (
          <tr key={id} className="border-b border-rule-2">
            <Cell>{called}</Cell>
            <Cell>{text(`spreaderKind.${kind}`)}</Cell>
            <Cell number>{swath}</Cell>
            <Cell number>{String(Object.keys(trials).length)}</Cell>
            <Cell>
              <Button
                look="quiet"
                aria-label={text('past.removeThis', { what: called })}
                onClick={() => remove(id)}
              >
                {text('past.remove')}
              </Button>
            </Cell>
          </tr>
        );
      })}
    </Table>
  );
}
