import { nanoid } from 'nanoid';
import type { AreaPlan } from '../../../core/area/areaPlan';
import type { CaseFile } from '../../../core/casefile/casefile';
import { newPastEntry, type PastEntry } from '../../../core/casefile/parts/past';
import type { IsoDate } from '../../../core/kernel/typed/date';
import { valueOf } from '../../../core/kernel/working/working';
import { dayOf } from '../../../core/site/diary';
import type { CalendarEntry } from '../../../core/tell/calendar';

/** An entry of the calendar that can be told in the diary as put on. */
export type PutOn = Extract<CalendarEntry, { readonly application: unknown }>;

/** A load of compost or manure that is to come. */
export type Spread = Extract<CalendarEntry, { readonly kind: 'organic' }>;

type Edits = { readonly path: string; readonly value: string }[];

/** A load that is on: on its day, or today where that is still to come. */
export function loadDone({ load: { load, date } }: Spread, today: IsoDate): Edits {
  const at = `loads/${load.id}`;
  return [
    { path: `${at}/on`, value: date < today ? date : today },
    { path: `${at}/outcome`, value: 'done' },
  ];
}

/** A load that will not come. */
export function loadLeft({ load: { load } }: Spread): Edits {
  return [{ path: `loads/${load.id}/outcome`, value: 'left' }];
}

/** Who did the last thing in the diary: most often the same again. */
function lastBy(doc: CaseFile): string {
  const all = Object.values(doc.past).filter(({ by }) => by !== '');
  return all.sort((a, b) => ((dayOf(a) ?? '') < (dayOf(b) ?? '') ? -1 : 1)).at(-1)?.by ?? '';
}

/**
 * The record of an application as it was planned: on its day, or today where that is still to come, its amount as hands can measure
 * it.
 */
export function asPlanned(
  doc: CaseFile,
  plan: AreaPlan,
  { application, kind, material }: PutOn,
  today: IsoDate,
): PastEntry {
  const pounds = valueOf(application.amount.printed)?.value;
  const inAll = plan.ground.known || plan.ground.rows !== undefined;
  return newPastEntry({
    id: nanoid(8),
    areaId: plan.area.id,
    kind: kind === 'lime' || kind === 'sulfur' ? kind : 'fertilizer',
    on: application.date < today ? application.date : today,
    amount: {
      text: pounds === undefined ? '' : String(Number(pounds.toFixed(4))),
      unit: inAll ? 'lb' : 'lb/1000ft2',
      method: '',
    },
    outcome: 'done',
    planned: application.key,
    plannedFrom: doc.planFrom,
    material: material.id,
    by: lastBy(doc),
  });
}

/** The record of an application that was left out. */
export function leftOut(doc: CaseFile, plan: AreaPlan, entry: PutOn, today: IsoDate): PastEntry {
  const { amount, ...planned } = asPlanned(doc, plan, entry, today);
  return { ...planned, amount: { ...amount, text: '' }, outcome: 'left' };
}

/** Another part of what a record tells: what went on of the same application on another day. */
export function anotherPart(entry: PastEntry, today: IsoDate): PastEntry {
  return {
    ...entry,
    id: nanoid(8),
    on: today,
    amount: { ...entry.amount, text: '' },
    note: '',
    photos: {},
  };
}

/** A record of what nobody had planned. */
export function unplanned(
  doc: CaseFile,
  areaId: string,
  kind: PastEntry['kind'],
  today: IsoDate,
): PastEntry {
  return newPastEntry({
    id: nanoid(8),
    areaId,
    kind,
    on: today,
    outcome: 'done',
    by: lastBy(doc),
  });
}

/** The records of a case, the newest first; those without a day that can be read stand on top. */
export function recordsOf({ past }: Pick<CaseFile, 'past'>): PastEntry[] {
  const dayOrLast = (entry: PastEntry): string => dayOf(entry) ?? '9999';
  return Object.values(past).sort((a, b) =>
    dayOrLast(a) === dayOrLast(b) ? 0 : dayOrLast(a) < dayOrLast(b) ? 1 : -1,
  );
}
