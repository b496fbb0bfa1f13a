import type { Extracted } from '../report/extracted';
import type { Readings } from '../report/types';
import { quantity, type Quantity } from '../units/quantity';
import type { PlanContext } from '../working/context';
import { msg, type Msg } from '../working/msg';
import type { Figure } from '../working/working';
import {
  RATINGS,
  type CriticalBands,
  type FixedBands,
  type Pack,
  type Rating,
} from '../yardsticks/pack';
import { NEWEST_PACKS } from '../yardsticks/packs';

/** A soil-test P or K on the pack's scale. */
export interface SoilReading {
  readonly analyte: 'p' | 'k';
  /** In ppm of the element. */
  readonly value: Extracted['figure'];
  /** Rounded to the decimals that the pack's bands are printed with. */
  readonly compared: Extracted['figure'];
  /** Nothing where the pack cannot rate it. */
  readonly rating: Rating | undefined;
  /** Upper ends of low, medium and high on the track, ppm. */
  readonly ends: readonly number[];
  /** The level that the bands of K turn on. */
  readonly critical: Figure<Quantity<'ppm', 'K'>> | undefined;
  /** What it means, in one sentence. */
  readonly sentence: Msg;
}

/** How a pack rates a report; nothing where its bands are for another extractant. */
interface RatedBy {
  readonly id: string;
  readonly version: number;
  readonly p: Rating | undefined;
  readonly k: Rating | undefined;
}

export interface SoilTest {
  readonly p: SoilReading;
  readonly k: SoilReading;
  /** What every pack makes of the same report. */
  readonly byPack: readonly RatedBy[];
}

/** Extractants that have a name of their own here; of these a pack rates what it has bands for. */
const EXTRACTANTS = [
  'bray-1',
  'ammonium-acetate',
  'mehlich-3',
  'mehlich-3-color',
  'olsen',
  'mehlich-1',
  'modified-morgan',
] as const;

const PRINTED = { p: 'P', k: 'K' } as const;

/**
 * The rating of a value in ppm, rounded as the pack prints it. The upper end of a band belongs to
 * it; "below half of critical" does not hold the half itself.
 * @param critical the critical level that the bands turn on, ppm; fixed bands need none
 */
export function ratingOf(
  bands: FixedBands | CriticalBands,
  value: number,
  critical: number,
): Rating {
  if ('upTo' in bands) {
    const index = bands.upTo.findIndex((end) => value <= end);
    return RATINGS[index < 0 ? RATINGS.length - 1 : index] ?? 'very-high';
  }
  if (value < bands.lowBelowShare * critical) return 'low';
  if (value <= critical) return 'medium';
  return value <= critical + bands.highUpToAbove ? 'high' : 'very-high';
}

type Bands = FixedBands | CriticalBands;

/** The step that a pack prints in, ppm. */
function stepOf(bands: Bands | null): number {
  return bands?.step ?? 10 ** -(bands?.decimals ?? 0);
}

/** The value as the pack would print it: 10.4 is 10, 10.5 is 11. */
function toPrinted(
  ctx: PlanContext,
  id: string,
  value: Extracted['figure'],
  bands: Bands | null,
): Extracted['figure'] {
  const step = stepOf(bands);
  const entry = { id, label: msg('reading.compared'), detail: { step } };
  return ctx.sheet.derive('round', entry, [value], (q) =>
    quantity(Math.round(q.value / step + 1e-9) * step, 'ppm', q.of),
  );
}

function criticalLevel(
  ctx: PlanContext,
  areaId: string,
  pack: Pack,
  { critical, standing }: CriticalBands,
  cec: Readings['cec'],
): Figure<Quantity<'ppm', 'K'>> {
  const id = `${areaId}/reading/k/critical`;
  const { source } = pack;
  if ('absent' in cec) {
    const entry = { id, label: msg('reading.criticalCecUnknown'), source, standing };
    return ctx.constant(entry, critical.cecUnknown, 'ppm', 'K');
  }
  const base = { id: `${id}/base`, label: msg('reading.criticalBase'), source, standing };
  const slope = { id: `${id}/per-cec`, label: msg('reading.criticalPerCec'), source, standing };
  return ctx.sheet.derive(
    'equation',
    { id, label: msg('reading.critical'), source, standing, detail: { equation: 'critical-k' } },
    [
      ctx.constant(base, critical.base, 'ppm', 'K'),
      ctx.constant(slope, critical.perCec, 'ratio', 'CEC'),
      cec,
    ],
    (a, b, exchange) => quantity(a.value + b.value * exchange.value, 'ppm', 'K'),
  );
}

/** Why a value is not rated, if it is not. */
function unrated(
  analyte: 'p' | 'k',
  { figure, method, typed }: Extracted,
  bands: Bands | null,
): Msg | undefined {
  const of = { nutrient: PRINTED[analyte] };
  if (!typed) return msg('reading.notTested', of);
  if ('absent' in figure) {
    const plain = figure.absent.id === 'absent.unreadable';
    return msg(plain ? 'reading.unreadable' : 'reading.unread', { ...of, why: figure.absent });
  }
  if (!bands) return msg('reading.noBands', of);
  if (method === '') return msg('reading.noExtractant', of);
  if (method !== bands.method) {
    const known = EXTRACTANTS.find((each) => each === method) ?? 'other';
    return msg('reading.noRating', { method: msg(`extractant.${known}`) });
  }
  return undefined;
}

/** The class that holds the value; of `<x` the one of x, said as "or less" unless it holds all. */
function saidAs(
  analyte: 'p' | 'k',
  value: Extracted['figure'],
  rating: Rating,
  low: Rating | undefined,
): Msg {
  const name = low && low !== rating ? 'orLess' : 'is';
  const params = { value: { working: value.id }, rating: msg(`rating.${rating}`) };
  return msg(`reading.${analyte}.${name}`, {
    ...params,
    then: msg(`reading.${analyte}.${rating}`),
  });
}

function readOne(
  ctx: PlanContext,
  areaId: string,
  analyte: 'p' | 'k',
  extracted: Extracted,
  bands: Bands | null,
  critical: SoilReading['critical'],
): SoilReading {
  const compared = toPrinted(ctx, `${areaId}/reading/${analyte}/compared`, extracted.figure, bands);
  const common = { analyte, value: extracted.figure, compared, critical };
  if (extracted.word) {
    const { word } = extracted;
    const then = msg(`reading.${analyte}.${word}`);
    const params = { nutrient: PRINTED[analyte], rating: msg(`rating.${word}`), then };
    return { ...common, rating: word, ends: [], sentence: msg('reading.word', params) };
  }
  const why = unrated(analyte, extracted, bands);
  if (why || !bands || 'absent' in compared) {
    return { ...common, rating: undefined, ends: [], sentence: why ?? msg('reading.notTested') };
  }
  const level = critical && !('absent' in critical) ? critical.value.value : 0;
  const rating = ratingOf(bands, compared.value.value, level);
  const { range } = compared;
  if (range && range.high > compared.value.value && rating !== 'very-high') {
    const params = { nutrient: PRINTED[analyte], value: { working: extracted.figure.id } };
    return { ...common, rating: undefined, ends: [], sentence: msg('reading.orMore', params) };
  }
  const low = range ? ratingOf(bands, range.low, level) : undefined;
  const ends =
    'upTo' in bands
      ? bands.upTo
      : [bands.lowBelowShare * level, level, level + bands.highUpToAbove];
  return { ...common, rating, ends, sentence: saidAs(analyte, extracted.figure, rating, low) };
}

/**
 * Rates P and K by the pack's bands, each only by the extractant that the bands are for. A value of
 * an unknown extractant asks for it; one of another is "no rating in this pack".
 */
export function readSoilTest(
  ctx: PlanContext,
  areaId: string,
  pack: Pack,
  { p, k, cec }: Readings,
): SoilTest {
  const { soilTest } = pack;
  const critical =
    soilTest.k && 'critical' in soilTest.k && k.typed
      ? criticalLevel(ctx, areaId, pack, soilTest.k, cec)
      : undefined;
  const unknown = [p, k].filter(({ typed, method }) => typed && method === '');
  if (unknown.length > 0) {
    const figures = unknown.map(({ figure }) => figure);
    ctx.find(areaId, 'results', 'decide', 'askExtractant', {}, figures);
  }
  return {
    p: readOne(ctx, areaId, 'p', p, soilTest.p, undefined),
    k: readOne(ctx, areaId, 'k', k, soilTest.k, critical),
    byPack: NEWEST_PACKS.map((each) => ({
      id: each.id,
      version: each.version,
      p: ratingUnder(each.soilTest.p, p, cec),
      k: ratingUnder(each.soilTest.k, k, cec),
    })),
  };
}

/** The rating that bands give a value; none for another extractant, a limit, or no value. */
function ratingUnder(
  bands: Bands | null,
  { figure, method }: Extracted,
  cec: Readings['cec'],
): Rating | undefined {
  if (!bands || bands.method !== method || 'absent' in figure || figure.range) return undefined;
  const step = stepOf(bands);
  const value = Math.round(figure.value.value / step + 1e-9) * step;
  if ('upTo' in bands) return ratingOf(bands, value, 0);
  const { base, perCec, cecUnknown } = bands.critical;
  return ratingOf(bands, value, 'absent' in cec ? cecUnknown : base + perCec * cec.value.value);
}
