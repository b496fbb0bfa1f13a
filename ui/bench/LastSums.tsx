'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import type { ReactNode } from 'react';
import { FIELDS, type FieldId } from '../../core/bench/fields';
import { SUMS } from '../../core/bench/sums';
import { own } from '../../core/kernel/typed/own';
import { clearSums, lastSums, type BenchEntry } from '../../store/bench';
import { text } from '../format/text';
import { Button } from '../kit/Button';

/** What was typed, in short: numbers and words as they were typed, no choices. */
function inShort({ typed }: BenchEntry): string {
  return Object.entries(typed)
    .filter(([id, value]) => value !== '' && own(FIELDS, id as FieldId)?.kind !== 'choice')
    .filter(([id]) => !id.endsWith('.unit'))
    .map(([, value]) => value)
    .join(' · ');
}

/** The last sums; each opens again as it was typed. */
export function LastSums({ open }: { open: (entry: BenchEntry) => void }): ReactNode {
  const entries = useLiveQuery(() => lastSums());
  if (!entries) return null;
  const known = entries.flatMap((entry) => {
    const sum = SUMS.find(({ id }) => id === entry.sum);
    return sum ? [{ entry, words: text(`bench.sum.${sum.id}`) }] : [];
  });
  return (
    <section
      aria-label={text('bench.last')}
      className="border-l border-rule pl-5 max-margin:border-0 max-margin:pl-0"
    >
      <div className="flex items-center justify-between">
        <h2 className="text-small font-semibold text-ink-2">{text('bench.last')}</h2>
        {known.length > 0 && (
          <Button look="quiet" onClick={() => void clearSums()}>
            {text('bench.clear')}
          </Button>
        )}
      </div>
      {known.length === 0 && <p className="mt-1 text-ink-2">{text('bench.noneYet')}</p>}
      <ul>
        {known.map(({ entry, words }) => (
          <li key={entry.id} className="border-b border-rule-2">
            <button
              type="button"
              title={text('bench.again', { sum: words })}
              onClick={() => open(entry)}
              className="w-full py-1.5 text-left hover:bg-spruce-wash"
            >
              <span className="flex justify-between gap-3">
                <span className="font-semibold text-spruce">{words}</span>
                <span className="num whitespace-nowrap">{entry.answer}</span>
              </span>
              <span className="block truncate text-small text-ink-2">{inShort(entry)}</span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
