import { carriedOff } from '../../reading/cropRemoval';
import type { SoilReading } from '../../reading/soilTest';
import { BASE_BALANCE } from '../../tables/soil/baseSaturationRatio';
import { BUILD_UP } from '../../tables/fertilizer/buildUp';
import { FURROW_SLICE_IN } from '../../tables/ground/measuring';
import { equivalentMass } from '../../tables/molarMass';
import type { SourceId } from '../../kernel/sources';
import {
  TURF_MINIMUMS,
  TURF_MINIMUMS_BY,
  TURF_ROOT_DEPTH_IN,
} from '../../tables/fertilizer/turfMinimums';
import {
  milliequivalentsToPpm,
  perAcreToPerThousand,
  phosphorusToPhosphate,
  potassiumToPotash,
  ppmToPoundsPerAcre,
} from '../../kernel/units/convert';
import { quantity, type Quantity, type Substance } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg, type Msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import type { NeedInput } from './needInput';
import type { NutrientRates } from '../../catalog/nutrients';

/**
 * How a soil test is turned into a need: the pack's sufficiency, building up to the critical level and
 * holding it, the minimum levels of turf, the balance of the bases, or the laboratory's own amounts.
 */
export const SCHOOLS = ['pack', 'build', 'minimums', 'balance', 'laboratory'] as const;
export type School = (typeof SCHOOLS)[number];

type Oxide = 'P2O5' | 'K2O';
type Rate<S extends Oxide> = Figure<Quantity<'lb/1000ft2', S>>;
type Ppm<S extends 'P' | 'K'> = Figure<Quantity<'ppm', S>>;

const NAMES = { P2O5: 'p', K2O: 'k' } as const;

/** An amount on an acre as one on a thousand square feet. */
function perThousand<S extends Substance>(
  ctx: PlanContext,
  id: string,
  perAcre: Figure<Quantity<'lb/acre', S>>,
): Figure<Quantity<'lb/1000ft2', S>> {
  return ctx.sheet.derive(
    'convert',
    { id: `${id}/per-thousand`, label: msg('school.perThousand'), source: 'definition' },
    [perAcre],
    perAcreToPerThousand,
  );
}

/** A content of soil as the oxide that would make it, over a thousand square feet of so many inches. */
function asOxide<S extends Oxide>(
  ctx: PlanContext,
  id: string,
  content: Ppm<'P' | 'K'>,
  depth: Figure<Quantity<'in', 'depth'>>,
  nutrient: S,
): Rate<S> {
  const perAcre = ctx.sheet.derive(
    'equation',
    {
      id: `${id}/per-acre`,
      label: msg('school.perAcre'),
      source: 'practice',
      detail: { equation: 'ppm-to-lb-per-acre' },
    },
    [content, depth],
    ppmToPoundsPerAcre,
  );
  const rate = perThousand(ctx, id, perAcre);
  return ctx.sheet.derive(
    'convert',
    { id, label: msg('feed.asOxide'), source: 'aapfco' },
    [rate],
    (q) =>
      nutrient === 'P2O5'
        ? quantity(phosphorusToPhosphate({ ...q, of: 'P' }).value, 'lb/1000ft2', nutrient)
        : quantity(potassiumToPotash({ ...q, of: 'K' }).value, 'lb/1000ft2', nutrient),
  );
}

/** The value in ppm that a school reckons from; none where the test is a word, a limit, or of an extract. */
function tested({ value, rating }: SoilReading): Ppm<'P' | 'K'> | undefined {
  if ('absent' in value || value.value.unit !== 'ppm' || value.range || !rating) return undefined;
  return { id: value.id, value: quantity(value.value.value, 'ppm', value.value.of as 'P' | 'K') };
}

function absentRate<S extends Oxide>(
  ctx: PlanContext,
  id: string,
  nutrient: S,
  why: Msg,
  reading: SoilReading,
): Rate<S> {
  return ctx.sheet.absent({ id, label: msg(`school.rate.${nutrient as Oxide}`) }, why, [
    reading.value.id,
  ]);
}

/** Pounds per acre and year for each ppm below the critical level. */
function buildFactor<S extends Oxide>(
  ctx: PlanContext,
  { readings }: NeedInput,
  id: string,
  nutrient: S,
): Figure<Quantity<'ratio', 'share'>> {
  const entry = { id, label: msg('school.factor'), source: 'e-2567' as SourceId };
  if (nutrient === 'P2O5') return ctx.constant(entry, BUILD_UP.p2o5PerPpm, 'ratio', 'share');
  const { base, perCec } = BUILD_UP.k2oPerPpm;
  const detail = { equation: 'critical-k' };
  const label = msg('school.factorByCec');
  return ctx.sheet.derive(
    'equation',
    { ...entry, label, detail },
    [
      ctx.constant({ ...entry, id: `${id}/base` }, base, 'ratio', 'share'),
      ctx.constant({ ...entry, id: `${id}/per-cec` }, perCec, 'ratio', 'CEC'),
      readings.cec,
    ],
    (a, b, cec) => quantity(a.value + b.value * cec.value, 'ratio', 'share'),
  );
}

/** Up to the critical level in four years, then what is carried off; nothing where the soil is very high. */
function build<S extends Oxide>(ctx: PlanContext, input: NeedInput, nutrient: S): Rate<S> {
  const reading = input.soilTest[NAMES[nutrient]];
  const id = `${input.area.id}/feed/${nutrient}/build`;
  const value = tested(reading);
  if (!value) return absentRate(ctx, id, nutrient, msg('absent.schoolUnrated'), reading);
  const methods: readonly string[] = BUILD_UP.methods;
  if (!methods.includes(reading.bands?.method ?? '')) {
    return absentRate(ctx, id, nutrient, msg('absent.noBuildUp'), reading);
  }
  if (reading.rating === 'very-high') {
    const label = msg('school.drawDown');
    return ctx.constant({ id, label, source: 'e-2567' }, 0, 'lb/1000ft2', nutrient);
  }
  const level =
    reading.critical ??
    ctx.constant(
      { id: `${id}/critical`, label: msg('school.critical'), source: input.pack.source },
      reading.ends[1] ?? 0,
      'ppm',
      nutrient === 'P2O5' ? 'P' : 'K',
    );
  const short = ctx.sheet.deduct({ id: `${id}/short`, label: msg('school.short') }, [level, value]);
  const perAcre = ctx.sheet.derive(
    'multiply',
    { id: `${id}/per-acre`, label: msg('school.buildPerAcre'), source: 'e-2567' },
    [short, buildFactor(ctx, input, `${id}/factor`, nutrient)],
    (ppm, factor) => quantity(ppm.value * factor.value, 'lb/acre', nutrient),
  );
  const rate = perThousand(ctx, id, perAcre);
  return ctx.sheet.add(
    { id, label: msg(`school.rate.${nutrient as Oxide}`) },
    [rate, carriedOff(ctx, input, `${id}/carried-off`, nutrient)],
    'lb/1000ft2',
    nutrient,
  );
}

/** The minimum of turf and what the year carries off, less what the test finds in the roots' depth. */
function minimum<S extends Oxide>(ctx: PlanContext, input: NeedInput, nutrient: S): Rate<S> {
  const name = NAMES[nutrient];
  const reading = input.soilTest[name];
  const id = `${input.area.id}/feed/${nutrient}/minimums`;
  const none = (why: Msg): Rate<S> => absentRate(ctx, id, nutrient, why, reading);
  if (input.plant.form !== 'lawn') return none(msg('absent.minimumsTurfOnly'));
  const { value } = reading;
  const { method, word } = input.readings[name];
  if (method !== TURF_MINIMUMS_BY || word) return none(msg('absent.minimumsMehlich'));
  if ('absent' in value || value.value.unit !== 'ppm' || value.range) {
    return none(msg('absent.schoolUnrated'));
  }
  const found: Ppm<'P' | 'K'> = {
    id: value.id,
    value: quantity(value.value.value, 'ppm', value.value.of as 'P' | 'K'),
  };
  const depth = ctx.constant(
    { id: `${id}/depth`, label: msg('school.rootDepth'), source: 'practice' },
    TURF_ROOT_DEPTH_IN,
    'in',
    'depth',
  );
  const least = ctx.constant(
    { id: `${id}/least`, label: msg('school.least'), source: 'turf-minimums' },
    TURF_MINIMUMS[name],
    'ppm',
    nutrient === 'P2O5' ? 'P' : 'K',
  );
  const keep = asOxide(ctx, `${id}/keep`, least, depth, nutrient);
  const wanted = ctx.sheet.add(
    { id: `${id}/wanted`, label: msg('school.wanted') },
    [keep, carriedOff(ctx, input, `${id}/carried-off`, nutrient)],
    'lb/1000ft2',
    nutrient,
  );
  return ctx.sheet.deduct({ id, label: msg(`school.rate.${nutrient as Oxide}`) }, [
    wanted,
    asOxide(ctx, `${id}/there`, found, depth, nutrient),
  ]);
}

/** Potash up to the lower share of the exchange capacity that the balance of the bases asks for. */
function balance(ctx: PlanContext, input: NeedInput): Rate<'K2O'> {
  const reading = input.soilTest.k;
  const id = `${input.area.id}/feed/K2O/balance`;
  const { value } = reading;
  const { cec } = input.readings;
  const none = (why: Msg): Rate<'K2O'> => absentRate(ctx, id, 'K2O', why, reading);
  if ('absent' in cec) return none(msg('absent.balanceCec'));
  if ('absent' in value || value.value.unit !== 'ppm' || value.range) {
    return none(msg('absent.schoolUnrated'));
  }
  const share = ctx.constant(
    { id: `${id}/share`, label: msg('school.share'), source: 'base-balance' },
    BASE_BALANCE.k.low / 100,
    'ratio',
    'share',
  );
  const charge = ctx.sheet.multiply(
    { id: `${id}/charge`, label: msg('school.charge') },
    [cec, share],
    'meq/100g',
    'K',
  );
  const mass = ctx.constant(
    { id: `${id}/equivalent`, label: msg('report.equivalent.K'), source: 'aapfco' },
    equivalentMass('K'),
    'g/eq',
    'K',
  );
  const level = ctx.sheet.derive(
    'equation',
    { id: `${id}/level`, label: msg('school.level'), detail: { equation: 'meq-to-ppm' } },
    [charge, mass],
    milliequivalentsToPpm,
  );
  const found: Ppm<'K'> = { id: value.id, value: quantity(value.value.value, 'ppm', 'K') };
  const short = ctx.sheet.deduct({ id: `${id}/short`, label: msg('school.short') }, [level, found]);
  const depth = ctx.constant(
    { id: `${id}/depth`, label: msg('report.furrowSlice'), source: 'practice' },
    FURROW_SLICE_IN,
    'in',
    'depth',
  );
  return asOxide(ctx, id, short, depth, 'K2O');
}

/** N, P2O5 and K2O of a year by every school but the laboratory's; N is nowhere a matter of the soil test. */
export function schoolRates(
  ctx: PlanContext,
  input: NeedInput,
  pack: NutrientRates,
): Readonly<Record<Exclude<School, 'laboratory'>, NutrientRates>> {
  return {
    pack,
    build: { N: pack.N, P2O5: build(ctx, input, 'P2O5'), K2O: build(ctx, input, 'K2O') },
    minimums: { N: pack.N, P2O5: minimum(ctx, input, 'P2O5'), K2O: minimum(ctx, input, 'K2O') },
    balance: { N: pack.N, P2O5: pack.P2O5, K2O: balance(ctx, input) },
  };
}
