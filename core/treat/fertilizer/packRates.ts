import { perAcreToPerThousand } from '../../kernel/units/convert';
import { quantity, type Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg, type Msg } from '../../kernel/messages/msg';
import { valueOf, type Figure } from '../../kernel/working/working';
import { opinionOf } from '../../catalog/packs/opinions';
import { RATINGS, type NitrogenRates } from '../../catalog/packs/pack';
import { ratingOf } from '../../catalog/packs/rating';
import type { NeedInput } from './needInput';
import type { Nutrient, NutrientRates } from '../../catalog/nutrients';
import { byItsPlace, calendarNitrogen } from './lawnNitrogen';
import { literatureNitrogen } from './literature';
import { newLawnRates } from './newLawn';
import { programmeHere } from './programme';
import { isFromBare } from '../../catalog/programmes/growing';
import { yearlyRatesOf } from '../../catalog/programmes/programmes';
import { cellsOf, type Cells } from './rates';

type Rate<S extends Nutrient> = Figure<Quantity<'lb/1000ft2', S>>;
type NitrogenRate = Rate<'N'>;
type Clippings = Extract<NitrogenRates, { by: 'clippings' }>;

/** A cell of the pack's table of rates, in lb/1000 ft²; what is printed per acre is converted. */
function cell<S extends Nutrient>(
  ctx: PlanContext,
  id: string,
  of: { readonly nutrient: S; readonly cells: Cells<unknown>; readonly row: number },
  inputs: readonly Figure[],
  read: (...values: readonly Quantity[]) => number,
): Rate<S> {
  const { nutrient, cells, row } = of;
  const { table, column, source, standing, unit } = cells;
  const detail = { table, row, column };
  const label = msg(`feed.rate.${nutrient as Nutrient}`);
  if (unit === 'lb/1000ft2') {
    const entry = { id, label, source, standing, detail };
    return ctx.sheet.derive('lookup', entry, inputs, (...values) =>
      quantity(read(...values), 'lb/1000ft2', nutrient),
    );
  }
  const printed = ctx.sheet.derive(
    'lookup',
    { id: `${id}/per-acre`, label: msg('feed.perAcre'), source, standing, detail },
    inputs,
    (...values) => quantity(read(...values), 'lb/acre', nutrient),
  );
  return ctx.sheet.derive(
    'convert',
    { id, label, source: 'definition' },
    [printed],
    perAcreToPerThousand,
  );
}

function clippingsRate(
  ctx: PlanContext,
  { area }: NeedInput,
  { rates, source }: Cells<Clippings>,
  clippings: 'returned' | 'removed',
): NitrogenRate {
  const { value, standing } = rates[clippings];
  const id = `${area.id}/feed/N/${clippings}`;
  const label = msg(`feed.yearly.${clippings}`);
  return ctx.constant({ id, label, source, standing }, value, 'lb/1000ft2', 'N');
}

function smallest(ctx: PlanContext, id: string, rates: readonly NitrogenRate[]): NitrogenRate {
  const entry = { id, label: msg('feed.smaller') };
  return ctx.sheet.cap(entry, rates);
}

/** N of a lawn by its clippings; with the clippings unknown, the smaller of the two rates. */
function byClippings(ctx: PlanContext, input: NeedInput, cells: Cells<Clippings>): NitrogenRate {
  const { area } = input;
  const id = `${area.id}/feed/N/pack`;
  if (area.clippings !== 'unknown') {
    const rate = clippingsRate(ctx, input, cells, area.clippings);
    return ctx.sheet.choose({ id, label: msg('feed.rate.N') }, rate, []);
  }
  return smallest(ctx, id, [
    clippingsRate(ctx, input, cells, 'returned'),
    clippingsRate(ctx, input, cells, 'removed'),
  ]);
}

/** The middle of some rates: what most soils get where nobody knows which class one is in. */
function middle(ctx: PlanContext, id: string, rates: readonly NitrogenRate[]): NitrogenRate {
  const sorted = [...rates].sort((a, b) => (valueOf(a)?.value ?? 0) - (valueOf(b)?.value ?? 0));
  const [taken, ...others] = [
    ...sorted.slice(Math.floor((sorted.length - 1) / 2)),
    ...sorted.slice(0, Math.floor((sorted.length - 1) / 2)),
  ];
  const entry = { id, label: msg('feed.middle') };
  return taken ? ctx.sheet.choose(entry, taken, others) : smallest(ctx, id, rates);
}

/** N by organic matter; where that is unknown, the middle rate of the mineral classes. */
function byOrganicMatter(
  ctx: PlanContext,
  input: NeedInput,
  cells: Cells<unknown>,
  rates: readonly number[],
): NitrogenRate {
  const { area, pack, readings } = input;
  const id = `${area.id}/feed/N/pack`;
  const { organicMatter } = readings;
  const classes = pack.organicMatter;
  if (!classes || 'absent' in organicMatter) {
    const mineral = rates
      .slice(0, -1)
      .map((rate, row) =>
        cell(ctx, `${id}/class-${row + 1}`, { nutrient: 'N', cells, row }, [], () => rate),
      );
    return middle(ctx, id, mineral);
  }
  const scale = 10 ** classes.decimals;
  const rowOf = (typed: number): number => {
    const percent = Math.round(typed * scale) / scale;
    const found = classes.upTo.findIndex((end) => percent <= end);
    return found < 0 ? classes.upTo.length : found;
  };
  const row = rowOf(organicMatter.value.value);
  return cell(
    ctx,
    id,
    { nutrient: 'N', cells, row },
    [organicMatter],
    (percent) => rates[rowOf(percent?.value ?? 0)] ?? 0,
  );
}

/** An organic soil gives its own nitrogen. */
function organicSoil(ctx: PlanContext, { pack }: NeedInput, id: string): NitrogenRate {
  const label = msg('feed.organicSoil');
  return ctx.constant({ id, label, source: pack.source }, 0, 'lb/1000ft2', 'N');
}

/** The year's N by the pack's rule; an organic soil gives its own. */
function nitrogen(ctx: PlanContext, input: NeedInput, cells: Cells<NitrogenRates>): NitrogenRate {
  const { area, readings } = input;
  const { rates } = cells;
  const id = `${area.id}/feed/N/pack`;
  if (rates.by === 'organic-matter') return byOrganicMatter(ctx, input, cells, rates.rates);
  if (readings.organic) return organicSoil(ctx, input, id);
  if (rates.by === 'clippings') return byClippings(ctx, input, { ...cells, rates });
  return cell(ctx, id, { nutrient: 'N', cells, row: 0 }, [], () => rates.rate);
}

/** Where the area follows the opinion that nothing is given above a level, no phosphate above it. */
function lessByOpinion<S extends Nutrient>(
  ctx: PlanContext,
  { file, soilTest }: NeedInput,
  nutrient: S,
  id: string,
  rate: (id: string) => Rate<S>,
): Rate<S> {
  const { compared, bands } = soilTest.p;
  const decided = file.decisions['opinion-p']?.value;
  const opinion =
    nutrient === 'P2O5' ? opinionOf('opinion-p', decided, bands?.method ?? '') : undefined;
  if (!opinion || 'absent' in compared || compared.value.value <= opinion.enough) return rate(id);
  const none = ctx.constant(
    {
      id: `${id}/none`,
      label: msg('feed.noneAbove', { enough: opinion.enough }),
      source: opinion.source,
    },
    0,
    'lb/1000ft2',
    nutrient,
  );
  const entry = { id, label: msg('feed.smaller') };
  return ctx.sheet.cap(entry, [rate(`${id}/by-pack`), none]);
}

/** P2O5 or K2O by the rating of its soil test; absent where there is no rating. */
function byRating<S extends 'P2O5' | 'K2O'>(
  ctx: PlanContext,
  input: NeedInput,
  nutrient: S,
  cells: Cells<readonly number[]> | undefined,
): Rate<S> {
  const { area, readings, soilTest } = input;
  const reading = soilTest[nutrient === 'P2O5' ? 'p' : 'k'];
  const id = `${area.id}/feed/${nutrient}/pack`;
  const none = (why: Msg): Rate<S> =>
    ctx.sheet.absent({ id, label: msg(`feed.rate.${nutrient as Nutrient}`) }, why, [
      reading.value.id,
    ]);
  if (readings.untested) return none(msg('absent.untested'));
  if (!cells) return none(msg('absent.noRateInPack'));
  const { rating, bands } = reading;
  if (!rating) return none(reading.sentence);
  const { rates } = cells;
  const row = RATINGS.indexOf(rating);
  const of = { nutrient, cells, row };
  if ('absent' in reading.compared || !bands) {
    // The laboratory's own word is its class: there is no value that the rate would follow.
    return cell(ctx, id, of, [], () => rates[row] ?? 0);
  }
  const inputs: readonly Figure[] = reading.critical
    ? [reading.compared, reading.critical]
    : [reading.compared];
  return lessByOpinion(ctx, input, nutrient, id, (at) =>
    cell(ctx, at, of, inputs, (value, critical) => {
      const rated = ratingOf(bands, value?.value ?? 0, critical?.value ?? 0);
      return rates[RATINGS.indexOf(rated)] ?? 0;
    }),
  );
}

/** The year's nitrogen: by the pack, by the calendar of a lawn's grass, or by the literature on the plant. */
function yearlyNitrogen(
  ctx: PlanContext,
  input: NeedInput,
  cells: Cells<NitrogenRates> | undefined,
): NitrogenRate {
  const { area, plant } = input;
  const id = `${area.id}/feed/N/pack`;
  if (plant.form === 'lawn') {
    const calendar = programmeHere(input)?.yearN;
    // What is said of a lawn's keeping goes before a pack that knows of none.
    const byPack = cells && area.growing.level === '';
    if (input.form === 'overseed' || !byPack) {
      if (input.readings.organic) return organicSoil(ctx, input, id);
      const rate = calendarNitrogen(ctx, input, id, calendar ?? 0);
      return byItsPlace(ctx, input, id, rate);
    }
    return byItsPlace(ctx, input, id, nitrogen(ctx, input, cells));
  }
  const isFirstYear = input.form !== 'established';
  const printed = cells && !isFirstYear ? undefined : literatureNitrogen(ctx, input, id);
  if (printed) return printed;
  return cells
    ? nitrogen(ctx, input, cells)
    : ctx.sheet.absent({ id, label: msg('feed.rate.N') }, msg('absent.noRateInPack'));
}

/**
 * The rates for a year, lb/1000 ft², by the pack where it speaks of the plant, else by the literature on it; absent where
 * neither has any.
 */
export function packRates(ctx: PlanContext, input: NeedInput): NutrientRates {
  const { area, plant, pack, form } = input;
  const isLawn = plant.form === 'lawn';
  if (isLawn && (isFromBare(form) || form === 'renovation')) return newLawnRates(ctx, input);
  const { N, P2O5, K2O } = cellsOf(pack, plant);
  const waits = isLawn && form === 'established' && area.situation !== 'established';
  const isKnown = isLawn || !!yearlyRatesOf(plant) || !!(N ?? P2O5 ?? K2O);
  if (waits || !isKnown) {
    const why = msg(waits ? 'absent.feedNotEstablished' : 'absent.noRateInPack');
    const absent = (nutrient: Nutrient) =>
      ctx.sheet.absent(
        { id: `${area.id}/feed/${nutrient}/pack`, label: msg(`feed.rate.${nutrient as Nutrient}`) },
        why,
      );
    return { N: absent('N'), P2O5: absent('P2O5'), K2O: absent('K2O') };
  }
  return {
    N: yearlyNitrogen(ctx, input, N),
    P2O5: byRating(ctx, input, 'P2O5', P2O5),
    K2O: byRating(ctx, input, 'K2O', K2O),
  };
}
