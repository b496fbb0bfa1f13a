import { programmeOf } from '../../catalog/programmes/programmes';
import type { StageId } from '../../catalog/programmes/programme';
import { parseDate, type IsoDate } from '../../kernel/typed/date';
import { msg } from '../../kernel/messages/msg';
import { comingEvents, isSevere, type DatedEvent } from '../../schedule/climate/calendar';
import type { DosePart } from '../../schedule/dosing/doses';
import type { NeedInput } from './needInput';
import type { Role } from './products';

/** A part of a product's year: its share, what the plant is at then, and the days on which it may go on. */
export interface YearPart extends DosePart {
  readonly stage: StageId;
  readonly slot: { readonly from: IsoDate; readonly to: IsoDate };
}

/** The feedings of the twelve months from a day on; nothing where no climate is chosen or the plant has no programme. */
function eventsFor({ area, plant, climate }: NeedInput, from: IsoDate): DatedEvent[] | undefined {
  const programme = climate && programmeOf(plant, isSevere(climate));
  if (!programme) return undefined;
  const planted = parseDate(area.plantedOn);
  return comingEvents(
    climate,
    programme,
    from,
    planted.kind === 'value' ? planted.value : undefined,
  );
}

const NUTRIENT = { p: 'P2O5', k: 'K2O', n: 'N', one: 'N', row: 'N' } as const;

/** What is worked in before planting is none of what goes beside the row. */
const WORKED_IN: ReadonlySet<StageId> = new Set(['beforePlanting', 'atSowing']);

function sumOf(parts: readonly YearPart[]): number {
  return parts.reduce((sum, { share }) => sum + share, 0);
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
  from: IsoDate | undefined,
): YearPart[] | undefined {
  const events = from && eventsFor(input, from);
  if (!events) return undefined;
  const nutrient = NUTRIENT[role];
  const isAnnual = events.some(({ event }) => 'planted' in event.from);
  const all = events.map(({ event, from: first, to }): YearPart => ({
    share: event[nutrient] ?? 0,
    label: msg(`stage.${event.stage}`),
    stage: event.stage,
    slot: { from: first, to },
  }));
  const coming = all.filter(({ share }) => share > 0);
  if (role === 'one' || role === 'row') {
    const next = coming.find(({ stage }) => role === 'one' || !WORKED_IN.has(stage));
    return next ? [{ ...next, share: 1 }] : [];
  }
  if (nutrient === 'N' && isAnnual) return coming;
  const [first] = all;
  if (coming.length === 0) return first ? [{ ...first, share: 1 }] : [];
  const sum = sumOf(coming);
  return coming.map((part) => ({ ...part, share: part.share / sum }));
}
