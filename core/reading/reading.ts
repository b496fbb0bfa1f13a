import { bufferIsSilent } from '../site/report/buffers';
import { HEAVY_ABOVE_CEC, SPLIT_BELOW_CEC } from '../tables/soil/exchange';
import type { PlanContext } from '../kernel/working/context';
import { msg, type Msg } from '../kernel/messages/msg';
import type { Figure } from '../kernel/working/working';
import { excessOf } from './excess';
import { furtherLines } from './supplementaryLines';
import { hazardLines } from './hazardLines';
import type { ReadingInput } from './input';
import type { SoilReading } from './soilTest';
import { READING_ORDER, type AreaReading, type Limits, type ReadingLine } from './types';

/** A soil this far outside its window is before all else in the way, in pH. Common practice. */
const FAR_OUTSIDE_PH = 0.5;

function phLine({ goal, readings, plant }: ReadingInput): ReadingLine | undefined {
  const { waterPh } = readings;
  if ('absent' in waterPh) return undefined;
  const { window, limeBelow, edges, acid, conflict } = goal;
  const ph = waterPh.value.value;
  const of = acid ? 'acid' : 'plain';
  const where = ph > window.high ? 'high' : ph < limeBelow ? 'acidic' : 'right';
  const off = Math.max(ph - window.high, limeBelow - ph);
  const params = {
    ph: { working: waterPh.id },
    low: { working: edges.low.id },
    high: { working: edges.high.id },
    plant: msg(`plant.${plant.id}`),
    others: goal.plants.length - 1,
  };
  const common = { analyte: 'ph', value: waterPh, by: { source: plant.source } } as const;
  if (conflict) {
    const sentence = msg('reading.ph.conflict', params);
    return { ...common, limits: 3, sentence, then: conflict, track: undefined };
  }
  return {
    ...common,
    limits: where === 'right' ? 0 : off > FAR_OUTSIDE_PH ? 3 : 2,
    sentence: msg(`reading.ph.${where}`, params),
    then: msg(`reading.ph.${where}.${of}`),
    track: { ends: [], window },
  };
}

function bufferLine({ goal, readings }: ReadingInput): ReadingLine | undefined {
  const { bufferPh, waterPh } = readings;
  if ('absent' in bufferPh) return undefined;
  const acidic = !('absent' in waterPh) && waterPh.value.value < goal.limeBelow;
  const says = bufferIsSilent(readings) ? 'silent' : 'tells';
  return {
    analyte: 'buffer',
    value: bufferPh,
    limits: 0,
    sentence: msg('reading.buffer', { value: { working: bufferPh.id } }),
    then: msg(`reading.buffer.${acidic ? says : 'idle'}`),
    track: undefined,
    by: { source: 'ncr-221' },
  };
}

/** Classes of organic matter in the order of the pack's ends. */
const OM_CLASSES = ['low', 'medium', 'high', 'organic'] as const;

function organicMatterLine({ pack, readings }: ReadingInput): ReadingLine | undefined {
  const { organicMatter } = readings;
  if ('absent' in organicMatter) return undefined;
  const ends = pack.organicMatter?.upTo ?? [];
  const scale = 10 ** (pack.organicMatter?.decimals ?? 0);
  const percent = Math.round(organicMatter.value.value * scale) / scale;
  const found = ends.findIndex((end) => percent <= end);
  const name = OM_CLASSES[found < 0 ? ends.length : found] ?? 'organic';
  const params = { value: { working: organicMatter.id } };
  const common = { analyte: 'om', value: organicMatter, by: { source: pack.source } } as const;
  if (ends.length === 0) {
    const sentence = msg('reading.om.unrated', params);
    return { ...common, limits: 0, sentence, then: undefined, track: undefined };
  }
  return {
    ...common,
    limits: name === 'low' ? 1 : 0,
    sentence: msg(`reading.om.${name}`, params),
    then: msg(`reading.om.${name}.then`),
    track: undefined,
  };
}

function cecLine({ pack, readings }: ReadingInput): ReadingLine | undefined {
  const { cec } = readings;
  if ('absent' in cec) return undefined;
  const value = cec.value.value;
  const name =
    value < pack.lime.sandy.cec
      ? 'verySandy'
      : value < SPLIT_BELOW_CEC
        ? 'sandy'
        : value > HEAVY_ABOVE_CEC
          ? 'heavy'
          : 'middle';
  return {
    analyte: 'cec',
    value: cec,
    limits: name === 'verySandy' ? 1 : 0,
    sentence: msg(`reading.cec.${name}`, { value: { working: cec.id } }),
    then: msg(`reading.cec.${name}.then`),
    track: undefined,
    by: { source: 'practice' },
  };
}

const LIMITS_BY_RATING: Readonly<Record<string, Limits>> = { low: 2, medium: 1 };

function nutrientLine(
  ctx: PlanContext,
  { file, area, plant, pack }: ReadingInput,
  reading: SoilReading,
): ReadingLine | undefined {
  const { analyte, value, rating, sentence, ends, bands } = reading;
  if (sentence.id === 'reading.notTested') return undefined;
  const [, enough = 0, high = 0] = ends;
  return {
    analyte,
    value,
    limits: LIMITS_BY_RATING[rating ?? ''] ?? 0,
    sentence,
    then: undefined,
    track:
      rating && !('absent' in value) && ends.length > 0
        ? { ends, window: { low: enough, high } }
        : undefined,
    by: {
      source: bands?.source ?? pack.source,
      ...(bands?.locator ? { locator: bands.locator } : {}),
      ...(bands?.year ? { year: bands.year } : {}),
    },
    excess: excessOf(ctx, file, { area, plant }, reading),
  };
}

/** The line that limits most: the heaviest, and of equal ones the first in the order of reading. */
function summaryOf(lines: readonly ReadingLine[]): Msg | undefined {
  if (lines.length === 0) return undefined;
  const most = Math.max(...lines.map(({ limits }) => limits));
  const first = lines.find(({ limits }) => limits === most);
  if (!first || most === 0) return msg('reading.summary.nothing');
  const more = lines.filter((line) => line !== first && line.limits > 1);
  // What can hurt people limits no plant.
  const name = first.analyte === 'pb' ? 'hazard' : 'limits';
  return msg(`reading.summary.${name}`, {
    what: msg(`read.${first.analyte}`),
    sentence: first.sentence,
    more: more.length,
    next: msg(`read.${more[0]?.analyte ?? first.analyte}`),
  });
}

/** Whether a figure was told at all. */
function isTold(figure: Figure): boolean {
  return !('absent' in figure);
}

/**
 * Reads a report in its fixed order: pH, buffer, organic matter, CEC, nitrate, P, K, the bases, sulfur,
 * micronutrients, salts, sodium, lead. Each value in one sentence with what follows from it; what is not on
 * the report has no line. The summary names what limits most.
 */
export function readArea(ctx: PlanContext, input: ReadingInput): AreaReading {
  const { soilTest } = input;
  const lines = [
    phLine(input),
    bufferLine(input),
    organicMatterLine(input),
    cecLine(input),
    nutrientLine(ctx, input, soilTest.p),
    nutrientLine(ctx, input, soilTest.k),
    ...furtherLines(input),
    ...hazardLines(ctx, input),
  ].filter((line) => line !== undefined);
  const ordered = READING_ORDER.flatMap((analyte) =>
    lines.filter((line) => line.analyte === analyte),
  );
  const told = ordered.filter(({ value }) => isTold(value));
  return { lines: ordered, summary: summaryOf(told), clues: input.clues };
}
