import { splitAmount } from './amount';

test.each([
  ['2 acres', '2', 'acres'],
  ['1.5tons/acre', '1.5', 'tons/acre'],
  ['6,200', '6,200', ''],
  ['-4 lb', '-4', 'lb'],
  [' 30 % ', '30', '%'],
  ['many', 'many', ''],
  ['-', '-', ''],
  ['', '', ''],
  ['1.2.3 lb', '1.2.3', 'lb'],
])('%j is %j and %j', (typed, number, word) => {
  expect(splitAmount(typed)).toEqual({ number, word });
});
