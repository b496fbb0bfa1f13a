/** A client’s page in its languages and units, held against one another. */
import type { CaseFile } from '../core/casefile/casefile';
import { planCase } from '../core/plan/plan';
import { writtenPage } from '../files/slip/writtenPage';
import { createEnglish } from '../words/english';
import { createSpanish } from '../words/spanish';

const ENGLISH = createEnglish();
const SPANISH = createSpanish();
const METRIC = [createEnglish('metric'), createSpanish('metric')];

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

/**
 * Where the page says something else in Spanish than in English (other lines, figures or days), or something in US units
 * where metric ones are asked for; nothing where it says the same.
 */
export function unlikePages(file: CaseFile): string[] {
  const plan = planCase(file);
  const english = writtenPage(file, plan, ENGLISH).lines;
  const spanish = writtenPage(file, plan, SPANISH).lines;
  const unlike = english.flatMap(({ kind, text }, at) => {
    const other = spanish[at];
    const same =
      other?.kind === kind &&
      `${figures(other.text).sort()}` === `${figures(text).sort()}` &&
      `${days(other.text).sort()}` === `${days(text).sort()}`;
    return same ? [] : [`${text} | ${other?.text ?? ''}`];
  });
  const us = METRIC.flatMap((voice) => writtenPage(file, plan, voice).lines).filter(
    ({ text }) => !isTyped(text) && US_UNITS.test(text),
  );
  return [...unlike, ...us.map(({ text }) => text)];
}
