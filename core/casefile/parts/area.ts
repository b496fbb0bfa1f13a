import { SITUATIONS } from '../../catalog/situations';
import { id, list, number, object, oneOf, record, text, type Of } from '../../kernel/typed/spec';
import { EMPTY_GROWING, GROWING } from './growing';
import { EMPTY_SHAPE, SHAPE } from './shape';

/** How ground was measured; '' is not said. */
export const MEASURED_BY = ['', 'tape', 'pace', 'map', 'guess'] as const;
export type MeasuredBy = (typeof MEASURED_BY)[number];

export const SLOPES = ['', 'level', 'gentle', 'steep'] as const;
export const DRAINAGES = ['', 'quick', 'good', 'slow'] as const;
export const SPREADERS = ['', 'drop'] as const;
export const CLIPPINGS = ['unknown', 'returned', 'removed'] as const;

/** Ground that is added to a piece of ground, or taken out of it: a shape, or another piece. */
const GROUND_PART = object({
  id,
  order: number,
  sign: oneOf(['add', 'less']),
  name: text,
  /** The piece of the case's ground that it is; '' where its own shape counts. */
  areaId: text,
  shape: SHAPE,
});
export interface GroundPart extends Of<typeof GROUND_PART> {}

/** What was seen on the ground when it was sampled. */
const SITE = object({
  slope: oneOf(SLOPES),
  drainage: oneOf(DRAINAGES),
  /** How many spots look different from the rest. */
  spots: text,
  /** Ids of clues, with spaces between them. */
  clues: text,
  note: text,
  /** Feet to the nearest open water, and to the nearest well, spring or sinkhole, as typed. */
  water: text,
  well: text,
  /** What fertilizer is spread with; '' is a rotary spreader, which needs the wider strip along water. */
  spreader: oneOf(SPREADERS),
});

/** Nothing was seen. */
export const EMPTY_SITE: Of<typeof SITE> = {
  slope: '',
  drainage: '',
  spots: '',
  clues: '',
  note: '',
  water: '',
  well: '',
  spreader: '',
};

/** A piece of ground, with what grows on it. */
export const AREA = object({
  id,
  name: text,
  order: number,
  plant: text,
  /** Ids of plants that share the ground with it. */
  sharing: list(id, 20),
  situation: oneOf(SITUATIONS),
  clippings: oneOf(CLIPPINGS),
  /** The day on which it was or will be planted or sown, where its year goes by that. */
  plantedOn: text,
  growing: GROWING,
  shape: SHAPE,
  parts: record(GROUND_PART, 50),
  measuredBy: oneOf(MEASURED_BY),
  /** How far off the area may be, in percent; '' is the usual of the way. */
  offBy: text,
  /** The length of one pace of whoever paced. */
  pace: text,
  site: SITE,
});
export interface Area extends Of<typeof AREA> {}

/** The parts of a piece of ground in their order. */
export function partsOf({ parts }: Area): GroundPart[] {
  return Object.values(parts).sort((a, b) => a.order - b.order);
}

/**
 * An area before anything is known of it but what grows there.
 * @param pace the length of a pace of whoever will measure it, as typed
 */
export function newArea(
  areaId: string,
  order: number,
  { plant, situation }: Pick<Area, 'plant' | 'situation'>,
  pace = '',
): Area {
  return {
    id: areaId,
    name: '',
    order,
    plant,
    sharing: [],
    situation,
    clippings: 'unknown',
    plantedOn: '',
    growing: EMPTY_GROWING,
    shape: EMPTY_SHAPE,
    parts: {},
    measuredBy: '',
    offBy: '',
    pace,
    site: EMPTY_SITE,
  };
}
