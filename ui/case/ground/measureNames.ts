import type { Measure, ShapeKind } from '../../../core/casefile/parts/shape';
import type { NamesIn } from '../../../core/kernel/messages/msg';
import { nameFrom } from '../../format/text';

/** Measures that have another name in a kind of shape than elsewhere. */
const NAMES: Partial<Readonly<Record<ShapeKind, Partial<Record<Measure, NamesIn<'ground'>>>>>> = {
  'triangle-height': { length: 'baseLength' },
  ellipse: { length: 'longAxis', width: 'shortAxis' },
  offsets: { spacing: 'apart' },
};

/** What a measure of a kind of shape is called. */
export function measureName(kind: ShapeKind, measure: Measure): string {
  return nameFrom('ground', NAMES[kind]?.[measure] ?? measure);
}
