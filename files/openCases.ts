/** Files of cases, read case by case. */
import type { CaseFile } from '../core/casefile/casefile';
import type { Travelling } from '../core/casefile/states';
import { msg } from '../core/kernel/messages/msg';
import { caseIn, EntryReader, headIn, readHead, type BackupHead } from './backup';
import { readCases, refusedIn } from './caseJson';
import { parseJson, type LocatedFault, type Origin } from './located';
import { linesOf } from './parts';

/** A file with any fault is refused whole: whoever reads its cases keeps none before the last was read. */
export class RefusedFile extends Error {
  constructor(readonly faults: readonly LocatedFault[]) {
    super('the file is refused');
  }
}

export interface OpenedCases extends Omit<BackupHead, 'schema'> {
  readonly backup: boolean;
  /** Its cases, once. */
  readonly cases: AsyncIterable<Travelling<CaseFile>>;
}

async function* given<T>(values: readonly T[]): AsyncGenerator<T> {
  yield* values;
}

/** Parses a line of a file and gives its value. @throws RefusedFile */
function valueIn(text: string, { line, path: above }: Origin): unknown {
  const parsed = parseJson(text);
  if (parsed.kind === 'value') return parsed.value;
  const path = [above, parsed.fault.path].filter((each) => each !== '').join('/');
  throw new RefusedFile([{ ...parsed.fault, line, path }]);
}

/** What does not follow the lines of a backup. */
function brokenOff(line: number): RefusedFile {
  return new RefusedFile([{ line, column: 1, path: '', reason: msg('file.notJson') }]);
}

async function* casesOf(
  lines: AsyncGenerator<string>,
  reader: EntryReader,
): AsyncGenerator<Travelling<CaseFile>> {
  let line = 1;
  let index = 0;
  // Of an empty backup the end is the first that comes.
  let awaited: 'first' | 'case' | 'end' | 'nothing' = 'first';
  try {
    for (;;) {
      const { done, value: text } = await lines.next();
      if (done) break;
      line += 1;
      if (text === '' && (awaited === 'first' || awaited === 'nothing')) continue;
      const entry = caseIn(text);
      if (entry ? awaited === 'end' || awaited === 'nothing' : awaited === 'case') {
        throw brokenOff(line);
      }
      if (!entry) {
        awaited = 'nothing';
        continue;
      }
      const origin = { line, path: `cases/${index}` };
      const read = reader.read(valueIn(entry.text, origin));
      if (read.kind !== 'read') {
        throw new RefusedFile(refusedIn(entry.text, read, origin));
      }
      yield read.value;
      awaited = entry.more ? 'case' : 'end';
      index += 1;
    }
    if (awaited !== 'nothing') throw brokenOff(line);
  } finally {
    await lines.return(undefined);
  }
}

/** What is left of some lines, as one text. */
async function wholeOf(first: string, lines: AsyncGenerator<string>): Promise<string> {
  const all = [first];
  for await (const line of lines) all.push(line);
  return all.join('\n');
}

/**
 * Opens a file of one case, or a backup of many, of any released schema. A backup as the program writes it is read case by case;
 * any other text has to be read whole.
 * @throws RefusedFile here or while its cases are read
 */
export async function openCases(parts: AsyncIterable<string>): Promise<OpenedCases> {
  const lines = linesOf(parts);
  const first = String((await lines.next()).value);
  const start = headIn(first);
  if (start === undefined) {
    const read = readCases(await wholeOf(first, lines));
    if (read.kind === 'refused') throw new RefusedFile(read.faults);
    const { cases, kind: _kind, ...rest } = read;
    return { ...rest, cases: given(cases) };
  }
  const head = readHead(valueIn(start, { line: 1, path: '' }) as Readonly<Record<string, unknown>>);
  if (head.kind !== 'read') throw new RefusedFile(refusedIn(start, head));
  const { schema, ...beside } = head.value;
  return { ...beside, backup: true, cases: casesOf(lines, new EntryReader(schema)) };
}
