import { NUTRIENTS } from '../catalog/nutrients';
import { cheapestPacks, type Pack } from '../treat/shared/packs';
import { BESIDES, type Besides, type Job, type JobProduct } from './job';
import { LEFT_IN_THE_BAG, mostOn } from './purchaseModel';

/** So many pounds of one product do what a pound of another does; nothing where they are not alike. */
function poundsForOne(a: JobProduct, b: JobProduct): number | undefined {
  const held = NUTRIENTS.filter((nutrient) => b.shares[nutrient] > 0);
  const first = held[0];
  if (!first || a.shares[first] === 0) return undefined;
  const ratio = b.shares[first] / a.shares[first];
  const isAlike = NUTRIENTS.every(
    (nutrient) => Math.abs(a.shares[nutrient] * ratio - b.shares[nutrient]) < 1e-12,
  );
  return isAlike ? ratio : undefined;
}

function costOf(packs: readonly Pack[], pounds: number): number {
  return cheapestPacks(packs, pounds / (1 - LEFT_IN_THE_BAG)).reduce(
    (sum, { pack, count }) => sum + (pack.usd ?? 0) * count,
    0,
  );
}

/** More steps than these are not compared: both products stay. */
const MOST_STEPS = 400;

/** Every sum of packs up to so many pounds: where the cost of a product steps up. */
function capacities(packs: readonly Pack[], most: number): number[] {
  const found = new Set<number>([0]);
  for (const { lb } of packs) {
    for (const sum of [...found]) {
      for (let at = sum + lb; at < most + lb; at += lb) {
        found.add(Number(at.toFixed(6)));
        if (found.size > MOST_STEPS + 1) return [...found];
      }
    }
  }
  return [...found].filter((sum) => sum > 0);
}

/** Whether a product does all that another does, on all ground of the other, with no more money, acid and salts, and no less of what the soil is short of. */
function dominates(a: JobProduct, b: JobProduct, job: Job): boolean {
  const ratio = poundsForOne(a, b);
  if (ratio === undefined || a.quick !== b.quick || b.onHand > 0 || a.packs.length === 0) {
    return false;
  }
  if (b.organic && !a.organic) return false;
  const everywhere = job.areas.every(
    ({ fit, idle }) =>
      (!fit.includes(b.material.id) || fit.includes(a.material.id)) &&
      idle.includes(a.material.id) === idle.includes(b.material.id),
  );
  if (!everywhere) return false;
  const minds = (which: 'acidic' | 'saltSensitive'): boolean =>
    job.areas.some((area) => area[which]);
  if (minds('acidic') && a.acid * ratio > b.acid + 1e-12) return false;
  if (minds('saltSensitive') && a.salt * ratio > b.salt + 1e-12) return false;
  const isShort = (element: Besides): boolean =>
    job.areas.some(({ shortOf }) => shortOf.includes(element));
  const bringsLess = BESIDES.some(
    (each) => isShort(each) && a.besides[each] * ratio < b.besides[each] - 1e-12,
  );
  if (bringsLess) return false;
  // Without prices it is pounds that count.
  if (!job.money) return ratio <= 1;
  const most = job.areas
    .filter(({ fit }) => fit.includes(b.material.id))
    .reduce((sum, area) => sum + mostOn(b, area), 0);
  const steps = capacities(b.packs, most);
  if (steps.length > MOST_STEPS) return false;
  const usable = 1 - LEFT_IN_THE_BAG;
  return steps.every(
    (lb) =>
      costOf(a.packs, Math.min(lb * usable, most) * ratio) <= costOf(b.packs, lb * usable) + 1e-9,
  );
}

/** What no job gains by having: products that another one is as good as in everything. Of two that are alike the first stays. */
export function withoutDominated(job: Job): Job {
  const kept = job.products.filter((product, at) =>
    job.products.every(
      (other, index) =>
        index === at ||
        !dominates(other, product, job) ||
        (index > at && dominates(product, other, job)),
    ),
  );
  return { ...job, products: kept };
}
