import { parseDate, type IsoDate } from '../../kernel/typed/date';
import type { Dated } from '../../schedule/dates';
import { scheduleAll, type DateRequest } from '../../schedule/requests';
import type { LoadRead } from '../../site/loads';
import type { NeedInput } from '../fertilizer/needInput';
import { frozenDays } from '../shared/closed';
import { closedToRawManure } from './rawManure';

/** A load that is still to come, on its day. The key is the same from run to run. */
export interface DatedLoad
  extends Dated, Pick<LoadRead, 'load' | 'material' | 'yards' | 'pounds' | 'deep' | 'thick'> {
  readonly key: string;
  /** It comes in time for the feeding of the coming season. */
  readonly inTime: boolean;
}

/** Midsummer: what comes before the next one is there for the coming season, what comes after it for the one after. Common practice. */
const MIDSUMMER = '07-01';

function isInTime(date: IsoDate, planFrom: IsoDate): boolean {
  const year = Number(planFrom.slice(0, 4));
  const next = planFrom.slice(5) < MIDSUMMER ? year : year + 1;
  return date < `${next}-${MIDSUMMER}`;
}

/**
 * The days of compost and manure that are to come: on ground that is not frozen, and raw manure so many days before a harvest. A
 * day that is typed stands, and what it breaks is said. They keep no distance from anything else, and are dated before it: what is
 * needed besides follows from whether they come in time.
 */
export function planLoads(
  input: Pick<NeedInput, 'area' | 'climate' | 'planFrom' | 'plant' | 'allowed' | 'loads'>,
): readonly DatedLoad[] {
  const { area, climate, planFrom, plant, allowed, loads } = input;
  if (!planFrom) return [];
  const planted = parseDate(area.plantedOn);
  const plantedOn = planted.kind === 'value' ? planted.value : undefined;
  const coming = loads
    .filter(({ when }) => when === 'to-come')
    .map((read) => {
      const raw = read.material.raw ? closedToRawManure(climate, plant, allowed, plantedOn) : [];
      const request: DateRequest = {
        id: `${area.id}/organic-${read.load.id}`,
        what: 'work',
        earliest: planFrom,
        count: 1,
        interval: { days: 0 },
        closed: [...frozenDays(climate), ...raw],
        pins: [read.on],
      };
      return { read, request };
    });
  const datesOf = scheduleAll(coming.map(({ request }) => request));
  return coming.flatMap(({ read, request }): DatedLoad[] => {
    const [dated] = datesOf(request.id);
    if (!dated) return [];
    const { load, material, yards, pounds, deep, thick } = read;
    const inTime = isInTime(dated.date, planFrom);
    return [
      { key: `${request.id}/1`, inTime, load, material, yards, pounds, deep, thick, ...dated },
    ];
  });
}
