import type { Measure, ShapeKind } from '../../core/casefile/casefile';
import { text } from '../format/text';

/** Measures that have another name in a kind of shape than elsewhere. */
const NAMES: Partial<Readonly<Record<ShapeKind, Partial<Record<Measure, string>>>>> = {
  'triangle-height': { length: 'ground.baseLength' },
  ellipse: { length: 'ground.longAxis', width: 'ground.shortAxis' },
  offsets: { spacing: 'ground.apart' },
};

/** What a measure of a kind of shape is called. */
export function measureName(kind: ShapeKind, measure: Measure): string {
  return text(NAMES[kind]?.[measure] ?? `ground.${measure}`);
}
