'use client';

import { nanoid } from 'nanoid';
import type { ReactNode } from 'react';
import { newTrial, type Spreader } from '../../../core/casefile/parts/spreader';
import { msg } from '../../../core/kernel/messages/msg';
import type { SpreadProduct } from '../../../core/treat/spread/spread';
import { formatDate } from '../../format/date';
import { materialWords } from '../../format/materialWords';
import { text } from '../../format/text';
import { Button } from '../../kit/Button';
import { Cell, Table } from '../../kit/Table';
import { Figure } from '../../working/Figure';
import { FigureText } from '../../working/FigureText';
import { Openable, OpenableRow } from '../../working/Openable';
import { useCase } from '../context/caseContext';
import { textPlace } from '../context/places';
import { TextField } from '../fields/Fields';

/** What each rate of a product asks of the spreader. */
function Rates({ product }: { product: SpreadProduct }): ReactNode {
  const material = materialWords(product.material);
  return (
    <Table
      label={text('spread.ratesOf', { material })}
      heads={[
        { id: 'dates', words: text('ph.head.date') },
        { id: 'pass', words: text('spread.perPass'), number: true },
        { id: 'strip', words: text('spread.onStrip'), number: true },
        { id: 'dial', words: text('spread.trial.dial'), number: true },
        { id: 'reach', words: text('spread.reach'), number: true },
        { id: 'fills', words: text('spread.fills'), number: true },
      ]}
    >
      {product.rates.map(({ key, dates, perPass, onStrip, next, reach, fills }) => (
        <OpenableRow key={key} columns={6}>
          <tr className="border-b border-rule-2">
            <Cell>{dates.map((date) => formatDate(date)).join(', ')}</Cell>
            <Cell number>
              <Figure id={perPass.id} />
            </Cell>
            <Cell number>
              <Figure id={onStrip.id} />
            </Cell>
            <Cell number>
              <Figure id={next.dial.id} bold={next.is === 'settled'} />
              <span className="block text-small text-ink-2">{text(`spread.is.${next.is}`)}</span>
            </Cell>
            <Cell number>
              <Figure id={reach.id} />
            </Cell>
            <Cell number>
              <Figure id={fills.id} />
            </Cell>
          </tr>
        </OpenableRow>
      ))}
    </Table>
  );
}

/** The strips that were walked with a product, run by run. */
export function Trials({
  spreader,
  product,
}: {
  spreader: Spreader;
  product: SpreadProduct;
}): ReactNode {
  const { state, session } = useCase();
  const { strips, dials } = product.tried;
  const material = materialWords(product.material);
  const at = `spreaders/${spreader.id}/trials`;
  const last = strips.at(-1)?.trial;
  const add = (): void => {
    const id = nanoid(8);
    const order = Math.max(0, ...Object.values(spreader.trials).map((each) => each.order)) + 1;
    const fresh = newTrial(id, order, product.material.id);
    // A run more is walked at the same dial on the same strip, as a rule.
    const value = { ...fresh, dial: last?.dial ?? '', length: last?.length ?? '50' };
    session.edit([{ path: `${at}/${id}`, value }], `trial:${id}`);
  };
  return (
    <div className="mb-5">
      <h4 className="font-semibold first-letter:uppercase">{material}</h4>
      <Rates product={product} />
      {strips.length > 0 && (
        <div className="mt-3">
          <Table
            label={text('spread.runsOf', { material })}
            heads={[
              { id: 'dial', words: text('spread.trial.dial') },
              { id: 'length', words: text('spread.trial.length') },
              { id: 'before', words: text('spread.trial.before') },
              { id: 'after', words: text('spread.trial.after') },
              { id: 'rate', words: text('spread.rate'), number: true },
              { id: 'less', words: '' },
            ]}
          >
            {strips.map(({ trial, rate }, run) => (
              <OpenableRow key={trial.id} columns={6}>
                <tr className="border-b border-rule-2 align-top">
                  {(['dial', 'length', 'before', 'after'] as const).map((part) => (
                    <Cell key={part}>
                      <TextField
                        hideLabel
                        width="bag"
                        label={text(`spread.runPart.${part}`, { n: run + 1, material })}
                        place={textPlace(state.doc, `${at}/${trial.id}/${part}`)}
                      />
                    </Cell>
                  ))}
                  <Cell number>
                    <Figure id={rate.id} />
                  </Cell>
                  <Cell>
                    <Button
                      look="quiet"
                      aria-label={text('spread.removeRun', { n: run + 1, material })}
                      onClick={() =>
                        session.edit(
                          [{ path: `${at}/${trial.id}`, value: undefined }],
                          `no:${trial.id}`,
                        )
                      }
                    >
                      {text('spread.removeRunShort')}
                    </Button>
                  </Cell>
                </tr>
              </OpenableRow>
            ))}
          </Table>
        </div>
      )}
      {dials.map(({ dial, rate, runs, apart }) =>
        apart === undefined ? null : (
          <Openable key={rate.id}>
            <FigureText
              message={msg('spread.runsAt', {
                runs,
                dial: { working: dial.id },
                rate: { working: rate.id },
                percent: { working: apart.id },
              })}
            />
          </Openable>
        ),
      )}
      <div className="mt-2">
        <Button onClick={add}>{text('spread.addRun')}</Button>
      </div>
    </div>
  );
}
