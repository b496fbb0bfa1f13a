import { overEach, type Node } from './nodes';

/** Schema 4: plants that share a piece of ground, and the house pack that a case is read by. */
export function toSchema4(document: Node): Record<string, unknown> {
  return {
    ...document,
    house: null,
    areas: overEach(document['areas'], (area) => ({ ...area, sharing: [] })),
  };
}
