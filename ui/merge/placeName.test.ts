import { lawnCase, ORACLE } from '../../test/cases';
import '../format/desksWords';
import { CASE } from '../../core/casefile/casefile';
import { placeName, placeValue } from './placeName';

const FILE = lawnCase(ORACLE);
const [AREA = ''] = Object.keys(FILE.areas);
const NAMED = {
  ...FILE,
  areas: { [AREA]: { ...FILE.areas[AREA], name: 'Main lawn' } },
  reports: { r1: { laboratory: '', date: '2027-09-30' } },
};

test.each([
  ['title', 'Name of the case'],
  ['client/name', 'Client · name'],
  [`areas/${AREA}`, 'Ground · Main lawn'],
  [`areas/${AREA}/shape/squareFeet`, 'Ground · Main lawn · shape · square feet'],
  ['reports/r1/results', 'Report · 2027-09-30 · results'],
  ['decisions/lawn:ph-settled', 'Decision · lawn ph settled'],
  ['rules/unknown/rate', 'Local rule · unknown · rate'],
])('%s is called %s', (path, words) => {
  expect(placeName(path, [NAMED])).toBe(words);
});

test('an entry that one side alone has is called as that side calls it', () => {
  const there = { areas: { bed: { name: 'Herb bed' } } };
  expect(placeName('areas/bed', [NAMED, there])).toBe('Ground · Herb bed');
});

test('every part of a case has words', () => {
  const parts = Object.keys(CASE.parts).filter(
    (part) => !['format', 'schema', 'id', 'createdOn', 'attachments'].includes(part),
  );
  expect(parts.length).toBeGreaterThan(20);
  expect(parts.filter((part) => /^[a-z]/.test(placeName(part, [])))).toEqual([]);
});

test.each([
  ['5.4', '5.4'],
  ['', 'nothing'],
  [undefined, 'nothing'],
  [null, 'nothing'],
  [7, '7'],
  [true, 'true'],
  [{ name: 'Main lawn', order: 1 }, 'Main lawn'],
  [{ kind: 'rectangle' }, 'an entry'],
  [['a', 'b'], 'an entry'],
])('%j is shown as %s', (value, words) => {
  expect(placeValue(value)).toBe(words);
});
