'use client';

import { useState, type ReactNode } from 'react';
import { queueFacts, queueOn, USUAL_DAYS } from '../../../core/plan/queue';
import { daysBetween } from '../../../core/kernel/typed/date';
import { formatDate, localDay } from '../../format/date';
import { text } from '../../format/text';
import { useCase } from '../context/caseContext';
import { TextField } from '../fields/Fields';
import { textPlace } from '../context/places';

/** What a test costs, and how long the case has waited for its report. */
export function Waiting(): ReactNode {
  const { state, plan } = useCase();
  const { doc } = state;
  const [today] = useState(() => localDay(new Date()));
  const { queue, on, overdue } = queueOn(today)(queueFacts(doc, plan));
  return (
    <>
      <div className="flex flex-wrap gap-3">
        <TextField label={text('sample.feeOf')} place={textPlace(doc, 'sampling/fee')} />
        <TextField
          label={text('sample.days')}
          place={textPlace(doc, 'sampling/days')}
          usual={String(USUAL_DAYS)}
        />
      </div>
      <p className="mt-2" role="status">
        {queue === 'laboratory' && on
          ? text('sample.waiting', { date: formatDate(on), n: Math.max(0, daysBetween(on, today)) })
          : text('sample.notWaiting')}{' '}
        {overdue && (
          <strong className="bg-ochre-wash px-1">{text('sample.overdue', { n: overdue })}</strong>
        )}
      </p>
    </>
  );
}
