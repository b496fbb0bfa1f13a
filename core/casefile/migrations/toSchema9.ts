import type { Node } from './nodes';

/** Schema 9: own materials, what is on hand and in the shops, the best buy, spreaders, compost, manure and cover crops. */
export function toSchema9(document: Node): Record<string, unknown> {
  return {
    ...document,
    materials: {},
    stock: {},
    buying: { short: '', over: '', products: '', trips: '' },
    bought: { kind: '', madeFrom: '', amounts: {} },
    spreaders: {},
    loads: {},
    covers: {},
  };
}
