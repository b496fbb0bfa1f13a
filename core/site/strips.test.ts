import { lawnCase, type LawnInput } from '../../test/cases';
import { planCase } from '../plan/plan';

const STRIP = { 'water-strip': { rotary: '15', drop: '10' }, 'well-strip': { feet: '100' } };

function told(water: string, spreader: '' | 'drop', well = ''): string[] {
  const input: LawnInput = { ph: '6.5', rules: STRIP, site: { water, spreader, well } };
  const plan = planCase(lawnCase(input));
  return plan.findings.flatMap(({ name }) => (/stripHere|ruleHolds/.test(name) ? [name] : []));
}

/** Distance by spreader; patterns of state law, recalled. Where nobody said how far, both rules are told as they are. */
test.each<[string, '' | 'drop', string, string[]]>([
  ['', '', '', ['ruleHolds', 'ruleHolds']],
  ['12', '', '', ['stripHere', 'ruleHolds']],
  ['12', 'drop', '', ['ruleHolds']],
  ['9', 'drop', '', ['stripHere', 'ruleHolds']],
  ['15', '', '', ['ruleHolds']],
  ['15', '', '99 ft', ['stripHere']],
  ['15', '', '100 ft', []],
])('water at %s ft, spread with %s, a well at %s: %j', (water, spreader, well, names) => {
  expect(told(water, spreader, well)).toEqual(names);
});

test('a distance that cannot be read is a problem at its place', () => {
  const { problems } = planCase(lawnCase({ ph: '6.5', site: { water: 'near' } }));
  expect(Object.keys(problems)).toContain('areas/lawn/site/water');
});

test('new sod is left alone for as long as a local rule says', () => {
  const on = (days: string) => {
    const rules: NonNullable<LawnInput['rules']> = { 'new-lawn': { p2o5: '1', days } };
    const of = {
      growing: { form: 'sod' },
      plantedOn: '2027-04-20',
      planFrom: '2027-04-10',
    } as const;
    const [area] = planCase(lawnCase({ ph: '6.5', rules, ...of })).areas;
    const parts = area?.treatments.fertilizer.chosen.parts ?? [];
    const all = parts.flatMap(({ applications }) => applications);
    return all.flatMap(({ stage, date }) => (stage === 'afterRooting' ? [date] : []))[0];
  };
  expect(on('30')).toBe('2027-05-25');
  expect(on('45')).toBe('2027-06-04');
});
