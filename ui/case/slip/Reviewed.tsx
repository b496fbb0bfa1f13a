'use client';

import { useState, type ReactNode } from 'react';
import type { Review } from '../../../core/casefile/parts/review';
import { parseDate } from '../../../core/kernel/typed/date';
import { overridesIn, reviewDigest, type Overriding } from '../../../core/plan/release';
import { formatDate, localDay } from '../../format/date';
import { text } from '../../format/text';
import { Button } from '../../kit/Button';
import { areaName } from '../../format/areaName';
import { useOffice } from '../../slip/useOffice';
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

/** What an override is known by: another value of it wants to be signed anew. */
function overridingKey({ areaId, decision }: Overriding): string {
  return `${areaId}:${decision.what}:${decision.value}`;
}

interface OverridesProps {
  readonly overriding: readonly Overriding[];
  readonly signed: ReadonlySet<string>;
  readonly onSign: (signed: ReadonlySet<string>) => void;
}

/** What passes the advice: the reviewer signs each of them by itself. */
function Overrides({ overriding, signed, onSign }: OverridesProps): ReactNode {
  const { plan } = useCase();
  if (overriding.length === 0) return null;
  const toggle = (key: string, on: boolean): void => {
    const next = new Set(signed);
    if (on) next.add(key);
    else next.delete(key);
    onSign(next);
  };
  return (
    <fieldset className="mt-3">
      <legend className="text-small font-semibold">{text('review.overrides')}</legend>
      {overriding.map((each) => {
        const { areaId, decision } = each;
        const key = overridingKey(each);
        const area = plan.areas.find((one) => one.area.id === areaId);
        return (
          <label key={key} className="flex items-start gap-2 py-0.5">
            <input
              type="checkbox"
              className="mt-0.5 size-4 shrink-0 accent-spruce"
              checked={signed.has(key)}
              onChange={(event) => toggle(key, event.target.checked)}
            />
            <span>
              {text('review.override', {
                area: area ? areaName(area) : areaId,
                what: text(`decision.${decision.what}`),
                value: decision.value,
                reason: decision.reason.trim() || text('review.noReason'),
              })}
            </span>
          </label>
        );
      })}
    </fieldset>
  );
}

/** Who typed the case, and whether a second person looks it over before the page goes out; folded away until somebody asks. */
export function Reviewed(): ReactNode {
  const { session, state, plan } = useCase();
  const { volunteers } = useOffice();
  const { review } = state.doc;
  const set = (change: Partial<Review>, group: string): void =>
    session.edit(
      Object.entries(change).map(([part, value]) => ({ path: `review/${part}`, value })),
      group,
    );
  const on = localDay(new Date());
  const ask = (): void => set({ state: 'waiting', on, by: '', standsFor: '' }, 'review-ask');
  const end = (how: 'seen' | 'back'): void =>
    set(
      { state: how, on, standsFor: how === 'seen' ? reviewDigest(state.doc, plan) : '' },
      `review-${how}`,
    );
  const isWaiting = review.state === 'waiting';
  const overriding = overridesIn(state.doc);
  const [signed, setSigned] = useState<ReadonlySet<string>>(new Set());
  const isSigned = !volunteers || overriding.every((each) => signed.has(overridingKey(each)));
  const isNamed = review.by.trim() !== '';
  return (
    <details
      className="mb-3 print:hidden"
      open={volunteers || review.state !== '' || review.typedBy !== ''}
    >
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
      {isWaiting && volunteers && (
        <Overrides overriding={overriding} signed={signed} onSign={setSigned} />
      )}
      <div className="mt-2 flex flex-wrap items-center gap-2">
        {isWaiting ? (
          <>
            <Button disabled={!isNamed || !isSigned} onClick={() => end('seen')}>
              {text('review.seen')}
            </Button>
            <Button disabled={!isNamed} onClick={() => end('back')}>
              {text('review.back')}
            </Button>
            <Button look="quiet" onClick={() => set({ state: '', on: '' }, 'review-drop')}>
              {text('review.drop')}
            </Button>
            {!isSigned && <span className="text-small text-ink-2">{text('review.signFirst')}</span>}
            {!isNamed && <span className="text-small text-ink-2">{text('review.who')}</span>}
          </>
        ) : (
          <Button onClick={ask} disabled={volunteers && review.typedBy.trim() === ''}>
            {text(review.state === '' ? 'review.ask' : 'review.askAgain')}
          </Button>
        )}
      </div>
    </details>
  );
}
