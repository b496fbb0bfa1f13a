/**
 * Writes `core/kernel/messages/messages.ts` from the catalogues: every message by its id, with what goes into it.
 * An id without words or a parameter that is left out then does not compile. With `--check` it only says
 * whether the file is as it would be written.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { IntlMessageFormat } from 'intl-messageformat';
import { format } from 'prettier';

/** The rooms that a client's page is written from, and all others. */
const PAGE_ROOMS = ['words/en.page.json', 'words/en.plants.json'];
const ROOMS = [
  'words/en.json',
  'words/en.desk.json',
  'words/en.case.json',
  'words/en.bench.json',
  'words/en.learn.json',
  'words/en.desks.json',
  'words/en.diary.json',
  'words/en.places.json',
  'words/en.results.json',
];
const FILE = 'core/kernel/messages/messages.ts';

/** What a parameter is: a number that a plural turns on, a word that is chosen by, or anything shown. */
type Kind = 'number' | 'word' | 'any';

/** A node of a compiled message, as `@formatjs/icu-messageformat-parser` writes it. */
interface Node {
  readonly type: number;
  readonly value?: string;
  readonly options?: Readonly<Record<string, { readonly value: readonly Node[] }>>;
  readonly children?: readonly Node[];
}

/** Types of nodes: `{x}`, `{x, number}`, date and time, `{x, select …}`, `{x, plural …}`; 8 is a tag. */
const KIND_OF: Readonly<Record<number, Kind>> = {
  1: 'any',
  2: 'number',
  3: 'any',
  4: 'any',
  5: 'word',
  6: 'number',
};

function collect(nodes: readonly Node[], into: Map<string, Kind>): void {
  for (const { type, value = '', options = {}, children = [] } of nodes) {
    // In which units it speaks the voice itself says.
    const kind = value === 'units' ? undefined : KIND_OF[type];
    // What a plural or a choice turns on has to be one, wherever else it is shown.
    if (kind && (kind !== 'any' || !into.has(value))) into.set(value, kind);
    for (const option of Object.values(options)) collect(option.value, into);
    collect(children, into);
  }
}

function line(id: string, words: string): string {
  const params = new Map<string, Kind>();
  collect(new IntlMessageFormat(words, 'en-US').getAst() as unknown as readonly Node[], params);
  // The voice fills this one in itself: it sets what stands in <b>.
  if (params.has('b')) throw new Error(`${id}: no parameter may be called b.`);
  const list = [...params].map(([name, kind]) => `readonly ${name}: '${kind}'`).sort();
  return `'${id}': ${list.length > 0 ? `{ ${list.join('; ')} }` : 'None'};`;
}

function linesOf(files: readonly string[]): string[] {
  return files
    .flatMap((file) =>
      Object.entries(JSON.parse(readFileSync(file, 'utf8')) as Record<string, string>),
    )
    .map(([id, words]) => line(id, words))
    .sort();
}

const [page, others] = [linesOf(PAGE_ROOMS), linesOf(ROOMS)];
const count = page.length + others.length;
const source = `/**
 * Every message with what goes into it: a number that a plural turns on, a word that is chosen by, or
 * anything that is shown. Written by \`npm run messages\` from the catalogues; not to be changed by hand.
 */
export interface Messages extends PageMessages {
${others.join('\n')}
}

/** Those of a client's page: each of its languages has all of them. */
export interface PageMessages {
${page.join('\n')}
}

/** A message that nothing goes into. */
type None = Readonly<Record<never, never>>;
`;

void format(source, { parser: 'typescript', singleQuote: true, printWidth: 100 }).then((wanted) => {
  if (!process.argv.includes('--check')) {
    writeFileSync(FILE, wanted);
    console.log(`${FILE}: ${count} messages`);
  } else if (readFileSync(FILE, 'utf8') === wanted) {
    console.log(`${FILE}: as the catalogues have it, ${count} messages`);
  } else {
    console.error(`${FILE} is not as the catalogues have it: run \`npm run messages\`.`);
    process.exit(1);
  }
});
