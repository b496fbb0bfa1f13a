import { lawnCase, ORACLE, type LawnInput } from '../../test/cases';
import { planCase, turnsOn } from '../plan/plan';
import { followingStep, stepToGoOnAt } from './steps';

const settled = (input: LawnInput): LawnInput => {
  const [lawn] = planCase(lawnCase(input)).areas;
  return {
    ...input,
    decisions: {
      ...input.decisions,
      'ph-settled': lawn?.treatments.lime.digest ?? '',
      'feeding-settled': lawn?.treatments.fertilizer.digest ?? '',
    },
  };
};

test.each<[string, LawnInput, string]>([
  [
    'nothing typed',
    { squareFeet: '' },
    'not-begun not-begun not-begun not-begun not-begun not-begun not-begun not-begun',
  ],
  [
    'the ground alone',
    {},
    'done not-begun not-begun not-begun not-begun not-begun not-begun not-begun',
  ],
  ['a report, nothing settled', ORACLE, 'done done done done decide decide done decide'],
  ['everything settled', settled(ORACLE), 'done done done done done done done done'],
  [
    'a report before the ground',
    { ...ORACLE, squareFeet: '' },
    'not-begun done done done decide decide done decide',
  ],
  [
    'no area known',
    settled({ ...ORACLE, unknownArea: true }),
    'done done done done done done done done',
  ],
  [
    'an error in the ground',
    settled({ ...ORACLE, squareFeet: 'big' }),
    'decide done done done decide decide done decide',
  ],
  [
    'an error in the report',
    { ...ORACLE, cec: 'x' },
    'done done decide done decide decide done decide',
  ],
  [
    'an error on the label',
    settled({ ...ORACLE, label: { kind: 'CCE', percent: '300' } }),
    'done done done done decide done done decide',
  ],
  [
    'an error on a bag of fertilizer',
    settled({ ...ORACLE, labels: { 'urea-46-0-0': { bag: 'big' } } }),
    'done done done done done decide done decide',
  ],
  [
    'settled, then nothing to do any more',
    { ph: '6.5', om: '40', decisions: settled(ORACLE).decisions ?? {} },
    'done done done done done done done done',
  ],
  ['nothing to do', { ph: '6.5', om: '40' }, 'done done done done done done done done'],
  [
    'bare ground, lime and starter settled',
    settled({ ...ORACLE, situation: 'tilled' }),
    'done done done done done done done done',
  ],
])('%s', (_name, input, states) => {
  const { diary, ...steps } = planCase(lawnCase(input)).steps;
  expect(Object.values(steps).join(' ')).toBe(states);
  expect(diary).toBe('not-begun');
});

test.each<[LawnInput, string]>([
  [{}, 'turns.report'],
  [{ ph: '6,1' }, 'turns.problem'],
  [ORACLE, 'turns.limeUnsettled'],
  [settled(ORACLE), 'turns.nothing'],
  [{ buffer: '6.2', ph: '7.4' }, 'turns.bufferAgainstPh'],
  [{ om: '3' }, 'turns.limeNeedsPh'],
  [{ ph: '5.4' }, 'turns.limeAbsent'],
  [{ ...ORACLE, planFrom: 'soon' }, 'turns.problem'],
  [{ ...ORACLE, planFrom: '' }, 'turns.limeUndated'],
  // 4,700 lb/acre typed as lb/1000 ft²: 94 dressings
  [
    { ph: '5.4', lab: { text: '4700' }, decisions: { 'lime-method': 'laboratory' } },
    'turns.tooManyDoses',
  ],
])('what a case turns on: %#', (input, id) => {
  expect(turnsOn(planCase(lawnCase(input))).id).toBe(id);
});

test.each<[string, LawnInput, string]>([
  ['nothing typed', {}, 'ground'],
  ['the ground alone wants its sample', { squareFeet: '6200' }, 'sample'],
  ['a report that is here needs no sampling', { ...ORACLE }, 'ph'],
  ['an error in the report', { ...ORACLE, ph: '61' }, 'results'],
])('a case goes on where it wants something: %s', (_name, input, step) => {
  const file = lawnCase(input);
  const lawn = file.areas['lawn'];
  const bare = lawn && { ...lawn, shape: { ...lawn.shape, squareFeet: input.squareFeet ?? '' } };
  const areas = input.ph || !bare ? file.areas : { lawn: bare };
  expect(stepToGoOnAt(planCase({ ...file, areas }).steps)).toBe(step);
});

test('Enter goes from the ground to the report, and by the order of the work from there', () => {
  expect(followingStep('ground')).toBe('results');
  expect(followingStep('sample')).toBe('results');
  expect(followingStep('feeding')).toBe('calendar');
  expect(followingStep('calendar')).toBe('slip');
  expect(followingStep('slip')).toBe('diary');
  expect(followingStep('diary')).toBeUndefined();
});
