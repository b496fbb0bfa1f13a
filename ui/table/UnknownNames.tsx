'use client';

import type { ReactNode } from 'react';
import type { Summary } from '../../files/reportTable/reportTable';
import type { NamedSample } from '../../files/reportTable/sampleIndex';
import { text } from '../format/text';
import { Button } from '../kit/Button';
import type { OpenTable } from './useTable';

/** So many samples are offered for a name that nothing is near to. */
const OFFERED = 200;

interface UnknownNamesProps {
  readonly summary: Summary;
  readonly samples: readonly NamedSample[];
  readonly nameOf: (sampleId: string) => string;
  readonly change: OpenTable['change'];
}

/** Names of the table that no sample has: who they are is said here, never guessed. */
export function UnknownNames({ summary, samples, nameOf, change }: UnknownNamesProps): ReactNode {
  const { unknown, unknownNames, refusal } = summary;
  if (unknownNames === 0 || refusal) return null;
  return (
    <div className="mt-2 border-l-3 border-ochre bg-ochre-wash px-3 py-2">
      <div className="flex flex-wrap items-center gap-x-4">
        <span className="font-semibold">{text('table.unknown', { n: unknownNames })}</span>
        <Button look="quiet" onClick={() => change((reader) => reader.leaveUnknownOut(true))}>
          {text('table.leaveAll')}
        </Button>
      </div>
      <ul className="max-h-36 overflow-y-auto">
        {unknown.map(({ name, key, rows, near }) => {
          const nearest = new Set(near.map(({ sampleId }) => sampleId));
          const others = samples.filter(({ id }) => !nearest.has(id)).slice(0, OFFERED);
          return (
            <li key={key} className="py-0.5">
              <label className="flex flex-wrap items-center gap-3">
                {text('csv.means', { name: name || '–' })}
                <select
                  className="field w-64"
                  value=""
                  onChange={(event) => {
                    const { value } = event.target;
                    change((reader) => reader.answer(key, value === 'out' ? '' : value));
                  }}
                >
                  <option value="" disabled>
                    {text('csv.choose')}
                  </option>
                  {near.map(({ sampleId }) => (
                    <option key={sampleId} value={sampleId}>
                      {nameOf(sampleId)}
                    </option>
                  ))}
                  <option value="out">{text('table.leaveOut')}</option>
                  {others.map(({ id }) => (
                    <option key={id} value={id}>
                      {nameOf(id)}
                    </option>
                  ))}
                </select>
                <span className="text-small text-ink-2">{text('table.rowsOf', { n: rows })}</span>
              </label>
            </li>
          );
        })}
      </ul>
    </div>
  );
}
