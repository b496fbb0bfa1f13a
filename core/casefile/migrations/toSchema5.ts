import { isNode, overEach, type Node } from './nodes';

interface Outline extends Node {
  readonly id: string;
  readonly kind: 'outline';
  readonly text: string;
}

/** Schema 5: outlines of maps are attachments, and a shape knows its own by its id; a climate, and days of planting. */
export function toSchema5(document: Node): Record<string, unknown> {
  const outlines: Outline[] = [];
  const shaped = (holder: Node): Node => {
    const { shape } = holder;
    if (!isNode(shape) || typeof shape['outline'] !== 'string' || shape['outline'] === '') {
      return holder;
    }
    const outline: Outline = {
      id: `outline-${outlines.length + 1}`,
      kind: 'outline',
      text: shape['outline'],
    };
    outlines.push(outline);
    return { ...holder, shape: { ...shape, outline: outline.id } };
  };
  const areas = overEach(document['areas'], (area) => ({
    ...shaped(area),
    plantedOn: '',
    parts: overEach(area['parts'], shaped),
  }));
  const attachments = Object.fromEntries(outlines.map((outline) => [outline.id, outline]));
  const climate = { card: '', air: {}, lastFrost: '', firstFrost: '' };
  return { ...document, areas, attachments, climate };
}
