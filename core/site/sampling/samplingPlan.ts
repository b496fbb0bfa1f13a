import { sampleOf } from '../../casefile/parts/sample';
import type { Area } from '../../casefile/parts/area';
import type { AreaSlice } from '../../casefile/slice';
import type { Ground } from '../ground/ground';
import type { Plant } from '../../catalog/plants/plants';
import {
  CORES,
  LARGE_FROM_SQUARE_FEET,
  SMALL_BELOW_SQUARE_FEET,
  TILLED_DEPTH_IN,
  WEEKS_AFTER_SPREADING,
} from '../../tables/ground/sampling';
import { addDays, parseDate, type IsoDate } from '../../kernel/typed/date';
import { parseNumber } from '../../kernel/typed/number';
import { quantity, type Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg, type Msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import { precisionOf, type Cores, type Precision } from './cores';

export const SAMPLING_SCHOOLS = ['composite', 'apart'] as const;
type SamplingSchool = (typeof SAMPLING_SCHOOLS)[number];

/** One way to sample the ground: how many bags, cores in each, and what the tests cost. */
export interface SchoolRow {
  readonly id: SamplingSchool;
  readonly chosen: boolean;
  readonly samples: Cores;
  /** With its range; the upper end is the value. */
  readonly coresEach: Cores;
  readonly coresInAll: Cores;
  /** Absent until the price of a test is typed. */
  readonly cost: Figure<Quantity<'usd', 'money'>>;
}

export interface SamplingPlan {
  readonly depth: Figure<Quantity<'in', 'depth'>>;
  readonly schools: readonly SchoolRow[];
  readonly precision: Precision;
  /** What must be apart here, for the advisor. */
  readonly apart: readonly Msg[];
  /** What is said to the client, in the order of the work. */
  readonly how: readonly Msg[];
  /** What the clues that were seen ask for; they never dose. */
  readonly clues: readonly Msg[];
  /** Before this a sample says little: lime or fertilizer is still too fresh. */
  readonly notBefore: IsoDate | undefined;
  /** When something was spread so shortly before the sample was taken that it tells of that. */
  readonly tooSoonAfter: IsoDate | undefined;
}

/** What may be seen on the ground, each with a sentence of its own. */
export const CLUES = [
  'moss',
  'clover',
  'plantain',
  'crabgrass',
  'yellow-veins',
  'yellow-leaves',
  'purple-leaves',
  'white-crust',
  'standing-water',
] as const;

const FEE = { min: 0, max: 1000 };
const SPOTS = { min: 0, max: 100 };

function coresOf({ ground, plant }: SamplingInput, apart: boolean): { low: number; high: number } {
  if (apart && (ground.parts?.kind === 'plant' || ground.parts?.kind === 'bed')) return CORES.small;
  const squareFeet = 'absent' in ground.area ? undefined : ground.area.value.value;
  if (squareFeet !== undefined && squareFeet < SMALL_BELOW_SQUARE_FEET) return CORES.small;
  if (squareFeet !== undefined && squareFeet >= LARGE_FROM_SQUARE_FEET) return CORES.large;
  return CORES[plant.form];
}

/** Samples of each spot apart: every plant or bed, else the ground and the spots that differ. */
function samplesApart(ctx: PlanContext, { area, ground }: SamplingInput): Cores {
  const id = `${area.id}/sampling/apart/samples`;
  const label = msg('sampling.samples');
  const { parts } = ground;
  if (parts && (parts.kind === 'plant' || parts.kind === 'bed')) {
    return ctx.sheet.choose({ id, label }, parts.count, []);
  }
  const spots = area.site.spots.trim() === '' ? '0' : area.site.spots;
  const at = `areas/${area.id}/site/spots`;
  const typed = ctx.number(
    { id: `${area.id}/sampling/spots`, label: msg('sampling.spots'), at },
    spots,
    SPOTS,
    'ratio',
    'count',
  );
  const rest = ctx.constant(
    { id: `${area.id}/sampling/rest`, label: msg('sampling.rest') },
    1,
    'ratio',
    'count',
  );
  return ctx.sheet.add({ id, label }, [rest, typed], 'ratio', 'count');
}

function schoolRow(
  ctx: PlanContext,
  input: SamplingInput,
  id: SamplingSchool,
  fee: Figure<Quantity<'usd', 'money'>>,
): SchoolRow {
  const { area, file } = input;
  const prefix = `${area.id}/sampling/${id}`;
  const samples =
    id === 'apart'
      ? samplesApart(ctx, input)
      : ctx.constant(
          { id: `${prefix}/samples`, label: msg('sampling.samples') },
          1,
          'ratio',
          'count',
        );
  const { low, high } = coresOf(input, id === 'apart');
  const coresEach = ctx.sheet.leaf(
    'constant',
    { id: `${prefix}/cores-each`, label: msg('sampling.coresEach'), source: 'practice' },
    quantity(high, 'ratio', 'count'),
    { low, high },
  );
  const coresInAll = ctx.sheet.multiply(
    { id: `${prefix}/cores`, label: msg('sampling.coresInAll') },
    [samples, coresEach],
    'ratio',
    'count',
  );
  const cost = ctx.sheet.multiply(
    { id: `${prefix}/cost`, label: msg('sampling.cost') },
    [samples, fee],
    'usd',
    'money',
  );
  const chosen = (file.decisions['sampling-school']?.value || 'composite') === id;
  return { id, chosen, samples, coresEach, coresInAll, cost };
}

/** The last day of lime or fertilizer on the ground, if any is dated. */
function lastSpread(file: AreaSlice, areaId: string): IsoDate | undefined {
  return Object.values(file.past)
    .filter((entry) => entry.areaId === areaId)
    .flatMap(({ on }) => {
      const parsed = parseDate(on);
      return parsed.kind === 'value' ? [parsed.value] : [];
    })
    .sort()
    .at(-1);
}

/** The sentences of the sheet, in the order of the work. */
function howTo({ area, plant }: SamplingInput, lead: boolean): Msg[] {
  const { slope, drainage } = area.site;
  return [
    msg('sampling.how.tool'),
    msg(`sampling.how.where.${plant.form}`),
    msg('sampling.how.notHere'),
    ...(slope === 'steep' ? [msg('sampling.how.steep')] : []),
    ...(drainage === 'slow' ? [msg('sampling.how.wet')] : []),
    msg(`sampling.how.surface.${plant.form}`),
    msg('sampling.how.mix'),
    msg('sampling.how.dry'),
    ...(lead ? [msg('sampling.how.lead')] : []),
    msg('sampling.how.season'),
  ];
}

/** What one sample must not hold: ground of different use, spots that differ, acid-lovers and others. */
function apartFrom({ file, area }: SamplingInput): Msg[] {
  const spots = parseNumber(area.site.spots, { min: 1 });
  return [
    ...(file.plantsOfSample.length > 1 ? [msg('sampling.apart.use')] : []),
    ...(spots.kind === 'value' ? [msg('sampling.apart.spots')] : []),
  ];
}

export interface SamplingInput {
  readonly file: AreaSlice;
  readonly area: Area;
  readonly plant: Plant;
  readonly ground: Ground;
}

/** How an area is sampled: by both schools side by side, how deep, where, when and with what. */
export function planSampling(ctx: PlanContext, input: SamplingInput): SamplingPlan {
  const { file, area, plant } = input;
  const fee = ctx.number(
    { id: `${area.id}/sampling/fee`, label: msg('sampling.fee'), at: 'sampling/fee' },
    file.sampling.fee,
    FEE,
    'usd',
    'money',
  );
  const inches = area.situation === 'tilled' ? Math.max(TILLED_DEPTH_IN, plant.depth) : plant.depth;
  const sample = sampleOf(file, area.id);
  const last = lastSpread(file, area.id);
  const notBefore = last ? addDays(last, 7 * WEEKS_AFTER_SPREADING) : undefined;
  const taken = parseDate(sample?.takenOn ?? '');
  const tooSoon =
    last && notBefore && taken.kind === 'value' && taken.value > last && taken.value < notBefore;
  const seen = area.site.clues.split(' ');
  return {
    depth: ctx.constant(
      { id: `${area.id}/sampling/depth`, label: msg('sampling.depth'), source: 'practice' },
      inches,
      'in',
      'depth',
    ),
    schools: SAMPLING_SCHOOLS.map((id) => schoolRow(ctx, input, id, fee)),
    precision: precisionOf(ctx, file, area.id),
    apart: apartFrom(input),
    how: howTo(input, sample?.lead === 'yes'),
    clues: CLUES.filter((clue) => seen.includes(clue)).map((clue) => msg(`clue.${clue}.means`)),
    notBefore,
    tooSoonAfter: tooSoon ? last : undefined,
  };
}
