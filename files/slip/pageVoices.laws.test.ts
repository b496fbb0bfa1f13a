/**
 * A page says the same whatever the language and the units, over the demo and seeded cases: the same lines in the same order,
 * the same figures and days in both languages, and in metric units none of the others.
 */
import { anyCase } from '../../test/anyCase';
import { demoCounty } from '../../demo/county';
import type { CaseFile } from '../../core/casefile/casefile';
import { planCase } from '../../core/plan/plan';
import { createEnglish } from '../../words/english';
import { createSpanish } from '../../words/spanish';
import { writtenPage } from './writtenPage';

const ENGLISH = createEnglish();
const SPANISH = createSpanish();
const METRIC = [createEnglish('metric'), createSpanish('metric')];

const CASES: readonly (readonly [string, CaseFile])[] = [
  ...demoCounty('2027-10-04').map((file) => [file.title, file] as const),
  ...Array.from(
    { length: 120 },
    (_none, at) => [`seed ${at * 11 + 5}`, anyCase(at * 11 + 5)] as const,
  ),
];

/** Figures of a line, without the days, which each language writes in its own way; half a cup is a cup. */
function figures(line: string): string[] {
  const plain = line
    .replace(/\d{1,2} [A-Z][a-z]{2} \d{4}/g, ' ')
    .replace(/\d{1,2} de [a-z]+ de \d{4}/g, ' ');
  return plain.match(/\d[\d,.]*\d|\d|[¼½¾]/g) ?? [];
}

/** Days of a line as year and day of the month. */
function days(line: string): string[] {
  const english = [...line.matchAll(/(\d{1,2}) [A-Z][a-z]{2} (\d{4})/g)];
  const spanish = [...line.matchAll(/(\d{1,2}) de [a-z]+ de (\d{4})/g)];
  return [...english, ...spanish].map(([, day, year]) => `${year}-${day}`);
}

/** Units of the other system as a page writes them. */
const US_UNITS =
  /\d (lb|oz|pounds?|inch(es)?|feet|foot|square feet|cups?|tablespoons?|gallons?|libras?|onzas?|pulgadas?|pies?|tazas?|galones?)\b/;

/** Words of the advisor's own and of the bag in hand are in whatever units they were typed in. */
const isTyped = (text: string): boolean => /advisor decided|asesor decidió/.test(text);

test.each(CASES)('%s', (_name, file) => {
  const plan = planCase(file);
  const english = writtenPage(file, plan, ENGLISH);
  const spanish = writtenPage(file, plan, SPANISH);
  expect(spanish.lines.map(({ kind }) => kind)).toEqual(english.lines.map(({ kind }) => kind));
  for (const [at, { text }] of english.lines.entries()) {
    const other = spanish.lines[at]?.text ?? '';
    expect([text, [...figures(other)].sort()]).toEqual([text, [...figures(text)].sort()]);
    expect([text, days(other).sort()]).toEqual([text, days(text).sort()]);
  }
  for (const voice of METRIC) {
    const { lines } = writtenPage(file, plan, voice);
    const said = lines.filter(({ text }) => !isTyped(text) && US_UNITS.test(text));
    expect(said).toEqual([]);
  }
});
