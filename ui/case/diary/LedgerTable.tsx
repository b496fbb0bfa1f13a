'use client';

import type { ReactNode } from 'react';
import { NUTRIENTS } from '../../../core/catalog/nutrients';
import { LEDGER_COLUMNS, type LedgerColumn } from '../../../core/site/records';
import { writeLedgerCsv } from '../../../files/ledgerCsv';
import { areaName } from '../../format/areaName';
import { messageText } from '../../format/message';
import { text } from '../../format/text';
import { Button } from '../../kit/Button';
import { Cell, Table } from '../../kit/Table';
import { download, fileName } from '../../files/download';
import { Figure } from '../../working/Figure';
import { LedgerDrawn } from './LedgerDrawn';
import { OpenableRow } from '../../working/Openable';
import { useCase } from '../context/caseContext';

interface AgainstProps {
  readonly words: string;
  readonly columns: readonly LedgerColumn[];
  readonly idOf: (column: LedgerColumn) => string | undefined;
}

/** A row under the years, of what they are held against. */
function AgainstRow({ words, columns, idOf }: AgainstProps): ReactNode {
  return (
    <OpenableRow columns={columns.length + 1}>
      <tr className="text-ink-2">
        <Cell>{words}</Cell>
        {columns.map((column) => {
          const id = idOf(column);
          return (
            <Cell key={column} number>
              {id && <Figure id={id} />}
            </Cell>
          );
        })}
      </tr>
    </OpenableRow>
  );
}

/** What each year put on the chosen ground, under what the plan needs: every sum can be opened. */
export function LedgerTable(): ReactNode {
  const { area } = useCase();
  const { ledger, ledgerAgainst, treatments } = area;
  const { carriedOff, mostN } = ledgerAgainst;
  if (ledger.length === 0) return <p className="text-ink-2">{text('ledger.empty')}</p>;
  const { need } = treatments.fertilizer.needs;
  const isHere = (column: LedgerColumn): boolean =>
    ledger.some(({ sums }) => sums[column] !== undefined) ||
    NUTRIENTS.some((nutrient) => nutrient === column);
  const columns = LEDGER_COLUMNS.filter(isHere);
  const needOf = (column: LedgerColumn): string | undefined => {
    const nutrient = NUTRIENTS.find((each) => each === column);
    return nutrient && need[nutrient].id;
  };
  const save = (): void => {
    const name = fileName(areaName(area), 'ledger');
    download(`${name}.csv`, [writeLedgerCsv(ledger)], 'text/csv');
  };
  return (
    <>
      <p className="mb-2 text-small text-ink-2">{text('ledger.how')}</p>
      <LedgerDrawn />
      <div className="overflow-x-auto">
        <Table
          label={text('ledger.title')}
          heads={[
            { id: 'year', words: text('ledger.year') },
            ...columns.map((column) => ({
              id: column,
              words: text(`ledger.head.${column}`),
              number: true,
            })),
          ]}
        >
          {ledger.map(({ year, sums }) => (
            <OpenableRow key={year} columns={columns.length + 1}>
              <tr className="border-b border-rule-2">
                <Cell>{year}</Cell>
                {columns.map((column) => (
                  <Cell key={column} number>
                    {sums[column] && <Figure id={sums[column].id} />}
                    {column === 'N' && mostN?.passedIn.includes(year) && (
                      <span className="block text-small text-madder">{text('ledger.over')}</span>
                    )}
                  </Cell>
                ))}
              </tr>
            </OpenableRow>
          ))}
          <AgainstRow words={text('ledger.needed')} columns={columns} idOf={needOf} />
          {carriedOff && (
            <AgainstRow
              words={text('ledger.carriedOff')}
              columns={columns}
              idOf={(column) =>
                column === 'P2O5' || column === 'K2O' ? carriedOff[column].id : undefined
              }
            />
          )}
          {mostN && (
            <AgainstRow
              words={messageText(mostN.label)}
              columns={columns}
              idOf={(column) => (column === 'N' ? mostN.rate.id : undefined)}
            />
          )}
        </Table>
      </div>
      <Button look="quiet" onClick={save}>
        {text('ledger.save')}
      </Button>
    </>
  );
}
