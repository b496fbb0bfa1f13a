import { NO_REVIEW } from '../parts/review';
import { overEach, type Node } from './nodes';

/** Schema 10: what was put on is kept in a diary: what of the plan it was, by whom, what was left out, and its photos; what became of loads; and who looked the case over. */
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
      photos: {},
    })),
    loads: overEach(document['loads'], (load) => ({ ...load, outcome: '' })),
    review: NO_REVIEW,
  };
}
