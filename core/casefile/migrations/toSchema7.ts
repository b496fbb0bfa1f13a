import { overEach, withMore, type Node } from './nodes';

/** Schema 7: the strip of wide rows that is treated, how far water and wells are, and what fertilizer is spread with. */
export function toSchema7(document: Node): Record<string, unknown> {
  const withStrip = (owner: Node): Node => withMore(owner, 'shape', { strip: '' });
  const areas = overEach(document['areas'], (area) =>
    withMore({ ...withStrip(area), parts: overEach(area['parts'], withStrip) }, 'site', {
      ...{ water: '', well: '', spreader: '' },
    }),
  );
  return { ...document, areas };
}
