import { newCase } from '../../core/casefile/newCase';
import { readCases } from '../../files/caseJson';
import { addCase, patchCase } from '../../store/cases';
import { AgrologosDb } from '../../store/db';
import { deleteCase } from '../../store/desk';
import { FakeFolder } from '../../test/folder';
import { keepCurrent, newestIn, problemOf } from './folder';

const NOW = Date.UTC(2027, 9, 4);
const DAY = 86_400_000;
let base: AgrologosDb;
let folder: FakeFolder;
let count = 0;

beforeEach(async () => {
  count += 1;
  base = new AgrologosDb(`folder-${count}`);
  folder = new FakeFolder();
  for (const id of ['c1', 'c2', 'c3']) await addCase(newCase(id, '2027-10-04'), NOW, base);
});
afterEach(() => base.delete());

const title = (id: string, was: string, value: string) =>
  patchCase(id, [{ path: 'title', was, value }], NOW, base);

/** The titles of the cases in a text of the folder, and what was deleted. */
function told(text: string | undefined): readonly [Record<string, string>, readonly string[]] {
  const read = readCases(text ?? '');
  if (read.kind === 'refused') throw new Error('refused');
  const titles = read.cases.map(({ file }) => [file.id, file.title]);
  return [Object.fromEntries(titles) as Record<string, string>, read.gone.map(({ id }) => id)];
}

test('all of it first, then what changed since', async () => {
  const whole = await keepCurrent(folder.handle, undefined, NOW, base);
  expect([...folder.files.keys()]).toEqual(['agrologos-whole-2027-10-04T00-00-00-000Z.json']);
  await title('c2', '', 'Osier Row');
  await deleteCase('c3', NOW, base);
  expect(await keepCurrent(folder.handle, whole, NOW + 60_000, base)).toBe(whole);
  expect(folder.files.size).toBe(2);
  const { whole: all, changes } = (await newestIn(folder.handle))!;
  expect(told(await all.text())).toEqual([{ c1: '', c2: '', c3: '' }, []]);
  expect(told(await changes?.text())).toEqual([{ c2: 'Osier Row' }, ['c3']]);
});

test('a new whole file in time, whichever way the clock was set, and three of them stay', async () => {
  let whole = await keepCurrent(folder.handle, undefined, NOW, base);
  for (const now of [NOW + 8 * DAY, NOW - DAY, NOW + 20 * DAY, NOW + 30 * DAY]) {
    whole = await keepCurrent(folder.handle, whole, now, base);
    await keepCurrent(folder.handle, whole, now + 60_000, base);
  }
  const names = [...folder.files.keys()].sort();
  expect(names.filter((name) => name.includes('whole'))).toHaveLength(3);
  expect(names.filter((name) => name.includes('changes'))).toHaveLength(3);
});

test('many changes make a new whole file', async () => {
  for (let at = 0; at < 12; at += 1) await addCase(newCase(`m${at}`, '2027-10-04'), NOW, base);
  const whole = await keepCurrent(folder.handle, undefined, NOW, base);
  for (let at = 0; at < 12; at += 1) await title(`m${at}`, '', 'changed');
  expect(await keepCurrent(folder.handle, whole, NOW + 1000, base)).not.toBe(whole);
});

test('whichever write fails, what stood in the folder stands there still, whole', async () => {
  const whole = await keepCurrent(folder.handle, undefined, NOW, base);
  await title('c1', '', 'Weir Cottage');
  await keepCurrent(folder.handle, whole, NOW, base);
  const before = [...folder.files.entries()];
  await title('c1', 'Weir Cottage', 'Weir House');
  for (const now of [NOW + 1000, NOW + 9 * DAY]) {
    let failed = 0;
    for (let at = 1; ; at += 1) {
      folder.failAt = at;
      const error: unknown = await keepCurrent(folder.handle, whole, now, base).then(
        () => undefined,
        (reason: unknown) => reason,
      );
      if (error === undefined) break;
      failed += 1;
      expect(problemOf(error)).toBe('full');
      expect([...folder.files.entries()]).toEqual(before);
    }
    expect(failed).toBeGreaterThan(2);
    folder.files.clear();
    before.forEach(([name, text]) => folder.files.set(name, text));
  }
});

test('a whole file that somebody took away is written anew', async () => {
  const whole = await keepCurrent(folder.handle, undefined, NOW, base);
  await title('c1', '', 'Weir Cottage');
  await keepCurrent(folder.handle, whole, NOW + 1000, base);
  folder.files.delete(whole.name);
  expect(await newestIn(folder.handle)).toBeUndefined();
  const again = await keepCurrent(folder.handle, whole, NOW + 2000, base);
  expect(again.name).not.toBe(whole.name);
  expect(told(await (await newestIn(folder.handle))?.whole.text())[0]).toMatchObject({
    c1: 'Weir Cottage',
  });
});

test('a folder without a file of ours gives nothing', async () => {
  folder.files.set('notes.txt', 'x');
  expect(await newestIn(folder.handle)).toBeUndefined();
});
