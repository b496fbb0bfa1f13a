import { overEach, type Node } from './nodes';

/** Schema 4: plants that share a piece of ground, the house pack that a case is read by, and the fineness of lime. */
export function toSchema4(document: Node): Record<string, unknown> {
  return {
    ...document,
    house: null,
    areas: overEach(document['areas'], (area) => ({ ...area, sharing: [] })),
    labels: overEach(document['labels'], (label) => ({
      ...label,
      scheme: '',
      sieves: {},
      moisture: '',
    })),
  };
}
