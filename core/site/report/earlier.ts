import type { Sample } from '../../casefile/parts/sample';
import type { AreaSlice } from '../../casefile/slice';
import { parseDate, type IsoDate } from '../../kernel/typed/date';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import { columnOf, printedWaterPh } from './column';
import { readExtracted, type Extracted } from './extracted';
import { reportsOf } from './reports';
import type { Change, Compared, Earlier, Readings } from './types';

interface Input {
  readonly file: AreaSlice;
  readonly areaId: string;
  readonly readings: Readings;
  readonly sample: Sample;
}

function dayOf(text: string): IsoDate | undefined {
  const parsed = parseDate(text);
  return parsed.kind === 'value' ? parsed.value : undefined;
}

/** Values by two extractants are two different things, never a change of one. */
function sameMethod(before: Extracted, now: Extracted): boolean {
  return before.method === now.method;
}

function changeOf(
  ctx: PlanContext,
  prefix: string,
  analyte: Compared,
  before: Figure,
  now: Figure,
  comparable: boolean,
): Change {
  const entry = { id: `${prefix}/${analyte}/change`, label: msg('earlier.change') };
  const change: Figure = comparable
    ? ctx.sheet.subtract(entry, [now, before])
    : ctx.sheet.absent(entry, msg('absent.otherMethod'), [now.id, before.id]);
  return { analyte, before, now, change };
}

/**
 * The last report of the same ground beside the present one: pH, organic matter, P and K in normal
 * form, and what was put on between the two. Nothing where there is none.
 */
export function compareWithEarlier(ctx: PlanContext, input: Input): Earlier | undefined {
  const { file, areaId, readings, sample } = input;
  const [present, last] = reportsOf(file, sample.id);
  if (!present || !last) return undefined;
  const prefix = `${areaId}/earlier`;
  const column = columnOf(ctx, prefix, last, sample.id);
  const { typed, entry, body } = column;
  const p = readExtracted(ctx, entry('p'), typed('p'), body, 'P');
  const k = readExtracted(ctx, entry('k'), typed('k'), body, 'K');
  const ph = printedWaterPh(ctx, column);
  const om = ctx.number(entry('om'), typed('om').text, { min: 0, max: 100 }, '%', 'OM');
  const on = dayOf(last.date);
  const until = readings.sampledOn;
  return {
    report: last,
    on,
    changes: [
      changeOf(ctx, prefix, 'ph-water', ph, readings.waterPh, true),
      changeOf(ctx, prefix, 'om', om, readings.organicMatter, true),
      changeOf(ctx, prefix, 'p', p.figure, readings.p.figure, sameMethod(p, readings.p)),
      changeOf(ctx, prefix, 'k', k.figure, readings.k.figure, sameMethod(k, readings.k)),
    ],
    between: Object.values(file.past)
      .filter((past) => past.areaId === areaId && past.outcome !== 'left')
      .filter((past) => {
        const day = dayOf(past.on);
        return day !== undefined && (!on || day >= on) && (!until || day <= until);
      })
      .sort((a, b) => (dayOf(a.on) ?? '').localeCompare(dayOf(b.on) ?? '')),
  };
}
