import type { AreaPlan } from '../../core/area/areaPlan';
import { text } from './text';

/** What a piece of ground is called: its own name, else what grows there. */
export function areaName({ area, plant }: AreaPlan): string {
  return area.name.trim() || text(`area.unnamed.${plant.form}`);
}
