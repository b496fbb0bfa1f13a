import type { Option } from './choices';
import { PLANTS, type Plant } from '../../core/catalog/plants/plants';
import { text } from './text';

/** Every plant under the heading of its group, by name. */
export function plantOptions(): Option[] {
  return Object.values(PLANTS).map(({ id, group }) => ({
    value: id,
    words: text(`plant.${id}`),
    group: text(`plantGroup.${group}`),
  }));
}

/** What there is to know of a plant, a sentence each. */
export function plantNotes({ rules, hazards }: Plant): string[] {
  return [
    ...rules.map((rule) => text(`plantRule.${rule}`)),
    ...hazards.map((hazard) => text(`plantHazard.${hazard}`)),
  ];
}
