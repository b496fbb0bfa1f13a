import type { AreaSlice } from '../../casefile/slice';
import { own } from '../../kernel/typed/own';
import { daysBetween, type IsoDate } from '../../kernel/typed/date';
import { quantity, type Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import { valueOf, type Figure } from '../../kernel/working/working';
import { dayOf } from '../../site/diary';
import type { AreaGoal } from '../../site/goal';
import { reportFor } from '../../site/report/reports';
import type { Readings } from '../../site/report/types';
import { LIME_FOR_POUND_OF_N } from '../../tables/fertilizer/acidity';
import { DAYS_PER_MONTH } from '../../tables/lime/residual';
import { WARM_MONTHS } from '../../tables/sulfur';
import type { LimeTreatment } from '../../treat/lime/types';
import { isFine, shareAtWork, warmMonths, type Mover } from '../../reading/atWork';
import { phUnitByTable } from '../../reading/phUnit';
import { seasonApart } from '../../reading/twoTests';
import type { RecordPart } from '../../site/records';
import { judge, type Facts, type Judged } from './judge';

type Ph = Figure<Quantity<'pH', 'water'>>;

/** What a new test says of what was put on since the one before. */
export interface Verdict extends Judged {
  readonly does: Mover;
  readonly before: Ph;
  readonly now: Ph;
  readonly measured: Ph;
  /** What was expected by the day of the new sample; absent with its reason where nobody can say. */
  readonly expected: Ph;
  /** The pH that was expected by then. */
  readonly hoped: Ph;
  /** When the last of it went on, and when the new sample was taken. */
  readonly lastOn: IsoDate;
  readonly until: IsoDate;
}

interface VerdictInput {
  readonly file: AreaSlice;
  readonly areaId: string;
  readonly readings: Readings;
  readonly goal: AreaGoal;
  readonly isTilled: boolean;
  readonly calcareous: boolean;
  readonly lime: LimeTreatment;
  /** What each record brought. */
  readonly records: readonly RecordPart[];
}

interface Dated {
  readonly part: RecordPart;
  readonly on: IsoDate;
}

/** The change of the pH that was expected by a day. */
function expectedChange(
  ctx: PlanContext,
  at: string,
  does: Mover,
  dated: readonly Dated[],
  until: IsoDate,
  { readings, isTilled, lime }: VerdictInput,
): Ph {
  const entry = { id: `${at}/expected`, label: msg('verdict.expected') };
  if (!readings.texture) return ctx.sheet.absent(entry, msg('absent.noTexture'));
  const worked = dated.map(({ part, on }) => {
    const { low, high } = shareAtWork(does, part.entry, on, until, isTilled);
    const share = ctx.sheet.leaf(
      'constant',
      {
        id: `${at}/${part.entry.id}/share`,
        label: msg('verdict.share', { from: { date: on }, until: { date: until } }),
        source: 'practice',
        standing: 'recalled',
      },
      quantity((low + high) / 2, 'ratio', 'share'),
      { low, high },
    );
    return ctx.sheet.derive(
      'multiply',
      { id: `${at}/${part.entry.id}/worked`, label: msg('verdict.worked') },
      [part.rate, share],
      (rate, times) => quantity(rate.value * times.value, 'lb/1000ft2', part.of),
    );
  });
  const [only, ...others] = worked;
  if (!only) return ctx.sheet.absent(entry, msg('absent.nothingBetween'));
  const sum =
    others.length === 0
      ? only
      : ctx.sheet.add(
          { id: `${at}/worked`, label: msg('verdict.worked') },
          worked,
          'lb/1000ft2',
          does === 'lime' ? 'CaCO3' : 'S',
        );
  const unit = phUnitByTable(ctx, at, does, readings.texture, lime.treatedDepth);
  const units = ctx.sheet.derive(
    'divide',
    { id: `${at}/units`, label: msg('verdict.units') },
    [sum, unit],
    (all, one) => quantity(all.value / one.value, 'pH', 'water'),
  );
  if (does === 'lime') return units;
  const nothing = ctx.constant({ id: `${at}/none`, label: msg('verdict.none') }, 0, 'pH', 'water');
  return ctx.sheet.subtract(entry, [nothing, units]);
}

/** Between these the pH of soils lies; lime takes none above, sulfur none below. Common practice. */
const SOILS = { low: 3, high: 8.5 } as const;

/** The pH that was hoped for; none where more went on than any soil answers to. */
function hopedPh(ctx: PlanContext, at: string, before: Ph, expected: Ph): Ph {
  const entry = { id: `${at}/hoped`, label: msg('verdict.hoped') };
  if (!('absent' in before) && !('absent' in expected)) {
    const { value, range } = expected;
    const { low, high } = range ?? { low: value.value, high: value.value };
    const from = before.value.value;
    if (from + low < SOILS.low || from + high > SOILS.high) {
      return ctx.sheet.absent(entry, msg('absent.beyondSoils'));
    }
  }
  return ctx.sheet.add(entry, [before, expected], 'pH', 'water');
}

/** Two of a kind within so many days are likely the same one twice. */
const TWICE_DAYS = 30;
/** A pound of nitrogen that takes so much lime to undo is very acid, as that of ammonium sulfate is, lb. Common practice. */
const VERY_ACID = 5;
/** Deeper, or shallower, than this a sample does not tell what lies on top. */
const SAMPLE_IN = { deep: 5, shallow: 3 } as const;

/**
 * What a new report says of the lime, or the sulfur, that went on since the report before it.
 * @returns nothing where there is no earlier report, or nothing went on between the two
 */
export function verdictOf(ctx: PlanContext, input: VerdictInput): Verdict | undefined {
  const { file, areaId, readings, goal, records } = input;
  const { earlier, sampledOn } = readings;
  const change = earlier?.changes.find(({ analyte }) => analyte === 'ph-water');
  const until = sampledOn;
  if (!earlier?.on || !change || !until) return undefined;
  const since = earlier.on;
  const isBetween = (on: IsoDate | undefined): on is IsoDate =>
    on !== undefined && on >= since && on <= until;
  const here = (does: Mover): Dated[] =>
    records.flatMap((part) => {
      const on = dayOf(part.entry);
      const isHere = part.column === does && isBetween(on) && !('absent' in part.rate);
      return isHere ? [{ part, on }] : [];
    });
  const does: Mover = here('sulfur').length > 0 ? 'sulfur' : 'lime';
  const dated = here(does).sort((a, b) => (a.on < b.on ? -1 : 1));
  const last = dated.at(-1);
  if (!last) return undefined;
  const isBoth = does === 'sulfur' && here('lime').length > 0;
  const at = `${areaId}/verdict`;
  const measured = change.change as Ph;
  const expected: Ph = isBoth
    ? ctx.sheet.absent(
        { id: `${at}/expected`, label: msg('verdict.expected') },
        msg('absent.limeAndSulfur'),
      )
    : expectedChange(ctx, at, does, dated, until, input);
  const shared = {
    does,
    before: change.before as Ph,
    now: change.now as Ph,
    measured,
    expected,
    hoped: hopedPh(ctx, at, change.before as Ph, expected),
    lastOn: last.on,
    until,
  };
  const [came, now] = [valueOf(measured)?.value, valueOf(change.now)?.value];
  if ('absent' in expected || came === undefined || now === undefined) {
    // Where one of the two has no pH in water there is nothing to set against the other.
    const untold = came === undefined ? 'method' : isBoth ? 'both' : 'unknown';
    return { ...shared, kind: 'cannot-tell', untold, reasons: [] };
  }
  const { value, range } = expected;
  const depth = valueOf(readings.reportDepth)?.value;
  const months = daysBetween(last.on, until) / DAYS_PER_MONTH;
  const warm = warmMonths(last.on, until);
  const alkalinity = readings.others['water-alkalinity'];
  const facts: Facts = {
    does,
    expected: {
      low: range?.low ?? value.value,
      middle: value.value,
      high: range?.high ?? value.value,
    },
    measured: came,
    now,
    window: goal.window,
    months: does === 'lime' ? months : warm,
    sameMethod: readings.cacl2Ph === undefined && readings.phFromField === undefined,
    sameLaboratory:
      reportFor(file, areaId)?.report?.laboratory.trim() === earlier.report.laboratory.trim(),
    seasonApart: seasonApart(since, until),
    signs: {
      'left-out': Object.values(file.past).some(
        (entry) => entry.outcome === 'left' && entry.kind === does && isBetween(dayOf(entry)),
      ),
      feed: records.some(
        ({ column, entry }) =>
          column === 'N' &&
          isBetween(dayOf(entry)) &&
          (own(LIME_FOR_POUND_OF_N, entry.material) ?? 0) >= VERY_ACID,
      ),
      coarse: dated.some(({ part }) => !isFine(part.entry.material)),
      'free-lime': input.calcareous,
      water: alkalinity !== undefined && !('absent' in alkalinity),
      cold: warm < WARM_MONTHS.wait,
      depth: depth !== undefined && depth > SAMPLE_IN.deep && !input.isTilled,
      shallow: depth !== undefined && depth < SAMPLE_IN.shallow,
      double: dated.some(
        ({ on }, index) => index > 0 && daysBetween(dated[index - 1]?.on ?? on, on) < TWICE_DAYS,
      ),
    },
  };
  return { ...shared, ...judge(facts) };
}
