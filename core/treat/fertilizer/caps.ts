import { ON_BEDS_N, WORKED_IN_N } from '../../tables/fertilizer/spacing';
import type { Fertilizer } from '../../catalog/materials/types';
import { SPLIT_BELOW_CEC } from '../../tables/soil/exchange';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import { valueOf, type Figure } from '../../kernel/working/working';
import type { ApplicationLimits } from '../../catalog/packs/pack';
import { isByThePlant } from './literature';
import { applicationLimits } from './ruled';
import { NUTRIENTS } from '../../catalog/nutrients';
import type { ProductPart } from './handOrder';
import { isOrganicOnly } from './offered';
import { capsOf, smallestRate } from './oneTrip';
import { programmeFor } from './programme';
import type { FertilizerInput } from './types';

/** Soil of little exchange capacity holds no nitrogen or potash for long. */
export function isLight({ readings: { cec } }: FertilizerInput): boolean {
  return !('absent' in cec) && cec.value.value < SPLIT_BELOW_CEC;
}

/** On light soil half of the nitrogen or potash at a time at most. */
function halfOnLightSoil(
  ctx: PlanContext,
  input: FertilizerInput,
  prefix: string,
  { material, rate }: ProductPart,
): ProductPart['rate'][] {
  const { grade, organic } = material;
  if (!isLight(input) || organic || grade.N + grade.K2O === 0) return [];
  const share = ctx.constant(
    { id: `${prefix}/light-soil/share`, label: msg('feed.sandyShare'), source: 'practice' },
    0.5,
    'ratio',
    'share',
  );
  const label = msg('feed.sandyHalf', { cec: SPLIT_BELOW_CEC });
  const half = ctx.sheet.multiply(
    { id: `${prefix}/light-soil`, label },
    [rate, share],
    'lb/1000ft2',
    'product',
  );
  return [half];
}

/** How a product goes on: worked into the ground before planting, or on top and beside the row. */
export type Manner = 'worked-in' | 'on-top';

/** The limits of one date: grass burns soonest, and what is worked in burns nothing. */
export function limitsFor(input: FertilizerInput, manner: Manner): ApplicationLimits {
  const rules = applicationLimits(input);
  const most = (value: number): ApplicationLimits => ({
    ...rules,
    quickN: { value: Math.max(value, rules.quickN.value), standing: 'recalled' },
  });
  if (manner === 'worked-in') return { ...most(WORKED_IN_N), quickK2O: null };
  if (input.plant.form === 'lawn') return rules;
  return most(programmeFor(input)?.planting ? WORKED_IN_N : ON_BEDS_N);
}

/**
 * The most of a product on one date: by the caps on its nutrients, and by what light soil holds; nothing where none
 * applies, as where a printed rate for each plant is its own limit.
 */
export function capFor(
  ctx: PlanContext,
  input: FertilizerInput,
  part: ProductPart,
  manner: Manner = 'on-top',
): ProductPart['rate'] | undefined {
  const prefix = `${input.area.id}/feed/${part.key}`;
  // One trip is one application whose caps are met already.
  if (part.role === 'one') return part.rate;
  if (part.role === 'n' && isByThePlant(input)) return undefined;
  const id = manner === 'worked-in' ? `${prefix}/worked-in` : prefix;
  const caps = [
    ...capsOf(ctx, id, part, limitsFor(input, manner)),
    ...(manner === 'worked-in' ? [] : halfOnLightSoil(ctx, input, id, part)),
  ];
  if (caps.length === 0) return undefined;
  return smallestRate(ctx, { id: `${id}/cap`, label: msg('feed.productCap') }, caps);
}

/** Meals let nitrogen go slowly: one that brings no more than this share of another's may go on with it. Common practice. */
const LITTLE_BESIDE = 0.25;

interface Spread {
  readonly material: Fertilizer;
  readonly rate: Figure;
}

/** Whether two products bring one capped nutrient, so that they would add up on one day. */
export function addsUp(input: FertilizerInput, other: Spread, mine: Spread): boolean {
  const nitrogen = ({ material, rate }: Spread): number =>
    (valueOf(rate)?.value ?? 0) * material.grade.N;
  if (isOrganicOnly(input) && nitrogen(other) <= LITTLE_BESIDE * nitrogen(mine)) return false;
  const capped = cappedIn(mine.material, input);
  return [...cappedIn(other.material, input)].some((each) => capped.has(each));
}

/** The nutrients of a material whose single dose is capped on this ground. */
function cappedIn({ grade }: Fertilizer, input: FertilizerInput): ReadonlySet<string> {
  const rules = applicationLimits(input);
  const capped = NUTRIENTS.filter(
    (nutrient) =>
      grade[nutrient] > 0 && (nutrient === 'N' || (nutrient === 'K2O' && rules.quickK2O)),
  );
  return new Set(capped);
}
