import words from '../../words/en.page.json';
import { lawnCase, type LawnInput } from '../../test/cases';
import { planCase } from '../plan/plan';
import type { JudgementId } from './judgements';

const PLAIN = { ph: '6.5', om: '3', cec: '12', p: { text: '30' }, k: { text: '120' } } as const;
const paste = (text: string) => ({ text, unit: 'dS/m', method: 'saturated-paste' });
const MIX = { plant: 'container-mix', pack: { id: 'potting-mix-extract', version: 1 } } as const;
const BUSHES = {
  plant: 'blueberry',
  shape: { kind: 'plants', number: '12', diameter: '4' },
} as const;

/** What a client is told in which case; common practice, in the words of the trade. */
const CASES: readonly (readonly [LawnInput, readonly JudgementId[]])[] = [
  [PLAIN, []],
  [{ ...PLAIN, clues: 'moss' }, ['moss']],
  [{ ...PLAIN, clues: 'standing-water' }, ['standingWater']],
  [{ ...PLAIN, growing: { shade: 'yes' } }, ['shade']],
  [{ ...PLAIN, site: { slope: 'steep' } }, ['slope']],
  [{ ...PLAIN, rules: { 'water-strip': {} }, site: { water: '8' } }, ['strip']],
  [{ ...PLAIN, clues: 'yellow-veins' }, ['ironLawn']],
  [{ ...PLAIN, plant: 'pin-oak', ph: '7.4', clues: 'yellow-veins' }, ['ironTree', 'growth']],
  [{ ...PLAIN, ...BUSHES, ph: '5.8', clues: 'yellow-veins' }, ['ironPlants']],
  [{ ...PLAIN, plant: 'snap-bean', more: { ec: paste('4.5') } }, ['leach']],
  [{ ...PLAIN, p: { text: '320' }, k: { text: '900' } }, ['phosphorusStop', 'potassiumStop']],
  [{ ...PLAIN, more: { mg: { text: '35', unit: 'ppm' } } }, ['magnesium']],
  [{ ...PLAIN, more: { 'sat-na': { text: '20' } } }, ['sodic']],
  [{ ...PLAIN, cec: '', more: { 'sat-na': { text: '20' } } }, ['sodicOpen']],
  [{ ...PLAIN, more: { 'water-na': { text: '180', unit: 'ppm' } } }, ['saltyWater']],
  [{ ...PLAIN, more: { 'water-alkalinity': { text: '250', unit: 'ppm' } } }, ['limyWater']],
  [
    { ...PLAIN, plant: 'snap-bean', more: { b: { text: '9', unit: 'ppm', method: 'hot-water' } } },
    ['boron'],
  ],
  [{ ...MIX, ph: '5.9' }, ['mixFeed']],
  [{ ...MIX, ph: '5.9', more: { ec: paste('4.2') } }, ['mixFlush']],
];

test.each(CASES)('%j', (input, ids) => {
  const [area] = planCase(lawnCase(input)).areas;
  const found = area?.judgements.map(({ says }) => says.id.slice('judged.'.length));
  expect(found).toEqual(ids);
});

test('every judgement is reached', () => {
  const all = Object.keys(words).flatMap((id) => (id.startsWith('judged.') ? id.slice(7) : []));
  // What a shared sample is judged as stands with the advice cases: it takes two pieces of ground.
  const reached = new Set<string>([...CASES.flatMap(([, ids]) => ids), 'mixedSample']);
  expect(all.filter((id) => !reached.has(id))).toEqual([]);
});

test('Epsom salt: 1 lb of magnesium at 9.8 % is 10.2 lb for 1000 ft²', () => {
  const input = { ...PLAIN, squareFeet: '2500', more: { mg: { text: '35', unit: 'ppm' } } };
  const working = planCase(lawnCase(input)).workings.get('lawn/epsom');
  expect(working && 'value' in working ? working.value.value : NaN).toBeCloseTo(25.5, 1);
});

test('gypsum: 10 points of sodium on 12 meq/100 g trade 1.2 meq, 47.4 lb for 1000 ft² (Handbook 60)', () => {
  const input = { ...PLAIN, squareFeet: '1000', more: { 'sat-na': { text: '20' } } };
  const working = planCase(lawnCase(input)).workings.get('lawn/gypsum');
  expect(working && 'value' in working ? working.value.value : NaN).toBeCloseTo(47.4, 6);
});
