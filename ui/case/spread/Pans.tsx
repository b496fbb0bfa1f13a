'use client';

import type { ReactNode } from 'react';
import type { Spreader } from '../../../core/casefile/parts/spreader';
import type { PanTest } from '../../../core/treat/spread/pans';
import { text } from '../../format/text';
import { Cell, Table } from '../../kit/Table';
import { Figure } from '../../working/Figure';
import { OpenableRow } from '../../working/Openable';
import { useCase } from '../context/caseContext';
import { textPlace } from '../context/places';
import { TextField } from '../fields/Fields';

/** Rows that are worth a look: up to two beyond the widest that is even. */
function worthALook({ rows, widest }: PanTest): PanTest['rows'] {
  const last = rows.findIndex(({ apart }) => apart === widest);
  return rows.slice(Math.max(0, last - 3), Math.max(last, 2) + 3);
}

/** Pans laid in a line across the path: how far apart strips may lie. */
export function Pans({
  spreader,
  pans,
}: {
  spreader: Spreader;
  pans: PanTest | undefined;
}): ReactNode {
  const { state } = useCase();
  const at = `spreaders/${spreader.id}`;
  return (
    <>
      <p className="mb-2 max-w-2xl text-ink-2">{text('spread.pansHow')}</p>
      <div className="flex flex-wrap items-start gap-x-5 gap-y-2">
        <TextField
          label={text('spread.pans')}
          width="wide"
          place={textPlace(state.doc, `${at}/pans`)}
        />
        <TextField
          label={text('spread.panFeet')}
          width="bag"
          place={textPlace(state.doc, `${at}/panFeet`)}
        />
      </div>
      {pans && (
        <div className="mt-3">
          <Table
            label={text('spread.pansTitle')}
            heads={[
              { id: 'apart', words: text('spread.apart'), number: true },
              { id: 'up', words: text('spread.upAndDown'), number: true },
              { id: 'round', words: text('spread.roundAndRound'), number: true },
              { id: 'is', words: '' },
            ]}
          >
            {worthALook(pans).map(({ apart, upAndDown, roundAndRound, is }) => (
              <OpenableRow key={apart.id} columns={4}>
                <tr
                  className={`border-b border-rule-2 ${apart === pans.widest ? 'font-semibold' : ''}`}
                >
                  <Cell number>
                    <Figure id={apart.id} />
                  </Cell>
                  <Cell number>
                    <Figure id={upAndDown.id} />
                  </Cell>
                  <Cell number>
                    <Figure id={roundAndRound.id} />
                  </Cell>
                  <Cell>{text(`spread.even.${is}`)}</Cell>
                </tr>
              </OpenableRow>
            ))}
          </Table>
          {!pans.widest && <p className="mt-1 text-ochre">{text('spread.noneEven')}</p>}
          {pans.skewed && <p className="mt-1 text-ochre">{text(`spread.skewed.${pans.skewed}`)}</p>}
        </div>
      )}
    </>
  );
}
