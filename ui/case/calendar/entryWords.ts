import { materialWords } from '../../format/materialWords';
import type { AreaPlan } from '../../../core/area/areaPlan';
import { shownInHands } from '../../../core/schedule/dosing/inHands';
import { isConditional, isPinned, type CalendarEntry } from '../../../core/tell/calendar';
import type { Workings } from '../../../core/kernel/working/workings';
import { areaName } from '../../format/areaName';
import { formatDate } from '../../format/date';
import { messageText } from '../../format/message';
import { text } from '../../format/text';

/** The name of what lies on a day. */
export function entryName(entry: CalendarEntry): string {
  switch (entry.kind) {
    case 'test':
      return text(`entry.test.${entry.why}`);
    case 'work':
      return text(`work.${entry.work.work}`);
    default:
      return materialWords(entry.material);
  }
}

/** The day of an entry, or its week where only a climate speaks. */
export function whenOf(entry: CalendarEntry): string {
  const date = formatDate(entry.date);
  const { placing } = entry;
  const isWeek = placing && (placing.stage ?? placing.origin) && !isPinned(entry);
  return isWeek ? text('calendar.weekOf', { date }) : date;
}

/** The id of the figure that says how much goes on. */
export function amountId(entry: CalendarEntry): string | undefined {
  if (entry.kind === 'organic') return entry.load.yards.id;
  return 'application' in entry ? shownInHands(entry.application.amount.hands).id : undefined;
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
  const stage = entry.placing?.stage ? text(`stage.${entry.placing.stage}`) : '';
  const lines = [
    amount,
    stage && text('calendar.atStage', { stage }),
    isConditional(entry) ? text('calendar.ifTested') : '',
    text('calendar.code'),
  ];
  return {
    summary: text('calendar.summary', { what, where }),
    description: lines.filter(Boolean).join('\n'),
  };
}
