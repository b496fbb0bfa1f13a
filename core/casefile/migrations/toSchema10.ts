import { overEach, type Node } from './nodes';

/** Schema 10: what was put on is kept in a diary: what of the plan it was, by whom, and what was left out. */
export function toSchema10(document: Node): Record<string, unknown> {
  return {
    ...document,
    past: overEach(document['past'], (entry) => ({
      ...entry,
      outcome: '',
      planned: '',
      plannedFrom: '',
      material: '',
      by: '',
      note: '',
    })),
  };
}
