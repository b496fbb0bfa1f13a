import { quantity, type Substance, type Unit } from '../../core/kernel/units/quantity';
import { formatDate, localDay } from './date';
import { quantityText } from './quantity';

test.each<[number, Unit, Substance, string]>([
  [708.313, 'lb', 'product', '708 lb'],
  [135.5, 'lb', 'product', '135.5 lb'],
  [6.5, 'lb', 'product', '6.5 lb'],
  [0.37, 'lb', 'product', '0.37 lb'],
  [-53.4, 'lb', 'product', '−53 lb'],
  [-0.001, 'lb', 'product', '0 lb'],
  [107.897, 'lb/1000ft2', 'limestone', '107.9 lb/1000 ft²'],
  [2.941, 'lb/1000ft2', 'product', '2.94 lb/1000 ft²'],
  [6200, 'ft2', 'ground', '6,200 ft²'],
  [1, 'bags', 'product', '1 bag'],
  [12, 'bags', 'product', '12 bags'],
  [6, 'pH', 'water', 'pH 6.0'],
  [0.34, 'ratio', 'N', '0.34'],
  [85, '%', 'CCE', '85 %'],
])('%d %s of %s is written %p', (value, unit, of, written) => {
  expect(quantityText(quantity(value, unit, of))).toBe(written);
});

test('the client reads square feet in words', () => {
  expect(quantityText(quantity(6200, 'ft2', 'ground'), true)).toBe('6,200 square feet');
});

test('dates are written out', () => {
  expect(formatDate('2027-04-12')).toBe('12 Apr 2027');
});

test('a moment has the day of this computer’s own calendar, late in the evening too', () => {
  expect(localDay(new Date(2027, 9, 4, 23, 59))).toBe('2027-10-04');
  expect(localDay(new Date(2027, 0, 1, 0, 1))).toBe('2027-01-01');
});
