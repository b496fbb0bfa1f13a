/**
 * What a client’s page may not say, and what nothing may say: words of a laboratory, of the trade’s inside, and of another
 * English. The page is read by somebody who gardens.
 */
import { demoCounty } from '../../demo/county';
import { lawnCase, ORACLE, type LawnInput } from '../../test/cases';
import { planCase } from '../../core/plan/plan';
import { createEnglish } from '../../words/english';
import en from '../../words/en.json';
import enCase from '../../words/en.case.json';
import enPage from '../../words/en.page.json';
import enPlants from '../../words/en.plants.json';
import enDesk from '../../words/en.desk.json';
import { slipText } from './slipText';

const VOICE = createEnglish();

/** Not on a page; a material may be called ground limestone. */
const NOT_ON_A_PAGE =
  /\b(ppm of (?!lead)|CEC|CCE|ECCE|meq|buffer|SMP|yardstick|dressings?|sour\w*|feed|feeding|fed|want of|carried off|kinds|settle\w*|ground(?! limestone))\b/i;

/** Not anywhere. */
const NOWHERE =
  /\b(sour(?:er|s|ed|est)?|want of|carried off|(?<![Ss]ide-)[Dd]ressings?|[Ss]ettle[ds]?(?! \w*ly))\b/;

const PAGES: readonly LawnInput[] = [
  ORACLE,
  { ph: '7.8', om: '3', cec: '12', p: { text: '90' }, k: { text: '300' }, clues: 'yellow-veins' },
  { plant: 'blueberry', ph: '6.2', texture: 'loam' },
  { plant: 'blueberry', ph: '8.1', texture: 'loam' },
  { plant: 'blueberry', ph: '4.0' },
  { untested: true },
  { ph: '6.5', om: '40' },
  { plant: 'white-clover', ph: '5.4', buffer: '6.5', squareFeet: '43560', situation: 'tilled' },
  { unknownArea: true, ph: '5.4', buffer: '6.4' },
  { plant: 'snap-bean', ph: '6.5', more: { ec: { text: '6', method: 'saturated-paste' } } },
];

test.each(
  [...demoCounty('2027-10-04'), ...PAGES.map(lawnCase)].map((file) => [file.title, file] as const),
)('a page in plain American words: %s', (_title, file) => {
  const names = [
    file.title,
    file.client.name,
    ...Object.values(file.areas).map(({ name }) => name),
  ];
  const own = Object.values(file.paragraphs).map(({ text }) => text);
  const page = [...names, ...own].reduce(
    (text, name) => (name === '' ? text : text.split(name).join('')),
    slipText(file, planCase(file), VOICE),
  );
  expect(NOT_ON_A_PAGE.exec(page.replaceAll(/-fed\b|[Ww]eed-and-feed/g, ''))?.[0]).toBeUndefined();
});

test('no catalogue says what nothing may say', () => {
  const said = Object.entries({
    ...en,
    ...enCase,
    ...enPage,
    ...enPlants,
    ...enDesk,
  }).filter(([id, words]) => NOWHERE.test(words) && !id.startsWith('sample.tooSoon'));
  expect(said).toEqual([]);
});
