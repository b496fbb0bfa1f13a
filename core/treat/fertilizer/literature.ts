import { levelOf } from '../../catalog/programmes/growing';
import { yearlyRatesOf } from '../../catalog/programmes/programmes';
import type { PerPlant, YearlyRates } from '../../catalog/programmes/yearly';
import { perAcreToPerThousand } from '../../kernel/units/convert';
import { quantity, type Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg, type Msg } from '../../kernel/messages/msg';
import { valueOf, type Figure } from '../../kernel/working/working';
import type { NeedInput } from './needInput';

export type NitrogenRate = Figure<Quantity<'lb/1000ft2', 'N'>>;

const YEARS = { min: 1, max: 300 };
const INCHES = { above: 0, max: 120 };

type Years = Figure<Quantity<'years', 'time'>>;

/** The year in the ground: the first of what is planted, else as typed; nothing where nobody told. */
function yearsOf(ctx: PlanContext, { area, form }: NeedInput): Years | undefined {
  if (form === 'plant') {
    const first = { id: `${area.id}/growing/first-year`, label: msg('growing.years') };
    return ctx.constant({ ...first, source: 'definition' }, 1, 'years', 'time');
  }
  if (area.growing.years.trim() === '') return undefined;
  const entry = {
    id: `${area.id}/growing/years`,
    label: msg('growing.years'),
    at: `areas/${area.id}/growing/years`,
  };
  return ctx.number(entry, area.growing.years, YEARS, 'years', 'time');
}

/** Whether it is planted or sown in the plan's year. */
function isFirstYear({ form }: Pick<NeedInput, 'form'>): boolean {
  return form === 'plant' || form === 'seed';
}

/** The table of the literature's yearly rates, by plant. */
export const LITERATURE = 'literature';

/** The place in a list for a year in the ground: the last one for all later years. */
function placeOf(list: readonly number[], years: number): number {
  return Math.min(Math.max(1, Math.floor(years)), list.length) - 1;
}

/** The entry of a list of a plant for its year in the ground, as a figure; where nobody told the year that of a grown plant. */
function byYear<U extends 'lb/acre' | 'lb'>(
  ctx: PlanContext,
  { plant }: NeedInput,
  years: Years | undefined,
  entry: { readonly id: string; readonly label: Msg } & Pick<YearlyRates, 'source' | 'standing'>,
  {
    list,
    column,
    unit,
  }: { readonly list: readonly number[]; readonly column: string; readonly unit: U },
): Figure<Quantity<U, 'N'>> {
  const at = placeOf(list, (years && valueOf(years)?.value) ?? Infinity);
  const detail = { table: LITERATURE, row: at, column: `${plant.id}/${column}` };
  const cell = (_years?: Quantity): Quantity<U, 'N'> => quantity(list[at] ?? 0, unit, 'N');
  const inputs: readonly Figure<Quantity>[] = years ? [years] : [];
  return ctx.sheet.derive('lookup', { ...entry, detail }, inputs, cell);
}

/** A rate in the unit that it is printed in, in lb/1000 ft². */
function asPrinted(
  ctx: PlanContext,
  id: string,
  { unit, source, standing }: YearlyRates,
  rate: number,
): NitrogenRate {
  const entry = { id, label: msg('feed.byPlant'), source, standing };
  if (unit === 'lb/1000ft2') return ctx.constant(entry, rate, unit, 'N');
  const perAcre = { ...entry, id: `${id}/per-acre`, label: msg('feed.perAcre') };
  return fromAcre(ctx, id, ctx.constant(perAcre, rate, unit, 'N'));
}

function fromAcre(
  ctx: PlanContext,
  id: string,
  perAcre: Figure<Quantity<'lb/acre', 'N'>>,
): NitrogenRate {
  const entry = { id, label: msg('feed.byPlant'), source: 'definition' as const };
  return ctx.sheet.derive('convert', entry, [perAcre], perAcreToPerThousand);
}

/** The printed rate of a plant for its age or for the growth that is wanted. */
function printedRate(
  ctx: PlanContext,
  input: NeedInput,
  rates: YearlyRates,
  id: string,
  years: Years | undefined,
): NitrogenRate {
  const { N, source, standing, firstYearN = 0 } = rates;
  if (isFirstYear(input)) return asPrinted(ctx, id, rates, firstYearN);
  if (typeof N === 'number') return asPrinted(ctx, id, rates, N);
  if (!('byYear' in N)) return asPrinted(ctx, id, rates, N[levelOf(input.area)]);
  const entry = { id: `${id}/per-acre`, label: msg('feed.perAcre'), source, standing };
  const of = { list: N.byYear, column: 'N', unit: 'lb/acre' } as const;
  return fromAcre(ctx, id, byYear(ctx, input, years, entry, of));
}

/** What is left of it where the soil gives much itself: an organic soil all, a rich one what would go beside the row. */
function lessOnRichSoil(
  ctx: PlanContext,
  { pack, readings }: NeedInput,
  { onRichSoil }: YearlyRates,
  id: string,
  rate: NitrogenRate,
): NitrogenRate {
  const { organicMatter } = readings;
  const rich = pack.organicMatter?.upTo[1];
  if (
    onRichSoil === undefined ||
    rich === undefined ||
    'absent' in organicMatter ||
    organicMatter.value.value <= rich
  ) {
    return rate;
  }
  const share = ctx.constant(
    { id: `${id}/rich-soil`, label: msg('feed.richSoil', { percent: rich }), source: 'practice' },
    onRichSoil,
    'ratio',
    'share',
  );
  return ctx.sheet.multiply(
    { id: `${id}/on-rich-soil`, label: msg('feed.onRichSoil') },
    [rate, share],
    'lb/1000ft2',
    'N',
  );
}

type PoundsEach = Figure<Quantity<'lb', 'N'>>;

/** So many pounds for each inch of the trunk, up to a most. */
function byTrunk(
  ctx: PlanContext,
  { area }: NeedInput,
  id: string,
  { lb, most }: NonNullable<PerPlant['perInch']>,
  { source, standing }: YearlyRates,
): PoundsEach {
  const at = `areas/${area.id}/growing/trunk`;
  const named = { id: `${area.id}/growing/trunk`, label: msg('growing.trunk'), at };
  const inches = ctx.number(named, area.growing.trunk, INCHES, 'in', 'trunk');
  const entry = { source, standing };
  const each = ctx.constant(
    { ...entry, id: `${id}/by-trunk/inch`, label: msg('feed.each.inch') },
    lb,
    'ratio',
    'N',
  );
  const largest = ctx.constant(
    { ...entry, id: `${id}/by-trunk/most`, label: msg('feed.each.most') },
    most,
    'lb',
    'N',
  );
  const label = msg('feed.each.byTrunk');
  const all = ctx.sheet.derive(
    'multiply',
    { id: `${id}/by-trunk/all`, label },
    [inches, each],
    (across, pounds) => quantity(across.value * pounds.value, 'lb', 'N'),
  );
  return ctx.sheet.cap({ id: `${id}/by-trunk`, label }, [all, largest]);
}

/** Nitrogen for each plant by its age and by its trunk, of which the smaller counts; nothing where neither is told. */
function poundsEach(
  ctx: PlanContext,
  input: NeedInput,
  rates: YearlyRates & { readonly perPlant: PerPlant },
  years: Years | undefined,
): PoundsEach {
  const { perPlant, source, standing } = rates;
  const { trunk } = input.area.growing;
  const id = `${input.area.id}/feed/N/each`;
  const isTold = years !== undefined;
  const label = msg(isTold ? 'feed.each.byAge' : 'feed.each.grown');
  const entry = { id: `${id}/by-age`, label, source, standing };
  const of = { list: perPlant.lbByYear, column: 'N-each', unit: 'lb' } as const;
  const { perInch } = perPlant;
  const told = [
    ...(isTold || !perInch ? [byYear(ctx, input, years, entry, of)] : []),
    ...(perInch && trunk.trim() !== '' ? [byTrunk(ctx, input, id, perInch, rates)] : []),
  ];
  return ctx.sheet.cap({ id, label: msg('feed.each') }, told);
}

/**
 * Nitrogen that roots bear in a year, lb/1000 ft²: a small plant whose age nobody told is not given what a grown one gets.
 * ANSI A300 and common practice.
 */
const MOST_ON_ROOTS = 6;

/** A rate for each plant as one over the ground on which they are counted. */
function overTheGround(
  ctx: PlanContext,
  { ground }: NeedInput,
  id: string,
  each: PoundsEach,
): NitrogenRate | undefined {
  const { parts, extent } = ground;
  if (!parts) return undefined;
  const all = ctx.sheet.multiply(
    { id: `${id}/all`, label: msg('feed.each.all') },
    [each, parts.count],
    'lb',
    'N',
  );
  const spread = ctx.sheet.derive(
    'divide',
    { id: `${id}/by-plant/spread`, label: msg('feed.byEach') },
    [all, extent],
    (pounds, thousands) => quantity(pounds.value / thousands.value, 'lb/1000ft2', 'N'),
  );
  const most = ctx.constant(
    { id: `${id}/by-plant/most`, label: msg('feed.each.mostOnRoots'), source: 'practice' },
    MOST_ON_ROOTS,
    'lb/1000ft2',
    'N',
  );
  return ctx.sheet.cap({ id: `${id}/by-plant`, label: msg('feed.byEach') }, [spread, most]);
}

/**
 * The nitrogen of a year by the literature on a plant: by its age, or by the growth that is wanted; what is counted in
 * plants by the plant, where that school is followed. Nothing where there is no literature on it.
 */
export function literatureNitrogen(
  ctx: PlanContext,
  input: NeedInput,
  id: string,
): NitrogenRate | undefined {
  const rates = yearlyRatesOf(input.plant);
  if (!rates) return undefined;
  if (isFirstYear(input) && !isCountedEither(input)) {
    return asPrinted(ctx, id, rates, rates.firstYearN ?? 0);
  }
  if (input.readings.organic && rates.onRichSoil !== undefined) {
    return ctx.constant(
      { id, label: msg('feed.organicSoil'), source: input.pack.source },
      0,
      'lb/1000ft2',
      'N',
    );
  }
  const years = yearsOf(ctx, input);
  const printed = printedRate(ctx, input, rates, `${id}/printed`, years);
  const byGround = lessOnRichSoil(ctx, input, rates, `${id}/printed`, printed);
  const { perPlant } = rates;
  const byPlant =
    perPlant && isCountedEither(input)
      ? overTheGround(ctx, input, id, poundsEach(ctx, input, { ...rates, perPlant }, years))
      : undefined;
  const entry = { id, label: msg('feed.byPlant') };
  if (!byPlant) return ctx.sheet.choose(entry, byGround, []);
  const isByArea = input.file.decisions['n-by']?.value === 'area';
  return isByArea
    ? ctx.sheet.choose(entry, byGround, [byPlant])
    : ctx.sheet.choose(entry, byPlant, [byGround]);
}

/** Whether nitrogen here can be counted by the plant and by the ground, so that one can choose. */
export function isCountedEither({
  plant,
  ground,
  area,
  form,
}: Pick<NeedInput, 'plant' | 'ground' | 'area' | 'form'>): boolean {
  const { perPlant, firstYearN = 0 } = yearlyRatesOf(plant) ?? {};
  if (!perPlant || !ground.known || ground.parts?.kind !== 'plant') return false;
  if (form === 'plant') return firstYearN > 0;
  const { years, trunk } = area.growing;
  const isTold = !perPlant.perInch || years.trim() !== '' || trunk.trim() !== '';
  return form === 'established' && isTold;
}

/** Whether nitrogen is counted by the plant here. */
export function isByThePlant(input: NeedInput): boolean {
  return isCountedEither(input) && input.file.decisions['n-by']?.value !== 'area';
}
