import type { Application } from '../shared/treated';
import type { StageId } from '../../catalog/programmes/programme';
import { SPACING_DAYS, WORKED_IN_N } from '../../tables/fertilizer/spacing';
import { LIME_FROM_NITROGEN_DAYS } from '../../tables/lime/timing';
import type { DateRequest, DatesOf, SlotRequest } from '../../schedule/requests';
import { limeGoesFirst, limeRequestId } from '../shared/limeRequest';
import type { AreaSlice } from '../../casefile/slice';
import {
  bagsFor,
  dealOut,
  splitByShares,
  splitDoses,
  type Dealing,
  type DoseSet,
} from '../../schedule/dosing/doses';
import type { Fertilizer } from '../../catalog/materials/types';
import { SPLIT_BELOW_CEC } from '../../tables/soil/exchange';
import { addDays, type IsoDate } from '../../kernel/typed/date';
import {
  perHundredFeetToTotal,
  rowNutrientToProduct,
  thousandsToSquareFeet,
} from '../../kernel/units/convert';
import { quantity, type Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import { valueOf, type Figure } from '../../kernel/working/working';
import { applicationLimits, type Needs } from './need';
import { NUTRIENTS } from '../../catalog/nutrients';
import type { ProductPart } from './handOrder';
import { capsOf, smallestRate } from './oneTrip';
import { losesAmmonia, sharesOf } from './products';
import { programmeFor, yearParts, type YearPart } from './programme';
import type { FertilizerProduct, FertilizerInput } from './types';

/** A bag of a fertilizer: what the bag at hand says, else what such bags usually hold. */
function bagOf(
  ctx: PlanContext,
  file: AreaSlice,
  prefix: string,
  { id, bagsLb, standing }: Fertilizer,
): Figure<Quantity<'lb/bag', 'product'>> {
  const entry = { id: `${prefix}/bag`, label: msg('lime.bagSize') };
  const typed = file.labels[id]?.bag ?? '';
  const rule = { min: 1, max: 4000 };
  return typed.trim() === ''
    ? ctx.constant(
        { ...entry, label: msg('lime.bagSizeTypical'), source: 'practice', standing },
        bagsLb[0],
        'lb/bag',
        'product',
      )
    : ctx.number({ ...entry, at: `labels/${id}/bag` }, typed, rule, 'lb/bag', 'product');
}

function dealingOf(
  ctx: PlanContext,
  { file, ground }: FertilizerInput,
  prefix: string,
  material: Fertilizer,
): Dealing {
  return {
    bag: bagOf(ctx, file, prefix, material),
    density: ctx.constant(
      { id: `${prefix}/density`, label: msg('dose.density'), source: 'practice' },
      material.density,
      'lb/ft3',
      'density',
    ),
    parts: ground.known || ground.rows ? ground.parts : undefined,
  };
}

/** How far one bag goes at the season's rate. */
function reachOf(
  ctx: PlanContext,
  prefix: string,
  bag: Dealing['bag'],
  rate: ProductPart['rate'],
): Figure<Quantity<'ft2', 'ground'>> {
  const thousands = ctx.sheet.derive(
    'divide',
    { id: `${prefix}/reach/thousands`, label: msg('slip.bagReach') },
    [bag, rate],
    (size, each) => quantity(size.value / each.value, '1000ft2', 'ground'),
  );
  return ctx.sheet.derive(
    'convert',
    { id: `${prefix}/reach`, label: msg('slip.bagReach'), source: 'definition' },
    [thousands],
    thousandsToSquareFeet,
  );
}

/** Soil of little exchange capacity holds no nitrogen or potash for long. */
function isLight({ readings: { cec } }: FertilizerInput): boolean {
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
function capFor(
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

/** A product of the plan in applications, and the parts of the plant's year that they belong to, where it has a programme. */
function splitPart(
  ctx: PlanContext,
  input: FertilizerInput,
  part: ProductPart,
  { earliest, rows }: Needs,
  dealing: Dealing,
  before: readonly UndatedProduct[],
): { readonly set: DoseSet; readonly parts: readonly YearPart[] | undefined } {
  const prefix = `${input.area.id}/feed/${part.role}/dose`;
  const { extent } = input.ground;
  const mine = cappedIn(part.material, input);
  const brought = before
    .filter(({ material }) => [...cappedIn(material, input)].some((each) => mine.has(each)))
    .flatMap(({ stages }) => stages);
  const year = valueOf(rows.N.year)?.value ?? 0;
  const parts = yearParts(input, part.role, {
    from: earliest,
    year,
    brought: new Set(brought),
    spacing: spacingOf(input),
    light: isLight(input),
  });
  const cap = capFor(ctx, input, part);
  if (!parts) {
    return { set: splitDoses(ctx, prefix, part.rate, cap, extent, dealing), parts };
  }
  const { set, partOf } = splitByShares(ctx, prefix, part.rate, parts, cap, extent, dealing);
  return { set, parts: partOf.flatMap((at) => parts[at] ?? []) };
}

/** The nutrients of a material whose single dose is capped on this ground. */
function cappedIn({ grade }: Fertilizer, input: FertilizerInput): ReadonlySet<string> {
  const rules = applicationLimits(input.pack, input.plant);
  const capped = NUTRIENTS.filter(
    (nutrient) =>
      grade[nutrient] > 0 && (nutrient === 'N' || (nutrient === 'K2O' && rules.quickK2O)),
  );
  return new Set(capped);
}

/** A product of the plan but for its days, and what it asks of the scheduler for them. */
export interface UndatedProduct extends Omit<FertilizerProduct, 'applications'> {
  readonly request: DateRequest | SlotRequest;
  /** What the plant is at with each application, by its programme. */
  readonly stages: readonly StageId[];
}

/** Days from one application to the next within a plant's year. */
function spacingOf({ plant }: FertilizerInput): number {
  return SPACING_DAYS[plant.form === 'lawn' ? 'lawn' : 'other'];
}

/** The days of each application: where a part takes several, each later one has an interval more. */
function slotsOf(parts: readonly YearPart[], days: number): SlotRequest['slots'] {
  return parts.map((part, at) => {
    const before = parts.slice(0, at).filter((each) => each === part).length;
    return { ...part.slot, to: addDays(part.slot.to, before * days) };
  });
}

/**
 * What a product asks of the scheduler: days in season or within its part of the plant's year, apart from lime where
 * that is dated first, and an interval apart from applications of other products that bring the same capped nutrient, so
 * that two never add up on one day.
 */
function requestFor(
  input: FertilizerInput,
  { role, material }: Pick<FertilizerProduct, 'role' | 'material'>,
  split: { readonly set: DoseSet; readonly parts: readonly YearPart[] | undefined },
  earliest: IsoDate | undefined,
  before: readonly UndatedProduct[],
): DateRequest | SlotRequest {
  const { area, pack, plant, limedOn } = input;
  const { intervalDays, apartFromLimeDays, seasons } = applicationLimits(pack, plant);
  const mine = cappedIn(material, input);
  const clashing = before.filter((other) =>
    [...cappedIn(other.material, input)].some((each) => mine.has(each)),
  );
  const id = `${area.id}/feed-${role}`;
  const lime = limeGoesFirst(input) ? [limeRequestId(area.id)] : [];
  const interval = { days: intervalDays.value };
  const others = {
    days: intervalDays.value,
    from: [],
    of: clashing.map(({ request }) => request.id),
  };
  if (split.parts) {
    const days = spacingOf(input);
    const apartFrom = { ...others, days };
    const fromLime = { days: LIME_FROM_NITROGEN_DAYS, from: limedOn, of: lime };
    // What is worked in with the lime, or lies over it, loses nothing.
    const onTop = input.area.situation !== 'tilled' && losesAmmonia(material);
    const apart = onTop ? [fromLime, apartFrom] : [apartFrom];
    return { id, slots: slotsOf(split.parts, days), interval: { days }, apart };
  }
  return {
    id,
    earliest,
    count: split.set.doses.length,
    seasons,
    interval,
    apart: [{ days: apartFromLimeDays.value, from: limedOn, of: lime }, others],
  };
}

/** A product with its applications on the days that the scheduler gave. */
export function onDates(
  { request, stages, ...product }: UndatedProduct,
  datesOf: DatesOf,
): FertilizerProduct {
  const applications = datesOf(request.id).flatMap((date, index): Application[] => {
    const amount = product.set.doses[index];
    const key = `${request.id}/${index + 1}`;
    const stage = stages[index];
    if (!amount || !date) return [];
    return [{ key, date, state: 'firm', amount, ...(stage ? { stage } : {}) }];
  });
  return { ...product, applications };
}

/** The products of a plan in bags and in applications, one after another. */
export function splitProducts(
  ctx: PlanContext,
  input: FertilizerInput,
  parts: readonly ProductPart[],
  needs: Needs,
): UndatedProduct[] {
  const split: UndatedProduct[] = [];
  for (const part of parts) {
    const { role, material, rate } = part;
    const prefix = `${input.area.id}/feed/${role}`;
    const dealing = dealingOf(ctx, input, prefix, material);
    const dealt = splitPart(ctx, input, part, needs, dealing, split);
    const { set } = dealt;
    split.push({
      role,
      material,
      materialId: material.id,
      rate,
      set,
      request: requestFor(input, part, dealt, needs.earliest, split),
      stages: (dealt.parts ?? []).map(({ stage }) => stage),
      bag: dealing.bag,
      bags: bagsFor(ctx, `${prefix}/bags`, set.total, dealing.bag),
      reach: reachOf(ctx, prefix, dealing.bag, rate),
    });
  }
  return split;
}

/** One side-dressing of nitrogen along rows that have a length but no area. */
export function sideDressing(
  ctx: PlanContext,
  input: FertilizerInput,
  rows: Figure<Quantity<'100ft', 'row'>>,
  material: Fertilizer,
  earliest: IsoDate | undefined,
): UndatedProduct | undefined {
  const { pack, area } = input;
  const { rowSideDressN } = pack;
  const prefix = `${area.id}/feed/row`;
  const { N: share } = sharesOf(ctx, prefix, material);
  if (!rowSideDressN || !share) return undefined;
  const { value, standing } = rowSideDressN;
  const need = ctx.constant(
    { id: `${prefix}/need`, label: msg('feed.rowNeed'), source: pack.source, standing },
    value,
    'lb/100ft',
    'N',
  );
  const rate = ctx.sheet.derive(
    'divide',
    { id: `${prefix}/rate`, label: msg('feed.productRate') },
    [need, share],
    rowNutrientToProduct,
  );
  const total = ctx.sheet.derive(
    'multiply',
    { id: `${prefix}/dose/total`, label: msg('dose.total') },
    [rate, rows],
    perHundredFeetToTotal,
  );
  const count = ctx.constant(
    { id: `${prefix}/dose/count`, label: msg('dose.count') },
    1,
    'doses',
    'count',
  );
  const dealing = dealingOf(ctx, input, prefix, material);
  const set = dealOut(ctx, `${prefix}/dose`, { count, rate, total, limit: undefined }, dealing);
  const parts = yearParts(input, 'row', {
    from: earliest,
    year: Infinity,
    brought: new Set(),
    spacing: spacingOf(input),
    light: isLight(input),
  });
  return {
    role: 'row',
    material,
    materialId: material.id,
    rate,
    set,
    request: requestFor(input, { role: 'row', material }, { set, parts }, earliest, []),
    stages: (parts ?? []).map(({ stage }) => stage),
    bag: dealing.bag,
    bags: bagsFor(ctx, `${prefix}/bags`, total, dealing.bag),
    reach: undefined,
  };
}
