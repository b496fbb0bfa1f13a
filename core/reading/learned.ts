import type { Area } from '../casefile/parts/area';
import type { Report } from '../casefile/parts/report';
import { sampleOf } from '../casefile/parts/sample';
import type { AreaSlice } from '../casefile/slice';
import type { Pack } from '../catalog/packs/pack';
import { parseDate, type IsoDate } from '../kernel/typed/date';
import { quantity, type Quantity } from '../kernel/units/quantity';
import type { PlanContext } from '../kernel/working/context';
import { msg } from '../kernel/messages/msg';
import { valueOf, type Figure } from '../kernel/working/working';
import { dayOf } from '../site/diary';
import type { RecordPart } from '../site/records';
import { columnOf, printedWaterPh } from '../site/report/column';
import { reportsOf } from '../site/report/reports';
import type { Readings } from '../site/report/types';
import { shareAtWork, type Mover } from './atWork';
import { OTHER_SEASON_MONTHS, seasonApart, TESTS_DIFFER } from './twoTests';
import { phUnitByTable, type PhUnit } from './phUnit';

type Ph = Figure<Quantity<'pH', 'water'>>;

/** How this ground itself answered to lime, or to sulfur: what its pH took for a whole unit, by its own tests. */
export interface Learned {
  readonly does: Mover;
  /** With what two tests differ by for nothing, and what tables of time leave open. */
  readonly unit: PhUnit;
  /** The ends of its range. */
  readonly low: PhUnit;
  readonly high: PhUnit;
  /** How deep the soil of its samples is, to which the pounds count. */
  readonly depth: Figure<Quantity<'in', 'depth'>>;
  /** The same by the table of its texture, to the depth of its sample; nothing where nobody told the texture. */
  readonly byTable: PhUnit | undefined;
  /** So many pairs of tests it rests on. */
  readonly pairs: number;
}

/** What was learned of a piece of ground; nothing where nothing can be. */
export type LearnedHere = { readonly [Does in Mover]?: Learned };

interface LearnedInput {
  readonly file: AreaSlice;
  readonly area: Area;
  readonly pack: Pack;
  readonly readings: Readings;
  readonly records: readonly RecordPart[];
}

const MOVERS: readonly Mover[] = ['lime', 'sulfur'];

interface Test {
  readonly report: Report;
  readonly on: IsoDate;
  readonly ph: Ph;
}

/** From a change that is not so many times what tests differ by for nothing, nothing is learned. */
const LEAST_TIMES = 2;
/** Tenths of pH add up to tenths. */
const SAME = 1e-9;

/** The dated tests of the ground with a pH in water, the oldest first. */
function testsOf(ctx: PlanContext, { file, area }: LearnedInput): Test[] {
  const sample = sampleOf(file, area.id);
  if (!sample) return [];
  return reportsOf(file, sample.id)
    .flatMap((report): Test[] => {
      const day = parseDate(report.date);
      const prefix = `${area.id}/learned/${report.id}`;
      const ph = printedWaterPh(ctx, columnOf(ctx, prefix, report, sample.id));
      return day.kind === 'value' && !('absent' in ph) ? [{ report, on: day.value, ph }] : [];
    })
    .reverse();
}

/** What two tests in a row have to say. */
interface Pair {
  readonly at: string;
  readonly before: Test;
  readonly now: Test;
}

/** What of a record came to work between two tests; nothing of what went on after the second, or did its work before the first. */
function workedBetween(
  ctx: PlanContext,
  { at, before, now }: Pair,
  { does, isTilled }: { readonly does: Mover; readonly isTilled: boolean },
  { entry, rate, of }: RecordPart,
): Figure<Quantity<'lb/1000ft2'>> | undefined {
  const on = dayOf(entry);
  if (!on || on >= now.on || 'absent' in rate) return undefined;
  const none = { low: 0, high: 0 };
  const until = shareAtWork(does, entry, on, now.on, isTilled);
  const then = on >= before.on ? none : shareAtWork(does, entry, on, before.on, isTilled);
  const low = Math.max(0, until.low - then.low);
  const high = Math.max(0, until.high - then.high);
  if (high === 0) return undefined;
  const share = ctx.sheet.leaf(
    'constant',
    {
      id: `${at}/${entry.id}/share`,
      label: msg('verdict.share', { from: { date: on }, until: { date: now.on } }),
      source: 'practice',
      standing: 'recalled',
    },
    quantity((low + high) / 2, 'ratio', 'share'),
    { low: Math.min(low, high), high: Math.max(low, high) },
  );
  return ctx.sheet.derive(
    'multiply',
    { id: `${at}/${entry.id}/worked`, label: msg('verdict.worked') },
    [rate, share],
    (pounds, times) => quantity(pounds.value * times.value, 'lb/1000ft2', of),
  );
}

/** What one pair teaches: the pounds that came to work, and the change. */
interface Lesson {
  readonly pair: Pair;
  readonly pounds: readonly Figure<Quantity<'lb/1000ft2'>>[];
  readonly change: Ph;
}

/**
 * How many runs of tests in a row some lessons make. What a test between two pairs is off by adds to the one and is taken from the
 * other, so that a run is unsure by its two ends alone.
 */
function runsOf(lessons: readonly Lesson[]): number {
  return lessons.filter(
    ({ pair }) => !lessons.some((other) => other.pair.now.report.id === pair.before.report.id),
  ).length;
}

/** The pounds at work and the change of one pair; nothing where nothing was at work. */
function lesson(
  ctx: PlanContext,
  pair: Pair,
  does: Mover,
  { records, area }: LearnedInput,
): Lesson | undefined {
  const { at, before, now } = pair;
  const [from, to] = does === 'lime' ? [before.ph, now.ph] : [now.ph, before.ph];
  const pounds = records
    .filter(({ column }) => column === does)
    .flatMap(
      (part) =>
        workedBetween(ctx, pair, { does, isTilled: area.situation === 'tilled' }, part) ?? [],
    );
  if (pounds.length === 0) return undefined;
  const change = ctx.sheet.subtract({ id: `${at}/change`, label: msg('earlier.change') }, [
    to,
    from,
  ]);
  return { pair, pounds, change };
}

/** How deep the samples are: as the report has it, else as such ground is generally sampled. */
function sampledDepth(ctx: PlanContext, { area, pack, readings }: LearnedInput): Learned['depth'] {
  if (!('absent' in readings.reportDepth)) return readings.reportDepth;
  const { value, standing } = pack.lime.bySituation[area.situation].depth;
  const entry = { id: `${area.id}/learned/depth`, label: msg('report.depth'), standing };
  return ctx.constant({ ...entry, source: 'practice' }, value, 'in', 'depth');
}

function learnedOf(
  ctx: PlanContext,
  input: LearnedInput,
  does: Mover,
  pairs: readonly Pair[],
  depth: Learned['depth'],
): Learned | undefined {
  const at = `${input.area.id}/learned/${does}`;
  const other: Mover = does === 'lime' ? 'sulfur' : 'lime';
  const isBoth = ({ before, now }: Pair): boolean =>
    input.records.some(({ column, entry }) => {
      const on = dayOf(entry);
      return column === other && on !== undefined && on >= before.on && on < now.on;
    });
  const lessons = pairs
    .filter((pair) => !isBoth(pair))
    .flatMap((pair) => lesson(ctx, { ...pair, at: `${at}/${pair.at}` }, does, input) ?? []);
  const sum = lessons.reduce((all, { change }) => all + (valueOf(change)?.value ?? 0), 0);
  const half = TESTS_DIFFER * Math.sqrt(runsOf(lessons));
  if (lessons.length === 0 || sum < LEAST_TIMES * half - SAME) return undefined;
  const of = does === 'lime' ? 'CaCO3' : 'S';
  const pounds = ctx.sheet.add(
    { id: `${at}/pounds`, label: msg('learned.pounds') },
    lessons.flatMap((each) => each.pounds),
    'lb/1000ft2',
    of,
  );
  const noise = ctx.sheet.leaf(
    'constant',
    { id: `${at}/noise`, label: msg('learned.noise'), source: 'practice' },
    quantity(0, 'pH', 'water'),
    { low: -half, high: half },
  );
  const change = ctx.sheet.add(
    { id: `${at}/moved`, label: msg('learned.moved') },
    [...lessons.map((each) => each.change), noise],
    'pH',
    'water',
  );
  const unit = ctx.sheet.derive(
    'divide',
    { id: `${at}/unit`, label: msg(`verdict.unit.${does}`) },
    [pounds, change],
    (all, units) => quantity(all.value / units.value, 'lb/1000ft2', of),
  );
  const { texture } = input.readings;
  const byTable = texture && phUnitByTable(ctx, `${at}/table`, does, texture, depth);
  const low = ctx.sheet.lowEnd({ id: `${at}/low`, label: msg('learned.low') }, unit);
  const high = ctx.sheet.highEnd({ id: `${at}/high`, label: msg('learned.high') }, unit);
  return { does, unit, low, high, depth, byTable, pairs: lessons.length };
}

/**
 * How a piece of ground itself answers to lime and to sulfur: of each two tests in a row, by one laboratory and of one season, what
 * came to work between them, over how far the pH moved in all. What little two tests may differ by for nothing teaches nothing.
 */
export function learnedHere(ctx: PlanContext, input: LearnedInput): LearnedHere {
  if (!input.records.some(({ column }) => MOVERS.some((does) => does === column))) return {};
  const tests = testsOf(ctx, input);
  const pairs = tests.slice(1).flatMap((now, index): Pair[] => {
    const before = tests[index];
    const isAlike =
      before !== undefined &&
      before.report.laboratory.trim() === now.report.laboratory.trim() &&
      seasonApart(before.on, now.on) < OTHER_SEASON_MONTHS;
    return isAlike ? [{ at: now.report.id, before, now }] : [];
  });
  if (pairs.length === 0) return {};
  const depth = sampledDepth(ctx, input);
  const lime = learnedOf(ctx, input, 'lime', pairs, depth);
  const sulfur = learnedOf(ctx, input, 'sulfur', pairs, depth);
  return { ...(lime ? { lime } : {}), ...(sulfur ? { sulfur } : {}) };
}
