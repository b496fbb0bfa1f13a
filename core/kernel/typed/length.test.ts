import { parseGrade } from './grade';
import { parseLength } from './length';

const RULE = { above: 0, max: 1000 };

test.each<[string, number, string]>([
  ['12', 12, 'ft'],
  ['12.5 ft', 12.5, 'ft'],
  [`12' 6"`, 150, 'in'],
  [`12' 6`, 150, 'in'],
  ['12’ 6”', 150, 'in'],
  ['12 ft 6 in', 150, 'in'],
  ['12ft6in.', 150, 'in'],
  ['12 feet 6 inches', 150, 'in'],
  [`6' 1/2"`, 72.5, 'in'],
  ['6 1/2 in', 6.5, 'in'],
  ['30"', 30, 'in'],
  [`8'`, 8, 'ft'],
  ['3.8 m', 3.8, 'm'],
  ['2 meters', 2, 'm'],
  ['380 cm', 380, 'cm'],
  [' 1,000 ft ', 1000, 'ft'],
])('%p is %d %s', (text, value, unit) => {
  expect(parseLength(text, RULE)).toEqual({ kind: 'value', value: { value, unit } });
});

test.each<[string, string]>([
  ['twelve', 'problem.notALength'],
  ['12 x 6', 'problem.notALength'],
  ['12 yd', 'problem.notALength'],
  ['1/0 in', 'problem.notALength'],
  [`6" 12'`, 'problem.notALength'],
  ['6,1', 'problem.decimalComma'],
  ['12.', 'problem.unfinished'],
  ['0 ft', 'problem.lengthOutside'],
  ['400 m', 'problem.lengthOutside'],
  ['-5', 'problem.aboveAndUpTo'],
])('%p is refused: %s', (text, id) => {
  expect(parseLength(text, RULE)).toMatchObject({ kind: 'error', error: { id } });
});

test('nothing typed is no length and no error', () => {
  expect(parseLength('  ', RULE)).toEqual({ kind: 'empty' });
});

test.each([
  ['10-10-10', [10, 10, 10]],
  [' 15.5 - 0 - 0 ', [15.5, 0, 0]],
  ['21–0–0', [21, 0, 0]],
])('the grade %p', (text, [N, P2O5, K2O]) => {
  expect(parseGrade(text)).toEqual({ kind: 'value', value: { N, P2O5, K2O } });
});

test.each(['10-10', '0-0-0', '60-40-10', '10:10:10', 'ten'])('%p is no grade', (text) => {
  expect(parseGrade(text).kind).toBe('error');
});
