import type { Typed } from '../bench/benchSheet';
import { runSum } from '../bench/runSum';
import type { SumId } from '../bench/sum';
import { SUMS } from '../bench/sums';
import { SULFUR_PER_TENTH } from '../equations/sulfur/gardenRule';
import type { IsoDate } from '../kernel/typed/date';
import { quantity } from '../kernel/units/quantity';
import { msg, type NamesIn } from '../kernel/messages/msg';
import { PlanContext } from '../kernel/working/context';
import { workingsOf } from '../kernel/working/workings';
import type { Accepted } from './task';

export type LessonId = NamesIn<'lesson'>;

/** A sum that goes with a lesson, and what somebody made of it. */
interface Example {
  /** The bench's own sum, where it is one of its. */
  readonly sum?: { readonly id: SumId; readonly typed: Typed };
  readonly right: (today: IsoDate) => Accepted;
  /** The wrong amount, in the unit of the right one. */
  readonly said: string;
}

/** One of the ideas that go wrong most. */
export interface Lesson {
  readonly id: LessonId;
  readonly example?: Example;
}

function onBench(id: SumId, typed: Typed, said: string, inAll = false): Example {
  const right = (today: IsoDate): Accepted => {
    const sum = SUMS.find((each) => each.id === id);
    if (!sum) throw new Error(`onBench: there is no sum '${id}'`);
    const { answers, workings } = runSum(sum, typed, today);
    const [first, second] = answers;
    return { id: (inAll ? (second ?? first) : first).figure.id, workings };
  };
  return { sum: { id, typed }, right, said };
}

/** Eighteen tenths of pH, by the trade's rule. */
function byTenths(): Accepted {
  const ctx = new PlanContext();
  const entry = { id: 'lesson/ph', label: msg('bench.field.ph') };
  const ph = ctx.sheet.leaf('constant', entry, quantity(7, 'pH', 'water'));
  ctx.sheet.equation(
    { id: 'lesson/tenths', label: msg('sulfur.gross'), source: 'practice' },
    SULFUR_PER_TENTH,
    [ph],
  );
  return { id: 'lesson/tenths', workings: workingsOf(ctx.sheet.workings) };
}

/** Twelve ideas that go wrong most, in the order of the work. */
export const LESSONS: readonly Lesson[] = [
  { id: 'phFirst' },
  { id: 'circle', example: onBench('area', { shape: 'circle', diameter: '30' }, '2827') },
  { id: 'tenths', example: { right: byTenths, said: '5.2' } },
  {
    id: 'worth',
    example: onBench('lime', { ph: '5.4', buffer: '6.4', cce: '70', ground: '5000' }, '180'),
  },
  {
    id: 'once',
    example: onBench('lime', { ph: '5.4', buffer: '6.4', cce: '90', ground: '5000' }, '540'),
  },
  { id: 'label', example: onBench('sulfur', { percent: '30', plants: '3', ph: '6.1' }, '0.38') },
  { id: 'classes' },
  { id: 'ppm', example: onBench('ppm', { found: '25', soilDeep: '4' }, '50') },
  { id: 'oxide', example: onBench('oxide', { change: 'P>P2O5', told: '20' }, '20') },
  {
    id: 'nutrientForProduct',
    example: onBench('product', { grade: '46-0-0', ground: '5000' }, '5'),
  },
  { id: 'hundred', example: onBench('product', { grade: '46-0-0', ground: '5000' }, '109') },
  { id: 'pileUp' },
];
