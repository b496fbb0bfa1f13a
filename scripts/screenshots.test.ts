import { readdirSync, readFileSync } from 'node:fs';

const README = readFileSync('README.md', 'utf8');
const linked = [...README.matchAll(/docs\/screenshots\/([\w-]+\.png)/g)].map(([, name]) => name);
const there = readdirSync('docs/screenshots');

/** Main views of the product: one picture of each, made by `npm run screenshots`. */
const VIEWS = [
  'desk',
  'ground',
  'sample',
  'office',
  'results',
  'calendar',
  'table',
  'ph',
  'feeding',
  'buying',
  'bench',
  'practice',
  'diary',
  'reading',
  'yardsticks',
  'all-ground',
  'slip',
  'printed',
  'shed',
];

test('every main view has its picture, every picture is linked, and every link has its picture', () => {
  expect(VIEWS.filter((view) => !there.includes(`${view}.png`))).toEqual([]);
  expect(there.filter((name) => !linked.includes(name))).toEqual([]);
  expect(linked.filter((name) => !there.includes(name ?? ''))).toEqual([]);
});
