/** A file of cases from its text to the Desk and back, as the screen asks for it. */
import type { CaseFile } from '../../core/casefile/casefile';
import { newCase } from '../../core/casefile/newCase';
import { writeCase } from '../../files/caseJson';
import { sealed } from '../../files/sealed';
import { addCase, patchCase } from '../../store/cases';
import { readRow } from '../../store/caseRows';
import { db } from '../../store/db';
import { deleteCase, listCases } from '../../store/desk';
import { backupOf } from '../../test/backups';
import { FakeFolder } from '../../test/folder';
import { keepCurrent } from '../keeping/folder';
import { importFile, importFolder, takeLooked, usually, type Imported } from './bringIn';
import { takeOffDesk } from './caseloadFiles';
import type { LongWork } from './longWork';

const NOW = Date.UTC(2027, 9, 4);
const told = { onProgress: (): void => undefined, givenUp: new AbortController().signal };
const first: CaseFile = { ...newCase('c1', '2027-10-04'), title: 'Weir Cottage' };
const second: CaseFile = { ...newCase('c2', '2027-10-04'), title: 'Osier Row' };

beforeEach(async () => {
  localStorage.clear();
  for (const table of db.tables) await table.clear();
});

function give(text: string, passphrase?: string): Promise<Imported> {
  return importFile(new File([text], 'given.json'), told, passphrase);
}

async function titles(): Promise<string[]> {
  return (await listCases()).standing.map(({ title }) => title).sort();
}

async function looked(text: string): Promise<Extract<Imported, { kind: 'look' }>['looked']> {
  const result = await give(text);
  if (result.kind !== 'look') throw new Error(result.kind);
  return result.looked;
}

test('a single case that is new is taken at once, and goes again', async () => {
  const result = await give(writeCase(first));
  if (result.kind !== 'in') throw new Error(result.kind);
  expect([result.outcomes.added, await titles()]).toEqual([1, ['Weir Cottage']]);
  expect(await result.undo()).toBe('undone');
  expect(await titles()).toEqual([]);
});

test('a single case that stands here already is left, and one that was deleted comes back', async () => {
  await addCase(first, NOW);
  expect(await give(writeCase(first))).toMatchObject({ kind: 'in', outcomes: { left: 1 } });
  await deleteCase('c1', NOW);
  expect(await give(writeCase(first))).toMatchObject({ kind: 'in', outcomes: { restored: 1 } });
});

test('a single case in another version is looked through first', async () => {
  await addCase(first, NOW);
  const { compared } = await looked(writeCase({ ...first, title: 'Weir House' }));
  expect(compared.map(({ kind }) => kind)).toEqual(['both']);
  expect(await titles()).toEqual(['Weir Cottage']);
});

test('a backup is looked through before anything is taken, however empty the Desk is', async () => {
  const found = await looked(backupOf([first, second]));
  expect(await titles()).toEqual([]);
  const result = await takeLooked(found, usually(found), told);
  if (result.kind !== 'in') throw new Error(result.kind);
  expect(await titles()).toEqual(['Osier Row', 'Weir Cottage']);
  await patchCase('c2', [{ path: 'title', was: 'Osier Row', value: 'Changed' }], NOW);
  expect(await result.undo()).toBe('changed');
  expect(await titles()).toEqual(['Changed', 'Weir Cottage']);
});

test('what was changed here meanwhile is said, and nothing is taken', async () => {
  await addCase(first, NOW);
  const found = await looked(
    backupOf([{ ...first, client: { ...first.client, name: 'Ada' } }, second]),
  );
  await patchCase('c1', [{ path: 'title', was: 'Weir Cottage', value: 'Changed' }], NOW);
  expect(await takeLooked(found, usually(found), told)).toEqual({ kind: 'changed' });
  expect(await titles()).toEqual(['Changed']);
});

test('a file with a fault is refused at its place', async () => {
  const bad = backupOf([first, second]).replace('"title":"Osier Row"', '"title":5');
  expect(await give(bad)).toMatchObject({ kind: 'refused', faults: [{ line: 3 }] });
});

test('a sealed file asks for its passphrase, says that another is wrong, and that it was cut off', async () => {
  async function* text(): AsyncGenerator<string> {
    yield backupOf([first]);
  }
  let file = '';
  for await (const part of sealed(text(), 'gravel fox under elms', 1000)) file += part;
  expect(await give(file)).toEqual({ kind: 'sealed', wrong: false });
  expect(await give(file, 'gravel fox under oaks')).toEqual({ kind: 'sealed', wrong: true });
  expect(await give(file.slice(0, -20), 'gravel fox under elms')).toEqual({ kind: 'damaged' });
  expect((await give(file, 'gravel fox under elms')).kind).toBe('look');
});

test('a folder gives what was changed since its whole file, and leaves out what was deleted', async () => {
  const folder = new FakeFolder();
  expect(await importFolder(folder.handle, told)).toBeUndefined();
  for (const each of [first, second]) await addCase(each, NOW);
  const whole = await keepCurrent(folder.handle, undefined, NOW);
  await patchCase('c1', [{ path: 'title', was: 'Weir Cottage', value: 'Weir House' }], NOW);
  await deleteCase('c2', NOW);
  await keepCurrent(folder.handle, whole, NOW + 1000);
  for (const table of db.tables) await table.clear();
  const result = await importFolder(folder.handle, told);
  if (result?.kind !== 'look') throw new Error(result?.kind);
  await takeLooked(result.looked, usually(result.looked), told);
  expect(await titles()).toEqual(['Weir House']);
});

test('what is taken off the Desk comes back by its undo, and by its file', async () => {
  await addCase(first, NOW);
  const undo = await takeOffDesk(['c1']);
  expect(await titles()).toEqual([]);
  expect(await undo()).toBe('undone');
  expect((await readRow(db, 'c1'))?.doc.title).toBe('Weir Cottage');
  await takeOffDesk(['c1']);
  const found = await looked(backupOf([first], { archive: true }));
  expect(usually(found).cases.map(({ choice }) => choice)).toEqual(['take']);
  await takeLooked(found, usually(found), told);
  expect(await titles()).toEqual(['Weir Cottage']);
});

/** Work that is given up when it is told of for the so many-th time. */
function givenUpAt(times: number): LongWork {
  const work = new AbortController();
  let left = times;
  const onProgress = (): void => {
    left -= 1;
    if (left === 0) work.abort();
  };
  return { onProgress, givenUp: work.signal };
}

test('what is given up while it is read, or while it is taken in, leaves nothing', async () => {
  const many = Array.from({ length: 60 }, (_none, at) => newCase(`m${at}`, '2027-10-04'));
  const file = new File([backupOf(many)], 'given.json');
  expect(await importFile(file, givenUpAt(1))).toEqual({ kind: 'givenUp' });
  const found = await looked(backupOf(many));
  expect(await takeLooked(found, usually(found), givenUpAt(2))).toEqual({ kind: 'givenUp' });
  expect(await titles()).toEqual([]);
  expect(await takeLooked(found, usually(found), told)).toMatchObject({ outcomes: { added: 60 } });
});
