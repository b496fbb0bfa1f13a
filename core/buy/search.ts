import { BUY_KINDS, type BuyKind } from '../casefile/parts/bought';
import { NUTRIENTS, type Nutrient } from '../catalog/nutrients';
import { answerOf, type Answer } from './answer';
import { withoutDominated } from './dominated';
import type { Job } from './job';
import { sumAt, type Solution, type Solve, type Terms } from './model';
import { allowedOff, purchaseModel, type PurchaseModel } from './purchaseModel';

/** How much each thing counts where ways to buy are compared. */
type Weights = Readonly<Partial<Record<keyof PurchaseModel['sums'], number>>>;

/** What an aim makes least before money, and the least difference in it that anybody would call one. */
interface First {
  readonly sum: keyof PurchaseModel['sums'];
  readonly step: number;
}

/** A way to judge what is best: for which jobs, of which products, and what counts how much. */
interface Aim {
  readonly isFor: (job: Job) => boolean;
  readonly job: (job: Job) => Job;
  readonly first?: First;
  readonly weights: Weights;
}

const all = (job: Job): Job => job;
const always = (): boolean => true;

/**
 * Where two answers cost the same: a pound to 1000 ft² off, a trip, and a dollar's worth of acid, salts and secondary nutrients. They are too
 * small to outweigh a cent of the price.
 */
const TIES = { misfit: 1e-3, trips: 2e-4, soft: 1e-4 } as const;

/** What an aim makes least goes so far before money that no saving outweighs it. */
const FIRST = 1000;

const AIMS: Readonly<Record<BuyKind, Aim>> = {
  cheapest: { isFor: always, job: all, weights: { cost: 1, ...TIES } },
  closest: {
    isFor: always,
    job: all,
    first: { sum: 'misfit', step: 1e-3 },
    weights: { misfit: FIRST, cost: 1, trips: TIES.trips, soft: TIES.soft },
  },
  products: {
    isFor: always,
    job: all,
    first: { sum: 'products', step: 1 },
    weights: { products: FIRST, cost: 1, ...TIES },
  },
  trips: {
    isFor: always,
    job: all,
    first: { sum: 'trips', step: 1 },
    weights: { trips: FIRST, cost: 1, misfit: TIES.misfit, soft: TIES.soft },
  },
  organic: {
    isFor: ({ products }) =>
      products.some(({ organic }) => organic) && products.some(({ organic }) => !organic),
    job: (job) => ({ ...job, products: job.products.filter(({ organic }) => organic) }),
    weights: { cost: 1, ...TIES },
  },
  'on-hand': {
    isFor: ({ products }) => products.some(({ onHand }) => onHand > 0),
    job: all,
    first: { sum: 'bought', step: 0.01 },
    weights: { bought: FIRST, cost: 1, ...TIES },
  },
};

/** What an aim makes least, as one sum. */
export function aimedAt(kind: BuyKind, { sums }: PurchaseModel): Terms {
  const { weights } = AIMS[kind];
  return (Object.entries(weights) as [keyof PurchaseModel['sums'], number][]).flatMap(
    ([name, weight]) => sums[name].map(([variable, times]) => [variable, times * weight] as const),
  );
}

/** What has to be relaxed so that anything fits: a nutrient on a piece of ground, by so many pounds to 1000 ft². */
export interface Relaxation {
  readonly areaId: string;
  readonly nutrient: Nutrient;
  readonly way: 'short' | 'over';
  /** What it is short or over then, lb/1000 ft², and what is allowed. */
  readonly by: number;
  readonly allowed: number;
}

/** What became of a search. */
export type Found =
  | { readonly kind: 'answers'; readonly answers: readonly Answer[] }
  /** Nothing is needed, or nothing can be had that serves. */
  | { readonly kind: 'nothing'; readonly why: 'no-need' | 'no-products' }
  /** Nothing fits: the limits that are in the way, or more products at once. */
  | {
      readonly kind: 'none-fits';
      readonly relax: readonly Relaxation[];
      /** With as many products as one likes it would fit. */
      readonly moreProducts: number | undefined;
      readonly moreTrips: number | undefined;
    }
  | { readonly kind: 'failed'; readonly why: string };

/** Seconds for one solve: a usual job takes a few tenths. */
const SECONDS = 3;

/** A job without what no job gains by, and its model. */
interface Built {
  readonly of: Job;
  readonly model: PurchaseModel;
}

function builtFor(job: Job): Built {
  const of = withoutDominated(job);
  return { of, model: purchaseModel(of) };
}

/** The best by one aim, with at most so much of what it makes least first. */
function solved(kind: BuyKind, { model }: Built, solve: Solve, most?: number): Promise<Solution> {
  const least = model.model(aimedAt(kind, model));
  const { first } = AIMS[kind];
  const limit =
    first && most !== undefined
      ? [{ terms: model.sums[first.sum], low: -Infinity, high: most }]
      : [];
  return solve({ ...least, rows: [...least.rows, ...limit] }, SECONDS);
}

/**
 * The best by an aim that makes something least before money. Where nothing has less of it than the cheapest, the cheapest is
 * the best by it as well, and to see that takes a solver much less time than to find it once more.
 */
async function bestAfter(
  kind: BuyKind,
  of: Built,
  cheapest: Solution & { readonly kind: 'optimal' | 'time-out' },
  solve: Solve,
): Promise<Solution> {
  const { first } = AIMS[kind];
  if (!first || cheapest.kind !== 'optimal') return solved(kind, of, solve);
  const most = sumAt(of.model.sums[first.sum], cheapest.values) - first.step;
  if (most < 0) return cheapest;
  const found = await solved(kind, of, solve, most);
  return found.kind === 'infeasible' ? cheapest : found;
}

/** Answers that put the same products on the same ground in about the same amounts are one. */
function isSame(a: Answer, b: Answer): boolean {
  const amountsOf = ({ amounts }: Answer): Map<string, number> =>
    new Map(amounts.map(({ areaId, material, pounds }) => [`${areaId}:${material.id}`, pounds]));
  const [one, other] = [amountsOf(a), amountsOf(b)];
  return (
    one.size === other.size &&
    [...one].every(([key, pounds]) => {
      const there = other.get(key);
      return there !== undefined && Math.abs(there - pounds) <= ALIKE * Math.max(pounds, there);
    })
  );
}

/** Amounts that differ by less than this share are told as one. */
const ALIKE = 0.1;

function distinct(answers: readonly Answer[]): Answer[] {
  return answers.reduce<Answer[]>((kept, answer) => {
    const same = kept.findIndex((each) => isSame(each, answer));
    const there = kept[same];
    if (!there) return [...kept, answer];
    const both = { ...there, kinds: [...there.kinds, ...answer.kinds] };
    return kept.map((each, at) => (at === same ? both : each));
  }, []);
}

/** Which limits are in the way, and by how much: what passes them least in all. */
async function whatToRelax(job: Job, solve: Solve): Promise<Found> {
  const fewer = async (more: Partial<Job>): Promise<number | undefined> => {
    const loose = { ...job, ...more };
    const built = purchaseModel(loose);
    const least = more.mostTrips === undefined ? built.sums.products : built.sums.trips;
    const found = await solve(built.model(least), SECONDS);
    return 'values' in found ? Math.round(sumAt(least, found.values)) : undefined;
  };
  const moreProducts = await fewer({ mostProducts: job.products.length });
  const moreTrips = moreProducts === undefined ? await tripsFor(job, solve) : undefined;
  if (moreProducts !== undefined || moreTrips !== undefined) {
    return { kind: 'none-fits', relax: [], moreProducts, moreTrips };
  }
  const built = purchaseModel(job, true);
  const found = await solve(built.model(built.sums.passed), SECONDS);
  if (!('values' in found)) {
    return found.kind === 'none'
      ? { kind: 'failed', why: found.why }
      : { kind: 'none-fits', relax: [], moreProducts, moreTrips };
  }
  const at = (variable: number): number => found.values[variable] ?? 0;
  const relax = built.areas.flatMap(({ area, short, over }) =>
    NUTRIENTS.flatMap((nutrient) =>
      (['short', 'over'] as const).flatMap((way): Relaxation[] => {
        const allowed = allowedOff(area, nutrient, way);
        const by = at((way === 'short' ? short : over)[nutrient]);
        if (by <= allowed + RELAXED * area.thousands) return [];
        const per = (pounds: number): number => pounds / area.thousands;
        return [{ areaId: area.id, nutrient, way, by: per(by), allowed: per(allowed) }];
      }),
    ),
  );
  return { kind: 'none-fits', relax, moreProducts, moreTrips };
}

/** A limit passed by less than this is not passed, lb/1000 ft². */
const RELAXED = 0.005;

/** With how many trips it would fit, with as many products as one likes; nothing where it never does. */
async function tripsFor(job: Job, solve: Solve): Promise<number | undefined> {
  const built = purchaseModel({ ...job, mostProducts: job.products.length, mostTrips: 1000 });
  const found = await solve(built.model(built.sums.trips), SECONDS);
  if (!('values' in found)) return undefined;
  return Math.max(...built.areas.map(({ trips }) => Math.round(found.values[trips] ?? 0)));
}

/**
 * The best ways to buy for a job, each by its own aim, those that are alike told as one.
 * @param solve whoever solves a model; @param onward is told how many of how many aims are done
 */
export async function waysToBuy(
  job: Job,
  solve: Solve,
  onward: (done: number, of: number) => void = () => undefined,
): Promise<Found> {
  if (job.areas.length === 0) return { kind: 'nothing', why: 'no-need' };
  if (job.products.length === 0) return { kind: 'nothing', why: 'no-products' };
  const kinds = BUY_KINDS.filter((kind) => AIMS[kind].isFor(job));
  const whole = builtFor(job);
  onward(0, kinds.length);
  const cheapest = await solved('cheapest', whole, solve);
  // What the cheapest cannot do the others cannot either.
  if (cheapest.kind === 'infeasible') return whatToRelax(job, solve);
  const answers: Answer[] = [];
  let why: string | undefined;
  for (const [at, kind] of kinds.entries()) {
    onward(at, kinds.length);
    const here = AIMS[kind].job === all ? whole : builtFor(AIMS[kind].job(job));
    const found =
      kind === 'cheapest'
        ? cheapest
        : 'values' in cheapest && here === whole
          ? await bestAfter(kind, here, cheapest, solve)
          : await solved(kind, here, solve);
    if ('values' in found) {
      answers.push(answerOf(kind, here.of, here.model, found.values, found.kind === 'time-out'));
    } else if (found.kind === 'none') why ??= found.why;
  }
  onward(kinds.length, kinds.length);
  if (answers.length === 0) return { kind: 'failed', why: why ?? '' };
  return { kind: 'answers', answers: distinct(answers) };
}
