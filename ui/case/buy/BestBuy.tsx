'use client';

import { useMemo, useRef, useState, type ReactNode } from 'react';
import type { Answer } from '../../../core/buy/answer';
import { inShort, jobOf } from '../../../core/buy/job';
import type { Found, Relaxation } from '../../../core/buy/search';
import { NOT_BOUGHT, type Bought } from '../../../core/casefile/parts/bought';
import { quantity } from '../../../core/kernel/units/quantity';
import type { Json } from '../../../store/patch';
import { areaName } from '../../format/areaName';
import { materialWords } from '../../format/materialWords';
import { quantityText } from '../../format/quantity';
import { text } from '../../format/text';
import { Button } from '../../kit/Button';
import { useCase } from '../context/caseContext';
import { decisionPlace, textPlace } from '../context/places';
import { TextField } from '../fields/Fields';
import { Answers } from './Answers';
import { searchWays } from './buyer';
import { ShopList } from './ShopList';

type Searching =
  | { readonly kind: 'not-begun' }
  | { readonly kind: 'searching'; readonly done: number; readonly of: number }
  | { readonly kind: 'found'; readonly found: Found; readonly madeFrom: string }
  | { readonly kind: 'broken' };

/** What an answer writes into the case, and what tells whether it is the one that stands there. */
function boughtOf(answer: Answer, madeFrom: string): Bought {
  const amounts = answer.amounts.map(
    ({ areaId, material, pounds }) =>
      [
        `${areaId}:${material.id}`,
        { areaId, materialId: material.id, pounds: Number(pounds.toFixed(4)) },
      ] as const,
  );
  return { kind: answer.kinds[0] ?? '', madeFrom, amounts: Object.fromEntries(amounts) };
}

function sameAmounts(a: Bought, b: Bought): boolean {
  return (
    JSON.stringify(Object.entries(a.amounts).sort()) ===
    JSON.stringify(Object.entries(b.amounts).sort())
  );
}

/** Why nothing fits, and which limit to relax by how much. */
function NothingFits({ found }: { found: Exclude<Found, { kind: 'answers' }> }): ReactNode {
  const { plan } = useCase();
  if (found.kind === 'nothing') return text(`buy.nothing.${found.why}`);
  if (found.kind === 'failed') return text('buy.failed');
  const relaxed = ({ areaId, nutrient, way, by, allowed }: Relaxation): string => {
    const area = plan.areas.find((each) => each.area.id === areaId);
    return text(`buy.relax.${way}`, {
      area: area ? areaName(area) : areaId,
      nutrient: text(`nutrient.${nutrient}`),
      by: quantityText(quantity(by, 'lb/1000ft2', nutrient)),
      allowed: quantityText(quantity(allowed, 'lb/1000ft2', nutrient)),
    });
  };
  return (
    <>
      {text('buy.noneFits')}
      <ul className="mt-1 list-disc pl-5">
        {found.moreProducts !== undefined && (
          <li>{text('buy.relax.products', { count: found.moreProducts })}</li>
        )}
        {found.moreTrips !== undefined && (
          <li>{text('buy.relax.trips', { count: found.moreTrips })}</li>
        )}
        {found.relax.map((each) => (
          <li key={`${each.areaId}${each.nutrient}${each.way}`}>{relaxed(each)}</li>
        ))}
      </ul>
    </>
  );
}

/** What to buy for all ground of the case together: the shop list, the limits, and the best ways. */
export function BestBuy(): ReactNode {
  const { plan, state, session } = useCase();
  const [searching, setSearching] = useState<Searching>({ kind: 'not-begun' });
  const search = useRef<AbortController | undefined>(undefined);
  const { doc } = state;
  const job = useMemo(() => jobOf(doc, plan.areas), [doc, plan.areas]);
  const materials = useMemo(() => {
    const fit = plan.areas.flatMap(({ treatments }) => treatments.fertilizer.fit);
    return [...new Map(fit.map((material) => [material.id, material])).values()];
  }, [plan.areas]);
  const madeFrom = inShort(job);

  const begin = async (): Promise<void> => {
    const control = new AbortController();
    search.current = control;
    setSearching({ kind: 'searching', done: 0, of: 1 });
    try {
      const onward = (done: number, of: number): void =>
        setSearching({ kind: 'searching', done, of });
      const found = await searchWays(job, onward, control.signal);
      setSearching({ kind: 'found', found, madeFrom });
    } catch {
      setSearching(control.signal.aborted ? { kind: 'not-begun' } : { kind: 'broken' });
    }
  };
  const take = (answer: Answer): void => {
    const bought = boughtOf(answer, madeFrom);
    const ways = job.areas.map(({ id }) => {
      const place = decisionPlace(doc, id, 'feed-way');
      return { path: place.path, value: place.write('best-buy') };
    });
    session.edit([{ path: 'bought', value: bought as unknown as Json }, ...ways], 'best-buy');
  };
  const forget = (): void => {
    const ways = job.areas
      .map(({ id }) => decisionPlace(doc, id, 'feed-way'))
      .filter(({ value }) => value === 'best-buy')
      .map((place) => ({ path: place.path, value: place.write('') }));
    session.edit([{ path: 'bought', value: NOT_BOUGHT as unknown as Json }, ...ways], 'no-buy');
  };
  const limit = (what: 'short' | 'over' | 'products' | 'trips', usual: string): ReactNode => (
    <TextField
      label={text(`buy.limit.${what}`)}
      usual={usual}
      width="bag"
      place={{ ...textPlace(doc, `buying/${what}`), problem: `buying/${what}` }}
      {...(what === 'short' || what === 'over' ? { unit: text('unit.%') } : {})}
    />
  );
  const isSearching = searching.kind === 'searching';
  return (
    <>
      <ShopList materials={materials} />
      <div className="mt-3 flex flex-wrap items-start gap-x-5 gap-y-2">
        {limit('short', '10')}
        {limit('over', '10')}
        {limit('products', '4')}
        {limit('trips', '6')}
      </div>
      {job.unpriced.length > 0 && (
        <p className="mt-2 max-w-2xl text-small text-ink-2">
          {text('buy.unpriced', {
            count: job.unpriced.length,
            materials: job.unpriced.slice(0, 4).map(materialWords).join(', '),
          })}
        </p>
      )}
      {!job.money && <p className="mt-2 text-small text-ink-2">{text('buy.noPrices')}</p>}
      <div className="mt-3 flex items-center gap-3" aria-live="polite">
        <Button look="primary" disabled={isSearching} onClick={() => void begin()}>
          {text('buy.search')}
        </Button>
        {isSearching && (
          <>
            <progress
              max={searching.of}
              value={searching.done}
              aria-label={text('buy.searching')}
            />
            <Button look="quiet" onClick={() => search.current?.abort()}>
              {text('buy.cancel')}
            </Button>
          </>
        )}
        {doc.bought.kind !== '' && !isSearching && (
          <Button look="quiet" onClick={forget}>
            {text('buy.forget')}
          </Button>
        )}
        {searching.kind === 'broken' && <span className="text-madder">{text('buy.broken')}</span>}
      </div>
      {searching.kind === 'found' && searching.madeFrom !== madeFrom && (
        <p className="mt-2 text-ochre">{text('buy.changedSince')}</p>
      )}
      {searching.kind === 'found' &&
        (searching.found.kind === 'answers' ? (
          <Answers
            answers={searching.found.answers}
            isChosen={(answer) =>
              doc.bought.kind !== '' && sameAmounts(doc.bought, boughtOf(answer, ''))
            }
            onTake={take}
          />
        ) : (
          <div className="mt-3 max-w-2xl rounded border border-ochre bg-ochre-wash px-3 py-2">
            <NothingFits found={searching.found} />
          </div>
        ))}
    </>
  );
}
