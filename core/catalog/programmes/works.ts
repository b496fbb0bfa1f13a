import type { NamesIn } from '../../kernel/messages/msg';
import { own } from '../../kernel/typed/own';
import type { Plant } from '../plants/plants';
import type { Form } from './growing';
import { at, planted, type Moment, type Programme } from './programme';

/** What is done on the ground of a plant besides putting something on. */
export type WorkId = NamesIn<'work'>;

/** Work of a plant's year, and the days that are meant for it. */
export interface Work {
  readonly id: WorkId;
  readonly from: Moment;
  readonly to: Moment;
  /** It is the planting itself: setting its day is saying when it is planted. */
  readonly isPlanting?: true;
}

function planting(id: WorkId): Work {
  return { id, from: planted(0), to: planted(0), isPlanting: true };
}

function work(id: WorkId, from: Moment, to: Moment): Work {
  return { id, from, to };
}

/** Mown when it stands a third above its height; weed killers wait for the third or fourth mowing. */
const SEEDLINGS = [
  work('mow', planted(28), planted(42)),
  work('weedKillers', planted(56), planted(70)),
] as const;

/**
 * The order of work of a new lawn. Recalled: Purdue AY-3 and AY-28, Beard 1973, North Carolina State AG-69; what stands is
 * killed two to six weeks before, coring is for the day of sowing.
 */
const NEW_LAWN: Readonly<Partial<Record<Form, readonly Work[]>>> = {
  seed: [planting('sow'), ...SEEDLINGS],
  sod: [planting('sod'), work('mow', planted(12), planted(18))],
  sprigs: [planting('sprig'), work('mow', planted(21), planted(35))],
  overseed: [planting('overseed'), ...SEEDLINGS],
  renovation: [
    work('kill', planted(-28), planted(-14)),
    work('core', planted(0), planted(0)),
    planting('sow'),
    ...SEEDLINGS,
  ],
};

/**
 * When harvest begins or ends, by weeks from the mean last frost. Recalled, checked against the printed months of the north
 * and the piedmont.
 */
const HARVEST: Readonly<Record<string, readonly Work[]>> = {
  asparagus: [work('lastCutting', at('last-frost', 6), at('last-frost', 7))],
  rhubarb: [work('lastCutting', at('last-frost', 6), at('last-frost', 7))],
  strawberry: [work('renovate', at('last-frost', 7), at('last-frost', 8))],
  blueberry: [work('harvest', at('last-frost', 9), at('last-frost', 11))],
  'rabbiteye-blueberry': [work('harvest', at('last-frost', 11), at('last-frost', 13))],
  raspberry: [work('harvest', at('last-frost', 8), at('last-frost', 9))],
  blackberry: [work('harvest', at('last-frost', 9), at('last-frost', 10))],
  grape: [work('harvest', at('last-frost', 14), at('last-frost', 18))],
  'wine-grape': [work('harvest', at('last-frost', 14), at('last-frost', 18))],
  garlic: [work('harvest', at('last-frost', 9), at('last-frost', 10))],
};

/** The work of a plant's year in its form of growing. */
export function worksOf(
  { id, form: kind }: Pick<Plant, 'id' | 'form'>,
  form: Form,
  programme: Programme | undefined,
): readonly Work[] {
  if (kind === 'lawn') return NEW_LAWN[form] ?? [];
  if (form === 'plant') return [planting('plant')];
  const sown = kind === 'plot' ? planting('sow') : planting('plant');
  return [...(programme?.planting ? [sown] : []), ...(own(HARVEST, id) ?? [])];
}
