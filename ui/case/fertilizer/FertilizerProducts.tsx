'use client';

import { materialNote, materialWords } from '../../format/materialWords';
import type { Option } from '../../format/choices';
import Link from 'next/link';
import { useId, type ReactNode } from 'react';
import { NUTRIENTS, type Nutrient } from '../../../core/catalog/nutrients';
import type {
  FertilizerProduct,
  FertilizerOption,
  FertilizerWayId,
} from '../../../core/treat/fertilizer/types';
import type { NamedMaterial } from '../../../core/catalog/materials/types';
import { SHIPPED_MATERIALS } from '../../../core/catalog/materials/materials';
import { text } from '../../format/text';
import { Cell, Table } from '../../kit/Table';
import { Figure } from '../../working/Figure';
import { OpenableRow } from '../../working/Openable';
import { useOffice } from '../../slip/useOffice';
import { useCase } from '../context/caseContext';
import { FoundField } from '../fields/FoundField';
import { decisionPlace } from '../context/places';
import { productDecision } from '../../../core/treat/fertilizer/productDecision';

/** What a select of products offers; pesticide combinations are shown, and cannot be chosen. */
function offered(candidates: readonly NamedMaterial[]): Option[] {
  const refused = SHIPPED_MATERIALS.fertilizers.filter(({ pesticide }) => pesticide);
  return [
    ...candidates.map((material) => ({ value: material.id, words: materialWords(material) })),
    ...refused.map((material) => ({
      value: material.id,
      words: text('feed.labelOnly', { material: materialWords(material) }),
      disabled: true,
    })),
  ];
}

interface PartProps {
  readonly part: FertilizerProduct;
  readonly offers: FertilizerOption['offers'];
  readonly chosen: boolean;
}

function Part({ part, offers, chosen }: PartProps): ReactNode {
  const { area, state } = useCase();
  const { role, key, material, rate, perRow, set, bags, bag, reach } = part;
  const place = decisionPlace(state.doc, area.area.id, productDecision(role));
  // What was taken off the shelf for it is not chosen again here.
  const candidates = /^on-hand-\d/.test(key) ? undefined : offers?.[role === 'row' ? 'n' : role];
  return (
    <OpenableRow columns={5} className="pl-6">
      <tr className="border-b border-rule-2">
        <td className="py-1 pr-1.5 pl-6">
          {candidates?.some(({ id }) => id === material.id) ? (
            <FoundField
              hideLabel
              label={text(`feed.role.${role}`)}
              place={{ ...place, value: material.id }}
              options={offered(candidates)}
              className="w-52 max-margin:w-40"
            />
          ) : (
            <span className="font-semibold">{materialWords(material)}</span>
          )}
          <span className="block max-w-52 text-small text-ink-2">
            {materialNote(material)}{' '}
            <Link
              href={`/shed?material=${material.id}`}
              className="inline-block py-1 font-semibold whitespace-nowrap text-spruce"
            >
              {text('feed.whatIsIn')}
            </Link>
          </span>
          {material.organic && material.grade.N > 0 && (
            <span className="block text-small">
              <Figure id={`${area.area.id}/feed/${key}/share/N/grade`} />{' '}
              {text('feed.organicLabel')} <Figure id={`${area.area.id}/feed/${key}/first-season`} />{' '}
              {text('feed.organicSeason')}
            </span>
          )}
        </td>
        <Cell number>
          <Figure id={rate.id} />
          {perRow && (
            <span className="block">
              <Figure id={perRow.id} />
            </span>
          )}
        </Cell>
        <Cell number>
          <Figure id={set.total.id} bold={chosen} />
        </Cell>
        <Cell number>
          <Figure id={bags.id} />
          {text('ph.times')}
          <Figure id={bag.id} bare />
        </Cell>
        <Cell number>{reach && <Figure id={reach.id} />}</Cell>
      </tr>
    </OpenableRow>
  );
}

/** One way among those that are chosen from. */
function WayHead({ way, chosen }: { way: FertilizerWayId; chosen: boolean }): ReactNode {
  const { session, state, area } = useCase();
  const id = useId();
  const place = decisionPlace(state.doc, area.area.id, 'feed-way');
  return (
    <tr>
      <td colSpan={5} className="pt-2 pb-0.5">
        <span className="flex items-center gap-2">
          <input
            id={id}
            type="radio"
            name={`${area.area.id}-feed-way`}
            checked={chosen}
            onChange={() =>
              session.edit([{ path: place.path, value: place.write(way) }], `choose:way:${way}`)
            }
            className="size-4 accent-spruce"
          />
          <label htmlFor={id} className={chosen ? 'font-semibold' : ''}>
            {text(`feed.way.${way}`)}
          </label>
        </span>
      </td>
    </tr>
  );
}

function Way({ option, chosen }: { option: FertilizerOption; chosen: boolean }): ReactNode {
  return (
    <>
      <WayHead way={option.way} chosen={chosen} />
      {option.parts.map((part) => (
        <Part key={part.key} part={part} offers={option.offers} chosen={chosen} />
      ))}
    </>
  );
}

/** What an option leaves over or short of a nutrient. */
function Misfit({ option, nutrient }: { option: FertilizerOption; nutrient: Nutrient }): ReactNode {
  const row = option.balance?.[nutrient];
  if (!row || 'absent' in row.over || 'absent' in row.short) return text('feed.notCounted');
  const is = (figure: typeof row.over): boolean =>
    !('absent' in figure) && figure.value.value >= 0.005;
  if (is(row.over)) {
    return (
      <>
        <Figure id={row.over.id} /> {text('feed.isOver')}
      </>
    );
  }
  if (is(row.short)) {
    return (
      <>
        <Figure id={row.short.id} /> {text('feed.isShort')}
      </>
    );
  }
  return text('feed.met');
}

/** What each way brings of each nutrient, and by how much it misses the need. */
function BalanceTable({ options }: { options: readonly FertilizerOption[] }): ReactNode {
  return (
    <Table
      label={text('feed.balance')}
      heads={[
        { id: 'nutrient', words: text('feed.head.nutrient') },
        ...options.flatMap(({ way }) => [
          { id: `${way}-brings`, words: text(`feed.brings.${way}`), number: true },
          { id: `${way}-misfit`, words: text('feed.head.misfit'), number: true },
        ]),
      ]}
    >
      {NUTRIENTS.map((nutrient) => (
        <OpenableRow key={nutrient} columns={1 + 2 * options.length}>
          <tr className="border-b border-rule-2">
            <Cell>{text(`nutrient.${nutrient}`)}</Cell>
            {options.flatMap((option) => [
              <Cell key={`${option.way}-brings`} number>
                {option.balance && <Figure id={option.balance[nutrient].delivered.id} />}
              </Cell>,
              <Cell key={`${option.way}-misfit`} number>
                <Misfit option={option} nutrient={nutrient} />
              </Cell>,
            ])}
          </tr>
        </OpenableRow>
      ))}
    </Table>
  );
}

/** Each way to feed with its products, one beside the other. */
export function FertilizerProducts(): ReactNode {
  const { area } = useCase();
  const { volunteers } = useOffice();
  const { options, chosen, otherWays } = area.treatments.fertilizer;
  return (
    <>
      <Table
        label={text('ph.withWhat')}
        heads={[
          { id: 'product', words: text('ph.head.material') },
          { id: 'rate', words: text('feed.head.rate'), number: true },
          {
            id: 'here',
            words: text(area.ground.known || area.ground.rows ? 'ph.head.here' : 'ph.head.each'),
            number: true,
          },
          { id: 'bags', words: text('feed.head.bags'), number: true },
          { id: 'reach', words: text('feed.head.reach'), number: true },
        ]}
      >
        {(volunteers ? [chosen] : options).map((option) => (
          <Way key={option.way} option={option} chosen={option.way === chosen.way} />
        ))}
        {!volunteers && otherWays.map((way) => <WayHead key={way} way={way} chosen={false} />)}
      </Table>
      {options[0].balance && (
        <div className="mt-4">
          <BalanceTable options={options} />
        </div>
      )}
    </>
  );
}
