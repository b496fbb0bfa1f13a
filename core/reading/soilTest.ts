import type { AreaSlice } from '../casefile/slice';
import type { Extracted } from '../site/report/extracted';
import { isCalcareous } from './calcareous';
import type { Readings } from '../site/report/types';
import { quantity, type Quantity, type SoilElement } from '../kernel/units/quantity';
import type { PlanContext } from '../kernel/working/context';
import { msg, type Msg } from '../kernel/messages/msg';
import { valueOf, type Figure } from '../kernel/working/working';
import { opinionOf, withEnough } from '../catalog/packs/opinions';
import { usualSoilGroup } from '../catalog/packs/soilGroups';
import type { CriticalBands, NutrientBands, Pack, Rating } from '../catalog/packs/pack';
import {
  asPrinted,
  bandsFor,
  endsOf,
  groupsOf,
  ratingOf,
  stepOf,
  type Bands,
} from '../catalog/packs/rating';
import { CRITICAL_K } from '../equations/soil/byExchangeCapacity';

type Tested = Figure<Quantity<'ppm' | 'mg/L', SoilElement>>;

/** A soil-test P or K on the pack's scale. */
export interface SoilReading {
  readonly analyte: 'p' | 'k';
  /** In ppm of the element; where the pack is of saturated extracts in mg/L of one. */
  readonly value: Tested;
  /** Rounded to the decimals that the pack's bands are printed with. */
  readonly compared: Tested;
  /** The bands that it is rated by: of its soil group, and of the opinion that the area follows. */
  readonly bands: Bands | null;
  /** Nothing where the pack cannot rate it. */
  readonly rating: Rating | undefined;
  /** Upper ends of low, medium and high on the track. */
  readonly ends: readonly number[];
  /** The level that the bands of K turn on. */
  readonly critical: Figure<Quantity<'ppm', 'K'>> | undefined;
  /** What it means, in one sentence. */
  readonly sentence: Msg;
}

/** How a pack rates a report; nothing where its bands are for another extractant or soil group. */
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
  'saturated-extract',
] as const;

const PRINTED = { p: 'P', k: 'K' } as const;

/** What the reading of an area turns on. */
interface ReadBy {
  readonly file: AreaSlice;
  readonly areaId: string;
  readonly pack: Pack;
  readonly packs: readonly Pack[];
}

/** A value as the pack means it: of a saturated extract what is in that, else the content of soil. */
function testedBy(bands: NutrientBands | null, { figure, inExtract }: Extracted): Tested {
  return bands?.method === 'saturated-extract' && inExtract ? inExtract : figure;
}

/** The value as the pack would print it. */
function toPrinted(
  ctx: PlanContext,
  id: string,
  value: Tested,
  bands: NutrientBands | null,
): Tested {
  const entry = { id, label: msg('reading.compared'), detail: { step: stepOf(bands) } };
  return ctx.sheet.derive('round', entry, [value], (q) =>
    quantity(asPrinted(bands, q.value), q.unit, q.of),
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
  return ctx.sheet.equation({ id, label: msg('reading.critical'), source, standing }, CRITICAL_K, [
    ctx.constant(base, critical.base, 'ppm', 'K'),
    ctx.constant(slope, critical.perCec, 'ratio', 'CEC'),
    cec,
  ]);
}

/** Why a value is not rated, if it is not. */
function unrated(
  analyte: 'p' | 'k',
  { method, typed }: Extracted,
  value: Tested,
  printed: NutrientBands | null,
  bands: Bands | null,
): Msg | undefined {
  const of = { nutrient: PRINTED[analyte] };
  if (!typed) return msg('reading.notTested', of);
  const known = EXTRACTANTS.find((each) => each === method) ?? 'other';
  const elsewhere = msg('reading.noRating', { method: msg(`extractant.${known}`) });
  if ('absent' in value) {
    // What is in an extract can be read, but not by a pack of soils.
    if (method === 'saturated-extract' && value.absent.id === 'absent.inExtract') return elsewhere;
    const plain = value.absent.id === 'absent.unreadable';
    return msg(plain ? 'reading.unreadable' : 'reading.unread', { ...of, why: value.absent });
  }
  if (!printed) return msg('reading.noBands', of);
  if (method === '') return msg('reading.noExtractant', of);
  if (method !== printed.method) return elsewhere;
  return bands ? undefined : msg('reading.noGroup', of);
}

/** The class that holds the value; of `<x` the one of x, said as "or less" unless it holds all. */
function saidAs(analyte: 'p' | 'k', value: Tested, rating: Rating, low: Rating | undefined): Msg {
  const name = low && low !== rating ? 'orLess' : 'is';
  const params = { value: { working: value.id }, rating: msg(`rating.${rating}`) };
  return msg(`reading.${analyte}.${name}`, {
    ...params,
    then: msg(`reading.${analyte}.${rating}`),
  });
}

function readOne(
  ctx: PlanContext,
  by: ReadBy & { readonly calcareous: boolean },
  analyte: 'p' | 'k',
  extracted: Extracted,
  printed: NutrientBands | null,
  critical: SoilReading['critical'],
  bands: Bands | null,
): SoilReading {
  const value = testedBy(printed, extracted);
  const compared = toPrinted(ctx, `${by.areaId}/reading/${analyte}/compared`, value, printed);
  const common = { analyte, value, compared, critical, bands };
  const unbelieved = (rating: Rating): SoilReading | undefined =>
    by.calcareous && extracted.method === 'bray-1' && (rating === 'low' || rating === 'medium')
      ? { ...common, rating: undefined, ends: [], sentence: msg('reading.brayOnLimy') }
      : undefined;
  if (extracted.word) {
    const { word } = extracted;
    const refused = unbelieved(word);
    if (refused) return refused;
    const then = msg(`reading.${analyte}.${word}`);
    const params = { nutrient: PRINTED[analyte], rating: msg(`rating.${word}`), then };
    return { ...common, rating: word, ends: [], sentence: msg('reading.word', params) };
  }
  const why = unrated(analyte, extracted, value, printed, bands);
  if (why || !bands || 'absent' in compared) {
    const sentence = why ?? msg('reading.notTested', { nutrient: PRINTED[analyte] });
    return { ...common, rating: undefined, ends: [], sentence };
  }
  const level = critical && !('absent' in critical) ? critical.value.value : 0;
  const rating = ratingOf(bands, compared.value.value, level);
  const refused = unbelieved(rating);
  if (refused) return refused;
  const { range } = compared;
  if (range && range.high > compared.value.value && rating !== 'very-high') {
    const params = { nutrient: PRINTED[analyte], value: { working: value.id } };
    return { ...common, rating: undefined, ends: [], sentence: msg('reading.orMore', params) };
  }
  const low = range ? ratingOf(bands, range.low, level) : undefined;
  const ends = endsOf(bands, level);
  return { ...common, rating, ends, sentence: saidAs(analyte, value, rating, low) };
}

/** The pack's bands of K, or those of the opinion that the area follows. */
function bandsOfK({ file, pack }: ReadBy): NutrientBands | null {
  const printed = pack.soilTest.k;
  const decided = file.decisions['opinion-k']?.value;
  const opinion = printed && opinionOf('opinion-k', decided, printed.method);
  return printed && opinion ? withEnough(printed, opinion) : printed;
}

/**
 * Rates P and K by the pack's bands, each only by the extractant that the bands are for. A value of
 * an unknown extractant asks for it; one of another is "no rating in this pack"; a pack that tells groups
 * of soils apart asks for the group.
 * @param by.packs every pack that the same report is to be rated by
 */
export function readSoilTest(ctx: PlanContext, by: ReadBy, readings: Readings): SoilTest {
  const { areaId, pack, file } = by;
  const { p, k, cec } = readings;
  // Bray-1 says too little where lime spends its acid: only what it finds in plenty is believed.
  const calcareous = isCalcareous(file, readings);
  const { soilTest } = pack;
  const group = soilGroupOf(file, pack, readings);
  const kBands = bandsOfK(by);
  const critical =
    kBands && 'critical' in kBands && k.typed
      ? criticalLevel(ctx, areaId, pack, kBands, cec)
      : undefined;
  const read = {
    p: readOne(
      ctx,
      { ...by, calcareous },
      'p',
      p,
      soilTest.p,
      undefined,
      bandsFor(soilTest.p, group),
    ),
    k: readOne(ctx, { ...by, calcareous }, 'k', k, kBands, critical, bandsFor(kBands, group)),
  };
  return {
    ...read,
    byPack: by.packs.map((each) => {
      const theirs = soilGroupOf(file, each, readings);
      return {
        id: each.id,
        version: each.version,
        p: ratingUnder(each.soilTest.p, p, cec, theirs),
        k: ratingUnder(each.soilTest.k, k, cec, theirs),
      };
    }),
  };
}

/** The groups of soils that a pack tells apart. */
export function soilGroupsOf({ soilTest }: Pack): readonly string[] {
  return [...new Set([...groupsOf(soilTest.p), ...groupsOf(soilTest.k)])];
}

/** The group of soils that an area is read by: as decided, else by its texture or CEC; nothing where neither tells. */
function soilGroupOf(
  { decisions }: Pick<AreaSlice, 'decisions'>,
  pack: Pack,
  { texture, cec }: Readings,
): string | undefined {
  const decided = decisions['soil-group']?.value;
  return decided || usualSoilGroup(soilGroupsOf(pack), texture, valueOf(cec)?.value);
}

/** The rating that bands give a value; none for another extractant or group, a limit, or no value. */
function ratingUnder(
  printed: NutrientBands | null,
  extracted: Extracted,
  cec: Readings['cec'],
  group: string | undefined,
): Rating | undefined {
  const bands = bandsFor(printed, group);
  const figure = testedBy(printed, extracted);
  if (!bands || bands.method !== extracted.method || 'absent' in figure || figure.range) {
    return undefined;
  }
  const value = asPrinted(bands, figure.value.value);
  if ('upTo' in bands) return ratingOf(bands, value, 0);
  const { base, perCec, cecUnknown } = bands.critical;
  return ratingOf(bands, value, 'absent' in cec ? cecUnknown : base + perCec * cec.value.value);
}
