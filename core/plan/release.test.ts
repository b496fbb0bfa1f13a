import { lawnCase, ORACLE } from '../../test/cases';
import type { CaseFile } from '../casefile/casefile';
import { NO_REVIEW, type Review } from '../casefile/parts/review';
import { planCase } from './plan';
import { overridesIn, releaseOf, reviewDigest } from './release';

const CASE = lawnCase(ORACLE);

function why(review: Partial<Review>, file: CaseFile = CASE, volunteers = true): string {
  const reviewed = { ...file, review: { ...NO_REVIEW, ...review } };
  const release = releaseOf(reviewed, planCase(reviewed), volunteers);
  return release.goesOut ? 'free' : release.why;
}

const standsFor = reviewDigest(CASE, planCase(CASE));
const SEEN = { state: 'seen', typedBy: 'Ada Quill', by: 'Odo Fenn', standsFor } as const;

test('where advisors work every page goes out', () => {
  expect(why({}, CASE, false)).toBe('free');
  expect(why({ state: 'waiting' }, CASE, false)).toBe('free');
});

test('where volunteers work a page goes out only as somebody else has looked it over', () => {
  expect(why({})).toBe('ask');
  expect(why({ state: 'waiting' })).toBe('waiting');
  expect(why({ state: 'back', by: 'Odo Fenn' })).toBe('back');
  expect(why(SEEN)).toBe('free');
  expect(why({ ...SEEN, by: ' ada quill' })).toBe('sameHands');
  expect(why({ ...SEEN, typedBy: ' ' })).toBe('unnamed');
  expect(why(SEEN, lawnCase({ ...ORACLE, squareFeet: '7000' }))).toBe('changed');
});

test('words that are put on the page after it was looked over are looked at too', () => {
  const plan = planCase(CASE);
  const key = plan.slip.lines.find((line) => line.key)?.key ?? '';
  const line = { what: 'words', text: 'Twice of it.', after: '', restsOn: '', at: '' } as const;
  const reworded: CaseFile = { ...CASE, lines: { [key]: line } };
  expect(why(SEEN, reworded)).toBe('changed');
  const again = reviewDigest(reworded, planCase(reworded));
  expect(why({ ...SEEN, standsFor: again }, reworded)).toBe('free');
});

test('what passes the advice is named, ground by ground', () => {
  const file = lawnCase({
    ...ORACLE,
    decisions: { 'lime-own': '80', 'lime-material': 'x', 'late-n': '' },
  });
  expect(
    overridesIn(file).map(({ areaId, decision }) => [areaId, decision.what, decision.value]),
  ).toEqual([['lawn', 'lime-own', '80']]);
  expect(overridesIn(CASE)).toEqual([]);
});
