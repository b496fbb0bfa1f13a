import { levelOf } from '../../catalog/programmes/growing';
import { programmeOf, type Growing } from '../../catalog/programmes/programmes';
import {
  byLateSchool,
  isSlowYear,
  LATE_SCHOOLS,
  type LateSchool,
  type Programme,
  type StageId,
} from '../../catalog/programmes/programme';
import { SPLIT_BELOW_CEC } from '../../tables/soil/exchange';
import { addDays, parseDate, type IsoDate } from '../../kernel/typed/date';
import { msg } from '../../kernel/messages/msg';
import {
  comingEvents,
  isSevere,
  type DatedEvent,
  type Origin,
} from '../../schedule/climate/calendar';
import type { Slot } from '../../schedule/constraints';
import type { DosePart } from '../../schedule/dosing/doses';
import type { NeedInput } from './needInput';
import { isOrganicOnly } from './offered';
import type { Role } from './products';

/** A part of a product's year: its share, what the plant is at then, and the days on which it may go on. */
export interface YearPart extends Omit<DosePart, 'cap'> {
  readonly stage: StageId;
  readonly origin: Origin;
  readonly slot: Slot;
  /** So much of its nitrogen should come slowly, %. */
  readonly slow: number | undefined;
}

/** Where and how it grows, as far as its programme goes by it. */
function growingOf({ area, form, climate }: NeedInput): Growing {
  return { severe: !!climate && isSevere(climate), form, level: levelOf(area) };
}

/** Sand lets late nitrogen through to the ground water. */
const SAND_BELOW_CEC = 6;

/** So near to open water nitrogen that grass does not take up at once does harm, ft. Common practice. */
const NEAR_WATER_FT = 50;

function isNearWater({ distances: { water } }: NeedInput): boolean {
  return water !== undefined && water <= NEAR_WATER_FT;
}

/** Whether what is bought first releases its nitrogen slowly: by the programme, and on grass that is there near water. */
export function isSlowHere(input: NeedInput, programme: Programme): boolean {
  const isGrass = input.plant.form === 'lawn' && input.form === 'established';
  return isSlowYear(programme) || (isGrass && isNearWater(input));
}

/** Whether the nitrogen here comes slowly: a local rule or the organic way leaves nothing else, as decided, or by its programme. */
function isFedSlowly(input: NeedInput, programme: Programme): boolean {
  const { file, materials, allowed } = input;
  const decided = materials.fertilizers.find(({ id }) => id === file.decisions['feed-n']?.value);
  return (
    isOrganicOnly(input) ||
    (allowed.slowShare?.value ?? 0) > 0 ||
    (decided ? decided.release === 'slow' : isSlowHere(input, programme))
  );
}

/**
 * The school on late nitrogen that stands: as decided, none on sand, else as is usual in the climate, and near water no later than
 * mid-October (Mangiafico & Guillard 2006, recalled). Slow nitrogen put on in cold soil feeds the flush of spring instead
 * (Beard 1973): then there is none once growth has stopped.
 */
function lateSchoolOf(input: NeedInput, programme: Programme): LateSchool {
  const { file, climate, readings } = input;
  const decided = LATE_SCHOOLS.find((each) => each === file.decisions['late-n']?.value);
  const { cec } = readings;
  const isSand = !('absent' in cec) && cec.value.value < SAND_BELOW_CEC;
  const ofClimate = climate?.lateNitrogen ?? 'classic';
  const usual = ofClimate === 'classic' && isNearWater(input) ? 'earlier' : ofClimate;
  const school = decided ?? (isSand ? 'none' : usual);
  return school === 'classic' && isFedSlowly(input, programme) ? 'none' : school;
}

/** Whether nitrogen goes beside the row twice: as decided, else on light soil. */
function isTwice({ file, readings: { cec } }: NeedInput): boolean {
  const decided = file.decisions['corn-side']?.value;
  const isLight = !('absent' in cec) && cec.value.value < SPLIT_BELOW_CEC;
  return decided ? decided === 'two' : isLight;
}

/** The programme of what grows there by the schools that are followed, whatever the climate; nothing where there is none. */
export function programmeHere(input: NeedInput): Programme | undefined {
  const programme = programmeOf(input.plant, growingOf(input));
  if (!programme) return undefined;
  const { twice } = programme;
  if (twice && isTwice(input)) return { ...programme, events: twice };
  return byLateSchool(programme, lateSchoolOf(input, programme));
}

/** The programme by which days can be told; nothing where no climate is chosen. */
export function programmeFor(input: NeedInput): Programme | undefined {
  return input.climate && programmeHere(input);
}

/** The feedings of the twelve months from a day on; nothing where there is no programme. */
function eventsFor(input: NeedInput, from: IsoDate): DatedEvent[] | undefined {
  const { area, climate } = input;
  const programme = programmeFor(input);
  if (!climate || !programme) return undefined;
  const planted = parseDate(area.plantedOn);
  const events = comingEvents(
    climate,
    programme,
    from,
    planted.kind === 'value' ? planted.value : undefined,
  );
  // What comes too late for its nitrogen still brings the phosphate and potash that are worked in.
  return events.filter(({ event, isStopped }) => !isStopped || event.P2O5 || event.K2O);
}

const NUTRIENT = { p: 'P2O5', k: 'K2O', n: 'N', one: 'N', row: 'N' } as const;

const WORKED_IN: ReadonlySet<StageId> = new Set(['beforePlanting', 'atSowing', 'underSod']);

/** Whether what goes on at a stage is worked into the ground before anything is planted. */
export function isWorkedIn(stage: StageId): boolean {
  return WORKED_IN.has(stage);
}

/** What has to rot first goes on so much earlier, where that is still to come. */
const ROTS_FOR_DAYS = 14;

function earlier(first: IsoDate, from: IsoDate): IsoDate {
  const day = addDays(first, -ROTS_FOR_DAYS);
  return day > from ? day : from;
}

/** Where a short season leaves no room between two, the later one is left out: the others take its part. */
function spaced(parts: readonly YearPart[], days: number): YearPart[] {
  const kept: YearPart[] = [];
  for (const part of parts) {
    const before = kept.at(-1);
    if (!before || addDays(before.slot.from, days) <= part.slot.to) kept.push(part);
  }
  return kept;
}

/** Room for a second product after the first where a year has no other time for it, days. */
const SECOND_PRODUCT_DAYS = 45;

function later(part: YearPart): YearPart {
  const { from, to, end } = part.slot;
  return { ...part, slot: { from, to: addDays(to, SECOND_PRODUCT_DAYS), end } };
}

function sumOf(parts: readonly YearPart[]): number {
  return parts.reduce((sum, { share }) => sum + share, 0);
}

/** What a product's year is dealt out by. */
interface YearOf {
  readonly from: IsoDate | undefined;
  /**
   * Stages with which another product brings this one's nutrient already: it goes on with the others, so that two never
   * add up on one day.
   */
  readonly brought: ReadonlySet<StageId>;
  /** Days from one application to the next. */
  readonly spacing: number;
  /** The soil holds no potash for long: half of it waits for the next nitrogen. */
  readonly light: boolean;
}

/**
 * How the year's amount of a product is dealt out over the coming events of the plant's programme. Nitrogen whose stage is
 * over is not made up for on what is planted anew; phosphate and potash are, with the next that comes. One trip, and
 * what goes along rows, goes on once.
 *
 * @returns nothing where no programme speaks of it; an empty list where its season is over
 */
export function yearParts(
  input: NeedInput,
  role: Role,
  { from, brought, spacing, light }: YearOf,
): YearPart[] | undefined {
  const events = from && eventsFor(input, from);
  if (!events) return undefined;
  const nutrient = NUTRIENT[role];
  const isAnnual = events.some(({ event }) => 'planted' in event.from);
  const all = events.map(({ event, origin, from: first, to, stop, isStopped }): YearPart => ({
    share: nutrient === 'N' && isStopped ? 0 : (event[nutrient] ?? 0),
    label: msg(`stage.${event.stage}`),
    stage: event.stage,
    origin,
    slow: nutrient === 'N' ? event.slow : undefined,
    slot: {
      from: isOrganicOnly(input) ? earlier(first, from) : first,
      to,
      end: isStopped ? undefined : stop,
    },
  }));
  const fedWith = (stage: StageId): boolean =>
    events.some(
      ({ event, isStopped }) => event.stage === stage && !isStopped && (event.N ?? 0) > 0,
    );
  const coming = spaced(
    all.filter(({ share }) => share > 0),
    spacing,
  );
  if (role === 'one' || role === 'row') {
    const next = coming.find(({ stage }) => role === 'one' || !isWorkedIn(stage));
    return next ? [{ ...next, share: 1 }] : [];
  }
  if (nutrient === 'N' && isAnnual && brought.size === 0) return coming;
  const [first] = all;
  // Nitrogen whose season is over waits for the next; phosphate and potash go with whatever comes.
  if (coming.length === 0) return first && nutrient !== 'N' ? [{ ...first, share: 1 }] : [];
  const [only, ...more] = coming;
  const next = all.find(({ stage, slot }) => only && slot.from > only.slot.to && fedWith(stage));
  if (role === 'k' && light && only && more.length === 0 && next) {
    return [
      { ...only, share: 0.5 },
      { ...next, share: 0.5 },
    ];
  }
  const others = coming.filter(({ stage }) => !brought.has(stage));
  const left = others.length > 0 ? others : coming.slice(-1).map(later);
  const sum = sumOf(left);
  return left.map((part) => ({ ...part, share: part.share / sum }));
}
