import { lawnCase } from '../../test/cases';
import { newMaterial, type OwnMaterial } from '../casefile/parts/material';
import { explainMaterial } from '../catalog/materials/explain';
import { SHIPPED_MATERIALS } from '../catalog/materials/materials';
import { PlanContext } from '../kernel/working/context';
import { planCase } from '../plan/plan';
import { freedOfOrganic, materialsOf, readMaterial } from './ownMaterials';

function bag(printed: OwnMaterial['printed'], more: Partial<OwnMaterial> = {}): OwnMaterial {
  return { ...newMaterial('m1', 1), name: 'Bag from the barn', printed, ...more };
}

test('a bag is read as its label prints it', () => {
  const own = bag(
    { grade: '16-4-8', slowN: '8', bag: '40', cup: '8' },
    { also: { S: '6' }, flags: { chloride: 'no', nitrate: 'no' } },
  );
  const { read, faults } = readMaterial(own);
  expect(faults).toEqual({});
  expect(read).toMatchObject({
    kind: 'fertilizer',
    material: {
      id: 'own-m1',
      name: 'Bag from the barn',
      grade: { N: 16, P2O5: 4, K2O: 8 },
      // 8 of 16 % come slowly: half of the nitrogen, and not half of the bag.
      slowShare: 0.5,
      release: 'slow',
      chloride: false,
      nitrate: false,
      also: { S: 6 },
      bagsLb: [40],
    },
  });
  // Half a pound a cup, 119.7 cups a cubic foot.
  expect(read?.material.density).toBeCloseTo(59.84, 2);
});

test.each<[string, OwnMaterial['printed'], Partial<OwnMaterial>, string, string]>([
  ['no grade', {}, {}, 'printed/grade', 'problem.materialEmpty'],
  ['a grade over 100 %', { grade: '46-46-46' }, {}, 'printed/grade', 'problem.notAGrade'],
  ['no grade at all', { grade: 'good stuff' }, {}, 'printed/grade', 'problem.notAGrade'],
  [
    'more in it than goes into a bag',
    { grade: '40-0-0' },
    { also: { S: '61' } },
    'printed/grade',
    'problem.overHundred',
  ],
  [
    'a share of the nitrogen',
    { grade: '16-4-8', slowN: '50' },
    {},
    'printed/slowN',
    'problem.slowOverN',
  ],
  [
    'less phosphate in all than available',
    { grade: '3-15-0', totalP2O5: '12' },
    {},
    'printed/totalP2O5',
    'problem.totalUnderAvailable',
  ],
  ['an empty bag', { grade: '10-10-10', bag: '0' }, {}, 'printed/bag', 'problem.between'],
  ['a cup of lead', { grade: '10-10-10', cup: '60' }, {}, 'printed/cup', 'problem.between'],
  [
    'a weed killer without its rate',
    { grade: '28-0-3' },
    { flags: { pesticide: 'yes' } },
    'printed/labelRate',
    'problem.labelRate',
  ],
  [
    'a lime stronger than limestone',
    { percent: '140' },
    { kind: 'lime' },
    'printed/percent',
    'problem.overLimestone',
  ],
  ['a lime without its strength', {}, { kind: 'lime' }, 'printed/percent', 'problem.materialEmpty'],
  [
    'sulfur over 100 %',
    { percent: '120' },
    { kind: 'sulfur' },
    'printed/percent',
    'problem.between',
  ],
  ['no name', { grade: '10-10-10' }, { name: ' ' }, 'name', 'problem.materialEmpty'],
])('%s is told at its place, and the bag is not used', (_what, printed, more, place, why) => {
  const { read, faults } = readMaterial(bag(printed, more));
  expect(read).toBeUndefined();
  expect(faults[place]?.id).toMatch(new RegExp(`^${why.slice(0, 16)}`));
});

test('muriate of potash, 0-0-60 with 47 % chloride, is no bag over 100 %', () => {
  expect(readMaterial(bag({ grade: '0-0-60' }, { also: { Cl: '47' } })).faults).toEqual({});
});

test('what a label does not rule out may be in it', () => {
  const unsaid = readMaterial(bag({ grade: '10-10-10' })).read;
  expect(unsaid?.material).toMatchObject({ chloride: true, nitrate: true });
  const organic = readMaterial(bag({ grade: '4-3-3' }, { flags: { organic: 'yes' } })).read;
  expect(organic?.material).toMatchObject({ chloride: false, nitrate: false, firstSeasonN: 0.45 });
});

// PNW 646 (recalled): 15 × N % − 15 of the nitrogen, at most 75 %.
test.each([
  [12, 0.75],
  [4, 0.45],
  [2, 0.15],
  [1, 0],
  [0.5, 0],
])('an organic product with %d %% N sets free %d of it', (percent, share) => {
  expect(freedOfOrganic(percent)).toBeCloseTo(share, 12);
});

test('of each kind one is added to what ships, and a retired one is not', () => {
  const materials = {
    a: bag({ grade: '5-5-5' }, { id: 'a' }),
    b: bag({ percent: '88' }, { id: 'b', kind: 'lime', also: { Mg: '9' } }),
    c: bag({ percent: '92' }, { id: 'c', kind: 'sulfur' }),
    d: bag({ grade: '6-6-6' }, { id: 'd', flags: { retired: 'yes' } }),
  };
  const all = materialsOf({}, { materials });
  expect(all.fertilizers.length).toBe(SHIPPED_MATERIALS.fertilizers.length + 1);
  expect(all.lime.at(-1)).toMatchObject({ id: 'own-b', forMagnesium: true, typicalCce: 88 });
  expect(all.sulfur.at(-1)).toMatchObject({ id: 'own-c', mixed: false });
});

test('a case plans with a bag of its own, is told by its name, and says what is wrong with another', () => {
  const base = lawnCase({ ph: '6.5', clippings: 'removed', decisions: { 'feed-n': 'own-m1' } });
  const materials = {
    m1: bag({ grade: '20-0-0' }, { flags: { nitrate: 'no' } }),
    m2: bag({ grade: '' }, { id: 'm2' }),
  };
  const plan = planCase({ ...base, materials });
  const [part] = plan.areas[0]?.treatments.fertilizer.chosen.parts ?? [];
  expect(part?.material).toMatchObject({ id: 'own-m1', name: 'Bag from the barn' });
  expect(plan.problems['materials/m2/printed/grade']).toMatchObject({
    id: 'problem.materialEmpty',
  });
  expect(plan.steps.feeding).toBe('decide');
});

test('what a bag does to a lawn by its own label', () => {
  const { read } = readMaterial(bag({ grade: '16-4-8', bag: '40' }));
  if (read?.kind !== 'fertilizer') throw new Error('no fertilizer');
  const ctx = new PlanContext();
  const said = explainMaterial(ctx, read.material, 8000).map(({ id }) => id);
  expect(said).toContain('shed.onLawn');
  // 40 lb × 16 % over 8 × 1000 ft² is 0.8 lb N; a 24-0-11 bag's arithmetic is the same (common practice).
  const rate = ctx.sheet.workings.get('own-m1/on-lawn/N');
  expect(rate && 'value' in rate && rate.value.value).toBeCloseTo(0.8, 12);
});
