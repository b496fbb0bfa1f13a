/** A file that is read case by case says the same as one that is read whole. */
import { newCase } from '../core/casefile/newCase';
import { wrongBackups } from '../test/hostileLaws';
import { backupOf } from '../test/backups';
import { writeCase } from './caseJson';
import { openCases, RefusedFile } from './openCases';
import { textOf } from './parts';

const first = { ...newCase('case-1', '2027-10-04'), title: 'Weir – Cottage 🌱' };
const second = newCase('case-2', '2027-10-05');

/** Ids of the cases that come out before a file ends or is refused, and its faults. */
async function read(text: string): Promise<readonly [string[], RefusedFile['faults']]> {
  const ids: string[] = [];
  try {
    const { cases } = await openCases(textOf(new Blob([text])));
    for await (const { file } of cases) ids.push(file.id);
    return [ids, []];
  } catch (error) {
    if (error instanceof RefusedFile) return [ids, error.faults];
    throw error;
  }
}

test('a backup, an empty one, one that an editor set out anew, a single case', async () => {
  const both = ['case-1', 'case-2'];
  const backup = backupOf([first, second], { gone: [] });
  expect(await read(backup)).toEqual([both, []]);
  expect(await read(`\uFEFF${backup}`)).toEqual([both, []]);
  expect(await read(backup.trimEnd())).toEqual([both, []]);
  expect(await read(backupOf([]))).toEqual([[], []]);
  expect(await read(JSON.stringify(JSON.parse(backup), null, 2))).toEqual([both, []]);
  expect(await read(backup.replaceAll('\n', '\r\n'))).toEqual([both, []]);
  expect(await read(writeCase(first))).toEqual([['case-1'], []]);
});

test('it hears how much was read, and no sign is cut in two', async () => {
  const file = new Blob(['é🌱'.repeat(50_000)]);
  const heard: number[] = [];
  let text = '';
  for await (const part of textOf(file, (bytes) => heard.push(bytes))) text += part;
  expect(text).toBe('é🌱'.repeat(50_000));
  expect(heard.at(-1)).toBe(file.size);
});

test.each<[string, (backup: string) => string, object]>([
  ['a value', (text) => text.replace('"title":""', '"title":5'), { line: 3, column: 95 }],
  ['the head', (text) => text.replace('"schema":2', '"schema":99'), { line: 1, column: 1 }],
  ['a case twice', (text) => text.replace('"id":"case-2"', '"id":"case-1"'), { line: 3 }],
  [
    'JSON',
    (text) => text.replace('"title":""', '"title":'),
    { line: 3, path: 'cases/1/case/title' },
  ],
  ['cut off in a case', (text) => text.slice(0, -20), { line: 3 }],
  ['cut off after a case', (text) => text.slice(0, -4), { line: 3 }],
  ['no end', (text) => text.replace(']}\n', ''), { line: 4 }],
  ['a comma before the end', (text) => text.replace('\n]}', ',\n]}'), { line: 4 }],
  ['no comma between cases', (text) => text.replace(',\n', '\n'), { line: 3 }],
  ['more after the end', (text) => `${text}{}`, { line: 5 }],
])('what is broken is refused at its place: %s', async (_name, breakIt, place) => {
  const [, faults] = await read(breakIt(backupOf([first, second])));
  expect(faults[0]).toMatchObject(place);
});

test('seeded backups that are broken', async () => {
  expect(await wrongBackups(0, 150)).toEqual({});
});
