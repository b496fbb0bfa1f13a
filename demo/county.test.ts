import { planCase } from '../core/plan/plan';
import { queueFacts, queueOn } from '../core/plan/queue';
import { readCaseDocument } from '../files/schemas/caseFile';
import { isDemo } from '../core/casefile/demo';
import { COUNTY, demoCounty } from './county';

const TODAY = '2027-10-04';
const cases = demoCounty(TODAY);

/** Names of what a case has to say, without the ground that it says it of. */
function findingsOf(index: number): string[] {
  const file = cases[index];
  if (!file) throw new Error('no case');
  return planCase(file).findings.map(({ name }): string => name);
}

test('at least twelve cases, each a valid document under a mark of its own', () => {
  expect(cases.length).toBeGreaterThanOrEqual(12);
  expect(new Set(cases.map(({ id }) => id)).size).toBe(cases.length);
  for (const file of cases) {
    expect(isDemo(file.id)).toBe(true);
    expect(readCaseDocument(JSON.parse(JSON.stringify(file))).kind).toBe('valid');
    expect(planCase(file).problems).toEqual({});
  }
});

const named = COUNTY.flatMap(({ finding, id }, index) => (finding ? [{ finding, index, id }] : []));

test.each(named)('$id reaches $finding, and no other case does', ({ finding, index }) => {
  const reached = cases.flatMap((_file, at) => (findingsOf(at).includes(finding) ? at : []));
  expect(reached).toEqual([index]);
});

test('at least twelve cases have a finding of their own', () => {
  expect(named.length).toBeGreaterThanOrEqual(12);
});

test('the county has a case in every queue, and one whose report is overdue', () => {
  const queued = queueOn(TODAY);
  const all = cases.map((file) => queued(queueFacts(file, planCase(file))));
  const queues = new Set(all.map(({ queue }) => queue));
  expect([...queues].sort()).toEqual(['decide', 'field', 'laboratory', 'send', 'test']);
  expect(all.flatMap(({ overdue }) => overdue ?? [])).toEqual([9]);
});

test('whatever the day, the county is whole', () => {
  for (const today of ['2026-01-01', '2028-02-29', '2031-12-31']) {
    for (const file of demoCounty(today)) expect(planCase(file).problems).toEqual({});
  }
});
