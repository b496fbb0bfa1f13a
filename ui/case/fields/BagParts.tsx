'use client';

import type { SulfurMaterialRow } from '../../../core/treat/sulfur/types';
import type { MaterialRow } from '../../../core/treat/lime/types';
import type { ReactNode } from 'react';
import { text } from '../../format/text';
import { Cell } from '../../kit/Table';
import { Figure } from '../../working/Figure';
import { useCase } from '../context/caseContext';
import { TextField } from './Fields';
import { labelPlace } from '../context/places';

/** What a material comes to here, and the bags of it. */
export function BagCells({ row }: { row: MaterialRow | SulfurMaterialRow }): ReactNode {
  return (
    <>
      <Cell number>
        <Figure id={row.total.id} bold={row.chosen} />
      </Cell>
      <Cell number>
        <Figure id={row.bags.id} />
        {text('ph.times')}
        <Figure id={row.bag.size.id} bare />
      </Cell>
    </>
  );
}

/** What the bag at hand says of itself: its worth, its size, its price. */
export function LabelFields({
  material,
  percentUnit,
  children = <span className="pt-5.5 text-ink-2">{text('ph.label')}</span>,
}: {
  material: string;
  percentUnit: string;
  /** What stands before the percentage; words that say what the fields are of. */
  children?: ReactNode;
}): ReactNode {
  const { state } = useCase();
  return (
    <div className="mt-2.5 flex flex-wrap items-start gap-x-3 gap-y-2">
      {children}
      <TextField
        label={text('ph.labelPercent')}
        place={labelPlace(state.doc, material, 'percent')}
        unit={percentUnit}
      />
      <TextField
        label={text('ph.labelBag')}
        place={labelPlace(state.doc, material, 'bag')}
        unit={text('unit.lb')}
      />
      <TextField label={text('ph.labelPrice')} place={labelPlace(state.doc, material, 'price')} />
    </div>
  );
}
