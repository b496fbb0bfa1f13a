import type { CaseFile } from '../../casefile/casefile';
import { planCase } from '../../plan/plan';
import { lawnCase, ORACLE } from '../../../test/cases';
import { findingKey } from '../../kernel/working/finding';

function readings(change: Partial<CaseFile>, input = ORACLE) {
  const [lawn] = planCase({ ...lawnCase(input), ...change }).areas;
  if (!lawn) throw new Error('no lawn');
  return lawn.readings;
}

const sample = (takenOn: string) => ({
  s1: { id: 's1', name: '', areaIds: ['lawn'], takenOn, lead: '' as const },
});

test.each([
  ['2027-09-20', '2027-09-30', '2027-09-20'],
  ['', '9/30/2027', '2027-09-30'],
  ['', '', undefined],
  ['soon', '2027-09-30', '2027-09-30'],
])('sampled on %p, reported on %p: %p', (takenOn, date, sampledOn) => {
  const { r1 } = lawnCase(ORACLE).reports;
  if (!r1) throw new Error('no report');
  expect(readings({ samples: sample(takenOn), reports: { r1: { ...r1, date } } }).sampledOn).toBe(
    sampledOn,
  );
});

test('an area without a sample has no readings, and is no crash', () => {
  const none = readings({ samples: {} });
  expect(none.begun).toBe(false);
  expect(none.waterPh).toMatchObject({ absent: { id: 'absent.notTyped' } });
});

test('a sample without a report has no readings either', () => {
  expect(readings({ reports: {} }).begun).toBe(false);
});

test.each([
  ['19.9', false],
  ['20', false],
  ['20.1', true],
  ['', false],
  ['lots', false],
])('organic matter %p makes an organic soil: %p', (om, organic) => {
  expect(readings({}, { ...ORACLE, om }).organic).toBe(organic);
});

test.each([
  ['silt-loam', 'silt-loam'],
  ['', undefined],
  ['gravel', undefined],
])('texture %p is %p', (texture, known) => {
  expect(readings({}, { ...ORACLE, texture }).texture).toBe(known);
});

test.each([
  ['7.4', '6.2', true],
  ['7.4', '6.9', false],
  ['6.9', '6.2', false],
])('pH %s with a buffer of %s is questioned: %p', (ph, buffer, asked) => {
  const ids = planCase(lawnCase({ ph, buffer })).findings.map(findingKey);
  expect(ids.includes('lawn/bufferAgainstPh')).toBe(asked);
});
