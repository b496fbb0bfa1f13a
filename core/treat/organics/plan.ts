import { parseDate } from '../../kernel/typed/date';
import type { Dated } from '../../schedule/dates';
import type { DateRequest, DatesOf } from '../../schedule/requests';
import type { LoadRead } from '../../site/loads';
import type { NeedInput } from '../fertilizer/needInput';
import { frozenDays } from '../shared/closed';
import { closedToRawManure } from './rawManure';

/** A load that is still to come, on its day. The key is the same from run to run. */
export interface DatedLoad
  extends Dated, Pick<LoadRead, 'load' | 'material' | 'yards' | 'pounds' | 'deep'> {
  readonly key: string;
}

/** Loads to come but for their days. */
interface Loads {
  readonly requests: readonly DateRequest[];
  readonly dated: (dates: DatesOf) => readonly DatedLoad[];
}

/**
 * The days of compost and manure that are to come: on ground that is not frozen, and raw manure so many days before a harvest. A
 * day that is typed stands, and what it breaks is said.
 */
export function planLoads(input: NeedInput): Loads {
  const { area, climate, planFrom, plant, allowed, loads } = input;
  if (!planFrom) return { requests: [], dated: () => [] };
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
  return {
    requests: coming.map(({ request }) => request),
    dated: (datesOf) =>
      coming.flatMap(({ read, request }): DatedLoad[] => {
        const [dated] = datesOf(request.id);
        const { load, material, yards, pounds, deep } = read;
        return dated
          ? [{ key: `${request.id}/1`, load, material, yards, pounds, deep, ...dated }]
          : [];
      }),
  };
}
