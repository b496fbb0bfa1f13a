import { isWithin, ModelBuilder, sumAt, toLp, type Model } from './model';

const MODEL: Model = {
  variables: [
    { low: 0, high: 3, whole: true },
    { low: 0.5, high: Infinity, whole: false },
  ],
  rows: [
    {
      terms: [
        [0, 2],
        [1, -1],
      ],
      low: -Infinity,
      high: 4,
    },
    { terms: [[1, 1]], low: 1, high: 1 },
  ],
  least: [
    [0, 1],
    [1, 0.5],
    [0, 2],
  ],
};

test('a model as text: each variable once in a sum, bounds, equal rows, whole numbers', () => {
  expect(toLp(MODEL).split('\n')).toEqual([
    'Minimize',
    ' + 3 x0 + 0.5 x1',
    'Subject To',
    ' r0h: + 2 x0 - 1 x1 <= 4',
    ' r1: + 1 x1 = 1',
    'Bounds',
    ' 0 <= x0 <= 3',
    ' x1 >= 0.5',
    'General',
    ' x0',
    'End',
    '',
  ]);
});

test('no number is written with an exponent, and no line is too long for a reader of such files', () => {
  const terms = Array.from({ length: 60 }, (_, at) => [at, 1e-7 * (at + 1)] as const);
  const variables = terms.map(() => ({ low: 0, high: 1e7, whole: false }));
  const text = toLp({ variables, rows: [{ terms, low: 1e-9, high: Infinity }], least: terms });
  expect(text).not.toMatch(/\de[+-]?\d/);
  expect(Math.max(...text.split('\n').map(({ length }) => length))).toBeLessThan(500);
});

test.each<[string, readonly number[], boolean]>([
  ['within all', [2, 1], true],
  ['as good as within', [2.000001, 1.000001], true],
  ['not whole', [1.5, 1], false],
  ['over a bound', [4, 1], false],
  ['outside a row', [3, 1], false],
  ['a row that is not equal', [0, 2], false],
  ['a value missing', [1], false],
])('a point %s', (_what, values, within) => {
  expect(isWithin(MODEL, values)).toBe(within);
});

test('a sum at values, those that are missing as none', () => {
  expect(sumAt(MODEL.least, [2, 1])).toBe(6.5);
  expect(sumAt([[7, 3]], [1])).toBe(0);
});

test('a builder gives the places of its variables in order', () => {
  const builder = new ModelBuilder();
  expect([builder.add(0, 1), builder.add(0, 2, true)]).toEqual([0, 1]);
  builder.row([[1, 1]], 1, 2);
  expect(builder.toGetLeast([[0, 1]])).toEqual({
    variables: [
      { low: 0, high: 1, whole: false },
      { low: 0, high: 2, whole: true },
    ],
    rows: [{ terms: [[1, 1]], low: 1, high: 2 }],
    least: [[0, 1]],
  });
});
