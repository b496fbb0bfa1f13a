'use client';

import { ChoiceField } from '../../kit/ChoiceField';
import Link from 'next/link';
import type { ReactNode } from 'react';
import { SOURCES } from '../../../core/kernel/sources';
import { isHouse } from '../../../core/catalog/packs/house';
import type { Pack, Rating } from '../../../core/catalog/packs/pack';
import { NEWEST_PACKS } from '../../../core/catalog/packs/shipped';
import type { Json } from '../../../store/patch';
import { text } from '../../format/text';
import { Button } from '../../kit/Button';
import { Cell, Table } from '../../kit/Table';
import { packName } from '../../packs/packName';
import { packKey, packTitle, useHousePacks } from '../../packs/packs';
import { useCase } from '../context/caseContext';

const HEADS = ['pack', 'p', 'k', 'source'] as const;

function rated(rating: Rating | undefined): string {
  return rating ? text(`rating.${rating}`) : text('figure.dash');
}

/** Says that a newer version of the pack is here, and takes it. */
function Newer({ newest, take }: { newest: Pack; take: (pack: Pack) => void }): ReactNode {
  const { pack } = useCase().area;
  return (
    <p
      role="status"
      className="mt-2 flex flex-wrap items-center gap-x-4 border-l-3 border-ochre bg-ochre-wash px-3 py-1"
    >
      {text('yardstick.newer', { version: pack.version, newest: newest.version })}
      <Button look="quiet" onClick={() => take(newest)}>
        {text('yardstick.takeNewer', { newest: newest.version })}
      </Button>
    </p>
  );
}

/** What every pack makes of the same report. */
function ByPack({ packs }: { packs: readonly Pack[] }): ReactNode {
  const { pack, soilTest } = useCase().area;
  return (
    <details className="mt-2">
      <summary className="cursor-pointer py-1">{text('yardstick.all')}</summary>
      <Table
        label={text('yardstick.all')}
        heads={HEADS.map((head) => ({ id: head, words: text(`yardstick.${head}`) }))}
      >
        {soilTest.byPack.map(({ id, version, p, k }) => {
          const chosen = id === pack.id && version === pack.version;
          const each = packs.find((one) => one.id === id && one.version === version);
          return (
            <tr
              key={packKey({ id, version })}
              className={`border-b border-rule-2 align-top ${chosen ? 'font-semibold' : ''}`}
            >
              <Cell>{each && packName(each)}</Cell>
              <Cell>{rated(p)}</Cell>
              <Cell>{rated(k)}</Cell>
              <td className="px-1.5 py-0.5 text-small font-normal text-ink-2">
                {each && SOURCES[each.source].citation}
              </td>
            </tr>
          );
        })}
      </Table>
      <p className="mt-1 text-small text-ink-2">{text('yardstick.other')}</p>
    </details>
  );
}

/** Which pack this case is read by, what every other makes of the same report, and whether a newer one is here. */
export function Yardstick(): ReactNode {
  const { area, session, state } = useCase();
  const { pack } = area;
  const house = useHousePacks()?.map((row) => row.pack) ?? [];
  const here = [...NEWEST_PACKS, ...house];
  const key = packKey(pack);
  // The version that the case is pinned to stays to be seen where it is not the newest.
  const packs = here.some((each) => packKey(each) === key) ? here : [pack, ...here];
  const newest = here.find(({ id, version }) => id === pack.id && version > pack.version);
  const choose = (chosen: Pack): void => {
    const { id, version } = chosen;
    const embedded = isHouse(chosen) ? (chosen as unknown as Json) : null;
    session.edit(
      [
        { path: 'pack', value: { id, version } },
        { path: 'house', value: embedded },
      ],
      `pack:${packKey(chosen)}`,
    );
  };
  const strange = isHouse(pack) && !house.some(({ id }) => id === pack.id);
  const look = `/yardsticks?pack=${key}`;
  return (
    <div>
      <ChoiceField
        wide
        label={text('yardstick.by')}
        value={packKey(state.doc.pack)}
        options={packs.map((each) => ({ value: packKey(each), words: packTitle(each) }))}
        onChoose={(chosen) => {
          const found = packs.find((each) => packKey(each) === chosen);
          if (found) choose(found);
        }}
      />
      {newest && <Newer newest={newest} take={choose} />}
      {strange && <p className="mt-1 text-small text-ink-2">{text('yardstick.inCase')}</p>}
      <p className="mt-1 flex flex-wrap gap-x-5">
        <Link className="font-semibold text-spruce hover:underline" prefetch={false} href={look}>
          {text('yardstick.values')}
        </Link>
        <Link
          className="font-semibold text-spruce hover:underline"
          prefetch={false}
          href={`${look}&case=${state.doc.id}&area=${area.area.id}&plant=${area.plant.id}`}
        >
          {text('yardstick.compare')}
        </Link>
      </p>
      <ByPack packs={packs} />
    </div>
  );
}
