import { fleschKincaid } from 'flesch-kincaid';
import { syllable } from 'syllable';

/** The running text of a page: whole sentences, without headings and tables. */
function sentencesOf(page: string): string {
  return page
    .split('\n')
    .filter((line) => /[.!?]$/.test(line))
    .map((line) => line.replace(/^- /, ''))
    .join(' ');
}

/**
 * The Flesch–Kincaid grade of a page (Kincaid et al. 1975): sentences and words counted here, syllables by a package, which
 * needs a document to stand beside it.
 */
export function readingGrade(page: string): number {
  const text = sentencesOf(page);
  const sentence = text.split(/[.!?:](?=\s|$)/).filter((each) => /[a-z]/i.test(each)).length;
  const words = text.match(/[a-z’'-]+|\d[\d.,-]*/gi) ?? [];
  const syllables = words.reduce((sum, word) => sum + Math.max(1, syllable(word)), 0);
  return fleschKincaid({ sentence, word: words.length, syllable: syllables });
}
