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
  [{ ...PLAIN, clues: 'clover crabgrass plantain' }, ['clover', 'crabgrass', 'plantain']],
  [{ ...PLAIN, plant: 'white-clover', clues: 'clover' }, []],
  [{ ...PLAIN, clues: 'yellow-leaves purple-leaves' }, ['paleLeaves', 'purpleLeaves']],
  [{ ...PLAIN, clues: 'white-crust' }, ['whiteCrust']],
  [{ ...PLAIN, growing: { shade: 'yes' } }, ['shade']],
  [{ ...PLAIN, site: { slope: 'steep' } }, ['slope']],
  [{ ...PLAIN, rules: { 'water-strip': {} }, site: { water: '8' } }, ['strip']],
  [{ ...PLAIN, clues: 'yellow-veins' }, ['ironLawn']],
  [{ ...PLAIN, plant: 'pin-oak', ph: '7.4', clues: 'yellow-veins' }, ['ironTree', 'growth']],
  [{ ...PLAIN, ...BUSHES, ph: '5.8', clues: 'yellow-veins' }, ['ironPlants']],
  // Acidic soil locks nothing up: looked for elsewhere. Maples lack manganese first on limy soil. Common practice.
  [{ ...PLAIN, plant: 'red-maple', ph: '7.4', clues: 'yellow-veins' }, ['manganeseTree', 'growth']],
  [{ ...PLAIN, ph: '6.1', clues: 'yellow-veins' }, ['veinsElsewhere']],
  [{ ...PLAIN, ...BUSHES, ph: '4.8', clues: 'yellow-veins' }, ['veinsElsewhere']],
  [{ ...PLAIN, plant: 'snap-bean', more: { ec: paste('4.5') } }, ['leach']],
  [{ ...PLAIN, p: { text: '320' }, k: { text: '900' } }, ['phosphorusStop', 'potassiumStop']],
  [{ ...PLAIN, more: { mg: { text: '35', unit: 'ppm' } } }, ['magnesium']],
  [{ ...PLAIN, more: { ca: { text: '150', unit: 'ppm' } } }, ['calcium']],
  [
    { ...PLAIN, plant: 'beet', more: { b: { text: '0.2', unit: 'ppm', method: 'hot-water' } } },
    ['boronShort'],
  ],
  [
    { ...PLAIN, plant: 'sweet-corn', more: { zn: { text: '0.3', unit: 'ppm', method: 'dtpa' } } },
    ['zincShort'],
  ],
  [
    { ...PLAIN, plant: 'oats', more: { mn: { text: '0.5', unit: 'ppm', method: 'dtpa' } } },
    ['manganeseShort'],
  ],
  [
    { ...PLAIN, plant: 'lettuce', more: { cu: { text: '0.1', unit: 'ppm', method: 'dtpa' } } },
    ['copperShort'],
  ],
  [{ ...PLAIN, more: { s: { text: '3', unit: 'ppm', method: 'SO4' } } }, ['sulfurShort']],
  [
    {
      ...PLAIN,
      growing: { inches: '12' },
      more: { 'water-alkalinity': { text: '250', unit: 'ppm' } },
    },
    ['limyWaterYear'],
  ],
  [
    {
      ...{ ...PLAIN, ...BUSHES, ph: '6.2', texture: 'loam' },
      growing: { inches: '12' },
      more: { 'water-alkalinity': { text: '250', unit: 'ppm' } },
    },
    ['limyWaterAcid'],
  ],
  [{ ...PLAIN, more: { 'sat-na': { text: '20' } } }, ['sodic']],
  [{ ...PLAIN, cec: '', more: { 'sat-na': { text: '20' } } }, ['sodicOpen']],
  [{ ...PLAIN, more: { 'water-na': { text: '180', unit: 'ppm' } } }, ['saltyWater']],
  [{ ...PLAIN, more: { 'water-alkalinity': { text: '250', unit: 'ppm' } } }, ['limyWater']],
  [
    { ...PLAIN, plant: 'snap-bean', more: { b: { text: '9', unit: 'ppm', method: 'hot-water' } } },
    ['boron'],
  ],
  // A pound of nitrogen by 10-10-10 brings a pound of phosphate and carries none off.
  [{ ...PLAIN, p: { text: '40' }, decisions: { habit: 'fertilizer-10-10-10' } }, ['habit']],
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
  const working = planCase(lawnCase(input)).workings.get('lawn/carrier/mg');
  expect(working && 'value' in working ? working.value.value : NaN).toBeCloseTo(25.5, 1);
});

test('gypsum: 10 points of sodium on 12 meq/100 g trade 1.2 meq, 47.4 lb for 1000 ft² (Handbook 60)', () => {
  const input = { ...PLAIN, squareFeet: '1000', more: { 'sat-na': { text: '20' } } };
  const working = planCase(lawnCase(input)).workings.get('lawn/gypsum');
  expect(working && 'value' in working ? working.value.value : NaN).toBeCloseTo(47.4, 6);
});

const figure = (input: LawnInput, id: string): number => {
  const working = planCase(lawnCase(input)).workings.get(id);
  return working && 'value' in working ? working.value.value : NaN;
};

test('borax: a pound of boron an acre at 11.3 % is 3.25 oz for 1000 ft², rounded down, and 6½ spoons', () => {
  const b = { text: '0.2', unit: 'ppm', method: 'hot-water' };
  const input = { ...PLAIN, plant: 'beet', squareFeet: '1000', more: { b } };
  // 1 ÷ 43.56 ÷ 0.113 × 16 = 3.2506 oz.
  expect(figure(input, 'lawn/carrier/b/oz')).toBe(3.25);
  expect(figure(input, 'lawn/carrier/b/tbsp')).toBe(6.5);
  // On a tenth of it a third of an ounce: never more than the cap.
  expect(figure({ ...input, squareFeet: '100' }, 'lawn/carrier/b/oz')).toBe(0.25);
});

test('a bed that is too small for a quarter of a spoon gets none', () => {
  const b = { text: '0.2', unit: 'ppm', method: 'hot-water' };
  const [area] = planCase(
    lawnCase({ ...PLAIN, plant: 'beet', squareFeet: '20', more: { b } }),
  ).areas;
  expect(area?.judgements.map(({ id }) => id)).not.toContain('boronShort');
});

test('12 inches of water with 250 ppm of alkalinity bring 0.227 × 250 × 12 lb of lime an acre', () => {
  const more = { 'water-alkalinity': { text: '250', unit: 'ppm' } };
  const input = { ...PLAIN, growing: { inches: '12' }, more };
  // An inch on an acre weighs 226,600 lb (27,154 gallons of 8.345 lb).
  expect(figure(input, 'lawn/water-lime')).toBeCloseTo((0.2266 * 250 * 12) / 43.56, 1);
});

test.each([
  ['1.2', 6],
  ['2', 6],
  ['4.5', 12],
  ['9', 24],
])(
  'salts of %s dS/m on beans, which bear 1 (Maas & Hoffman 1977), take %d inches',
  (ec, inches) => {
    const input = { ...PLAIN, plant: 'snap-bean', more: { ec: paste(ec) } };
    expect(figure(input, 'lawn/leaching')).toBe(inches);
  },
);
