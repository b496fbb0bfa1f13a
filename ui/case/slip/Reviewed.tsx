'use client';

import type { ReactNode } from 'react';
import type { Review } from '../../../core/casefile/parts/review';
import { parseDate } from '../../../core/kernel/typed/date';
import { slipDigest } from '../../../core/plan/queue';
import { formatDate, localDay } from '../../format/date';
import { text } from '../../format/text';
import { Button } from '../../kit/Button';
import { useCase } from '../context/caseContext';
import { textPlace } from '../context/places';
import { TextField } from '../fields/Fields';

/** A day as it stands in the document, in words. */
function dayWords(on: string): string {
  const day = parseDate(on);
  return day.kind === 'value' ? formatDate(day.value) : on;
}

/** What became of the review so far, in one sentence. */
function Standing({ review }: { review: Review }): ReactNode {
  const { plan } = useCase();
  const { state, by, on, note } = review;
  if (state === '') return null;
  const isChanged = plan.findings.some(({ name }) => name === 'reviewChanged');
  return (
    <p className="my-2" role="status">
      {text(`review.is.${state}`, { by, on: dayWords(on), note })}{' '}
      {isChanged && <strong>{text('review.changed')}</strong>}
    </p>
  );
}

/** Who typed the case, and whether a second person looks it over before the page goes out; folded away until somebody asks. */
export function Reviewed(): ReactNode {
  const { session, state, plan } = useCase();
  const { review } = state.doc;
  const set = (change: Partial<Review>, group: string): void =>
    session.edit(
      Object.entries(change).map(([part, value]) => ({ path: `review/${part}`, value })),
      group,
    );
  const on = localDay(new Date());
  const ask = (): void => set({ state: 'waiting', on, by: '', standsFor: '' }, 'review-ask');
  const end = (how: 'seen' | 'back'): void =>
    set({ state: how, on, standsFor: how === 'seen' ? slipDigest(plan) : '' }, `review-${how}`);
  const isWaiting = review.state === 'waiting';
  const isNamed = review.by.trim() !== '';
  return (
    <details className="mb-3 print:hidden" open={review.state !== '' || review.typedBy !== ''}>
      <summary className="cursor-pointer py-1 text-small font-semibold text-spruce">
        {text('review.title')}
      </summary>
      <Standing review={review} />
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <TextField
          label={text('review.typedBy')}
          place={textPlace(state.doc, 'review/typedBy')}
          width="words"
        />
        {isWaiting && (
          <TextField
            label={text('review.by')}
            place={textPlace(state.doc, 'review/by')}
            width="words"
          />
        )}
        <TextField
          label={text(isWaiting ? 'review.found' : 'review.note')}
          place={textPlace(state.doc, 'review/note')}
          width="wide"
        />
      </div>
      <div className="mt-2 flex flex-wrap items-center gap-2">
        {isWaiting ? (
          <>
            <Button disabled={!isNamed} onClick={() => end('seen')}>
              {text('review.seen')}
            </Button>
            <Button disabled={!isNamed} onClick={() => end('back')}>
              {text('review.back')}
            </Button>
            <Button look="quiet" onClick={() => set({ state: '', on: '' }, 'review-drop')}>
              {text('review.drop')}
            </Button>
            {!isNamed && <span className="text-small text-ink-2">{text('review.who')}</span>}
          </>
        ) : (
          <Button onClick={ask}>
            {text(review.state === '' ? 'review.ask' : 'review.askAgain')}
          </Button>
        )}
      </div>
    </details>
  );
}
