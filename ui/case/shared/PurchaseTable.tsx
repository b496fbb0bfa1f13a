'use client';

import { materialWords } from '../../format/materialWords';
import type { ReactNode } from 'react';
import { text } from '../../format/text';
import { Cell, Table } from '../../kit/Table';
import { Figure } from '../../working/Figure';
import { Openable, OpenableRow } from '../../working/Openable';
import { useCase } from '../context/caseContext';
import { TextField } from '../fields/Fields';
import { labelPlace } from '../context/places';

/** What to buy for all ground of the case, in whole bags, and what it costs where prices are typed. */
export function PurchaseTable(): ReactNode {
  const { plan, state } = useCase();
  const { rows, cost } = plan.purchase;
  if (rows.length === 0) return <p className="text-ink-2">{text('buy.nothing')}</p>;
  return (
    <>
      <Table
        label={text('buy.title')}
        heads={[
          { id: 'material', words: text('ph.head.material') },
          { id: 'pounds', words: text('buy.pounds'), number: true },
          { id: 'bag', words: text('buy.bagOf'), number: true },
          { id: 'bags', words: text('feed.head.bags'), number: true },
          { id: 'left', words: text('buy.leftOver'), number: true },
          { id: 'price', words: text('buy.price'), number: true },
          { id: 'cost', words: text('buy.cost'), number: true },
        ]}
      >
        {rows.map(({ material, pounds, bags, leftOver, cost: each, bag }) => (
          <OpenableRow key={material.id} columns={7}>
            <tr className="border-b border-rule-2">
              <Cell>{materialWords(material)}</Cell>
              <Cell number>
                <Figure id={pounds.id} />
              </Cell>
              <Cell number>
                <span className="inline-flex">
                  <TextField
                    hideLabel
                    width="bag"
                    usual={'absent' in bag ? '' : String(bag.value.value)}
                    label={text('buy.bagOfMaterial', { material: materialWords(material) })}
                    place={labelPlace(state.doc, material.id, 'bag')}
                  />
                </span>
              </Cell>
              <Cell number>
                <Figure id={bags.id} bold />
              </Cell>
              <Cell number>
                <Figure id={leftOver.id} />
              </Cell>
              <Cell number>
                <span className="inline-flex">
                  <TextField
                    hideLabel
                    width="bag"
                    label={text('buy.priceOfMaterial', {
                      material: materialWords(material),
                    })}
                    place={labelPlace(state.doc, material.id, 'price')}
                  />
                </span>
              </Cell>
              <Cell number>
                <Figure id={each.id} />
              </Cell>
            </tr>
          </OpenableRow>
        ))}
      </Table>
      <div className="mt-1.5">
        <Openable>
          <span className="flex justify-end gap-3">
            {text('buy.jobCost')}
            <Figure id={cost.id} bold />
          </span>
        </Openable>
      </div>
    </>
  );
}
