import { spreadersOf, type Spreader } from '../../casefile/parts/spreader';
import type { AreaSlice } from '../../casefile/slice';
import type { NamedMaterial } from '../../catalog/materials/types';
import type { Plant } from '../../catalog/plants/plants';
import type { IsoDate } from '../../kernel/typed/date';
import { own } from '../../kernel/typed/own';
import {
  perThousandToTotal,
  poundsToOunces,
  squareFeetToThousands,
  thousandsToSquareFeet,
} from '../../kernel/units/convert';
import { quantity, type Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg, type Msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import { OUNCES_BELOW_LB } from '../../schedule/dosing/inHands';
import type { Ground } from '../../site/ground/ground';
import type { Product, ProductRate } from '../shared/amounts';
import { toCome, type TreatmentProduct } from '../shared/treated';
import { treatmentsIn, type Treatments } from '../treatments';
import { panTest, type Feet, type PanTest } from './pans';
import { DIAL, nextDial, triedOf, type DialFigure, type NextDial, type Tried } from './trials';

/** One rate of a product: half of an application, since each is walked twice, one way and then across. */
export interface SpreadRate {
  readonly key: string;
  /** The days on which it goes on at this rate. */
  readonly dates: readonly IsoDate[];
  readonly perPass: ProductRate;
  /** What goes out on a strip of the usual length then: in ounces where it is little. */
  readonly onStrip: Figure<Quantity<'oz', 'product'>> | Product;
  readonly next: NextDial;
  /** Ground that one filling goes over in one direction, and fillings for all of it. */
  readonly reach: Figure<Quantity<'ft2', 'ground'>>;
  readonly fills: Figure<Quantity<'fillings', 'count'>>;
}

/** A product of this ground, as the spreader puts it on. */
export interface SpreadProduct {
  readonly key: string;
  readonly material: NamedMaterial;
  readonly tried: Tried;
  readonly rates: readonly SpreadRate[];
}

/** Strips of one direction: how many, and how far apart. */
export interface Strips {
  readonly count: Figure<Quantity<'strips', 'count'>>;
  readonly apart: Feet;
  /** One strip without the two ends on which the spreader is turned. */
  readonly run: Feet;
}

/** How a piece of ground is spread, with the spreader that is taken for it. */
export interface Spreading {
  readonly spreader: Spreader;
  /** Feet from strip to strip: as typed, else as wide as the pans allow. */
  readonly swath: Feet;
  readonly pans: PanTest | undefined;
  readonly strip: Feet;
  /** Along and across, on a rectangle. */
  readonly along: Strips | undefined;
  readonly across: Strips | undefined;
  readonly products: readonly SpreadProduct[];
}

/** Said instead of a spreader's id: by hand, or by a cup. */
export const WITHOUT_SPREADER = 'none';
/** The strip of a trial, ft. Common practice. */
const USUAL_STRIP = 50;
const SWATH = { above: 0, max: 60 };
const HOPPER = { above: 0, max: 2000 };
/** Rates that differ by less are one. */
const SAME_RATE = 0.01;

/** Whether a plant is grown on ground that one walks over with a spreader. */
function isWalked({ form }: Plant): boolean {
  return form === 'lawn' || form === 'plot';
}

/** The spreader of a piece of ground: the one that was chosen, else the first where one walks over it. */
function chosenFor({ spreaders, decisions }: AreaSlice, plant: Plant): Spreader | undefined {
  const decided = decisions['spread-with']?.value;
  if (decided) return own(spreaders, decided);
  return isWalked(plant) ? spreadersOf(spreaders)[0] : undefined;
}

function swathOf(
  ctx: PlanContext,
  prefix: string,
  { id, swath }: Spreader,
  pans: PanTest | undefined,
): Feet {
  const label = msg('spread.swath');
  if (swath.trim() === '' && pans?.widest) {
    return ctx.sheet.choose(
      { id: `${prefix}/swath`, label: msg('spread.swathByPans') },
      pans.widest,
      [],
    );
  }
  return ctx.length(
    { id: `${prefix}/swath`, label, at: `spreaders/${id}/swath` },
    swath,
    SWATH,
    'ground',
  );
}

/** Strips side by side over a width, each without its two ends. */
function stripsOver(ctx: PlanContext, id: string, swath: Feet, width: Feet, length: Feet): Strips {
  const count = ctx.sheet.derive(
    'count',
    { id: `${id}/count`, label: msg('spread.strips') },
    [width, swath],
    (all, each) => quantity(Math.ceil(all.value / each.value - 1e-9), 'strips', 'count'),
  );
  const apart = ctx.sheet.divide(
    { id: `${id}/apart`, label: msg('spread.apart') },
    [width, count],
    'ft',
    'ground',
  );
  // The ends are walked first, a strip wide, so that it is turned where it lies already.
  const run = ctx.sheet.deduct({ id: `${id}/run`, label: msg('spread.run') }, [
    length,
    swath,
    swath,
  ]);
  return { count, apart, run };
}

interface RateOnDates {
  readonly rate: ProductRate;
  readonly dates: IsoDate[];
}

/** The rates of a product, each with its days: applications of the same rate are one. */
function ratesOf({ applications }: TreatmentProduct): RateOnDates[] {
  const rates: RateOnDates[] = [];
  for (const { amount, date } of toCome(applications)) {
    const { rate } = amount;
    if ('absent' in rate || rate.value.unit !== 'lb/1000ft2') continue;
    const { value } = rate.value;
    const same = rates.find(
      (each) => !('absent' in each.rate) && Math.abs(each.rate.value.value / value - 1) < SAME_RATE,
    );
    if (same) same.dates.push(date);
    else rates.push({ rate: rate as ProductRate, dates: [date] });
  }
  return rates;
}

/** What every product of a piece of ground is spread with. */
interface With {
  readonly prefix: string;
  readonly spreader: Spreader;
  readonly ground: Ground;
  readonly swath: Feet;
  readonly stripGround: Figure<Quantity<'1000ft2', 'ground'>>;
  readonly hopper: Product;
  readonly begins: () => DialFigure;
}

/** The dial at which the flow begins: as typed, else it is taken to begin where the dial does. Read once, when it is asked for. */
function beginOf(ctx: PlanContext, prefix: string, { id, zero }: Spreader): () => DialFigure {
  let read: DialFigure | undefined;
  const entry = { id: `${prefix}/begins`, label: msg('spread.begins') };
  const unsaid = { ...entry, label: msg('spread.beginsUnsaid') };
  const typed = { ...entry, at: `spreaders/${id}/zero` };
  return () =>
    (read ??=
      zero.trim() === ''
        ? ctx.constant(unsaid, 0, 'dial', 'dial')
        : ctx.number(typed, zero, DIAL, 'dial', 'dial'));
}

function spreadRate(
  ctx: PlanContext,
  { ground, stripGround, hopper, begins }: With,
  key: string,
  tried: Tried,
  { rate, dates }: RateOnDates,
): SpreadRate {
  const two = ctx.constant({ id: `${key}/two`, label: msg('dose.passes') }, 2, 'ratio', 'share');
  const perPass = ctx.sheet.divide(
    { id: `${key}/per-pass`, label: msg('spread.perPass') },
    [rate, two],
    'lb/1000ft2',
    'product',
  );
  const over = (name: string, label: Msg, extent: Figure<Quantity<'1000ft2', 'ground'>>): Product =>
    ctx.sheet.derive(
      'multiply',
      { id: `${key}/${name}`, label },
      [perPass, extent],
      perThousandToTotal,
    );
  const pounds = over('strip-pounds', msg('spread.onStrip'), stripGround);
  const isLittle = !('absent' in pounds) && pounds.value.value < OUNCES_BELOW_LB;
  const onStrip = isLittle
    ? ctx.sheet.derive(
        'convert',
        { id: `${key}/on-strip`, label: msg('spread.onStrip'), source: 'definition' },
        [pounds],
        poundsToOunces,
      )
    : pounds;
  const thousands = ctx.sheet.divide(
    { id: `${key}/reach-thousands`, label: msg('spread.reach') },
    [hopper, perPass],
    '1000ft2',
    'ground',
  );
  const reach = ctx.sheet.derive(
    'convert',
    { id: `${key}/reach`, label: msg('spread.reach'), source: 'definition' },
    [thousands],
    thousandsToSquareFeet,
  );
  const fills = ctx.sheet.derive(
    'count',
    { id: `${key}/fills`, label: msg('spread.fills') },
    [over('pass-pounds', msg('dose.perPass'), ground.extent), hopper],
    (whole, each) => quantity(Math.ceil(whole.value / each.value - 1e-9), 'fillings', 'count'),
  );
  return {
    key,
    dates,
    perPass,
    onStrip,
    next: nextDial(ctx, `${key}/dial`, tried, perPass, begins),
    reach,
    fills,
  };
}

function spreadProduct(ctx: PlanContext, on: With, product: TreatmentProduct): SpreadProduct {
  const { material, key } = product;
  const prefix = `${on.prefix}/${key}`;
  const tried = triedOf(ctx, prefix, on.spreader, on.swath, material.id);
  const rates = ratesOf(product).map((each, at) =>
    spreadRate(ctx, on, `${prefix}/rate-${at + 1}`, tried, each),
  );
  return { key, material, tried, rates };
}

/**
 * How the products of a piece of ground go on with the spreader that is taken for it: what each pass puts on, the dial by what was
 * tried, strips and fillings. Nothing where no spreader is known, or the ground is none that one walks over.
 */
export function spreadingOf(
  ctx: PlanContext,
  file: AreaSlice,
  plant: Plant,
  ground: Ground,
  treatments: Treatments,
): Spreading | undefined {
  const spreader = chosenFor(file, plant);
  const products = treatmentsIn(treatments).flatMap((treatment) => treatment.products);
  if (!spreader || !ground.known || products.length === 0) return undefined;
  const prefix = `${file.area.id}/spread`;
  const pans = panTest(ctx, prefix, spreader);
  const swath = swathOf(ctx, prefix, spreader, pans);
  const strip = ctx.constant(
    { id: `${prefix}/strip`, label: msg('spread.usualStrip'), source: 'practice' },
    USUAL_STRIP,
    'ft',
    'ground',
  );
  const stripGround = ctx.sheet.multiply(
    { id: `${prefix}/strip-ground`, label: msg('spread.strip') },
    [strip, swath],
    'ft2',
    'ground',
  );
  const stripThousands = ctx.sheet.derive(
    'convert',
    { id: `${prefix}/strip-thousands`, label: msg('ground.thousands'), source: 'definition' },
    [stripGround],
    squareFeetToThousands,
  );
  const hopper = ctx.number(
    { id: `${prefix}/hopper`, label: msg('spread.hopper'), at: `spreaders/${spreader.id}/hopper` },
    spreader.hopper,
    HOPPER,
    'lb',
    'product',
  );
  ctx.check(`spreaders/${spreader.id}/zero`, spreader.zero, DIAL);
  const begins = beginOf(ctx, prefix, spreader);
  const on: With = { prefix, spreader, ground, swath, stripGround: stripThousands, hopper, begins };
  const { sides } = ground;
  return {
    spreader,
    swath,
    pans,
    strip,
    along: sides && stripsOver(ctx, `${prefix}/along`, swath, sides.width, sides.length),
    across: sides && stripsOver(ctx, `${prefix}/across`, swath, sides.length, sides.width),
    products: products
      .map((product) => spreadProduct(ctx, on, product))
      .filter(({ rates }) => rates.length > 0),
  };
}
