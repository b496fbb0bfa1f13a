import { newCase } from '../core/casefile/newCase';
import { addCase, patchCase } from './cases';
import { readRow } from './caseRows';
import { AgrologosDb } from './db';
import { leaving, namesIn, note, revisionsOf, statesOf } from './history';
import { keepWho, whoIsHere } from './who';

const NOW = Date.UTC(2027, 9, 4);
const MINUTE = 60_000;
let base: AgrologosDb;
let count = 0;

beforeEach(async () => {
  localStorage.clear();
  count += 1;
  base = new AgrologosDb(`history-${count}`);
  await addCase(newCase('c1', '2027-10-04'), NOW, base);
});
afterEach(() => base.delete());

const title = (was: string, value: string, now: number) =>
  patchCase('c1', [{ path: 'title', was, value }], now, base);

async function told() {
  return (await revisionsOf(base, 'c1')).map(({ by, at, patches }) => [
    by,
    (at - NOW) / MINUTE,
    patches.map(({ was, value }) => `${String(was)}>${String(value)}`).join(' '),
  ]);
}

test('what one person changes in one go is one revision, whichever way the clock was set', async () => {
  await title('', 'a', NOW + MINUTE);
  await title('a', 'b', NOW + 20 * MINUTE);
  await title('b', 'c', NOW + 10 * MINUTE);
  expect(await told()).toEqual([['', 10, '>c']]);
  await title('c', 'd', NOW + 60 * MINUTE);
  keepWho(' Ines Odera ');
  expect(whoIsHere()).toBe('Ines Odera');
  await title('d', 'e', NOW + 61 * MINUTE);
  expect(await told()).toEqual([
    ['', 10, '>c'],
    ['', 60, 'c>d'],
    ['Ines Odera', 61, 'd>e'],
  ]);
});

test('what was given away is not added to', async () => {
  await title('', 'a', NOW + MINUTE);
  const [first] = (await leaving(base, ['c1'])).get('c1') ?? [];
  await title('a', 'b', NOW + 2 * MINUTE);
  const after = await revisionsOf(base, 'c1');
  expect(after.map(({ id }) => id)).toEqual([first?.id, expect.any(String)]);
  expect(await told()).toEqual([
    ['', 1, '>a'],
    ['', 2, 'a>b'],
  ]);
});

test('every state is told from the present one, back to the first', async () => {
  for (const [at, to] of ['a', 'b', 'c'].entries()) {
    await leaving(base, ['c1']);
    await title(at === 0 ? '' : 'ab'.charAt(at - 1), to, NOW + at);
  }
  const document = (await readRow(base, 'c1'))?.doc;
  const states = [...statesOf(document, await revisionsOf(base, 'c1'))];
  expect(states.map((each) => each.document?.title)).toEqual(['c', 'b', 'a', '']);
});

test('of very many, the names of the oldest are kept', async () => {
  const blank = { caseId: 'c1', at: NOW, by: '', patches: [], includes: [], left: true };
  await base.revisions.bulkPut(
    Array.from({ length: 300 }, (_none, at) => ({ ...blank, seq: at + 1, id: `s${at}` })),
  );
  const names = namesIn(await revisionsOf(base, 'c1'));
  for (let at = 0; at < 5; at += 1) {
    await note(base, 'c1', { patches: [], at: NOW + at });
    for (const state of (await leaving(base, ['c1'])).get('c1') ?? []) names.add(state.id);
  }
  const kept = await revisionsOf(base, 'c1');
  expect(kept).toHaveLength(300);
  expect(namesIn(kept)).toEqual(names);
});

test('a case of before changes were noted has a state when it leaves', async () => {
  await base.revisions.clear();
  const [only] = (await leaving(base, ['c1'])).get('c1') ?? [];
  expect(only).toMatchObject({ at: 0, by: '', patches: [], includes: [] });
  expect((await leaving(base, ['c1'])).get('c1')).toEqual([only]);
});
