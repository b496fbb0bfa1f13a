import { isNode, overEach, type Node } from './nodes';

/** The one product of schema 1 was its nitrogen. */
function decisions(record: unknown): unknown {
  if (!isNode(record)) return record;
  return Object.fromEntries(
    Object.entries(record).map(([key, entry]) =>
      isNode(entry) && entry['what'] === 'feed-product'
        ? [key.replace(/:feed-product$/, ':feed-n'), { ...entry, what: 'feed-n' }]
        : [key, entry],
    ),
  );
}

/** Schema 2: rows, beds and plants; prices; nitrogen, phosphate and potash each by a product. */
export function toSchema2(document: Node): Record<string, unknown> {
  return {
    ...document,
    areas: overEach(document['areas'], (area) => ({
      ...area,
      shape: isNode(area['shape'])
        ? { ...area['shape'], number: '', spacing: '', trunk: '' }
        : area['shape'],
    })),
    labels: overEach(document['labels'], (label) => ({ ...label, price: '' })),
    decisions: decisions(document['decisions']),
  };
}
