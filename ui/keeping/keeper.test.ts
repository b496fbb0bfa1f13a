/** The one who keeps the folder current: when it writes, and what it says when it cannot. */
import { newCase } from '../../core/casefile/newCase';
import { addCase } from '../../store/cases';
import { db, type KeepingRow } from '../../store/db';
import * as keeping from '../../store/keeping';
import { FakeFolder } from '../../test/folder';
import { startKeeper } from './keeper';

/** The row of the folder: a fake one cannot be stored as the browser stores its own. */
let row: KeepingRow | undefined;
jest.mock('../../store/keeping', () => ({
  ...jest.requireActual<typeof keeping>('../../store/keeping'),
  keptFolder: () => Promise.resolve(row),
  noteKept: (done: Partial<KeepingRow>) => {
    if (!row) return Promise.resolve();
    const { problem: _past, ...rest } = row;
    row = { ...rest, ...done };
    return Promise.resolve();
  },
}));

let folder: FakeFolder & { queryPermission?: () => Promise<PermissionState> };
let stop: () => void = () => undefined;

beforeEach(async () => {
  Object.defineProperty(navigator, 'locks', {
    configurable: true,
    value: { request: (_name: string, _how: object, work: () => Promise<void>) => work() },
  });
  for (const table of db.tables) await table.clear();
  await addCase(newCase('c1', '2027-10-04'), 0);
  folder = new FakeFolder();
  row = { key: 'folder', handle: folder.handle };
});
afterEach(() => stop());

/** The page is left: what was stored is written at once. */
function leave(): void {
  Object.defineProperty(document, 'visibilityState', { configurable: true, value: 'hidden' });
  document.dispatchEvent(new Event('visibilitychange'));
}

async function until(holds: () => boolean): Promise<void> {
  while (!holds()) await new Promise((resolve) => setTimeout(resolve, 5));
}

const all = (): string => [...folder.files.values()].join('');

test('it writes when it starts, and again what was stored since', async () => {
  stop = startKeeper();
  await until(() => row?.writtenAt !== undefined);
  expect(all()).toContain('"c1"');
  await addCase({ ...newCase('c2', '2027-10-04'), title: 'Osier Row' }, 0);
  leave();
  await until(() => all().includes('Osier Row'));
  expect(row?.whole?.marks).toEqual({ c1: '1.0' });
});

test('where nothing was stored it writes nothing', async () => {
  stop = startKeeper();
  await until(() => row?.writtenAt !== undefined);
  const before = row;
  leave();
  await new Promise((resolve) => setTimeout(resolve, 30));
  expect(row).toBe(before);
});

test('a browser that asks anew is told of; once it is allowed all goes on', async () => {
  folder.queryPermission = () => Promise.resolve('prompt');
  stop = startKeeper();
  await until(() => row?.problem !== undefined);
  expect([row?.problem, folder.files.size]).toEqual(['asks', 0]);
  folder.queryPermission = () => Promise.resolve('granted');
  await addCase(newCase('c2', '2027-10-04'), 0);
  leave();
  await until(() => row?.writtenAt !== undefined);
  expect(row?.problem).toBeUndefined();
});

test('a full disk is told of, and tried again', async () => {
  folder.failAt = 1;
  stop = startKeeper();
  await until(() => row?.problem !== undefined);
  expect(row?.problem).toBe('full');
  leave();
  await until(() => row?.writtenAt !== undefined);
  expect([row?.problem, folder.files.size]).toEqual([undefined, 1]);
});

test('without a folder it does nothing, and after its end neither', async () => {
  row = undefined;
  stop = startKeeper();
  await new Promise((resolve) => setTimeout(resolve, 20));
  stop();
  row = { key: 'folder', handle: folder.handle };
  await addCase(newCase('c2', '2027-10-04'), 0);
  leave();
  await new Promise((resolve) => setTimeout(resolve, 30));
  expect(folder.files.size).toBe(0);
});
