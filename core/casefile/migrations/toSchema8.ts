import { isNode, overEach, type Node } from './nodes';

/** Schema 8: the language of a client's page, stock paragraphs in Spanish, changed lines of the page, and pages given out. */
export function toSchema8(document: Node): Record<string, unknown> {
  const { client } = document;
  return {
    ...document,
    client: isNode(client) ? { ...client, language: 'en' } : client,
    paragraphs: overEach(document['paragraphs'], (paragraph) => ({ ...paragraph, spanish: '' })),
    lines: {},
    issued: {},
  };
}
