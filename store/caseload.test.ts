import type { Pack } from '../core/catalog/packs/pack';
import { newCase } from '../core/casefile/newCase';
import { addCase, readCase } from './cases';
import { allCases, bringIn, type Progress } from './caseload';
import { readRow } from './caseRows';
import { AgrologosDb } from './db';
import { deleteCase, listCases } from './desk';

const NOW = Date.UTC(2027, 9, 4);
const first = newCase('c1', '2027-10-04');
const second = { ...newCase('c2', '2027-10-04'), title: 'Osier Row' };
const copy = {
  title: (title: string): string => `${title} (from a file)`,
  pack: (pack: Pack): Pack => ({ ...pack, id: `${pack.id}-copy` }),
};
let base: AgrologosDb;
let count = 0;

beforeEach(async () => {
  count += 1;
  base = new AgrologosDb(`caseload-${count}`);
  await addCase(first, NOW, base);
});
afterEach(() => base.delete());

async function everything() {
  const files = [];
  for await (const file of allCases(() => undefined, base)) files.push(file);
  return files;
}

test('what is taken out and brought into an empty place is as before', async () => {
  await addCase(second, NOW, base);
  const files = await everything();
  await base.cases.clear();
  await base.deskLines.clear();
  expect(await bringIn({ files }, NOW, copy, undefined, base)).toMatchObject({ added: 2 });
  expect(await everything()).toEqual(files);
  expect((await listCases(base)).standing.map(({ title }) => title).sort()).toEqual([
    '',
    'Osier Row',
  ]);
});

test('a case that stands here just so is left alone', async () => {
  const before = await readRow(base, 'c1');
  expect(await bringIn({ files: [first] }, NOW + 1, copy, undefined, base)).toMatchObject({
    unchanged: 1,
    added: 0,
    id: 'c1',
  });
  expect(await readRow(base, 'c1')).toEqual(before);
});

test('a deleted case comes back', async () => {
  await deleteCase('c1', NOW, base);
  expect(await bringIn({ files: [first] }, NOW, copy, undefined, base)).toMatchObject({
    restored: 1,
  });
  expect((await readCase('c1', NOW, base)).kind).toBe('found');
});

test('another version is overwritten by nothing: the file’s comes beside it', async () => {
  const other = { ...first, title: 'Weir Cottage' };
  const { copied, id = '' } = await bringIn({ files: [other] }, NOW, copy, undefined, base);
  expect(copied).toBe(1);
  expect((await readRow(base, 'c1'))?.doc.title).toBe('');
  expect((await readRow(base, id))?.doc).toEqual({
    ...other,
    id,
    title: copy.title('Weir Cottage'),
  });
});

test('all or none, with progress', async () => {
  const many = Array.from({ length: 60 }, (_none, index) => newCase(`m${index}`, '2027-10-04'));
  const told: Progress[] = [];
  await bringIn({ files: many }, NOW, copy, (progress) => told.push(progress), base);
  expect(told.map(({ done, total }) => [done, total])).toEqual([
    [25, 60],
    [50, 60],
    [60, 60],
  ]);
  jest.spyOn(base.deskLines, 'bulkPut').mockRejectedValueOnce(new Error('full'));
  const more = [newCase('n1', '2027-10-04'), newCase('n2', '2027-10-04')];
  await expect(bringIn({ files: more }, NOW, copy, undefined, base)).rejects.toThrow('full');
  expect(await readRow(base, 'n1')).toBeUndefined();
  expect(await base.cases.count()).toBe(61);
});
