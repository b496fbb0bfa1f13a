import { decisionKey } from '../casefile/decisions';
import { fieldReport, lawnCase, ORACLE } from '../../test/cases';
import { type CaseFile } from '../casefile/casefile';
import { planCase } from './plan';
import { queueFacts, queueOn, slipDigest, type QueueFacts } from './queue';

const TODAY = '2027-10-20';

function decided(file: CaseFile, what: 'ph-settled' | 'feeding-settled', value: string): CaseFile {
  const decision = { what, value, reason: '', at: '2027-10-05T09:00:00Z' };
  return { ...file, decisions: { ...file.decisions, [decisionKey('lawn', what)]: decision } };
}

/** The oracle's lawn with lime and feeding settled. */
function settled(): CaseFile {
  const file = lawnCase(ORACLE);
  const [lawn] = planCase(file).areas;
  const limed = decided(file, 'ph-settled', lawn?.treatments.lime.digest ?? '');
  return decided(limed, 'feeding-settled', lawn?.treatments.fertilizer.digest ?? '');
}

function sent(file: CaseFile, digest = slipDigest(planCase(file))): CaseFile {
  const what = 'slip-sent' as const;
  const decision = { what, value: digest, reason: '', at: '2027-10-06T09:00:00Z' };
  return { ...file, decisions: { ...file.decisions, [decisionKey('case', what)]: decision } };
}

function atLab(file: CaseFile): CaseFile {
  return {
    ...file,
    samples: { s1: { id: 's1', name: '', areaIds: ['lawn'], takenOn: '10/11/2027', lead: '' } },
  };
}

const facts = (file: CaseFile): QueueFacts => queueFacts(file, planCase(file));

test.each<[string, CaseFile, string, string | undefined]>([
  ['nothing typed yet', lawnCase({}), 'decide', '2027-10-04'],
  ['something open', lawnCase(ORACLE), 'decide', '2027-10-04'],
  ['soil that nothing has come back of', atLab(lawnCase({})), 'laboratory', '2027-10-11'],
  ['soil that something has come back of', atLab(lawnCase(ORACLE)), 'decide', '2027-10-04'],
  ['settled', settled(), 'send', '2027-10-04'],
  ['sent, the nitrogen of 19 Oct is due', sent(settled()), 'field', '2027-10-19'],
  ['another slip was sent', sent(settled(), 'an older one'), 'send', '2027-10-04'],
])('%s', (_name, file, queue, on) => {
  expect(queueOn(TODAY)(facts(file))).toEqual({ queue, on });
});

// Lime on 4 Oct and 4 Apr, nitrogen on 19 Oct and 16 Aug, a new test on 4 Aug 2028.
test.each([
  ['2027-10-18', 'field', '2027-10-04'], // due for two weeks
  ['2027-10-19', 'field', '2027-10-19'],
  ['2028-04-10', 'field', '2028-04-04'],
  ['2028-06-04', 'field', '2028-08-16'],
  ['2029-01-01', 'test', '2028-08-04'],
])('what was sent, on %s: %s', (today, queue, on) => {
  expect(queueOn(today)(facts(sent(settled())))).toEqual({ queue, on });
});

test('all done and the test far off: at rest', () => {
  const rest = { ...facts(sent(settled())), doses: ['2027-01-01'], testOn: '2030-10-04' };
  expect(queueOn(TODAY)(rest)).toEqual({ queue: 'rest', on: '2030-10-04' });
});

test('soil that a kit has told of is not at the laboratory', () => {
  const kit = lawnCase({ reports: [fieldReport('kit', ['6.0'])] });
  expect(facts(atLab(kit)).sampledOn).toBeUndefined();
  expect(facts(atLab(lawnCase({}))).sampledOn).toBe('2027-10-11');
});

test('a slip whose days have moved is to be sent again; one of before that names none is not', () => {
  const file = settled();
  const whole = slipDigest(planCase(file));
  const amounts = whole.slice(0, whole.lastIndexOf('|@'));
  expect(facts(sent(file, amounts)).sentOn).toBe('2027-10-06');
  const moved = { ...file, planFrom: '2028-03-01' };
  expect(facts(sent(moved, whole)).sentOn).toBeUndefined();
  expect(facts(sent(file, whole)).sentOn).toBe('2027-10-06');
});

test('sulfur is due like anything else', () => {
  const bushes = lawnCase({ plant: 'blueberry', ph: '6.2', texture: 'loam' });
  const [area] = planCase(bushes).areas;
  const [dose] = area?.treatments.sulfur?.applications ?? [];
  expect(dose).toBeDefined();
  expect(facts(bushes).doses).toContain(dose?.date);
});
