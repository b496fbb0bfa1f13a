/** A word without the ending of its plural, so that either finds the other. */
function stem(word: string): string {
  if (word.length > 4 && word.endsWith('ies')) return `${word.slice(0, -3)}y`;
  if (word.length > 4 && word.endsWith('oes')) return word.slice(0, -2);
  if (word.length > 3 && word.endsWith('s') && !word.endsWith('ss')) return word.slice(0, -1);
  return word;
}

function wordsOf(text: string): string[] {
  return text
    .toLowerCase()
    .normalize('NFKD')
    .split(/[^a-z0-9]+/)
    .filter(Boolean)
    .map(stem);
}

/** What is searched in: what it is called, and whatever else it may be found by. */
export interface Findable {
  readonly words: string;
  readonly group?: string;
  readonly also?: string;
}

/**
 * What is found by typing: every typed word begins a word of its name, its group or what else it is called, in singular
 * or plural. What is called so comes before what is only found by its group.
 * @example find([{ words: 'Tomatoes' }, { words: 'Peas' }], 'tomato') // [{ words: 'Tomatoes' }]
 */
export function find<F extends Findable>(options: readonly F[], typed: string): F[] {
  const wanted = wordsOf(typed);
  if (wanted.length === 0) return [...options];
  const holds = (words: readonly string[]): boolean =>
    wanted.every((each) => words.some((word) => word.startsWith(each)));
  const named = options.filter(({ words, also = '' }) => holds(wordsOf(`${words} ${also}`)));
  const others = options.filter(
    (option) =>
      !named.includes(option) &&
      holds(wordsOf(`${option.words} ${option.also ?? ''} ${option.group ?? ''}`)),
  );
  return [...named, ...others];
}
