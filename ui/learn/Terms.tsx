'use client';

import '../format/learnWords';
import type { ReactNode } from 'react';
import type { StepId } from '../../core/kernel/working/finding';
import type { NamesIn } from '../../core/kernel/messages/msg';
import { text } from '../format/text';

/** The words that each step cannot do without. */
const TERMS = {
  ground: ['ground', 'rootZone'],
  sample: ['composite', 'core'],
  results: ['waterPh', 'bufferPh', 'om', 'cec', 'extractant', 'ppm'],
  reading: ['window', 'class', 'extractant'],
  ph: ['window', 'bufferPh', 'cce', 'sulfur', 'dose'],
  feeding: ['grade', 'class', 'quick', 'credit'],
  calendar: ['dose', 'firm', 'apart'],
  slip: ['page', 'review'],
  diary: ['diary', 'retest'],
} as const satisfies Readonly<Record<StepId, readonly NamesIn<'term'>[]>>;

/** The words of a step in plain English, for who meets them for the first time. */
export function Terms({ step }: { step: StepId }): ReactNode {
  return (
    <details open className="mb-4 rounded border border-rule bg-paper px-3 py-2 print:hidden">
      <summary className="cursor-pointer text-small font-semibold text-spruce">
        {text('terms.title')}
      </summary>
      <dl className="mt-1.5 grid grid-cols-[8rem_minmax(0,1fr)] gap-x-3 gap-y-1 text-small max-phone:grid-cols-1">
        {TERMS[step].map((term) => (
          <div key={term} className="contents">
            <dt className="font-semibold">{text(`term.${term}`)}</dt>
            <dd className="text-ink-2">{text(`termMeans.${term}`)}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-1.5 text-small text-ink-2">{text('terms.office')}</p>
    </details>
  );
}
