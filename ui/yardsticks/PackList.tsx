'use client';

import type { ReactNode } from 'react';
import { NEWEST_PACKS, SHIPPED_PACKS } from '../../core/catalog/packs/shipped';
import type { Pack } from '../../core/catalog/packs/pack';
import type { PackRow } from '../../store/db';
import { nameFrom, text } from '../format/text';
import { packKey } from '../packs/packs';
import { packName } from '../packs/packName';

function method(bands: Pack['soilTest']['p']): string {
  return bands ? nameFrom('extractant', bands.method) : text('figure.dash');
}

/** The extractants that a pack has bands for, each once. */
function methods({ soilTest }: Pack): string {
  return [...new Set([method(soilTest.p), method(soilTest.k)])].join(' · ');
}

interface PackListProps {
  readonly house: readonly PackRow[];
  readonly chosen: string;
  readonly choose: (key: string) => void;
}

/** Every pack: those that ship in their newest version, the house's own, and what came before. */
export function PackList({ house, chosen, choose }: PackListProps): ReactNode {
  const entry = (pack: Pack, draft = false): ReactNode => {
    const key = packKey(pack);
    const here = key === chosen;
    return (
      <li key={key}>
        <button
          type="button"
          aria-current={here}
          onClick={() => choose(key)}
          className={`block w-full border-l-3 py-1.5 pr-2 pl-3 text-left hover:bg-spruce-wash ${here ? 'border-spruce bg-spruce-wash' : 'border-transparent'}`}
        >
          <span className="block font-semibold">{packName(pack)}</span>
          <span className="block text-small text-ink-2">
            {text('yardsticks.entry', { methods: methods(pack), version: pack.version })}
            {draft && ` · ${text('yardsticks.draft')}`}
          </span>
        </button>
      </li>
    );
  };
  const older = SHIPPED_PACKS.filter((pack) => !NEWEST_PACKS.includes(pack));
  return (
    <nav aria-label={text('yardsticks.packs')}>
      <h2 className="px-3 pb-1 text-label font-semibold text-ink-2">
        {text('yardsticks.shipped')}
      </h2>
      <ul>{NEWEST_PACKS.map((pack) => entry(pack))}</ul>
      <h2 className="px-3 pt-4 pb-1 text-label font-semibold text-ink-2">
        {text('yardsticks.house')}
      </h2>
      {house.length === 0 ? (
        <p className="px-3 text-small text-ink-2">{text('yardsticks.noHouse')}</p>
      ) : (
        <ul>{house.map(({ pack, draft }) => entry(pack, Object.keys(draft).length > 0))}</ul>
      )}
      <details className="mt-4">
        <summary className="cursor-pointer px-3 py-1 text-label font-semibold text-ink-2">
          {text('yardsticks.older')}
        </summary>
        <ul>{older.map((pack) => entry(pack))}</ul>
      </details>
    </nav>
  );
}
