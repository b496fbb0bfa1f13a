import { Dice } from '../../test/dice';
import type { Typed } from '../bench/benchSheet';
import { runSum } from '../bench/runSum';
import type { SumId } from '../bench/sum';
import { SUMS } from '../bench/sums';
import { PlanContext } from '../kernel/working/context';
import { msg } from '../kernel/messages/msg';
import { workingsOf } from '../kernel/working/workings';
import { valueOf } from '../kernel/working/working';
import { SULFUR_PER_TENTH } from '../equations/sulfur/gardenRule';
import { CIRCLE } from '../equations/ground/circle';
import { quantity } from '../kernel/units/quantity';
import { secondLook, type Look } from './secondLook';
import type { MisstepId } from './missteps';

const TODAY = '2027-09-01';

function right(id: SumId, typed: Typed, at = 0) {
  const sum = SUMS.find((each) => each.id === id);
  if (!sum) throw new Error(`no sum '${id}'`);
  const { answers, workings } = runSum(sum, typed, TODAY);
  const figure = answers[at]?.figure;
  if (!figure) throw new Error('no such answer');
  return { figure, workings, value: valueOf(figure)?.value ?? NaN };
}

const namedBy = ({ explanations }: Look): string[] =>
  explanations.map(({ missteps }) =>
    missteps
      .map(({ id }) => id)
      .sort()
      .join('+'),
  );

test('5.2 lb for 3.6: tenths were miscounted, 44 % too much', () => {
  // Common practice: 0.2 lb of S on 100 ft² for each tenth above 5.2; from 7.0 that is 18 tenths.
  const ctx = new PlanContext();
  const ph = ctx.sheet.leaf(
    'typed',
    { id: 'ph', label: msg('bench.field.ph') },
    quantity(7, 'pH', 'water'),
  );
  const gross = ctx.sheet.equation({ id: 'gross', label: msg('sulfur.gross') }, SULFUR_PER_TENTH, [
    ph,
  ]);
  expect(valueOf(gross)?.value).toBeCloseTo(3.6, 10);
  const look = secondLook(workingsOf(ctx.sheet.workings), 'gross', '5.2');
  expect([look.verdict, look.direction, look.subject]).toEqual(['misstep', 'over', 'sulfur']);
  expect(namedBy(look)[0]).toBe('tenthsMiscounted');
  expect(look.explanations[0]?.missteps[0]?.counted).toEqual({ said: 26, right: 18 });
  expect(look.more && valueOf(look.more)?.value).toBeCloseTo(44.4, 1);
});

test('6.8 lb for 1.88: the diameter was taken for the radius, and the bag for pure', () => {
  // A circle of 14.67 ft is 169 ft²; a pound of S on each 100 ft² of it from a 90 % bag is 1.88 lb. Exact arithmetic.
  const ctx = new PlanContext();
  const { sheet } = ctx;
  const label = msg('bench.field.across');
  const across = sheet.leaf('typed', { id: 'across', label }, quantity(14.67, 'ft', 'diameter'));
  const ground = sheet.equation({ id: 'ground', label }, CIRCLE, [across]);
  const share = ctx.constant({ id: 'share', label }, 0.9, 'ratio', 'S');
  const each = ctx.constant({ id: 'each', label }, 0.01, 'ratio', 'share');
  const sulfur = sheet.derive('multiply', { id: 'sulfur', label }, [ground, each], (a, b) =>
    quantity(a.value * b.value, 'lb', 'S'),
  );
  const product = sheet.derive('divide', { id: 'product', label }, [sulfur, share], (a, b) =>
    quantity(a.value / b.value, 'lb', 'product'),
  );
  expect(valueOf(product)?.value).toBeCloseTo(1.88, 2);
  const look = secondLook(workingsOf(sheet.workings), 'product', '6.8');
  expect(namedBy(look)[0]).toBe('diameterAsRadius+purity');
});

test('what cannot be read says so, in words', () => {
  const { workings, figure } = right('product', { grade: '46-0-0', ground: '5000' });
  const problem = (typed: string) => secondLook(workings, figure.id, typed).problem?.id;
  expect(problem('')).toBe('look.nothingSaid');
  expect(problem('much')).toBeDefined();
  expect(problem('5 acres')).toBe('look.otherThing');
  expect(problem('5 quarts')).toBe('problem.unitUnknown');
  expect(problem('-3')).toBeDefined();
  const absent = right('product', {});
  expect(secondLook(absent.workings, absent.figure.id, '5').problem?.id).toBe('look.noRight');
  expect(secondLook(workings, figure.id, '173.9 oz').verdict).toBe('right');
});

test('an amount that nothing explains is not blamed on anything', () => {
  const { workings, figure, value } = right('area', {
    shape: 'rectangle',
    length: '50',
    width: '31',
  });
  const look = secondLook(workings, figure.id, String(Math.round(value * 2.7)));
  expect([look.verdict, look.explanations]).toEqual(['unexplained', []]);
});

/** A wrong sum: what somebody does, and the amount that comes of it, worked out here and not by the misstep. */
interface Wrong {
  readonly id: MisstepId;
  /** Typed otherwise; or the right answer changed by hand. */
  readonly typed?: (typed: Typed) => Typed;
  readonly by?: (value: number, typed: Typed) => number;
}

interface Kind {
  readonly sum: SumId;
  readonly at?: number;
  readonly typed: (dice: Dice) => Typed;
  readonly wrong: readonly Wrong[];
}

const between = (dice: Dice, low: number, high: number, decimals = 1): string =>
  (low + dice.next() * (high - low)).toFixed(decimals);

const KINDS: readonly Kind[] = [
  {
    sum: 'product',
    typed: (dice) => ({
      nutrientRate: between(dice, 0.4, 1),
      grade: `${between(dice, 12, 46, 0)}-0-0`,
      ground: between(dice, 700, 9000, 0),
    }),
    wrong: [
      { id: 'nutrientForProduct', typed: (typed) => ({ ...typed, grade: '99.99-0-0' }) },
      {
        id: 'hundredForThousand',
        typed: (typed) => ({ ...typed, ground: String(Number(typed['ground']) * 10) }),
      },
      {
        id: 'thousandForHundred',
        typed: (typed) => ({ ...typed, ground: String(Number(typed['ground']) / 10) }),
      },
      {
        id: 'percentTwice',
        by: (value, typed) => value / (Number.parseFloat(typed['grade'] ?? '') / 100),
      },
      { id: 'ouncesForPounds', by: (value) => value * 16 },
      { id: 'kilogramsForPounds', by: (value) => value / 2.20462 },
    ],
  },
  {
    sum: 'sulfur',
    typed: (dice) => ({
      percent: between(dice, 30, 45, 0),
      plants: between(dice, 3, 9, 0),
      across: between(dice, 3, 7),
      ph: between(dice, 6.2, 7),
    }),
    wrong: [
      { id: 'purity', by: (value, typed) => (value * Number(typed['percent'])) / 100 },
      { id: 'diameterAsRadius', by: (value) => value * 4 },
      { id: 'oneForAll', by: (value, typed) => value / Number(typed['plants']) },
      { id: 'radiusAsDiameter', by: (value) => value / 4 },
    ],
  },
  {
    sum: 'area',
    typed: (dice) => ({ shape: 'circle', diameter: between(dice, 8, 60) }),
    wrong: [
      { id: 'diameterAsRadius', by: (_value, typed) => Math.PI * Number(typed['diameter']) ** 2 },
      { id: 'squareForCircle', by: (_value, typed) => Number(typed['diameter']) ** 2 },
      {
        id: 'radiusAsDiameter',
        typed: (typed) => ({ ...typed, diameter: String(Number(typed['diameter']) / 2) }),
      },
    ],
  },
  {
    sum: 'tons',
    typed: (dice) => ({ tons: between(dice, 0.7, 2), ground: between(dice, 900, 9000, 0) }),
    wrong: [
      { id: 'hundredForThousand', by: (value) => value * 10 },
      {
        id: 'shortCut',
        by: (_value, typed) => (Number(typed['tons']) * 50 * Number(typed['ground'])) / 1000,
      },
      { id: 'acreForThousand', by: (value) => value / 43.56 },
    ],
  },
  {
    sum: 'lime',
    typed: (dice) => ({
      ph: '5.2',
      buffer: between(dice, 6.1, 6.4),
      cce: between(dice, 68, 80, 0),
      ground: between(dice, 2000, 9000, 0),
    }),
    wrong: [
      { id: 'worthLeftOut', by: (value, typed) => (value * Number(typed['cce'])) / 90 },
      { id: 'depthLeftOut', by: (value) => value * 2 },
    ],
  },
  {
    sum: 'ppm',
    typed: (dice) => ({ found: between(dice, 10, 200, 0), soilDeep: between(dice, 3, 4.5) }),
    wrong: [
      { id: 'timesTwo', by: (_value, typed) => Number(typed['found']) * 2 },
      { id: 'ppmForPounds', by: (_value, typed) => Number(typed['found']) },
    ],
  },
  {
    sum: 'oxide',
    typed: (dice) => ({ change: 'P>P2O5', told: between(dice, 10, 90, 0) }),
    wrong: [
      { id: 'oxideLeftOut', by: (_value, typed) => Number(typed['told']) },
      { id: 'oxideTwice', by: (_value, typed) => Number(typed['told']) * 2.2914 * 2.2914 },
    ],
  },
];

/** As somebody says it: to three figures, or to two where a small number is said. */
function asSaid(value: number, dice: Dice): string {
  return String(Number(value.toPrecision(dice.chance(0.3) ? 2 : 3)));
}

function claims(count: number, pairs: boolean) {
  return Array.from({ length: count }, (_, seed) => {
    const dice = new Dice(seed + (pairs ? 7000 : 1000));
    const kind = dice.one(KINDS.filter(({ wrong }) => !pairs || wrong.length > 2));
    const typed = kind.typed(dice);
    const { figure, workings, value } = right(kind.sum, typed, kind.at);
    const first = dice.one(kind.wrong);
    const others = kind.wrong.filter(({ id, by }) => id !== first.id && by !== undefined);
    const second = pairs ? dice.one(others) : undefined;
    const after = first.typed
      ? right(kind.sum, first.typed(typed), kind.at).value
      : first.by?.(value, typed);
    // The second misstep does to what came of the first what it does to the right amount.
    const both = second?.by ? ((after ?? NaN) * second.by(value, typed)) / value : after;
    const said = asSaid(both ?? NaN, dice);
    const look = secondLook(workings, figure.id, said);
    const truth = [first.id, ...(second ? [second.id] : [])].sort().join('+');
    return { look, truth, said, value, sum: kind.sum };
  });
}

/** The share of claims whose misstep stands first, of those that are not ambiguous. */
function firstNamed(all: ReturnType<typeof claims>) {
  // Two that undo one another come to the right amount, and nobody is accused.
  const wrong = all.filter(({ look }) => look.verdict !== 'right');
  const clear = wrong.filter(({ look }) => look.explanations.length === 1);
  const ambiguous = wrong.filter(({ look }) => look.explanations.length > 1);
  const missed = clear.filter(({ look, truth }) => namedBy(look)[0] !== truth);
  const unnamed = ambiguous.filter(({ look, truth }) => !namedBy(look).includes(truth));
  const told = (list: ReturnType<typeof claims>) =>
    list.map(
      ({ sum, truth, value, said, look }) =>
        `${sum} ${truth} ${value} ${said} → ${namedBy(look).join(' | ')} ${look.verdict}`,
    );
  return { wrong, clear, missed: told(missed), unnamed: told(unnamed), ambiguous };
}

test('of 400 claims made by one misstep the true one is first in 95 %, or named beside another', () => {
  const { wrong, clear, missed, unnamed, ambiguous } = firstNamed(claims(400, false));
  expect(wrong.length).toBeGreaterThan(380);
  expect(missed.length).toBeLessThanOrEqual(0.05 * clear.length);
  expect(unnamed.length).toBeLessThanOrEqual(0.05 * ambiguous.length);
});

test('of 400 claims made by two missteps the true pair is first in 85 %, or named beside another', () => {
  const { wrong, clear, missed, unnamed, ambiguous } = firstNamed(claims(400, true));
  expect(wrong.length).toBeGreaterThan(300);
  expect(missed.length).toBeLessThanOrEqual(0.15 * clear.length);
  expect(unnamed.length).toBeLessThanOrEqual(0.15 * ambiguous.length);
});

test('300 right amounts are never accused', () => {
  const accused = Array.from({ length: 300 }, (_, seed) => {
    const dice = new Dice(seed + 20_000);
    const kind = dice.one(KINDS);
    const typed = kind.typed(dice);
    const { figure, workings, value } = right(kind.sum, typed, kind.at);
    const said = asSaid(value * (1 + (dice.next() - 0.5) * 0.02), dice);
    return { said, value, verdict: secondLook(workings, figure.id, said).verdict };
  }).filter(({ verdict }) => verdict !== 'right');
  expect(accused).toEqual([]);
});
