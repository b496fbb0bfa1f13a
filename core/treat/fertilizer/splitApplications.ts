import type { AreaSlice } from '../../casefile/slice';
import {
  bagsFor,
  dealOut,
  MOST_DOSES,
  splitByShares,
  splitDoses,
  type DoseSet,
} from '../../schedule/dosing/doses';
import type { Dealing } from '../../schedule/dosing/oneDose';
import type { Fertilizer } from '../../catalog/materials/types';
import type { FitFertilizer } from './fit';
import { doneOf } from '../shared/done';
import { scooped } from '../shared/density';
import { type IsoDate } from '../../kernel/typed/date';
import {
  perHundredFeetToTotal,
  rowNutrientToProduct,
  thousandsToSquareFeet,
} from '../../kernel/units/convert';
import { quantity, type Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import { valueOf, type Figure } from '../../kernel/working/working';
import { type Needs } from './need';
import type { ProductPart } from './handOrder';
import { sharesOf } from './products';
import { isWorkedIn, yearParts, type YearPart } from './programme';
import type { FertilizerInput, FertilizerProduct } from './types';
import type { Feet } from '../../site/ground/measures';
import { isTyped } from '../shared/bagSize';
import { packFor, packsOf } from '../shared/packs';
import { addsUp, capFor, isLight, type Manner } from './caps';
import { requestFor, spacingOf, type UndatedProduct } from './requests';

/** A bag of a fertilizer: what the bag at hand says, else the pack for so many pounds. */
function bagOf(
  ctx: PlanContext,
  file: AreaSlice,
  prefix: string,
  { id, bagsLb, standing }: Fertilizer,
  pounds: number,
): Figure<Quantity<'lb/bag', 'product'>> {
  const entry = { id: `${prefix}/bag`, label: msg('lime.bagSize') };
  const typed = file.labels[id]?.bag ?? '';
  const rule = { min: 1, max: 4000 };
  return typed.trim() === ''
    ? ctx.constant(
        { ...entry, label: msg('lime.bagSizeTypical'), source: 'practice', standing },
        // A price that was typed is that of the usual bag.
        isTyped(file.labels[id]?.price)
          ? bagsLb[0]
          : packFor(pounds, bagsLb[0], packsOf(file.shop)),
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
  pounds: number,
  request?: string,
): Dealing {
  return {
    bag: bagOf(ctx, file, prefix, material, pounds),
    density: scooped(ctx, `${prefix}/density`, material),
    parts: ground.known || ground.rows ? ground.parts : undefined,
    ...(request
      ? { done: doneOf(ctx, file, request, material.id, ground.extent, MOST_DOSES) }
      : {}),
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

/** 100 ft of a row so wide are 1,000 ft². */
const ROW_OF_A_THOUSAND_FT = 10;

/** A rate of an area along 100 ft of a row so wide: what goes on beside a row is poured out by its length. */
function alongRow(
  ctx: PlanContext,
  prefix: string,
  rate: ProductPart['rate'],
  across: Feet | undefined,
): FertilizerProduct['perRow'] {
  if (!across) return undefined;
  const entry = { id: `${prefix}/per-row`, label: msg('feed.perRow'), source: 'geometry' } as const;
  const wide = { id: `${prefix}/ten-feet`, label: msg('feed.tenFeet') };
  const thousand = ctx.constant(wide, ROW_OF_A_THOUSAND_FT, 'ft', 'ground');
  return ctx.sheet.derive('proportion', entry, [rate, across, thousand], (r, own, of) =>
    quantity((r.value * own.value) / of.value, 'lb/100ft', 'product'),
  );
}

/** A product of the plan in applications, and the parts of the plant's year that they belong to, where it has a programme. */
function splitPart(
  ctx: PlanContext,
  input: FertilizerInput,
  part: ProductPart,
  { earliest }: Needs,
  dealing: Dealing,
  before: readonly UndatedProduct[],
): { readonly set: DoseSet; readonly parts: readonly YearPart[] | undefined } {
  const prefix = `${input.area.id}/feed/${part.key}/dose`;
  const { extent } = input.ground;
  const brought = before
    .filter((other) => addsUp(input, other, part))
    .flatMap(({ moments }) => moments.map(({ stage }) => stage));
  const parts = yearParts(input, part.role, {
    from: earliest,
    brought: new Set(brought),
    spacing: spacingOf(input),
    light: isLight(input),
  });
  if (!parts) {
    const cap = capFor(ctx, input, part);
    return { set: splitDoses(ctx, prefix, part.rate, cap, extent, dealing), parts };
  }
  const caps = new Map<Manner, ProductPart['rate'] | undefined>();
  const capped = parts.map((each) => {
    const manner = isWorkedIn(each.stage) ? 'worked-in' : 'on-top';
    if (!caps.has(manner)) caps.set(manner, capFor(ctx, input, part, manner));
    return { ...each, cap: caps.get(manner) };
  });
  const { set, partOf } = splitByShares(ctx, prefix, part.rate, capped, extent, dealing);
  return { set, parts: partOf.flatMap((at) => parts[at] ?? []) };
}

function momentsOf(parts: readonly YearPart[] = []): UndatedProduct['moments'] {
  return parts.map(({ stage, origin, slow }) => ({ stage, origin, slow }));
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
    const { role, key, material, rate } = part;
    // What goes on in the same trips keeps no distance from one another.
    const before = part.together ? [] : split;
    const prefix = `${input.area.id}/feed/${key}`;
    const thousands = valueOf(input.ground.extent)?.value ?? 1;
    const pounds = (valueOf(rate)?.value ?? 0) * thousands;
    const request = `${input.area.id}/feed-${key}`;
    const dealing = dealingOf(ctx, input, prefix, material, pounds, request);
    const dealt = splitPart(ctx, input, part, needs, dealing, before);
    const { set } = dealt;
    split.push({
      role,
      key,
      material,
      ...(part.together ? { together: part.together } : {}),
      rate,
      set,
      request: requestFor(ctx, input, part, dealt, needs.earliest, before),
      moments: momentsOf(dealt.parts),
      bag: dealing.bag,
      bags: bagsFor(ctx, `${prefix}/bags`, set.total, dealing.bag),
      perRow: alongRow(ctx, prefix, rate, input.ground.across),
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
  material: FitFertilizer,
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
  const dealing = dealingOf(ctx, input, prefix, material, valueOf(total)?.value ?? 0);
  const set = dealOut(ctx, `${prefix}/dose`, { count, rate, total, limit: undefined }, dealing);
  const parts = yearParts(input, 'row', {
    from: earliest,
    brought: new Set(),
    spacing: spacingOf(input),
    light: isLight(input),
  });
  return {
    role: 'row',
    key: 'row',
    material,
    rate,
    set,
    request: requestFor(ctx, input, { key: 'row', material, rate }, { set, parts }, earliest, []),
    moments: momentsOf(parts),
    bag: dealing.bag,
    bags: bagsFor(ctx, `${prefix}/bags`, total, dealing.bag),
    perRow: undefined,
    reach: undefined,
  };
}
