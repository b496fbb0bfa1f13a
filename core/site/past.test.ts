import { lawnCase, ORACLE, type LawnInput } from '../../test/cases';
import { planCase } from '../plan/plan';

function amount(text: string) {
  return { text, unit: 'lb/1000ft2', method: '' };
}

test.each([
  ['compost', { amount: amount('some') }, 'past/p0/amount/text'],
  ['sulfur', { amount: amount('5 handfuls') }, 'past/p0/amount/text'],
  ['sulfur', { percent: '9O' }, 'past/p0/percent'],
  ['sulfur', { percent: '300' }, 'past/p0/percent'],
  ['compost', { on: 'in spring' }, 'past/p0/on'],
  ['lime', { amount: amount('x') }, 'past/p0/amount/text'],
] as const)('%s of before that cannot be read is marked at its place', (kind, entry, place) => {
  const { problems, steps } = planCase(lawnCase({ ...ORACLE, past: [{ kind, ...entry }] }));
  expect(Object.keys(problems)).toEqual([place]);
  expect(steps.results).toBe('decide');
});

const LATER = '2027-12-01';
const WITHIN: LawnInput = { ...ORACLE, om: '3', planFrom: '2027-10-04' };

test.each(['lime', 'sulfur', 'fertilizer', 'compost'] as const)(
  '%s that is dated after the plan is asked about and not counted',
  (kind) => {
    const entry = { kind, on: LATER, percent: kind === 'fertilizer' ? '20' : '90' };
    const plan = planCase(lawnCase({ ...WITHIN, past: [entry] }));
    const [area] = plan.areas;
    const asked = plan.findings.find(({ name }) => name === 'pastInFuture');
    expect([asked?.severity, asked?.question?.token]).toEqual(['decide', `future:p0:${LATER}`]);
    expect(area?.treatments.lime.credit).toBeUndefined();
    expect(area?.treatments.fertilizer.needs.rows.N.given).toBeUndefined();
    expect(plan.findings.map(({ name }) => name)).not.toContain('compostGiven');
    const said = planCase(
      lawnCase({ ...WITHIN, past: [entry], decisions: { checked: `future:p0:${LATER}` } }),
    );
    expect(said.findings.map(({ name }) => name)).not.toContain('pastInFuture');
  },
);

test('the next application keeps its distance also from what is dated to come', () => {
  const dated = planCase(lawnCase({ ...WITHIN, past: [{ kind: 'lime', on: LATER }] })).areas[0];
  expect((dated?.treatments.lime.applications[0]?.date ?? '') >= '2028-06-01').toBe(true);
});

test('of several samples for one area the first is taken, and that is asked', () => {
  const file = lawnCase(ORACLE);
  const [first] = Object.values(file.samples);
  if (!first) throw new Error('no sample');
  const twice = { ...file, samples: { s1: first, s2: { ...first, id: 's2' } } };
  const asked = planCase(twice).findings.find(({ name }) => name === 'severalSamples');
  expect(asked?.question?.token).toBe('samples:s1+s2');
  expect(planCase(file).findings.map(({ name }) => name)).not.toContain('severalSamples');
});
