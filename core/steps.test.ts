import { lawnCase, ORACLE, type LawnInput } from '../test/cases';
import { planCase, turnsOn } from './plan';

const settled = (input: LawnInput): LawnInput => {
  const [lawn] = planCase(lawnCase(input)).areas;
  return {
    ...input,
    decisions: {
      ...input.decisions,
      'ph-settled': lawn?.lime.digest ?? '',
      'feeding-settled': lawn?.feed.digest ?? '',
    },
  };
};

test.each<[string, LawnInput, string]>([
  ['nothing typed', { squareFeet: '' }, 'not-begun not-begun not-begun not-begun not-begun'],
  ['the ground alone', {}, 'done not-begun not-begun not-begun not-begun'],
  ['a report, nothing settled', ORACLE, 'done done decide decide decide'],
  ['everything settled', settled(ORACLE), 'done done done done done'],
  [
    'a report before the ground',
    { ...ORACLE, squareFeet: '' },
    'not-begun done decide decide decide',
  ],
  ['no area known', settled({ ...ORACLE, unknownArea: true }), 'done done done done done'],
  [
    'an error in the ground',
    settled({ ...ORACLE, squareFeet: 'big' }),
    'decide done decide decide decide',
  ],
  ['an error in the report', { ...ORACLE, cec: 'x' }, 'done decide decide decide decide'],
  [
    'an error on the label',
    settled({ ...ORACLE, label: { kind: 'CCE', percent: '300' } }),
    'done done decide done decide',
  ],
  [
    'settled, then nothing to do any more',
    { ph: '6.5', om: '40', decisions: settled(ORACLE).decisions ?? {} },
    'done done done done done',
  ],
  ['nothing to do', { ph: '6.5', om: '40' }, 'done done done done done'],
  [
    'bare ground, lime settled',
    settled({ ...ORACLE, situation: 'tilled' }),
    'done done done not-begun done',
  ],
])('%s', (_name, input, states) => {
  expect(Object.values(planCase(lawnCase(input)).steps).join(' ')).toBe(states);
});

test.each<[LawnInput, string]>([
  [{}, 'headline.lime.notBegun'],
  [ORACLE, 'finding.limeUnsettled'],
  [settled(ORACLE), 'headline.lime.dose'],
  [{ buffer: '6.2', ph: '7.4' }, 'finding.bufferAgainstPh'],
  [{ om: '3' }, 'finding.limeNeedsPh'],
  [{ ph: '5.4' }, 'finding.limeAbsent'],
  [{ ...ORACLE, planFrom: 'soon' }, 'finding.limeUndated'],
  // 4,700 lb/acre typed as lb/1000 ft²: 94 dressings
  [
    { ph: '5.4', lab: { text: '4700' }, decisions: { 'lime-method': 'laboratory' } },
    'finding.tooManyDoses',
  ],
])('what a case turns on: %#', (input, id) => {
  expect(turnsOn(planCase(lawnCase(input))).id).toBe(id);
});
