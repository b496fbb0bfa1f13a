import { WORKED_IN_N } from '../../tables/fertilizer/spacing';
import type { Fertilizer } from '../../catalog/materials/types';
import { SPLIT_BELOW_CEC } from '../../tables/soil/exchange';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import { applicationLimits } from './need';
import { NUTRIENTS } from '../../catalog/nutrients';
import type { ProductPart } from './handOrder';
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

/** The most of a product on one date: by the caps on its nutrients, and by what light soil holds; nothing where none applies. */
export function capFor(
  ctx: PlanContext,
  input: FertilizerInput,
  part: ProductPart,
): ProductPart['rate'] | undefined {
  const prefix = `${input.area.id}/feed/${part.role}`;
  // One trip is one application whose caps are met already.
  if (part.role === 'one') return part.rate;
  const rules = applicationLimits(input.pack, input.plant);
  // A programme deals the year out in parts already, and beside a row there is no grass to burn.
  const programme = input.plant.form === 'lawn' ? undefined : programmeFor(input);
  const inRows = programme?.planting !== undefined;
  const most = { value: Math.max(WORKED_IN_N, rules.quickN.value), standing: 'recalled' as const };
  const caps = [
    ...capsOf(ctx, prefix, part.material, part.shares, inRows ? { ...rules, quickN: most } : rules),
    ...halfOnLightSoil(ctx, input, prefix, part),
  ];
  if (caps.length === 0) return undefined;
  return smallestRate(ctx, { id: `${prefix}/cap`, label: msg('feed.productCap') }, caps);
}

/** The nutrients of a material whose single dose is capped on this ground. */
export function cappedIn({ grade }: Fertilizer, input: FertilizerInput): ReadonlySet<string> {
  const rules = applicationLimits(input.pack, input.plant);
  const capped = NUTRIENTS.filter(
    (nutrient) =>
      grade[nutrient] > 0 && (nutrient === 'N' || (nutrient === 'K2O' && rules.quickK2O)),
  );
  return new Set(capped);
}
