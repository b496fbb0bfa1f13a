/** The languages of a client’s page say the same things, with the same figures in them. */
import { IntlMessageFormat } from 'intl-messageformat';
import enPage from './en.page.json';
import enPlants from './en.plants.json';
import enShell from './en.json';
import esPage from './es.page.json';
import esPlants from './es.plants.json';

const ENGLISH: Readonly<Record<string, string>> = {
  ...enPage,
  ...enPlants,
  // What nobody has words for stands on a page too.
  'name.unknown': enShell['name.unknown'],
};
const SPANISH: Readonly<Record<string, string>> = { ...esPage, ...esPlants };

interface Node {
  readonly type: number;
  readonly value?: string;
  readonly options?: Readonly<Record<string, { readonly value: readonly Node[] }>>;
  readonly children?: readonly Node[];
}

/** What goes into a message, and the choices that it makes; 0 is text. */
function intoOf(nodes: readonly Node[]): string[] {
  return nodes.flatMap(({ type, value = '', options = {}, children = [] }) => [
    ...(type === 0 || type === 7 ? [] : [value]),
    ...Object.entries(options).flatMap(([name, option]) => [
      // A plural may turn on other numbers in another language.
      ...(type === 5 ? [`${value}=${name}`] : []),
      ...intoOf(option.value),
    ]),
    ...intoOf(children),
  ]);
}

/** Units alone: whether a name has a plural, and where a sentence names one, is a language’s own business. */
function paramsOf(id: string, words: string): string[] {
  const nodes = new IntlMessageFormat(words, 'en-US').getAst() as unknown as readonly Node[];
  const isOwn = (name: string): boolean =>
    name.startsWith('units') || (id.startsWith('unit.') && name === 'n');
  return [...new Set(intoOf(nodes))].filter((name) => !isOwn(name)).sort();
}

test('every message of a page has words in both languages', () => {
  expect(Object.keys(SPANISH).sort()).toEqual(Object.keys(ENGLISH).sort());
});

test('a message takes the same in both languages', () => {
  const unlike = Object.entries(ENGLISH).filter(
    ([id, words]) =>
      JSON.stringify(paramsOf(id, words)) !== JSON.stringify(paramsOf(id, SPANISH[id] ?? '')),
  );
  expect(unlike.map(([id]) => id)).toEqual([]);
});

test('the numbers that stand in the words are the same', () => {
  // As they are written for a US reader; a unit of the other system is chosen by the voice.
  const numbers = (words: string): string[] => (words.match(/\d[\d,.]*\d|\d/g) ?? []).sort();
  const unlike = Object.entries(ENGLISH).filter(([id, words]) => {
    const spanish = SPANISH[id] ?? '';
    return !id.startsWith('unit.') && `${numbers(words)}` !== `${numbers(spanish)}`;
  });
  expect(unlike.map(([id]) => id)).toEqual([]);
});

/** Words that mean something else to a client here: builder’s lime, plaster, a lawn, a different element or measure. */
const FALSE_FRIENDS =
  /\b(yardas? (?!³)|tasas?|sulfuro|abono|agrio|yeso(?! agrícola)|marbete|surcos?|fórmula|prueba de suelo|mantillo)\b/i;

test('no word of a Spanish page is a false friend', () => {
  const said = Object.entries(SPANISH).filter(([, words]) => FALSE_FRIENDS.test(words));
  expect(said).toEqual([]);
});
