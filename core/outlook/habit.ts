import type { AreaSlice } from '../casefile/slice';
import type { Area } from '../casefile/parts/area';
import type { Materials } from '../catalog/materials/materials';
import type { Fertilizer } from '../catalog/materials/types';
import { NUTRIENTS, type Nutrient } from '../catalog/nutrients';
import type { Plant } from '../catalog/plants/plants';
import { TEST_AFTER, YEARS_UNTIL } from '../equations/soil/habit';
import { perThousandToPerAcre } from '../kernel/units/convert';
import { quantity, type Quantity, type SoilElement } from '../kernel/units/quantity';
import type { PlanContext } from '../kernel/working/context';
import { msg } from '../kernel/messages/msg';
import { valueOf, type Figure } from '../kernel/working/working';
import { cropRemoval } from '../reading/cropRemoval';
import type { SoilReading, SoilTest } from '../reading/soilTest';
import { DRAW_DOWN, DRAW_DOWN_METHODS } from '../tables/fertilizer/drawDown';
import { LATER_YEARS } from '../tables/fertilizer/laterYears';
import { delivers, productFor, sharesOf, type Shares } from '../treat/fertilizer/products';
import type { FitFertilizer } from '../treat/fertilizer/fit';
import type { FertilizerTreatment } from '../treat/fertilizer/types';
import type { ProductRate } from '../treat/shared/amounts';

type Rate<S extends Nutrient = Nutrient> = Figure<Quantity<'lb/1000ft2', S>>;
type Ppm = Figure<Quantity<'ppm', SoilElement>>;
type Years = Figure<Quantity<'years', 'time'>>;

/** What the soil test is expected to find, with how far that may be off. */
interface Expected {
  readonly middle: Ppm;
  readonly low: Ppm;
  readonly high: Ppm;
}

/** What becomes of the soil's P or K. */
export interface HabitNutrient {
  readonly brought: Rate | undefined;
  readonly carriedOff: Rate;
  /** What the test moves by in a year. */
  readonly change: Ppm;
  readonly now: Ppm;
  /** From the present test, year 0, on; nothing where it cannot be followed. */
  readonly expected: readonly Expected[];
  /** Where it is enough, and where it is too much, ppm; nothing where nobody rates it. */
  readonly enough: Ppm | undefined;
  readonly tooMuch: Ppm | undefined;
  /** Years until it is too much, or no more enough, if that is within what is looked ahead. */
  readonly passes: { readonly what: 'too-much' | 'short'; readonly in: Years } | undefined;
}

/** A product as the only one, year after year. */
export interface Habit {
  readonly material: Fertilizer;
  /** The nutrient that the product is measured out by, what is needed of it in a year, and the product that brings it. */
  readonly by: Nutrient;
  readonly need: Rate;
  readonly rate: ProductRate;
  /** Nitrogen set free in each year from the first one on, with what earlier years left of it. */
  readonly nitrogen: readonly Rate<'N'>[];
  readonly p: HabitNutrient;
  readonly k: HabitNutrient;
  /** What to take in turn with it: no phosphate where that piles up, the ratio nearest to what is carried off. */
  readonly inTurn: readonly FitFertilizer[];
}

interface HabitInput {
  readonly file: AreaSlice;
  readonly area: Area;
  readonly plant: Plant;
  readonly materials: Materials;
  readonly soilTest: SoilTest;
  readonly fertilizer: FertilizerTreatment;
}

/** Years that are looked ahead: the usual, and as many as may be asked for. */
const HABIT_YEARS = { usual: 5, min: 1, max: 10 } as const;
/** So many other products are named. */
const OTHERS = 3;

/** The places of a pack's classes: enough ends short, the last one is too much. */
const ENOUGH_FROM = 1;
const TOO_MUCH_FROM = 2;

const SOIL = { P2O5: 'P', K2O: 'K' } as const;

/** What a year adds to the test: what is brought less what is carried off, by the pounds that one ppm takes. */
function changeOf(
  ctx: PlanContext,
  id: string,
  nutrient: 'P2O5' | 'K2O',
  brought: Rate | undefined,
  carriedOff: Rate,
): Ppm {
  const none = { id: `${id}/none`, label: msg('habit.holdsNone') };
  const net = ctx.sheet.subtract({ id: `${id}/net`, label: msg('habit.net') }, [
    brought ?? (ctx.constant(none, 0, 'lb/1000ft2', nutrient) as Rate),
    carriedOff,
  ]);
  const perAcre = ctx.sheet.derive(
    'convert',
    { id: `${id}/per-acre`, label: msg('excess.perAcre'), source: 'definition' },
    [net],
    perThousandToPerAcre,
  );
  const { low, value, high } = DRAW_DOWN[nutrient];
  const each = ctx.sheet.leaf(
    'constant',
    { id: `${id}/each`, label: msg('excess.each'), source: 'draw-down', standing: 'recalled' },
    quantity(value, 'ratio', 'share'),
    { low, high },
  );
  return ctx.sheet.derive(
    'divide',
    { id: `${id}/change`, label: msg('habit.change') },
    [perAcre, each],
    (pounds, perPpm) => quantity(pounds.value / perPpm.value, 'ppm', SOIL[nutrient]),
  );
}

/** What a test finds now, where it can be followed: in ppm, by an extractant that the pounds were told of. */
function nowOf(ctx: PlanContext, id: string, { compared, bands, ends }: SoilReading): Ppm {
  const entry = { id, label: msg('habit.now') };
  if ('absent' in compared) return ctx.sheet.absent(entry, compared.absent, [compared.id]);
  const isFollowed = (DRAW_DOWN_METHODS as readonly string[]).includes(bands?.method ?? '');
  if (!isFollowed || ends.length === 0 || compared.value.unit !== 'ppm' || compared.range) {
    return ctx.sheet.absent(entry, msg('absent.habitMethod'), [compared.id]);
  }
  return ctx.sheet.choose(entry, compared as Ppm, []);
}

function expectedAfter(ctx: PlanContext, id: string, now: Ppm, change: Ppm, n: number): Expected {
  const label = msg('habit.expected', { year: n });
  const years = ctx.constant({ id: `${id}/years`, label: msg('habit.years') }, n, 'years', 'time');
  const middle = ctx.sheet.equation({ id, label }, TEST_AFTER, [now, change, years]);
  return {
    middle,
    low: ctx.sheet.lowEnd({ id: `${id}/low`, label: msg('habit.low') }, middle),
    high: ctx.sheet.highEnd({ id: `${id}/high`, label: msg('habit.high') }, middle),
  };
}

/** A level as a number. */
function value(level: Ppm): number {
  return valueOf(level)?.value ?? NaN;
}

/** When the test passes a level that it moves towards, within what is looked ahead. */
function passing(
  ctx: PlanContext,
  id: string,
  { now, change, enough, tooMuch }: Pick<HabitNutrient, 'now' | 'change' | 'enough' | 'tooMuch'>,
): HabitNutrient['passes'] {
  const [at, moves] = [valueOf(now)?.value, valueOf(change)?.value];
  if (at === undefined || moves === undefined) return undefined;
  const what = moves > 0 ? 'too-much' : 'short';
  const level = moves > 0 ? tooMuch : enough;
  if (!level || !((value(level) - at) / moves > 0)) return undefined;
  const entry = { id: `${id}/passes`, label: msg(`habit.passes.${what}`) };
  const years = ctx.sheet.equation(entry, YEARS_UNTIL, [now, change, level]);
  const known = valueOf(years);
  return known && known.value <= HABIT_YEARS.max ? { what, in: years } : undefined;
}

function nutrientOf(
  ctx: PlanContext,
  { area, plant, soilTest }: HabitInput,
  nutrient: 'P2O5' | 'K2O',
  brought: Rate | undefined,
  years: number,
): HabitNutrient {
  const reading = soilTest[nutrient === 'P2O5' ? 'p' : 'k'];
  const id = `${area.id}/habit/${nutrient}`;
  const carriedOff = cropRemoval(ctx, { area, plant }, `${id}/carried-off`, nutrient);
  const change = changeOf(ctx, id, nutrient, brought, carriedOff);
  const now = nowOf(ctx, `${id}/now`, reading);
  const level = (at: number, name: 'enough' | 'tooMuch'): Ppm | undefined => {
    const end = reading.ends[at];
    const entry = { id: `${id}/${name}`, label: msg(`habit.level.${name}`) };
    return end === undefined ? undefined : ctx.constant(entry, end, 'ppm', SOIL[nutrient]);
  };
  const levels = { enough: level(ENOUGH_FROM, 'enough'), tooMuch: level(TOO_MUCH_FROM, 'tooMuch') };
  const isFollowed = !('absent' in now) && !('absent' in change);
  const expected = isFollowed
    ? Array.from({ length: years + 1 }, (_, n) =>
        expectedAfter(ctx, `${id}/year-${n}`, now, change, n),
      )
    : [];
  const passes = passing(ctx, id, { now, change, ...levels });
  return { brought, carriedOff, change, now, expected, ...levels, passes };
}

/** Nitrogen set free year by year: of an organic product something of each earlier year comes on top. */
function nitrogenOf(
  ctx: PlanContext,
  id: string,
  { organic, firstSeasonN, grade }: Fertilizer,
  rate: ProductRate,
  first: Rate | undefined,
  years: number,
): Rate<'N'>[] {
  if (!first || grade.N === 0) return [];
  const freed = first as Rate<'N'>;
  if (!organic) return Array.from({ length: years }, () => freed);
  // What is left of a year's nitrogen is set free in so many years; then it is spent.
  const spentIn = Math.floor((1 - firstSeasonN) / LATER_YEARS.value + 1e-9);
  const percent = ctx.constant(
    { id: `${id}/label`, label: msg('feed.grade.N'), source: 'grade' },
    grade.N / 100,
    'ratio',
    'N',
  );
  const inAll = ctx.sheet.derive(
    'multiply',
    { id: `${id}/in-all`, label: msg('habit.nitrogenInAll') },
    [rate, percent],
    (pounds, share) => quantity(pounds.value * share.value, 'lb/1000ft2', 'N'),
  );
  const { low, value, high } = LATER_YEARS;
  const later = ctx.sheet.leaf(
    'constant',
    { id: `${id}/later`, label: msg('habit.later'), source: 'n-release', standing: 'recalled' },
    quantity(value, 'ratio', 'share'),
    { low, high },
  );
  const each = ctx.sheet.multiply(
    { id: `${id}/each-later`, label: msg('habit.eachLater') },
    [inAll, later],
    'lb/1000ft2',
    'N',
  );
  return Array.from({ length: years }, (_, n) => {
    const earlier = Math.min(n, spentIn);
    const entry = { id: `${id}/year-${n + 1}`, label: msg('habit.nitrogen', { year: n + 1 }) };
    const all = [freed, ...Array.from({ length: earlier }, () => each)];
    return ctx.sheet.add(entry, all, 'lb/1000ft2', 'N');
  });
}

/**
 * What to take in turn: products without phosphate where it piles up, with potash where that is carried off, by how near
 * their ratio is to it.
 */
function turnsWith(
  { fertilizer, plant }: HabitInput,
  { p, k }: Pick<Habit, 'p' | 'k'>,
  material: Fertilizer,
): readonly FitFertilizer[] {
  const rises = (valueOf(p.change)?.value ?? 0) > 0;
  const falls = (valueOf(k.change)?.value ?? 0) < 0;
  if (!rises && !falls) return [];
  const isMined = plant.form !== 'plot' && falls;
  const wanted = isMined ? (valueOf(k.carriedOff)?.value ?? 0) : 0;
  const need = valueOf(fertilizer.needs.rows.N.year)?.value ?? 1;
  const off = ({ grade }: FitFertilizer): number =>
    Math.abs(grade.K2O / Math.max(1, grade.N) - wanted / need);
  return fertilizer.fit
    .filter(({ id, grade, rare }) => id !== material.id && grade.P2O5 === 0 && grade.N > 0 && !rare)
    .sort((a, b) => off(a) - off(b))
    .slice(0, OTHERS);
}

/** The year's need of the nutrient that a product is given for: its nitrogen, else what else it holds. */
function measuredOut(
  { fertilizer }: HabitInput,
  { grade }: Fertilizer,
): { readonly by: Nutrient; readonly need: Rate } | undefined {
  const by = NUTRIENTS.find((nutrient) => grade[nutrient] > 0);
  return by && { by, need: fertilizer.needs.rows[by].year as Rate };
}

/**
 * What one product does that is the only one for some years, measured out by the nitrogen that the plant wants (or what else it
 * holds): the nitrogen of each year, and what the soil test will find of P and K. Nothing where nobody asked for it.
 */
export function habitOf(ctx: PlanContext, input: HabitInput): Habit | undefined {
  const { file, area, materials } = input;
  const chosen = file.decisions.habit?.value ?? '';
  const material = materials.fertilizers.find(({ id, pesticide }) => id === chosen && !pesticide);
  const measured = material && measuredOut(input, material);
  if (!material || !measured) return undefined;
  const prefix = `${area.id}/habit`;
  const asked = ctx.number(
    {
      id: `${prefix}/asked`,
      label: msg('habit.years'),
      at: `decisions/${area.id}:habit-years/value`,
    },
    file.decisions['habit-years']?.value ?? '',
    HABIT_YEARS,
    'years',
    'time',
  );
  const years = Math.floor(valueOf(asked)?.value ?? HABIT_YEARS.usual);
  const shares: Shares = sharesOf(ctx, prefix, material);
  const { by, need } = measured;
  const rate = productFor(
    ctx,
    `${prefix}/rate`,
    need,
    shares[by] as Figure<Quantity<'ratio', Nutrient>>,
  );
  const brought = (nutrient: Nutrient): Rate | undefined =>
    delivers(
      ctx,
      prefix,
      rate,
      nutrient,
      shares[nutrient] as Figure<Quantity<'ratio', Nutrient>> | undefined,
    );
  const p = nutrientOf(ctx, input, 'P2O5', brought('P2O5'), years);
  const k = nutrientOf(ctx, input, 'K2O', brought('K2O'), years);
  const nitrogen = nitrogenOf(ctx, `${prefix}/n`, material, rate, brought('N'), years);
  return { material, by, need, rate, nitrogen, p, k, inTurn: turnsWith(input, { p, k }, material) };
}
