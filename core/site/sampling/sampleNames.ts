/** What a name may be made of. */
export interface NameParts {
  /** The year of the sample, four digits. */
  readonly year: string;
  readonly caseTitle: string;
  readonly ground: string;
}

/** Letters and digits of the first words, so that a label stays short: `Weir Cottage` is `WeirCot`. */
function short(words: string): string {
  return words
    .normalize('NFKD')
    .split(/[^A-Za-z0-9]+/)
    .filter((word) => word !== '')
    .slice(0, 2)
    .map((word) => word.slice(0, 4))
    .join('');
}

function written(pattern: string, { year, caseTitle, ground }: NameParts, number: number): string {
  return pattern
    .replaceAll('{yyyy}', year)
    .replaceAll('{yy}', year.slice(-2))
    .replaceAll('{case}', short(caseTitle))
    .replaceAll('{ground}', short(ground))
    .replace(/\{(n+)\}/g, (_all, digits: string) => String(number).padStart(digits.length, '0'))
    .trim();
}

/**
 * A name by a pattern that nobody has yet: `{yy}` and `{yyyy}` are the year, `{case}` and `{ground}`
 * their names in short, `{n}` to `{nnnn}` the lowest number that makes it new. A pattern without a
 * number gets one behind a dash where its name is taken.
 *
 * @param taken names of all samples, in any case; letters count alike whether small or large
 * @example sampleName('{yy}-{nnn}', { year: '2027', caseTitle: '', ground: '' }, new Set(['27-001'])) // '27-002'
 */
export function sampleName(pattern: string, parts: NameParts, taken: ReadonlySet<string>): string {
  const wanted = pattern.trim() === '' ? '{yy}-{nnn}' : pattern;
  const used = new Set([...taken].map((name) => name.toLowerCase()));
  const numbered = /\{n+\}/.test(wanted);
  for (let number = 1; ; number += 1) {
    const base = written(wanted, parts, number);
    const name = numbered || number === 1 ? base : `${base}-${number}`;
    if (!used.has(name.toLowerCase())) return name;
  }
}
