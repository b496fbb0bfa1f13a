import { decisionOf, type CaseFile } from '../casefile/casefile';
import { CARBONATE_PH, WARM_MONTHS } from '../tables/sulfur';
import { addMonths, type IsoDate } from '../typed/date';
import type { PlanContext } from '../working/context';
import { msg, type Msg } from '../working/msg';
import type { LimeInput, SulfurVerdict } from './types';

/** Whether sulfur can work in this soil at all, or why it is not begun; nothing where it is possible. */
export function worthIt(
  file: CaseFile,
  areaId: string,
  ph: number,
): { readonly verdict: SulfurVerdict; readonly why: Msg } | undefined {
  const fizz = decisionOf(file, areaId, 'fizz')?.value ?? '';
  const { askFrom, testFrom, refuseAbove } = CARBONATE_PH;
  if (fizz === 'yes') return { verdict: 'refused', why: msg('sulfur.why.fizz') };
  if (ph > refuseAbove) {
    return { verdict: 'refused', why: msg('sulfur.why.tooHigh', { limit: refuseAbove }) };
  }
  if (fizz === '' && ph >= askFrom) {
    return { verdict: 'ask', why: msg('sulfur.why.askFizz', { limit: askFrom }) };
  }
  if (ph > testFrom) {
    return { verdict: 'ask', why: msg('sulfur.why.carbonateTest', { limit: testFrom }) };
  }
  return undefined;
}

/** The day by which so many warm months have gone by. */
export function afterWarmMonths(date: IsoDate): IsoDate {
  let day = date;
  for (let warm = 0; warm < WARM_MONTHS.wait;) {
    day = addMonths(day, 1);
    const month = Number(day.slice(5, 7));
    if (month >= WARM_MONTHS.from && month <= WARM_MONTHS.to) warm += 1;
  }
  return day;
}

/** Sulfur that went on before and cannot have worked yet: until when to wait. */
export function waitsUntil(
  ctx: PlanContext,
  { file, area, planFrom }: LimeInput,
): IsoDate | undefined {
  const days = Object.values(file.past)
    .filter(({ areaId, kind }) => areaId === area.id && kind === 'sulfur')
    .flatMap(({ id, on }) => ctx.date(`past/${id}/on`, on) ?? []);
  const last = days.sort().at(-1);
  const until = last && afterWarmMonths(last);
  return until && planFrom && until > planFrom ? until : undefined;
}
