import { isMicronutrient, type Plant } from '../catalog/plants/plants';
import type { Figure } from '../kernel/working/working';
import { msg, type Msg } from '../kernel/messages/msg';
import {
  FURTHER_ANALYTES,
  furtherBands,
  furtherClass,
  type FurtherAnalyte,
  type FurtherBands,
  type FurtherClass,
} from '../catalog/packs/supplementaryBands';
import { opinionOf, type OpinionId } from '../catalog/packs/opinions';
import type { ReadingInput } from './input';
import { saltsTooHigh } from './salts';
import type { Limits, ReadingLine } from './types';

/** Season's nitrate that was well used: what is left after harvest, ppm. Common practice. */
const WELL_USED_NITRATE = 5;

/** The extractant of an analyte: bases come out in the same extract as potassium. */
function methodOf(analyte: FurtherAnalyte, { readings, plant }: ReadingInput): string {
  const extract = readings.inExtract[analyte === 'ec' ? 'ca' : analyte] !== undefined;
  if (extract && analyte !== 'ec') return 'saturated-extract';
  if (analyte === 'ca' || analyte === 'mg') return readings.k.method;
  if (analyte === 'no3') return '';
  // What is not said is taken as the paste, as for what the plants bear.
  const isPaste = (readings.methods.ec || 'saturated-paste') === 'saturated-paste';
  if (analyte === 'ec' && plant.group === 'mixes' && isPaste) return 'mix';
  return readings.methods[analyte] ?? '';
}

function valueFor(analyte: FurtherAnalyte, { readings }: ReadingInput): Figure | undefined {
  if (analyte === 'ec') return readings.others.ec;
  return readings.inExtract[analyte] ?? readings.more[analyte];
}

/** The bands of an analyte, by the opinion that the area follows where it follows one. */
function bandsOf(
  analyte: FurtherAnalyte,
  { file, readings }: ReadingInput,
  method: string,
): FurtherBands | undefined {
  const bands = furtherBands(analyte, method, readings.texture);
  if (!bands || (analyte !== 'cu' && analyte !== 'mn')) return bands;
  const what: OpinionId = analyte === 'cu' ? 'opinion-cu' : 'opinion-mn';
  const opinion = opinionOf(what, file.decisions[what]?.value, method);
  if (!opinion) return bands;
  // Up to, but not with, the level that counts as enough.
  const step = 10 ** -bands.decimals;
  return { ...bands, upTo: [opinion.enough - step], source: opinion.source, locator: '' };
}

const LIMITS: Readonly<Partial<Record<FurtherClass, Limits>>> = {
  low: 2,
  marginal: 1,
  medium: 1,
  slight: 1,
  moderate: 2,
  strong: 3,
};

/** What follows: of a micronutrient only something where the plant shows the want of it. */
function thenOf(
  analyte: FurtherAnalyte,
  name: FurtherClass,
  { plant, goal, readings }: ReadingInput,
): Msg {
  const params = { plant: msg(`plant.${plant.id}`) };
  if (
    analyte === 'b' &&
    (name === 'excess' || (name === 'high' && isBoronSensitive(goal.plants)))
  ) {
    return msg(`reading.then.b.${name}`, params);
  }
  if (isMicronutrient(analyte)) {
    const short = name === 'low' || name === 'marginal';
    if (short && !plant.responds.includes(analyte)) return msg('reading.then.notShown', params);
    return short ? msg(`reading.then.${analyte}`, params) : msg('reading.then.enough', params);
  }
  const { no3 } = readings.more;
  if (analyte === 'no3' && no3 && !('absent' in no3) && no3.value.value <= WELL_USED_NITRATE) {
    return msg('reading.then.no3.used');
  }
  if (analyte === 'ec') {
    const over = saltsTooHigh(goal.plants, readings);
    const mild = name === 'none' || name === 'slight';
    if (over && mild) {
      return msg('reading.then.ec.sensitive', { plant: msg(`plant.${over.plant.id}`) });
    }
    return msg(`reading.then.ec.${name === 'marginal' ? 'medium' : name}`, params);
  }
  const short = name === 'low' || name === 'medium';
  if (analyte === 'no3') return msg(`reading.then.no3.${short ? 'low' : 'high'}`);
  return short ? msg(`reading.then.${analyte}`, params) : msg('reading.then.enough', params);
}

/** Whether one of the plants is harmed by boron that others bear. */
function isBoronSensitive(plants: readonly Plant[]): boolean {
  return plants.some(({ rules }) => rules.includes('boron-sensitive'));
}

/** A micronutrient that the plant does not show the want of stands in nobody's way. */
function limitsOf(
  analyte: FurtherAnalyte,
  name: FurtherClass,
  { plant, goal, readings }: ReadingInput,
): Limits {
  // Too much boron poisons any plant, and some by much less.
  if (analyte === 'b' && name === 'excess') return 3;
  if (analyte === 'b' && name === 'high' && isBoronSensitive(goal.plants)) return 2;
  if (isMicronutrient(analyte) && !plant.responds.includes(analyte)) return 0;
  if (analyte === 'ec' && saltsTooHigh(goal.plants, readings)) return name === 'strong' ? 3 : 2;
  // Nitrate comes and goes: it is a credit, not a shortage.
  return analyte === 'no3' ? 0 : (LIMITS[name] ?? 0);
}

function windowOf({ upTo, classes }: FurtherBands): { low: number; high: number } | undefined {
  const at = classes.findIndex((name) => name === 'adequate' || name === 'none');
  if (at < 0) return undefined;
  const low = at === 0 ? 0 : (upTo[at - 1] ?? 0);
  return { low, high: upTo[at] ?? (upTo[at - 1] ?? 0) * 1.5 };
}

function unratedLine(analyte: FurtherAnalyte, value: Figure, why: Msg): ReadingLine {
  const sentence = msg('reading.unratedLine', {
    what: msg(`read.${analyte}`),
    value: { working: value.id },
    why,
  });
  return { analyte, value, limits: 0, sentence, then: undefined, track: undefined, by: undefined };
}

function lineOf(analyte: FurtherAnalyte, input: ReadingInput): ReadingLine | undefined {
  const value = valueFor(analyte, input);
  if (!value) return undefined;
  if ('absent' in value) return unratedLine(analyte, value, value.absent);
  const method = methodOf(analyte, input);
  const bands = bandsOf(analyte, input, method);
  if (!bands) {
    const unknown = method === '' && analyte !== 'no3';
    return unratedLine(analyte, value, msg(unknown ? 'reading.askMethod' : 'reading.noThresholds'));
  }
  const name = furtherClass(bands, value.value.value);
  const low = value.range ? furtherClass(bands, value.range.low) : name;
  if (value.range && value.range.high > value.value.value) {
    return unratedLine(analyte, value, msg('reading.limitOnly'));
  }
  const window = windowOf(bands);
  const { source, locator, year } = bands;
  const params = {
    what: msg(`read.${analyte}`),
    value: { working: value.id },
    rating: msg(`class.${name}`),
  };
  return {
    analyte,
    value,
    limits: limitsOf(analyte, name, input),
    sentence: msg(low === name ? 'reading.line' : 'reading.lineOrLess', params),
    then: thenOf(analyte, name, input),
    track: window ? { ends: bands.upTo, window } : undefined,
    by: { source, locator, year },
  };
}

/** Nitrate, the bases, sulfur, micronutrients and salts, each by the thresholds of its extractant. */
export function furtherLines(input: ReadingInput): ReadingLine[] {
  return FURTHER_ANALYTES.flatMap((analyte) => lineOf(analyte, input) ?? []);
}
