import { outlineText } from './parts/attachment';
import { sampleOf } from './parts/sample';
import { onGround } from './parts/organic';
import type { Area } from './parts/area';
import type { CaseFile } from './casefile';

/** Most workings that a case may take. A piece of ground takes some hundreds; a county's case has a dozen pieces. */
export const MOST_EFFORT = 40_000;

/** Workings that a piece of ground takes whatever is told of it, and that each of its details adds; counted, rounded up. */
const EACH = {
  area: 700,
  part: 40,
  corner: 3,
  reading: 3,
  report: 40,
  past: 15,
  load: 40,
  cover: 15,
  spreader: 250,
  trial: 8,
  plant: 8,
} as const;

/** Signs of a shape's lists of widths and corners that stand for one point. */
const SIGNS_PER_POINT = 4;
/** Signs of an outline that take as long as one working: its corners have no workings of their own. */
const SIGNS_PER_WORKING = 40;

function effortOfShape(file: CaseFile, { offsets, points, outline }: Area['shape']): number {
  const listed = (offsets.length + points.length) / SIGNS_PER_POINT;
  return EACH.corner * listed + outlineText(file, outline).length / SIGNS_PER_WORKING;
}

/**
 * About how many workings the plan of a piece of ground takes, without working anything out.
 */
export function effortOf(file: CaseFile, area: Area): number {
  const sample = sampleOf(file, area.id);
  const reports = Object.values(file.reports);
  const readings = reports.reduce((sum, each) => sum + Object.keys(each.readings).length, 0);
  const parts = Object.values(area.parts);
  const past = Object.values(file.past).filter(({ areaId }) => areaId === area.id).length;
  const spreaders = Object.values(file.spreaders);
  const trials = spreaders.map((each) => Object.keys(each.trials).length);
  const shapes = [area.shape, ...parts.map(({ shape }) => shape)];
  return (
    EACH.area +
    EACH.part * parts.length +
    shapes.reduce((sum, shape) => sum + effortOfShape(file, shape), 0) +
    (sample ? EACH.reading * readings + EACH.report * reports.length : 0) +
    EACH.past * past +
    EACH.load * onGround(file.loads, area.id).length +
    EACH.cover * onGround(file.covers, area.id).length +
    EACH.plant * area.sharing.length +
    (spreaders.length > 0 ? EACH.spreader : 0) +
    EACH.trial * Math.max(0, ...trials)
  );
}

/** The same of a whole case. */
export function effortOfCase(file: CaseFile): number {
  return Object.values(file.areas).reduce((sum, area) => sum + effortOf(file, area), 0);
}
