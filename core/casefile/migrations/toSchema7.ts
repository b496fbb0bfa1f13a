import { own } from '../../kernel/typed/own';
import { isNode, overEach, type Node } from './nodes';

/** A part of a document with more in it; what is no object stays, for the schema to refuse. */
function withMore(owner: Node, part: string, more: Node): Node {
  const before = own(owner, part);
  return isNode(before) ? { ...owner, [part]: { ...before, ...more } } : owner;
}

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
