'use client';

import type { ReactNode } from 'react';
import { SOURCES } from '../../core/tables/sources';
import type { Rating } from '../../core/yardsticks/pack';
import { NEWEST_PACKS } from '../../core/yardsticks/packs';
import { text } from '../format/text';
import { Cell, Table } from '../parts/Table';
import { useCase } from './caseContext';
import { ChoiceField } from './Fields';

const HEADS = ['pack', 'p', 'k', 'source'] as const;

/** A pack in its version, as one choice. */
function keyOf(id: string, version: number): string {
  return `${id}/${version}`;
}

function rated(rating: Rating | undefined): string {
  return rating ? text(`rating.${rating}`) : text('figure.dash');
}

/** Which pack this case is read by, and what every other makes of the same report. */
export function Yardstick(): ReactNode {
  const { area, session, state } = useCase();
  const { pack, soilTest } = area;
  // An older version stays to be seen where the case is pinned to it.
  const packs = NEWEST_PACKS.some((each) => each.id === pack.id && each.version === pack.version)
    ? NEWEST_PACKS
    : [pack, ...NEWEST_PACKS];
  const choose = (key: string): void => {
    const chosen = packs.find(({ id, version }) => keyOf(id, version) === key);
    if (!chosen) return;
    const value = { id: chosen.id, version: chosen.version };
    session.edit([{ path: 'pack', value }], `pack:${key}`);
  };
  return (
    <div className="mt-3">
      <ChoiceField
        label={text('yardstick.by')}
        value={keyOf(state.doc.pack.id, state.doc.pack.version)}
        options={packs.map(({ id, version }) => ({
          value: keyOf(id, version),
          words: text('yardstick.version', { pack: text(`pack.${id}`), version }),
        }))}
        onChoose={choose}
      />
      <details className="mt-2">
        <summary className="cursor-pointer py-1">{text('yardstick.all')}</summary>
        <Table
          label={text('yardstick.all')}
          heads={HEADS.map((head) => ({ id: head, words: text(`yardstick.${head}`) }))}
        >
          {soilTest.byPack.map(({ id, version, p, k }) => {
            const chosen = id === pack.id && version === pack.version;
            const source = NEWEST_PACKS.find((each) => each.id === id)?.source;
            return (
              <tr
                key={id}
                className={`border-b border-rule-2 align-top ${chosen ? 'font-semibold' : ''}`}
              >
                <Cell>{text(`pack.${id}`)}</Cell>
                <Cell>{rated(p)}</Cell>
                <Cell>{rated(k)}</Cell>
                <td className="px-1.5 py-0.5 text-small font-normal text-ink-2">
                  {source ? SOURCES[source].citation : ''}
                </td>
              </tr>
            );
          })}
        </Table>
        <p className="mt-1 text-small text-ink-2">{text('yardstick.other')}</p>
      </details>
    </div>
  );
}
