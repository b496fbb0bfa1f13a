/**
 * A page says the same whatever the language and the units, over the demo and seeded cases: the same lines in the same order,
 * the same figures and days in both languages, and in metric units none of the others.
 */
import { anyCase } from '../../test/anyCase';
import { demoCounty } from '../../demo/county';
import type { CaseFile } from '../../core/casefile/casefile';
import { unlikePages } from '../../test/pageLanguages';

const CASES: readonly (readonly [string, CaseFile])[] = [
  ...demoCounty('2027-10-04').map((file) => [file.title, file] as const),
  ...Array.from(
    { length: 120 },
    (_none, at) => [`seed ${at * 11 + 5}`, anyCase(at * 11 + 5)] as const,
  ),
];

test.each(CASES)('%s', (_name, file) => {
  expect(unlikePages(file)).toEqual([]);
});
