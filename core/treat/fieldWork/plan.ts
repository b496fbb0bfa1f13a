import type { WorkId } from '../../catalog/programmes/works';
import { worksOf, type Work } from '../../catalog/programmes/works';
import { parseDate, type IsoDate } from '../../kernel/typed/date';
import type { PlanContext } from '../../kernel/working/context';
import { comingEvents, type DatedEvent, type Origin } from '../../schedule/climate/calendar';
import type { Dated } from '../../schedule/dates';
import type { DateRequest, DatesOf } from '../../schedule/requests';
import { programmeHere } from '../fertilizer/programme';
import type { NeedInput } from '../fertilizer/needInput';
import { frozenDays } from '../shared/closed';
import { pinsOf } from '../shared/pins';

/** Work on a day: sowing, the first mowing, a harvest. The key is the same from run to run. */
export interface DatedWork extends Dated {
  readonly key: string;
  readonly work: WorkId;
  /** It is the planting: its day is set where the planting is. */
  readonly isPlanting: boolean;
  readonly origin: Origin;
}

/** Field work but for its days. */
interface FieldWork {
  readonly requests: readonly DateRequest[];
  readonly dated: (dates: DatesOf) => readonly DatedWork[];
}

const NONE: FieldWork = { requests: [], dated: () => [] };

function comingWorks(input: NeedInput, from: IsoDate): DatedEvent<Work>[] {
  const { climate, plant, form, area } = input;
  if (!climate) return [];
  const programme = programmeHere(input);
  const planted = parseDate(area.plantedOn);
  return comingEvents(
    climate,
    { events: worksOf(plant, form, programme), planting: programme?.planting },
    from,
    planted.kind === 'value' ? planted.value : undefined,
  );
}

/** The work of the coming year besides what is put on, each on a day on which ground can be worked. */
export function planFieldWork(ctx: PlanContext, input: NeedInput): FieldWork {
  const { file, area, climate, planFrom } = input;
  if (!planFrom) return NONE;
  const works = comingWorks(input, planFrom).map((coming) => {
    const { event, from, to } = coming;
    const id = `${area.id}/work-${event.id}`;
    const request: DateRequest = {
      id,
      what: 'work',
      earliest: planFrom,
      slots: [{ from, to }],
      count: 1,
      interval: { days: 0 },
      closed: frozenDays(climate),
      pins: event.isPlanting ? [] : pinsOf(ctx, file, id, 1),
    };
    return { ...coming, request };
  });
  return {
    requests: works.map(({ request }) => request),
    dated: (datesOf) =>
      works.flatMap(({ event, origin, request }): DatedWork[] => {
        const [dated] = datesOf(request.id);
        if (!dated) return [];
        const key = `${request.id}/1`;
        return [{ key, work: event.id, isPlanting: event.isPlanting ?? false, origin, ...dated }];
      }),
  };
}
