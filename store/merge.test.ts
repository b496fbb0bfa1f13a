/** Two desks that give one another their cases. */
import type { CaseFile } from '../core/casefile/casefile';
import { newCase } from '../core/casefile/newCase';
import { backupFrom, copyTitle, look, usual } from '../test/desks';
import { Dice } from '../test/dice';
import { readRow } from './caseRows';
import { addCase, patchCase, readCase } from './cases';
import { AgrologosDb } from './db';
import { deleteCase, listCases } from './desk';
import { purgeDeleted } from './gone';
import { revisionsOf } from './history';
import { ChangedMeanwhile } from './changedMeanwhile';
import { lookThrough } from './lookThrough';
import { takeIn, usualChoice } from './merge';
import { putAway } from './putAway';
import { takeBackIn } from './wayBack';
import { differences, same, valueAt, type Json } from './patch';

const NOW = Date.UTC(2027, 9, 4);
const HOUR = 3_600_000;
const FIRST: CaseFile = { ...newCase('c1', '2027-10-04'), title: 'Weir Cottage' };

let here: AgrologosDb;
let there: AgrologosDb;
let count = 0;
beforeEach(() => {
  localStorage.clear();
  count += 1;
  here = new AgrologosDb(`here-${count}`);
  there = new AgrologosDb(`there-${count}`);
});
afterEach(async () => {
  await here.delete();
  await there.delete();
});

/** Takes what another desk gives, as usual; gives what each case was. */
async function take(from: AgrologosDb, into: AgrologosDb, now = NOW): Promise<string[]> {
  const compared = await look(await backupFrom(from), into);
  await takeIn(usual(compared), now, copyTitle, { base: into });
  return compared.map(({ kind }) => kind);
}

async function set(
  base: AgrologosDb,
  path: string,
  value: Json | undefined,
  now = NOW,
): Promise<void> {
  const was = valueAt((await readRow(base, 'c1'))?.doc, path);
  await patchCase('c1', [{ path, was, value }], now, base);
}

async function doc(base: AgrologosDb, id = 'c1'): Promise<CaseFile | undefined> {
  return (await readRow(base, id))?.doc;
}

/** Two desks with the same case. */
async function shared(): Promise<void> {
  await addCase(FIRST, NOW, here);
  expect(await take(here, there)).toEqual(['new']);
}

test('new, and once more: the same', async () => {
  await shared();
  expect(await doc(there)).toEqual(await doc(here));
  expect((await listCases(there)).standing.map(({ title }) => title)).toEqual(['Weir Cottage']);
  expect(await take(here, there)).toEqual(['same']);
});

test('newer there is taken as it is, with who changed it and when; newer here is left', async () => {
  await shared();
  localStorage.setItem('agrologos-who', 'Ines Odera');
  await set(there, 'client/name', 'Ada Quill', NOW + HOUR);
  localStorage.clear();
  expect(await take(there, here, NOW + 2 * HOUR)).toEqual(['newerThere']);
  expect((await doc(here))?.client.name).toBe('Ada Quill');
  const last = (await revisionsOf(here, 'c1')).at(-1);
  expect([last?.by, last?.at]).toEqual(['Ines Odera', NOW + HOUR]);
  await set(here, 'client/place', 'Lower Fen', NOW + 3 * HOUR);
  expect(await take(there, here)).toEqual(['newerHere']);
  expect(await take(here, there)).toEqual(['newerThere']);
  expect(await doc(there)).toEqual(await doc(here));
});

test('changed in both: put together, what clashes stays as it is here unless it is chosen', async () => {
  await shared();
  await set(here, 'client/name', 'Ada Quill');
  await set(here, 'title', 'Weir Cottage, north');
  await set(there, 'client/place', 'Lower Fen');
  await set(there, 'title', 'Weir House');
  const compared = await look(await backupFrom(there), here);
  const [both] = compared;
  if (both?.kind !== 'both') throw new Error(both?.kind);
  expect(both.grounded).toBe(true);
  expect(both.together.taken.map(({ path }) => path)).toEqual(['client/place']);
  expect(both.together.clashes).toEqual([
    { path: 'title', here: 'Weir Cottage, north', there: 'Weir House' },
  ]);
  const decided = [{ compared: both, choice: 'take', theirs: ['title'] } as const];
  const { outcomes } = await takeIn(decided, NOW, copyTitle, { base: here });
  expect(outcomes).toMatchObject({ joined: 1, left: 0 });
  expect(await doc(here)).toMatchObject({
    title: 'Weir House',
    client: { name: 'Ada Quill', place: 'Lower Fen' },
  });
  // There it is simply the newer one.
  expect(await take(here, there)).toEqual(['newerThere']);
  expect(await doc(there)).toEqual(await doc(here));
});

test('after they met, only what came since is asked again', async () => {
  await shared();
  await set(here, 'client/name', 'Ada Quill');
  await set(there, 'client/place', 'Lower Fen');
  await take(there, here);
  await set(here, 'client/place', 'Upper Fen');
  await set(there, 'client/name', 'Ada Quill');
  await set(there, 'title', 'Weir House');
  const [both] = await look(await backupFrom(there), here);
  if (both?.kind !== 'both') throw new Error(both?.kind);
  expect(both.together.clashes).toEqual([]);
  await take(there, here);
  expect(await doc(here)).toMatchObject({ title: 'Weir House', client: { place: 'Upper Fen' } });
  // The other way round it comes to the same.
  await take(here, there);
  expect(await doc(there)).toEqual(await doc(here));
});

test('without states it is known by what it holds, and what is not known is asked', async () => {
  await shared();
  const alone = { file: (await doc(here))!, states: [] };
  await set(here, 'client/name', 'Ada Quill', NOW + HOUR);
  await backupFrom(here);
  await set(here, 'client/place', 'Lower Fen', NOW + 2 * HOUR);
  expect((await lookThrough([alone], [], here))[0]?.kind).toBe('newerHere');
  const other = { file: { ...alone.file, title: 'Weir House' }, states: [] };
  const [both] = await lookThrough([other], [], here);
  if (both?.kind !== 'both') throw new Error(both?.kind);
  expect([both.grounded, both.together.clashes.map(({ path }) => path)]).toEqual([
    false,
    ['title', 'client/name', 'client/place'],
  ]);
  const beside = [{ compared: both, choice: 'beside' } as const];
  const { outcomes } = await takeIn(beside, NOW, copyTitle, { base: here });
  expect(outcomes.copied).toBe(1);
  const [copy] = (await listCases(here)).standing.filter(({ id }) => id !== 'c1');
  expect((await doc(here, copy?.id))?.title).toBe('Weir House (from a file)');
  expect((await doc(here))?.title).toBe('Weir Cottage');
});

test('deleted there is proposed where nothing was changed here since, for as long as anybody remembers', async () => {
  await shared();
  await deleteCase('c1', NOW, there);
  const [gone] = await look(await backupFrom(there), here);
  expect(gone).toMatchObject({ kind: 'deletedThere', changed: false, title: 'Weir Cottage' });
  await purgeDeleted(NOW + 40 * 24 * HOUR, there);
  await set(here, 'client/name', 'Ada Quill');
  const [kept] = await look(await backupFrom(there), here);
  expect(kept).toMatchObject({ kind: 'deletedThere', changed: true });
  await take(there, here);
  expect((await readCase('c1', NOW, here)).kind).toBe('found');
  await takeIn([{ compared: kept!, choice: 'take' }], NOW, copyTitle, { base: here });
  expect((await readCase('c1', NOW, here)).kind).toBe('missing');
  expect((await listCases(here)).deleted).toHaveLength(1);
});

test('deleted here stays so unless somebody brings it back', async () => {
  await shared();
  await set(there, 'client/name', 'Ada Quill');
  await deleteCase('c1', NOW, here);
  const compared = await look(await backupFrom(there), here);
  expect(compared).toMatchObject([{ kind: 'deletedHere', changed: true }]);
  await takeIn(usual(compared), NOW, copyTitle, { base: here });
  expect((await readCase('c1', NOW, here)).kind).toBe('missing');
  await takeIn([{ compared: compared[0]!, choice: 'take' }], NOW, copyTitle, { base: here });
  expect((await doc(here))?.client.name).toBe('Ada Quill');
  expect((await listCases(here)).standing).toHaveLength(1);
});

/** All that lies in a database, but for the counts that tell a page that something is newer. */
async function everything(base: AgrologosDb): Promise<unknown> {
  const tables = await Promise.all(
    base.tables.map(async (table) => {
      const rows: unknown[] = await table.toArray();
      // A record of lines stays when its last line goes.
      return rows.filter((row) => (row as { lines?: unknown[] }).lines?.length !== 0);
    }),
  );
  const plain = JSON.stringify(tables, (key, value: unknown) => (key === 'rev' ? 0 : value));
  return JSON.parse(plain) as unknown;
}

test('what was taken in is taken back as one, but for what was changed since', async () => {
  await shared();
  await addCase({ ...newCase('c2', '2027-10-04'), title: 'Osier Row' }, NOW, there);
  await set(there, 'client/name', 'Ada Quill');
  await backupFrom(here);
  const before = await everything(here);
  const compared = await look(await backupFrom(there), here);
  expect(compared.map(({ kind }) => kind)).toEqual(['newerThere', 'new']);
  const taken = await takeIn(usual(compared), NOW, copyTitle, { base: here });
  expect(taken.outcomes).toMatchObject({ added: 1, renewed: 1 });
  await takeBackIn(taken, here);
  expect(await everything(here)).toEqual(before);
  const again = await takeIn(usual(await look(await backupFrom(there), here)), NOW, copyTitle, {
    base: here,
  });
  await set(here, 'title', 'Changed since');
  await expect(takeBackIn(again, here)).rejects.toThrow(ChangedMeanwhile);
  expect((await doc(here))?.title).toBe('Changed since');
  expect(await doc(here, 'c2')).toBeDefined();
});

test('what was changed between the looking and the taking is not overwritten: nothing is taken', async () => {
  await shared();
  await addCase({ ...newCase('c2', '2027-10-04'), title: 'Osier Row' }, NOW, there);
  await set(there, 'client/name', 'Ada Quill');
  const compared = await look(await backupFrom(there), here);
  await set(here, 'title', 'Changed since');
  const before = await everything(here);
  await expect(takeIn(usual(compared), NOW, copyTitle, { base: here })).rejects.toThrow(
    ChangedMeanwhile,
  );
  expect(await everything(here)).toEqual(before);
});

const PLACES = ['title', 'client/name', 'client/place', 'client/question', 'sampling/fee'] as const;

/** Gives one desk's cases to the other; gives how many places were asked about. */
async function giveTo(from: AgrologosDb, into: AgrologosDb): Promise<number> {
  const compared = await look(await backupFrom(from), into);
  await takeIn(usual(compared), NOW, copyTitle, { base: into });
  return compared.reduce(
    (sum, each) => sum + (each.kind === 'both' ? each.together.clashes.length : 0),
    0,
  );
}

test('a law over seeded chains of two desks: nothing that was typed is lost, and who met agrees', async () => {
  for (let seed = 0; seed < 25; seed += 1) {
    const dice = new Dice(seed);
    const desks = [
      new AgrologosDb(`law-${count}-${seed}-0`),
      new AgrologosDb(`law-${count}-${seed}-1`),
    ] as const;
    await addCase(FIRST, NOW, desks[0]);
    await giveTo(desks[0], desks[1]);
    // Each place is one desk's own, so that nothing can clash.
    for (let step = 0; step < 14; step += 1) {
      const at = dice.below(2) as 0 | 1;
      if (dice.chance(0.3)) {
        expect([seed, step, await giveTo(desks[at], desks[at === 0 ? 1 : 0])]).toEqual([
          seed,
          step,
          0,
        ]);
      } else {
        const place = PLACES[2 * dice.below(2) + at] ?? 'title';
        await set(desks[at], place, `${seed}-${step}`, NOW + step * HOUR);
      }
    }
    const typed = await Promise.all(desks.map((desk) => doc(desk)));
    await giveTo(desks[0], desks[1]);
    await giveTo(desks[1], desks[0]);
    const [left, right] = await Promise.all(desks.map((desk) => doc(desk)));
    expect([seed, differences(left as unknown as Json, right as unknown as Json)]).toEqual([
      seed,
      [],
    ]);
    for (const [at, place] of PLACES.entries()) {
      const mine = typed[at % 2];
      expect([seed, place, same(valueAt(left, place), valueAt(mine, place))]).toEqual([
        seed,
        place,
        true,
      ]);
    }
    for (const desk of desks) await desk.delete();
  }
});

test('what was put away is known when it comes again, and nobody is told that it was deleted', async () => {
  await shared();
  const before = await everything(here);
  const away = await putAway(['c1'], NOW, here);
  expect([await here.cases.count(), await here.revisions.count()]).toEqual([0, 0]);
  expect((await listCases(here)).standing).toEqual([]);
  expect((await backupFrom(here)).gone).toEqual([]);
  const [compared] = await look(await backupFrom(there), here);
  expect(compared).toMatchObject({ kind: 'away', changed: false });
  expect([usualChoice(compared!), usualChoice(compared!, true)]).toEqual(['leave', 'take']);
  await takeBackIn(away, here);
  expect(await everything(here)).toEqual(before);
  await putAway(['c1'], NOW, here);
  await set(there, 'client/name', 'Ada Quill');
  const [changed] = await look(await backupFrom(there), here);
  expect(changed).toMatchObject({ kind: 'away', changed: true });
  const back = await takeIn([{ compared: changed!, choice: 'take' }], NOW, copyTitle, {
    base: here,
  });
  expect((await doc(here))?.client.name).toBe('Ada Quill');
  expect(await here.gone.count()).toBe(0);
  await takeBackIn(back, here);
  expect([await here.cases.count(), await here.gone.count()]).toEqual([0, 1]);
});

test('a case that was deleted for good does not come back by itself from another desk', async () => {
  await shared();
  await deleteCase('c1', NOW, here);
  await purgeDeleted(NOW + 40 * 24 * HOUR, here);
  expect(await take(there, here)).toEqual(['away']);
  expect(await doc(here)).toBeUndefined();
});

test('what is brought back has what was changed here before it was deleted, and what was changed there since', async () => {
  await shared();
  await set(here, 'client/name', 'Ada Quill');
  await deleteCase('c1', NOW, here);
  const [older] = await look(await backupFrom(there), here);
  expect(older).toMatchObject({ kind: 'deletedHere', changed: false });
  const back = await takeIn([{ compared: older!, choice: 'take' }], NOW, copyTitle, { base: here });
  expect((await doc(here))?.client.name).toBe('Ada Quill');
  // There it is still the newer one, by its own name.
  expect(await look(await backupFrom(here), there)).toMatchObject([{ kind: 'newerThere' }]);
  await takeBackIn(back, here);
  await set(there, 'client/place', 'Lower Fen');
  const [newer] = await look(await backupFrom(there), here);
  expect(newer).toMatchObject({ kind: 'deletedHere', changed: true });
  await takeIn([{ compared: newer!, choice: 'take' }], NOW, copyTitle, { base: here });
  expect((await doc(here))?.client).toMatchObject({ name: 'Ada Quill', place: 'Lower Fen' });
  await take(here, there);
  expect(await doc(there)).toEqual(await doc(here));
});
