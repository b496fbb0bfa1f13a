'use client';

import { materialWords } from '../../format/materialWords';
import type { Application } from '../../../core/treat/shared/treated';
import type { ReactNode } from 'react';
import type { DoseSet } from '../../../core/schedule/dosing/doses';
import { shownInHands } from '../../../core/schedule/dosing/inHands';
import type { MaterialId } from '../../../core/catalog/materials/types';
import { formatDate } from '../../format/date';
import { text } from '../../format/text';
import { Cell, Table } from '../../kit/Table';
import { Figure } from '../../working/Figure';
import { Openable, OpenableRow } from '../../working/Openable';
import { useCase } from '../context/caseContext';

/** A product's dressings: of lime, or of one product of the feed. */
export interface Dressed {
  readonly set: DoseSet;
  readonly applications: readonly Application[];
  readonly material?: { readonly id: MaterialId };
}

function Row({ part, dose }: { part: Dressed; dose: Application }): ReactNode {
  const { area } = useCase();
  const { date, state, amount, stage } = dose;
  const { hands, each, perPass } = amount;
  const lawn = area.plant.form === 'lawn';
  return (
    <OpenableRow columns={7}>
      <tr className="border-b border-rule-2">
        <Cell>
          {formatDate(date)}
          {stage && <span className="block text-small text-ink-2">{text(`stage.${stage}`)}</span>}
        </Cell>
        {part.material && <Cell>{materialWords(part.material)}</Cell>}
        <Cell number>
          <Figure id={amount.rate.id} />
        </Cell>
        <Cell number>
          <Figure id={shownInHands(hands).id} bold={state === 'firm'} />
        </Cell>
        <Cell number>{hands.volume && <Figure id={hands.volume.id} />}</Cell>
        <Cell number>
          {each ? (
            <Figure id={shownInHands(each).id} />
          ) : (
            lawn && !hands.ounces && <Figure id={perPass.id} />
          )}
        </Cell>
        {!part.material && <Cell>{text(`dose.state.${state}`)}</Cell>}
      </tr>
    </OpenableRow>
  );
}

/** The dressings by date, as hands can do them, and what rounding did. */
export function ApplicationTable({
  parts,
  known,
}: {
  parts: readonly Dressed[];
  known: boolean;
}): ReactNode {
  const { area } = useCase();
  const { ground } = area;
  const feed = parts.some(({ material }) => material);
  const each = ground.parts ? text(`ph.head.each.${ground.parts.kind}`) : text('ph.head.pass');
  const rows = parts
    .flatMap((part) => part.applications.map((dose) => ({ part, dose })))
    .sort((a, b) => (a.dose.date < b.dose.date ? -1 : 1));
  return (
    <>
      <Table
        label={text('ph.when')}
        heads={[
          { id: 'date', words: text('ph.head.date') },
          ...(feed ? [{ id: 'product', words: text('ph.head.material') }] : []),
          { id: 'rate', words: text('ph.head.dressing'), number: true },
          { id: 'here', words: text(known ? 'ph.head.here' : 'ph.head.each'), number: true },
          { id: 'cups', words: text('ph.head.cups'), number: true },
          { id: 'pass', words: each, number: true },
          ...(feed ? [] : [{ id: 'state', words: text('ph.head.state') }]),
        ]}
      >
        {rows.map(({ part, dose }) => (
          <Row key={dose.key} part={part} dose={dose} />
        ))}
      </Table>
      {rows.some(({ dose }) => dose.amount.hands.volume) && (
        <p className="mt-1.5 max-w-2xl text-small text-ink-2">{text('dose.cupsNote')}</p>
      )}
      {parts
        .filter(({ applications }) => applications.length > 0)
        .map(({ set, material }) => (
          <div key={set.rounding.id} className="mt-1.5 text-small text-ink-2">
            <Openable>
              {material
                ? text('dose.roundingOf', { material: materialWords(material) })
                : text('dose.roundingNote')}
              <Figure id={set.rounding.id} />
            </Openable>
          </div>
        ))}
    </>
  );
}
