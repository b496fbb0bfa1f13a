'use client';

import { materialWords } from '../../format/materialWords';
import type { ReactNode } from 'react';
import { own } from '../../../core/kernel/typed/own';
import type { Purchase } from '../../../core/treat/purchase';
import { text } from '../../format/text';
import { Cell, Table } from '../../kit/Table';
import { Figure } from '../../working/Figure';
import { Openable, OpenableRow } from '../../working/Openable';
import { useCase } from '../context/caseContext';
import { TextField } from '../fields/Fields';
import { labelPlace } from '../context/places';

/** One material: what it takes in all, what lies there, and the packs to buy. */
function Row({ row }: { row: Purchase['rows'][number] }): ReactNode {
  const { state } = useCase();
  const { material, pounds, onHand, packs, leftOver, cost } = row;
  const name = materialWords(material);
  const [first] = packs;
  const field = (what: 'bag' | 'price', label: string, usual = ''): ReactNode => (
    <span className="inline-flex">
      <TextField
        hideLabel
        width="bag"
        usual={usual}
        label={label}
        place={labelPlace(state.doc, material.id, what)}
      />
    </span>
  );
  const isListed = Object.keys(own(state.doc.stock, material.id)?.packs ?? {}).length > 0;
  return (
    <OpenableRow columns={7}>
      <tr className="border-b border-rule-2">
        <Cell>
          {name}
          {onHand && (
            <span className="block text-small text-ink-2">
              {text('buy.onHand')} <Figure id={onHand.id} />
            </span>
          )}
        </Cell>
        <Cell number>
          <Figure id={pounds.id} />
        </Cell>
        <Cell number>
          {isListed
            ? packs.map(({ bag }) => <Stacked key={bag.id} id={bag.id} />)
            : field(
                'bag',
                text('buy.bagOfMaterial', { material: name }),
                first && !('absent' in first.bag) ? String(first.bag.value.value) : '',
              )}
        </Cell>
        <Cell number>
          {packs.map(({ bags }) => (
            <Stacked key={bags.id} id={bags.id} bold />
          ))}
          {packs.length === 0 && text('buy.enough')}
        </Cell>
        <Cell number>
          <Figure id={leftOver.id} />
        </Cell>
        <Cell number>
          {!isListed && field('price', text('buy.priceOfMaterial', { material: name }))}
          {isListed && packs.map(({ cost: each }) => <Stacked key={each.id} id={each.id} />)}
        </Cell>
        <Cell number>
          <Figure id={cost.id} />
        </Cell>
      </tr>
    </OpenableRow>
  );
}

/** One of several figures of a cell, on a line of its own. */
function Stacked({ id, bold = false }: { id: string; bold?: boolean }): ReactNode {
  return (
    <span className="block">
      <Figure id={id} bold={bold} />
    </span>
  );
}

/** What to buy for all ground of the case, in whole bags, and what it costs where prices are typed. */
export function PurchaseTable(): ReactNode {
  const { plan } = useCase();
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
        {rows.map((row) => (
          <Row key={row.material.id} row={row} />
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
