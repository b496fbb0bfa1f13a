import { parted } from '../../published/evaluator';
import { brokenLaws } from '../../test/caseLaws';
import { earlierReport, lawnCase, LIMED, type LawnInput } from '../../test/cases';
import { valueOf } from '../kernel/working/working';
import { planCase } from '../plan/plan';

type Past = NonNullable<LawnInput['past']>[number];

const limed = (on: string, pounds: string): Past => ({
  kind: 'lime',
  on,
  amount: { text: pounds, unit: 'lb/1000ft2', method: '' },
  percent: '90',
  material: 'calcitic-pelletized',
  outcome: 'done',
});

function learned(input: LawnInput) {
  return planCase(lawnCase(input)).areas[0]?.learned ?? {};
}

// By hand: 45 lb of pure limestone, 62 % (55 to 70, less a little for 23.8 months) of it at work: 27.9 lb for 0.6 of pH, 46.5 for a whole
// one. The change may be 0.2 less or more: 45 × 0.55 ÷ 0.8 to 45 × 0.7 ÷ 0.4.
test('what one pair of tests shows, with what two tests differ by', () => {
  const { lime, sulfur } = learned(LIMED);
  if (!lime || 'absent' in lime.unit) throw new Error('nothing learned');
  expect(lime.unit.value.value).toBeCloseTo(46.5, 0);
  expect(lime.unit.range?.low).toBeCloseTo(30.8, 0);
  expect(lime.unit.range?.high).toBeCloseTo(78.2, 0);
  expect(lime).toMatchObject({ does: 'lime', pairs: 1 });
  // Loam: 3,400 lb/acre from 5.5, ÷ 43.56, for a sample of four inches.
  expect(lime.byTable && valueOf(lime.byTable)?.value).toBeCloseTo(44.6, 0);
  expect(sulfur).toBeUndefined();
});

// By hand: the middle test is off by as much in both pairs and cancels, so that both together are as unsure as their ends.
test('two pairs are added up, and what one went on before counts for what it did since', () => {
  const { lime } = learned({
    ...LIMED,
    reports: [
      { ...earlierReport('2025-09-20', { 'ph-water': '5.5' }), id: 'e1' },
      { ...earlierReport('2026-10-10', { 'ph-water': '5.8' }), id: 'e2' },
    ],
  });
  if (!lime || 'absent' in lime.unit) throw new Error('nothing learned');
  // The same pounds and the same change in all: the same answer, and as unsure.
  expect(lime.pairs).toBe(2);
  expect(lime.unit.value.value).toBeCloseTo(46.5, 0);
  expect(lime.unit.range?.low).toBeCloseTo(30.8, 0);
  expect(lime.unit.range?.high).toBeCloseTo(78.2, 0);
});

test.each<[string, LawnInput]>([
  ['a change that is too small', { ph: '5.8' }],
  [
    // Between them another laboratory tested: two runs of 0.2 each are no more than what four tests differ by for nothing.
    'a change that is too small for two runs of tests',
    {
      ph: '5.9',
      reports: [
        { ...earlierReport('2022-09-20', { 'ph-water': '5.5' }), id: 'e1' },
        { ...earlierReport('2023-09-20', { 'ph-water': '5.7' }), id: 'e2' },
        { ...earlierReport('2024-09-20', { 'ph-water': '5.7' }), id: 'e3', laboratory: 'other' },
        { ...earlierReport('2025-09-20', { 'ph-water': '5.7' }), id: 'e4' },
      ],
      past: [limed('2022-10-01', '40'), limed('2025-10-01', '40')],
    },
  ],
  ['a pH that fell', { ph: '5.2' }],
  ['nothing in between', { past: [] }],
  ['what was left out', { past: [{ ...limed('2025-10-10', '50'), outcome: 'left' }] }],
  ['another season', { reports: [earlierReport('2025-04-01', { 'ph-water': '5.5' })] }],
  [
    'sulfur in between as well',
    { past: [limed('2025-10-10', '50'), { ...limed('2026-05-01', '5'), kind: 'sulfur' }] },
  ],
  [
    'another laboratory',
    { reports: [{ ...earlierReport('2025-09-20', { 'ph-water': '5.5' }), laboratory: 'another' }] },
  ],
])('%s teaches nothing', (_why, more) => {
  expect(learned({ ...LIMED, ...more })).toEqual({});
});

function limeOf(file: ReturnType<typeof lawnCase>) {
  const lime = planCase(file).areas[0]?.treatments.lime;
  if (!lime) throw new Error('no lime');
  return lime;
}

test('it is one more row of the methods, and taken by nobody unless decided for', () => {
  const { methods } = limeOf(lawnCase(LIMED));
  const row = methods.find(({ option }) => option.id === 'learned');
  expect(row?.chosen).toBe(false);
  const none = limeOf(lawnCase({ ...LIMED, reports: [] })).methods;
  expect(none.some(({ option }) => option.id === 'learned')).toBe(false);
});

// By hand: 46.5 lb for a whole pH in four inches, 0.4 to go to 6.5: 18.6 lb of pure limestone.
test('decided for with a reason it is planned by, and the page says so', () => {
  const decisions = { 'lime-method': 'learned', 'lime-target': '6.5' } as const;
  const bare = limeOf(lawnCase({ ...LIMED, decisions }));
  const row = bare.methods.find(({ chosen }) => chosen);
  expect(row?.option.id).toBe('learned');
  expect(row && 'absent' in row.option.advised).toBe(true);
  const file = lawnCase({ ...LIMED, decisions, reason: 'Three tests agree.' });
  const lime = limeOf(file);
  const chosen = lime.methods.find((each) => each.chosen);
  expect(chosen && valueOf(chosen.option.requirement)?.value).toBeCloseTo(18.6, 0);
  expect(lime.ownReason).toBe('Three tests agree.');
  expect(brokenLaws(file)).toEqual([]);
  expect(parted(planCase(file).workings.byId())).toEqual([]);
});

/** A blueberry bed on sand: 10 lb of 90 % sulfur to 1000 ft² in fall, 6.1 before and 5.4 after a summer. */
const SOURED: LawnInput = {
  plant: 'blueberry',
  situation: 'tilled',
  ph: '5.4',
  texture: 'sand',
  squareFeet: '400',
  takenOn: '2027-10-01',
  reportedOn: '2027-10-05',
  reports: [earlierReport('2026-10-01', { 'ph-water': '6.1' })],
  past: [
    {
      kind: 'sulfur',
      on: '2026-10-20',
      amount: { text: '10', unit: 'lb/1000ft2', method: '' },
      percent: '90',
      outcome: 'done',
    },
  ],
};

// By hand: 9 lb of sulfur, 70 to 90 % of it at work after six warm months, and a little more: about 7.5 lb for 0.7 of pH.
test('sulfur alike: shown, and taken where it is decided for with a reason', () => {
  const { sulfur } = learned(SOURED);
  if (!sulfur || 'absent' in sulfur.unit) throw new Error('nothing learned');
  expect(sulfur.unit.value.value).toBeGreaterThan(9);
  expect(sulfur.unit.value.value).toBeLessThan(13);
  const plain = planCase(lawnCase(SOURED)).areas[0]?.treatments.sulfur;
  expect(plain?.options.map(({ id }) => id)).toContain('learned');
  const decisions = { 'sulfur-by': 'learned' } as const;
  const bare = planCase(lawnCase({ ...SOURED, decisions })).areas[0]?.treatments.sulfur;
  expect(bare && 'absent' in bare.bySchool).toBe(true);
  const file = lawnCase({ ...SOURED, decisions, reason: 'It answered before.' });
  const plan = planCase(file);
  const own = plan.areas[0]?.treatments.sulfur;
  expect(own?.bySchool.id).toBe('lawn/sulfur/learned/gross');
  expect(brokenLaws(file)).toEqual([]);
  expect(parted(plan.workings.byId())).toEqual([]);
});
