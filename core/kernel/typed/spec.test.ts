import {
  fits,
  list,
  longText,
  object,
  oneOf,
  otherOrNull,
  record,
  some,
  wholeNumber,
} from './spec';
import * as spec from './spec';

const BED = object({ name: longText(5), count: wholeNumber, kind: oneOf(['bed', 'strip']) });
const GOOD = { name: 'Roses', count: 3, kind: 'bed' };

test('an object has just its parts, each as it should be', () => {
  expect(fits(BED, GOOD)).toBe(true);
});

test.each([
  ['a name that is too long', { ...GOOD, name: 'Tulips' }],
  ['half a thing', { ...GOOD, count: 0.5 }],
  ['a kind that is none', { ...GOOD, kind: 'row' }],
  ['a part too many', { ...GOOD, more: 1 }],
  ['a part too few', { name: 'Roses', count: 3 }],
  ['a part that every object has', Object.assign({}, GOOD, { toString: 1 })],
  ['nothing', null],
  ['a list', [GOOD]],
])('%s is not an object of those parts', (_name, value) => {
  expect(fits(BED, value)).toBe(false);
});

test.each([
  [some(['n', 'p'], spec.number), { n: 1 }, true],
  [some(['n', 'p'], spec.number), { k: 1 }, false],
  [list(BED, 2), [GOOD, GOOD], true],
  [list(BED, 2), [GOOD, GOOD, GOOD], false],
  [list(BED, 2), { 0: GOOD }, false],
  [record(spec.text, 1), { 'lawn:lime-method': 'x' }, true],
  [record(spec.text, 1), { a: 'x', b: 'y' }, false],
  [record(spec.text, 1), { 'a b': 'x' }, false],
  [spec.number, NaN, false],
  [spec.number, Infinity, false],
  [spec.number, '1', false],
  [spec.day, '2027-10-04', true],
  [spec.day, '10/4/2027', false],
  [spec.id, '../secret', false],
  [spec.text, 'x'.repeat(4001), false],
  [otherOrNull('house'), null, true],
  [otherOrNull('house'), {}, false],
] as const)('%#: what a spec describes is told from what it does not', (of, value, yes) => {
  expect(fits(of, value)).toBe(yes);
});
