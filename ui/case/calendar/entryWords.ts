import type { AreaPlan } from '../../../core/area/areaPlan';
import { shownInHands } from '../../../core/schedule/dosing/inHands';
import { isPinned, type CalendarEntry } from '../../../core/tell/calendar';
import type { Workings } from '../../../core/kernel/working/workings';
import { areaName } from '../../format/areaName';
import { formatDate } from '../../format/date';
import { messageText } from '../../format/message';
import { text } from '../../format/text';

/** The name of what lies on a day. */
export function entryName(entry: CalendarEntry): string {
  return entry.kind === 'test' ? text('entry.test') : text(`material.${entry.materialId}`);
}

/** The day of an entry, or its week where only a climate speaks. */
export function whenOf(entry: CalendarEntry): string {
  const date = formatDate(entry.date);
  const isWeek = entry.kind !== 'test' && entry.application.stage && !isPinned(entry.application);
  return isWeek ? text('calendar.weekOf', { date }) : date;
}

/** The id of the figure that says how much goes on. */
export function amountId(entry: CalendarEntry): string | undefined {
  return entry.kind === 'test' ? undefined : shownInHands(entry.application.amount.hands).id;
}

/** What an entry says in a calendar of somebody's own: what, where, how much, and in what way it may be moved. */
export function entryNote(
  entry: CalendarEntry,
  plan: AreaPlan,
  workings: Workings,
): { readonly summary: string; readonly description: string } {
  const what = entryName(entry);
  const where = areaName(plan);
  const id = amountId(entry);
  const amount = id
    ? messageText({ id: 'calendar.amount', params: { amount: { working: id } } }, workings)
    : '';
  const stage =
    entry.kind !== 'test' && entry.application.stage
      ? text(`stage.${entry.application.stage}`)
      : '';
  const isConditional = entry.kind !== 'test' && entry.application.state === 'conditional';
  const lines = [
    amount,
    stage && text('calendar.atStage', { stage }),
    isConditional ? text('calendar.ifTested') : '',
    text('calendar.code'),
  ];
  return {
    summary: text('calendar.summary', { what, where }),
    description: lines.filter(Boolean).join('\n'),
  };
}
