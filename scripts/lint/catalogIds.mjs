import { readFileSync } from 'node:fs';

const catalog = JSON.parse(
  readFileSync(new URL('../../words/en.page.json', import.meta.url), 'utf8'),
);

/** Every plant and material that the program has a name for. */
const CATALOG_IDS = new Set(
  Object.keys(catalog)
    .filter((key) => /^(plant|material)\./.test(key))
    .map((key) => key.slice(key.indexOf('.') + 1)),
);

/**
 * A plant or a material is never named in code: what is particular about it is said of it in the catalog, where the next
 * one like it is said to be so too.
 */
export const catalogIds = {
  meta: {
    type: 'problem',
    messages: {
      named: "'{{id}}' is a plant or a material: say what is particular about it in core/catalog.",
    },
  },
  create: (context) => ({
    Literal(node) {
      if (typeof node.value !== 'string' || !CATALOG_IDS.has(node.value)) return;
      // The name of a property is none of a plant.
      if (node.parent.type === 'Property' && node.parent.key === node) return;
      context.report({ node, messageId: 'named', data: { id: node.value } });
    },
  }),
};
