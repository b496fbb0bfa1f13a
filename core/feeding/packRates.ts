import { ratingOf } from '../reading/soilTest';
import { quantity, type Quantity } from '../units/quantity';
import type { PlanContext } from '../working/context';
import { msg, type Msg } from '../working/msg';
import type { Figure } from '../working/working';
import { RATINGS, type PlantRates } from '../yardsticks/pack';
import type { NeedInput } from './needInput';
import type { Nutrient, NutrientRates } from './nutrients';

type NitrogenRate = Figure<Quantity<'lb/1000ft2', 'N'>>;

/** The name of a pack's table of rates. */
function ratesTable({ id, version }: NeedInput['pack']): string {
  return `${id}-v${version}`;
}

/** The entry of a figure that stands in the pack's table of rates. */
function cellEntry({ pack, plant }: NeedInput, id: string, nutrient: Nutrient, row: number) {
  const table = ratesTable(pack);
  const detail = { table, row, column: `${plant.id}/${nutrient}` };
  return { id, label: msg(`feed.rate.${nutrient}`), source: pack.source, detail };
}

function clippingsRate(
  ctx: PlanContext,
  { area, pack }: NeedInput,
  rates: Extract<PlantRates['N'], { by: 'clippings' }>,
  clippings: 'returned' | 'removed',
): NitrogenRate {
  const { value, standing } = rates[clippings];
  const id = `${area.id}/feed/N/${clippings}`;
  const label = msg(`feed.yearly.${clippings}`);
  return ctx.constant({ id, label, source: pack.source, standing }, value, 'lb/1000ft2', 'N');
}

function smallest(ctx: PlanContext, id: string, rates: readonly NitrogenRate[]): NitrogenRate {
  const entry = { id, label: msg('feed.smaller') };
  return ctx.sheet.derive('cap', entry, rates, (...all: readonly Quantity[]) =>
    quantity(Math.min(...all.map(({ value }) => value)), 'lb/1000ft2', 'N'),
  );
}

/** N of a lawn by its clippings; with the clippings unknown, the smaller of the two rates. */
function byClippings(
  ctx: PlanContext,
  input: NeedInput,
  rates: Extract<PlantRates['N'], { by: 'clippings' }>,
): NitrogenRate {
  const { area, pack, readings } = input;
  const id = `${area.id}/feed/N/pack`;
  if (readings.organic) {
    const label = msg('feed.organicSoil');
    return ctx.constant({ id, label, source: pack.source }, 0, 'lb/1000ft2', 'N');
  }
  if (area.clippings !== 'unknown') {
    const rate = clippingsRate(ctx, input, rates, area.clippings);
    return ctx.sheet.choose({ id, label: msg('feed.rate.N') }, rate, []);
  }
  return smallest(ctx, id, [
    clippingsRate(ctx, input, rates, 'returned'),
    clippingsRate(ctx, input, rates, 'removed'),
  ]);
}

/** N by organic matter; where that is unknown, the smallest rate of the mineral classes. */
function byOrganicMatter(
  ctx: PlanContext,
  input: NeedInput,
  rates: readonly number[],
): NitrogenRate {
  const { area, pack, readings } = input;
  const id = `${area.id}/feed/N/pack`;
  const cell = (row: number, at: string): NitrogenRate => {
    const value = quantity(rates[row] ?? 0, 'lb/1000ft2', 'N');
    return ctx.sheet.derive('lookup', cellEntry(input, at, 'N', row), [], () => value);
  };
  const { organicMatter } = readings;
  const classes = pack.organicMatter;
  if (!classes || 'absent' in organicMatter) {
    const mineral = rates.slice(0, -1).map((_rate, row) => cell(row, `${id}/class-${row + 1}`));
    return smallest(ctx, id, mineral);
  }
  const scale = 10 ** classes.decimals;
  const rowOf = (typed: number): number => {
    const percent = Math.round(typed * scale) / scale;
    const found = classes.upTo.findIndex((end) => percent <= end);
    return found < 0 ? classes.upTo.length : found;
  };
  const entry = cellEntry(input, id, 'N', rowOf(organicMatter.value.value));
  return ctx.sheet.derive('lookup', entry, [organicMatter], (percent) =>
    quantity(rates[rowOf(percent.value)] ?? 0, 'lb/1000ft2', 'N'),
  );
}

/** P2O5 or K2O by the rating of its soil test; absent where there is no rating. */
function byRating<S extends 'P2O5' | 'K2O'>(
  ctx: PlanContext,
  input: NeedInput,
  nutrient: S,
  rates: readonly number[] | null,
): Figure<Quantity<'lb/1000ft2', S>> {
  const { area, pack, readings, soilTest } = input;
  const reading = soilTest[nutrient === 'P2O5' ? 'p' : 'k'];
  const id = `${area.id}/feed/${nutrient}/pack`;
  const none = (why: Msg): Figure<Quantity<'lb/1000ft2', S>> =>
    ctx.sheet.absent({ id, label: msg(`feed.rate.${nutrient}`) }, why, [reading.value.id]);
  if (readings.untested) return none(msg('absent.untested'));
  if (!rates) return none(msg('absent.noRateInPack'));
  if (!reading.rating) return none(reading.sentence);
  const bands = nutrient === 'P2O5' ? pack.soilTest.p : pack.soilTest.k;
  if (!bands) return none(reading.sentence);
  const row = RATINGS.indexOf(reading.rating);
  if ('absent' in reading.compared) {
    // The laboratory's own word is its class: there is no value that the rate would follow.
    const value = quantity(rates[row] ?? 0, 'lb/1000ft2', nutrient);
    return ctx.sheet.derive('lookup', cellEntry(input, id, nutrient, row), [], () => value);
  }
  const inputs: readonly Figure[] = reading.critical
    ? [reading.compared, reading.critical]
    : [reading.compared];
  return ctx.sheet.derive(
    'lookup',
    cellEntry(input, id, nutrient, row),
    inputs,
    (...[value, critical]: readonly Quantity[]) => {
      const rating = ratingOf(bands, value?.value ?? 0, critical?.value ?? 0);
      return quantity(rates[RATINGS.indexOf(rating)] ?? 0, 'lb/1000ft2', nutrient);
    },
  );
}

/** The pack's rates for a year, lb/1000 ft²; absent where the pack has none for this plant. */
export function packRates(ctx: PlanContext, input: NeedInput): NutrientRates {
  const { area, plant, pack } = input;
  const rates = pack.feeding[plant.id];
  const waits = plant.form === 'lawn' && area.situation !== 'established';
  if (!rates || waits) {
    const why = msg(waits ? 'absent.feedNotEstablished' : 'absent.noRateInPack');
    const absent = (nutrient: Nutrient) =>
      ctx.sheet.absent(
        { id: `${area.id}/feed/${nutrient}/pack`, label: msg(`feed.rate.${nutrient}`) },
        why,
      );
    return { N: absent('N'), P2O5: absent('P2O5'), K2O: absent('K2O') };
  }
  return {
    N:
      rates.N.by === 'clippings'
        ? byClippings(ctx, input, rates.N)
        : byOrganicMatter(ctx, input, rates.N.rates),
    P2O5: byRating(ctx, input, 'P2O5', rates.P2O5),
    K2O: byRating(ctx, input, 'K2O', rates.K2O),
  };
}
