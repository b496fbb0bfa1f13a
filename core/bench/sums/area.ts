import { SHAPE_MEASURES, type ShapeKind } from '../../casefile/parts/shape';
import { msg } from '../../kernel/messages/msg';
import { planSmall } from '../smallCase';
import type { BenchSum } from '../sum';

/** The area of a shape: the ground of a case. */
export const area: BenchSum = {
  id: 'area',
  fields: (sheet) => ['shape', ...SHAPE_MEASURES[sheet.choice('shape') as ShapeKind]],
  usual: { shape: 'rectangle' },
  work: (sheet, today) => {
    const kind = sheet.choice('shape') as ShapeKind;
    const shape = Object.fromEntries(
      // Corners stand on a line each in a case; here a semicolon parts them.
      SHAPE_MEASURES[kind].map((measure) => [measure, sheet.raw(measure).replaceAll(';', '\n')]),
    );
    const planned = planSmall(today, { area: {}, shape: { ...shape, kind } });
    const { area: figure, volume } = planned.area.ground;
    return {
      answers: [
        { label: msg('bench.answer.ground'), figure, family: 'ground', carries: 'ground' },
        ...(volume ? [{ label: msg('bench.answer.volume'), figure: volume }] : []),
      ],
      says: [],
      ...planned,
    };
  },
};
