import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import type { CaseFile } from '../core/casefile/casefile';
import { Dice } from '../test/dice';
import { newCase } from '../core/casefile/newCase';
import { addCase, patchCase, readCase } from './cases';
import { deleteCase, listCases, restoreCase } from './desk';
import { purgeDeleted } from './gone';
import { readRow, type CaseRow } from './caseRows';
import { AgrologosDb } from './db';
import { allLines } from './lines';
import { leftovers, writeMirror } from './mirror';
import { applyPatches, inverse, valueAt, type Patch } from './patch';
import { replayPending } from './replay';
import { CaseSession } from './session';

const NOW = Date.UTC(2027, 9, 4);
const DAY = 86_400_000;
let base: AgrologosDb;
let count = 0;

beforeEach(async () => {
  localStorage.clear();
  count += 1;
  base = new AgrologosDb(`test-${count}`);
  await addCase(newCase('c1', '2027-10-04'), NOW, base);
});
afterEach(() => base.delete());

async function row(): Promise<CaseRow> {
  const found = await readRow(base, 'c1');
  if (!found) throw new Error('no case');
  return found;
}

/** A page's session. However late its timer, it writes to the database of its own test only. */
async function open(page: string): Promise<CaseSession> {
  const own = base;
  const store = (id: string, patches: readonly Patch[], now: number) =>
    patchCase(id, patches, now, own);
  return new CaseSession(await row(), { page, now: () => NOW, store });
}

const title = (was: string, value: string): Patch => ({ path: 'title', was, value });

test('patches apply in place, leave the given document alone, and can be taken back', () => {
  const document = { a: { b: 'x' }, c: 'y' };
  const patch = { path: 'a/b', was: 'x', value: 'z' };
  const after = applyPatches(document, [patch]);
  expect(after).toEqual({ a: { b: 'z' }, c: 'y' });
  expect(document.a.b).toBe('x');
  expect(applyPatches(after, [inverse(patch)])).toEqual(document);
  expect(() => applyPatches(document, [{ path: 'no/where', was: undefined, value: '' }])).toThrow();
  expect(() =>
    applyPatches(document, [{ path: '__proto__/x', was: undefined, value: '' }]),
  ).toThrow();
  expect(valueAt(document, '__proto__')).toBeUndefined();
});

test('an edit goes to the stored document, with its line on the Desk in the same transaction', async () => {
  const { row: after, conflicts } = await patchCase('c1', [title('', 'Weir Cottage')], NOW, base);
  expect([after.rev, after.doc.title, conflicts]).toEqual([2, 'Weir Cottage', []]);
  expect((await listCases(base)).standing[0]?.title).toBe('Weir Cottage');
});

test('a place that holds another value is not overwritten', async () => {
  await patchCase('c1', [title('', 'Theirs')], NOW, base);
  const { row: after, conflicts } = await patchCase('c1', [title('', 'Mine')], NOW, base);
  expect(after.doc.title).toBe('Theirs');
  expect(conflicts).toEqual([{ path: 'title', was: 'Theirs', value: 'Mine' }]);
});

test('an edit shows at once, is mirrored at once, and is saved only when stored', async () => {
  const session = await open('p1');
  session.edit([{ path: 'title', value: 'W' }], 'g1');
  expect(session.getState()).toMatchObject({ doc: { title: 'W' }, save: 'pending' });
  expect(leftovers(new Set())).toEqual([{ caseId: 'c1', page: 'p1', patches: [title('', 'W')] }]);
  await session.flush();
  expect(session.getState().save).toBe('saved');
  expect((await row()).doc.title).toBe('W');
  expect(leftovers(new Set())).toEqual([]);
});

test.each([
  ['full', new DOMException('full', 'QuotaExceededError')],
  ['full', Object.assign(new Error('aborted'), { inner: { name: 'QuotaExceededError' } })],
  ['failed', new Error('no')],
])('a refusal of the browser is said and nothing typed is lost: %s', async (save, error) => {
  const session = new CaseSession(await row(), {
    page: 'p1',
    store: () => Promise.reject(error),
  });
  session.edit([{ path: 'title', value: 'W' }], 'g1');
  await session.flush();
  expect(session.getState()).toMatchObject({ doc: { title: 'W' }, save });
  expect(leftovers(new Set())[0]?.patches).toEqual([title('', 'W')]);
});

test('what is typed while a write is on its way is queued behind it, once a place', async () => {
  const session = await open('p1');
  const type = (value: string): void => session.edit([{ path: 'title', value }], 'g1');
  type('a');
  const writing = session.flush();
  type('b');
  type('c');
  await writing;
  type('d');
  await session.flush();
  expect(session.getState()).toMatchObject({ doc: { title: 'd' }, save: 'saved', conflicts: {} });
  expect((await row()).doc.title).toBe('d');
});

test('a result that is written whole meets no conflict with what is typed on while it is stored', async () => {
  const session = await open('p1');
  const at = 'reports/r1/results/s1/ca';
  const typed = (text: string) => ({ text, unit: 'ppm', method: '' });
  session.use(at);
  session.edit([{ path: at, value: typed('8') }], 'g1');
  const writing = session.flush();
  session.edit([{ path: `${at}/text`, value: '80' }], 'g1');
  await writing;
  session.edit([{ path: `${at}/text`, value: '800' }], 'g1');
  await session.flush();
  expect(session.getState()).toMatchObject({ save: 'saved', conflicts: {} });
  expect(valueAt((await row()).doc, at)).toEqual(typed('800'));
});

test('what is added and filled in while something else is stored meets no conflict', async () => {
  const session = await open('p1');
  session.edit([{ path: 'title', value: 'Weir' }], 'g1');
  const writing = session.flush();
  const at = 'reports/r1/results/s1/ca';
  session.edit([{ path: at, value: { text: '', unit: 'ppm', method: '' } }], 'g2');
  session.edit([{ path: `${at}/text`, value: '800' }], 'g3');
  await writing;
  expect(session.getState()).toMatchObject({ save: 'pending', conflicts: {} });
  await session.flush();
  expect(session.getState()).toMatchObject({ save: 'saved', conflicts: {} });
  expect(valueAt((await row()).doc, at)).toEqual({ text: '800', unit: 'ppm', method: '' });
});

test('one page alone never meets a conflict: 60 seeded chains of adding and typing while others are stored', async () => {
  for (let seed = 0; seed < 60; seed += 1) {
    const dice = new Dice(seed);
    const id = `chain-${seed}`;
    await addCase(newCase(id, '2027-10-04'), NOW, base);
    const found = await readRow(base, id);
    if (!found) throw new Error('no case');
    const own = base;
    const session = new CaseSession(found, {
      page: 'p1',
      now: () => NOW,
      store: (at, patches, now) => patchCase(at, patches, now, own),
    });
    const writing: Promise<void>[] = [];
    for (let step = 0; step < 25; step += 1) {
      const place = `reports/r1/results/s1/${dice.one(['ca', 'mg', 'zn'])}`;
      const text = String(dice.below(100));
      const isThere = valueAt(session.getState().doc, place) !== undefined;
      const group = `g${step}`;
      if (dice.chance(0.15) && isThere) session.edit([{ path: place, value: undefined }], group);
      else if (!isThere)
        session.edit([{ path: place, value: { text, unit: 'ppm', method: '' } }], group);
      else {
        session.use(dice.chance(0.5) ? `${place}/text` : place);
        session.edit([{ path: `${place}/text`, value: text }], group);
      }
      if (dice.chance(0.2)) session.undo();
      if (dice.chance(0.4)) writing.push(session.flush());
      if (dice.chance(0.3)) await Promise.resolve();
      if (dice.chance(0.2)) await Promise.all(writing.splice(0));
    }
    await session.flush();
    const { save, conflicts, doc } = session.getState();
    expect([seed, save, conflicts]).toEqual([seed, 'saved', {}]);
    expect((await readRow(base, id))?.doc).toEqual(doc);
  }
});

test('what could not be stored is tried again by itself while a page shows it', async () => {
  const stored = await row();
  jest.useFakeTimers();
  try {
    let refusals = 2;
    const session = new CaseSession(stored, {
      page: 'p1',
      store: (_id, patches) =>
        refusals-- > 0
          ? Promise.reject(new Error('busy'))
          : Promise.resolve({
              row: { ...stored, rev: 2, doc: applyPatches(stored.doc, patches) },
              conflicts: [],
            }),
    });
    const leave = session.subscribe(() => undefined);
    session.edit([{ path: 'title', value: 'W' }], 'g1');
    await jest.advanceTimersByTimeAsync(300);
    expect(session.getState().save).toBe('failed');
    await jest.advanceTimersByTimeAsync(2000);
    expect(session.getState().save).toBe('failed');
    await jest.advanceTimersByTimeAsync(4000);
    expect(session.getState()).toMatchObject({ doc: { title: 'W' }, save: 'saved' });
    leave();
  } finally {
    jest.useRealTimers();
  }
});

test('undo takes back one committed field, redo brings it again', async () => {
  const session = await open('p1');
  for (const value of ['W', 'We', 'Weir']) session.edit([{ path: 'title', value }], 'title#1');
  session.edit([{ path: 'client/name', value: 'Ada Quill' }], 'name#1');
  session.undo();
  expect(session.getState().doc.client.name).toBe('');
  session.undo();
  expect(session.getState().doc.title).toBe('');
  session.redo();
  expect(session.getState()).toMatchObject({
    doc: { title: 'Weir' },
    canUndo: true,
    canRedo: true,
  });
});

test('other pages are followed; a field in use keeps its draft and shows both values', async () => {
  const [a, b] = [await open('a'), await open('b')];
  a.use('title');
  a.edit([{ path: 'title', value: 'Draft' }], 'g');
  await a.flush();
  b.follow(await row());
  b.edit(
    [
      { path: 'title', value: 'Theirs' },
      { path: 'client/name', value: 'Ada' },
    ],
    'g',
  );
  await b.flush();
  a.follow(await row());
  expect(a.getState().doc.client.name).toBe('Ada');
  expect(a.getState().conflicts).toEqual({ title: { mine: 'Draft', theirs: 'Theirs' } });
  expect(a.getState().save).toBe('conflict');
  a.edit([{ path: 'title', value: 'Mine' }], 'g');
  a.resolve('title', 'mine');
  await a.flush();
  expect((await row()).doc.title).toBe('Mine');
  expect(a.getState().conflicts).toEqual({});
});

test('a field that has the focus but no draft follows other pages', async () => {
  const [a, b] = [await open('a'), await open('b')];
  a.use('title');
  b.edit([{ path: 'title', value: 'Theirs' }], 'g');
  await b.flush();
  a.follow(await row());
  expect(a.getState()).toMatchObject({ doc: { title: 'Theirs' }, conflicts: {}, save: 'saved' });
});

test('a conflict ends by taking the other value', async () => {
  const [a, b] = [await open('a'), await open('b')];
  a.edit([{ path: 'title', value: 'Mine' }], 'g');
  b.edit([{ path: 'title', value: 'Theirs' }], 'g');
  await b.flush();
  a.follow(await row());
  a.resolve('title', 'theirs');
  await a.flush();
  expect(a.getState()).toMatchObject({ doc: { title: 'Theirs' }, conflicts: {} });
});

test('what a dead page had typed is stored at the next start, but never over another value', async () => {
  writeMirror('c1', 'dead', [title('', 'Typed before the crash')]);
  writeMirror('c1', 'alive', [title('', 'Being typed')]);
  expect((await replayPending(new Set(['alive']), NOW, base)).size).toBe(0);
  expect((await row()).doc.title).toBe('Typed before the crash');
  writeMirror('c1', 'dead2', [title('', 'An older draft')]);
  const left = await replayPending(new Set(['alive']), NOW, base);
  expect(left.get('c1')).toEqual([title('Typed before the crash', 'An older draft')]);
  expect((await row()).doc.title).toBe('Typed before the crash');
});

test('200 seeded edits from two sessions are all kept', async () => {
  const [a, b] = [await open('a'), await open('b')];
  const places = [
    'title',
    'client/name',
    'client/place',
    'areas/lawn/name',
    'planFrom',
    'areas/lawn/shape/length',
  ];
  const step = fc.record({
    who: fc.nat(1),
    place: fc.nat(2),
    text: fc.string({ maxLength: 8 }),
    flush: fc.boolean(),
  });
  const [script = []] = fc.sample(fc.array(step, { minLength: 200, maxLength: 200 }), {
    seed: 7,
    numRuns: 1,
  });
  const last = new Map<string, string>();
  for (const { who, place, text, flush } of script) {
    const session = who === 0 ? a : b;
    const path = places[who * 3 + place] ?? 'title';
    session.edit([{ path, value: text }], `${path}#${last.size}`);
    last.set(path, text);
    if (flush) {
      await session.flush();
      (who === 0 ? b : a).follow(await row());
    }
  }
  await Promise.all([a.flush(), b.flush()]);
  const { doc } = await row();
  for (const [path, text] of last) expect(valueAt(doc, path)).toBe(text);
});

test('a deleted case can be restored for 30 days, then it is gone', async () => {
  await deleteCase('c1', NOW, base);
  expect((await readCase('c1', NOW, base)).kind).toBe('missing');
  expect((await listCases(base)).deleted).toHaveLength(1);
  await restoreCase('c1', base);
  expect((await readCase('c1', NOW, base)).kind).toBe('found');
  await deleteCase('c1', NOW, base);
  await purgeDeleted(NOW + 29 * DAY, base);
  expect(await base.cases.count()).toBe(1);
  await purgeDeleted(NOW + 31 * DAY, base);
  expect([await base.cases.count(), (await allLines(base)).length]).toEqual([0, 0]);
});

test('a document of a newer schema is refused whole', async () => {
  await base.cases.update('c1', { doc: { ...newCase('c1', '2027-10-04'), schema: 99 as 5 } });
  expect(await readCase('c1', NOW, base)).toMatchObject({
    kind: 'refused',
    reason: { id: 'refused.newer' },
  });
});

test('a case that an older version stored is brought up where it lies, and then edited', async () => {
  const old = JSON.parse(readFileSync('core/casefile/fixtures/case-v1.json', 'utf8')) as CaseFile;
  const row = { id: old.id, rev: 3, schema: 1, deletedAt: 0, doc: old };
  await base.cases.put(row);
  const path = 'areas/lawn/shape/number';
  const { conflicts } = await patchCase(old.id, [{ path, was: '', value: '4' }], NOW, base);
  expect(conflicts).toEqual([]);
  expect(await readRow(base, old.id)).toMatchObject({ schema: 10, doc: { schema: 10 } });
  await base.cases.put(row);
  const read = await readCase(old.id, NOW, base);
  const stored = await readRow(base, old.id);
  expect(stored).toMatchObject({ rev: 4, schema: 10 });
  expect(read.kind === 'found' && [read.row, read.raw]).toEqual([stored, stored?.doc]);
});

test('typing into a case that was deleted elsewhere does not say that it is saved', async () => {
  const session = await open('p1');
  const following = async (): Promise<void> => session.follow(await readRow(base, 'c1'));
  await deleteCase('c1', NOW, base);
  await following();
  session.edit([{ path: 'title', value: 'Typed after' }], 'k1');
  await session.flush();
  expect(session.getState().save).toBe('deleted');
  await restoreCase('c1', base);
  await following();
  expect(session.getState().save).not.toBe('deleted');
});

test('who types without a pause has it stored after a second at the latest', async () => {
  jest.useFakeTimers();
  try {
    let now = NOW;
    const stored: number[] = [];
    const first = newCase('c1', '2027-10-04');
    const session = new CaseSession(
      { id: 'c1', rev: 1, schema: first.schema, deletedAt: 0, doc: first },
      {
        page: 'typist',
        now: () => now,
        store: (_id, patches) => {
          stored.push(now - NOW);
          const doc = applyPatches(first, patches);
          const kept = {
            id: 'c1',
            rev: 1 + stored.length,
            schema: first.schema,
            deletedAt: 0,
            doc,
          };
          return Promise.resolve({ row: kept, conflicts: [] });
        },
      },
    );
    for (let key = 1; key <= 50; key += 1) {
      session.edit([{ path: 'title', value: 'x'.repeat(key) }], 'k1');
      now += 100;
      await jest.advanceTimersByTimeAsync(100);
    }
    // Five seconds of typing, a letter each tenth: stored every second, not when it ends.
    expect(stored.length).toBeGreaterThanOrEqual(4);
    expect(
      Math.max(...stored.map((at, index) => at - (stored[index - 1] ?? 0))),
    ).toBeLessThanOrEqual(1200);
  } finally {
    jest.useRealTimers();
  }
});
