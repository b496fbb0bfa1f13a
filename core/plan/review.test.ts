import { lawnCase, ORACLE } from '../../test/cases';
import type { CaseFile } from '../casefile/casefile';
import { NO_REVIEW, type Review } from '../casefile/parts/review';
import { indexRow } from './indexRow';
import { planCase } from './plan';
import { queueFacts, queueOn, slipDigest } from './queue';

const TODAY = '2027-10-10';
const CASE = lawnCase(ORACLE);

function reviewed(review: Partial<Review>, file: CaseFile = CASE): CaseFile {
  return { ...file, review: { ...NO_REVIEW, on: '2027-10-05', ...review } };
}

function said(file: CaseFile): string[] {
  return planCase(file)
    .findings.map(({ name }) => name)
    .filter((name) => name.startsWith('review'));
}

test('nobody asked: nothing is said, and who typed it changes nothing', () => {
  expect(said(CASE)).toEqual([]);
  expect(said(reviewed({ typedBy: 'Ada Quill' }))).toEqual([]);
});

test('a case that waits is told so on the slip and on the Desk, since the day that it was asked for', () => {
  const file = reviewed({ state: 'waiting', note: 'The old lime?' });
  const plan = planCase(file);
  expect(said(file)).toEqual(['reviewWaiting']);
  expect(plan.steps.slip).not.toBe('done');
  const queued = queueOn(TODAY)(queueFacts(file, plan));
  expect(queued).toEqual({ queue: 'review', on: '2027-10-05' });
  // Also where its soil is still at the laboratory: a second person can look at the rest.
  expect(indexRow(file, 1, 0).facts.reviewOn).toBe('2027-10-05');
});

test('a day that cannot be read is that of the case', () => {
  const file = reviewed({ state: 'waiting', on: 'Tuesday' });
  expect(queueFacts(file, planCase(file)).reviewOn).toBe(CASE.createdOn);
});

test('one that was sent back waits for whoever typed it', () => {
  const file = reviewed({ state: 'back', by: 'Odo Fenn', note: 'Area?' });
  expect(said(file)).toEqual(['reviewBack']);
  expect(queueOn(TODAY)(queueFacts(file, planCase(file))).queue).toBe('decide');
});

test('what was looked over stands until its amounts or days change, and comes back with them', () => {
  const standsFor = slipDigest(planCase(CASE));
  const seen = { state: 'seen', by: 'Odo Fenn', standsFor } as const;
  expect(said(reviewed(seen))).toEqual([]);
  const larger = lawnCase({ ...ORACLE, squareFeet: '7000' });
  expect(said(reviewed(seen, larger))).toEqual(['reviewChanged']);
  expect(said(reviewed(seen, CASE))).toEqual([]);
  // A note to the case changes no amount.
  const noted = { ...CASE, client: { ...CASE.client, place: 'Lower Fen' } };
  expect(said(reviewed(seen, noted))).toEqual([]);
});
