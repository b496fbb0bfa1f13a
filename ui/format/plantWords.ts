import type { Option } from './choices';
import { PLANTS, type Plant } from '../../core/catalog/plants/plants';
import type { Findable } from './find';
import { nameFrom, text } from './text';

/** Every plant under the heading of its group, by name, with what else it is called. */
export function plantOptions(): (Option & Findable)[] {
  return Object.values(PLANTS).map(({ id, group }) => ({
    value: id,
    words: text(`plant.${id}`),
    group: text(`plantGroup.${group}`),
    // What has no other name is found by its id.
    also: nameFrom('plantAlso', id),
  }));
}

/** What there is to know of a plant, a sentence each. */
export function plantNotes({ rules, hazards }: Plant): string[] {
  return [
    ...rules.map((rule) => text(`plantRule.${rule}`)),
    ...hazards.map((hazard) => text(`plantHazard.${hazard}`)),
  ];
}
