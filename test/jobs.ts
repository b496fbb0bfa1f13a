import { SHIPPED_MATERIALS } from '../core/catalog/materials/materials';
import type { Nutrient } from '../core/catalog/nutrients';
import { BESIDES, type Job, type JobArea, type JobProduct } from '../core/buy/job';

/** Numbers from 0 to 1, the same for the same seed (Numerical Recipes' linear congruential generator). */
export function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

const SIZES = [6.2, 0.4, 1.1, 3, 0.2];
const SLACK: Readonly<Record<Nutrient, number>> = { N: 0.1, P2O5: 0.1, K2O: 0.3 };

function byNutrient(of: (nutrient: Nutrient) => number): Readonly<Record<Nutrient, number>> {
  return { N: of('N'), P2O5: of('P2O5'), K2O: of('K2O') };
}

/** An invented job of so many areas and products, with prices or without; every third seed has something on hand. */
export function seededJob(
  seed: number,
  of: { readonly areas: number; readonly products: number; readonly priced: boolean },
): Job {
  const next = seeded(seed * 7919 + 13);
  for (let warm = 0; warm < 5; warm += 1) next();
  const all = SHIPPED_MATERIALS.fertilizers.filter(({ pesticide }) => !pesticide);
  const start = Math.floor(next() * all.length);
  const materials = Array.from({ length: Math.min(of.products, all.length) }, (_, at) => {
    const step = of.products >= all.length ? 1 : 7;
    return all[(start + at * step) % all.length] ?? all[0];
  }).flatMap((material, at, list) =>
    material && list.findIndex((each) => each?.id === material.id) === at ? [material] : [],
  );
  const areas = Array.from({ length: of.areas }, (_, at): JobArea => {
    const thousands = (SIZES[at % SIZES.length] ?? 1) * (0.5 + next());
    const rate = {
      N: 1 + 2 * next(),
      P2O5: next() < 0.5 ? 0 : 0.1 + 2 * next(),
      K2O: 0.1 + 2 * next(),
    };
    const most = (nutrient: Nutrient): number =>
      (rate[nutrient] + Math.max(rate[nutrient] * 0.1, SLACK[nutrient])) * thousands;
    return {
      id: `area${at}`,
      thousands,
      need: byNutrient((nutrient) => rate[nutrient] * thousands),
      least: byNutrient((nutrient) => rate[nutrient] * 0.9 * thousands),
      most: byNutrient(most),
      trip: { quickN: thousands, slowN: 1.5 * thousands, K2O: at % 2 ? undefined : thousands },
      acidic: next() < 0.3,
      saltSensitive: next() < 0.2,
      shortOf: BESIDES.filter(() => next() < 0.2),
      fit: materials.filter(({ grade }) => grade.P2O5 === 0 || rate.P2O5 > 0).map(({ id }) => id),
      idle: [],
    };
  });
  const products = materials.map((material): JobProduct => {
    const { grade, firstSeasonN, bagsLb } = material;
    const perPound = 0.4 + next();
    const usd = (lb: number, dear: number): number | undefined =>
      of.priced ? Math.round(lb * perPound * dear * 100) / 100 : undefined;
    return {
      material: { id: material.id },
      shares: { N: (grade.N * firstSeasonN) / 100, P2O5: grade.P2O5 / 100, K2O: grade.K2O / 100 },
      quick: material.release === 'quick',
      organic: material.organic,
      acid: 0.5 * next(),
      salt: next(),
      besides: {
        Ca: (material.also.Ca ?? 0) / 100,
        Mg: (material.also.Mg ?? 0) / 100,
        S: (material.also.S ?? 0) / 100,
      },
      onHand: seed % 3 === 0 && next() < 0.3 ? Math.round(20 * next()) : 0,
      packs: [
        { lb: 5, usd: usd(5, 2.2) },
        { lb: bagsLb[0], usd: usd(bagsLb[0], 1) },
      ],
    };
  });
  return { areas, products, money: of.priced, mostProducts: 4, mostTrips: 6, unpriced: [] };
}
