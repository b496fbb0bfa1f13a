import { isNode, overEach, withMore, type Node } from './nodes';

/**
 * Schema 8: the language of a client's page, stock paragraphs in Spanish, changed lines of the page,
 * pages given out, how much an area is watered, and the packs of the shops.
 */
export function toSchema8(document: Node): Record<string, unknown> {
  const { client } = document;
  return {
    ...document,
    client: isNode(client) ? { ...client, language: 'en' } : client,
    paragraphs: overEach(document['paragraphs'], (paragraph) => ({ ...paragraph, spanish: '' })),
    areas: overEach(document['areas'], (area) => withMore(area, 'growing', { inches: '' })),
    shop: { packs: '' },
    lines: {},
    issued: {},
  };
}
