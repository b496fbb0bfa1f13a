/** What is attached to a case lies apart from its document, goes where the case goes, and is in no patch. */
import type { CaseFile } from '../core/casefile/casefile';
import { alone, backupFrom, bringAll, copyTitle, look } from '../test/desks';
import { newCase } from '../core/casefile/newCase';
import { planCase } from '../core/plan/plan';
import { keepAttachment, readRow } from './caseRows';
import { addCase, patchCase, readCase } from './cases';
import { AgrologosDb } from './db';
import { deleteCase } from './desk';
import { purgeDeleted } from './gone';
import { takeIn } from './merge';
import { CaseSession } from './session';

const NOW = Date.UTC(2027, 9, 4);
const OUTLINE = '[[[[-84,42],[-84,42.001],[-84.001,42]]]]';
const KIND = 'areas/lawn/shape/kind';
const PLACE = 'areas/lawn/shape/outline';
let base: AgrologosDb;
let count = 0;

beforeEach(async () => {
  localStorage.clear();
  count += 1;
  base = new AgrologosDb(`attachments-${count}`);
  await addCase(newCase('c1', '2027-10-04'), NOW, base);
});
afterEach(() => base.delete());

async function opened(id = 'c1'): Promise<CaseSession> {
  // A session writes into the database of its own test, however late.
  const here = base;
  const read = await readCase(id, NOW, here);
  if (read.kind !== 'found') throw new Error('no case');
  return new CaseSession(read.row, {
    page: 'p1',
    store: (caseId, patches, now, planOf) => patchCase(caseId, patches, now, here, planOf),
    keep: (caseId, attachment) => keepAttachment(here, caseId, attachment),
  });
}

/** Attaches an outline to the lawn, and stores that. */
async function outlined(): Promise<CaseSession> {
  const session = await opened();
  const id = await session.attach({ kind: 'outline', text: OUTLINE });
  session.edit(
    [
      { path: KIND, value: 'outline' },
      { path: PLACE, value: id },
    ],
    'outline',
  );
  return session;
}

function isMeasured(file: CaseFile): boolean {
  const area = planCase(file).areas[0]?.ground.area;
  return !!area && 'value' in area;
}

async function documents(from = base): Promise<CaseFile[]> {
  return (await backupFrom(from)).cases.map(({ file }) => file);
}

test('an outline is planned with, and neither the mirror nor the stored document carries it', async () => {
  const session = await outlined();
  expect(isMeasured(session.getState().doc)).toBe(true);
  expect(JSON.stringify({ ...localStorage })).not.toContain('-84.001');
  await session.flush();
  expect(session.getState().save).toBe('saved');
  expect(JSON.stringify(await base.cases.get('c1'))).not.toContain('-84.001');
  expect(isMeasured((await readRow(base, 'c1'))?.doc as CaseFile)).toBe(true);
  expect(await base.attachments.count()).toBe(1);
});

test('an undo takes back that it is named, a redo names it again', async () => {
  const session = await outlined();
  session.undo();
  expect(isMeasured(session.getState().doc)).toBe(false);
  await session.flush();
  expect((await documents())[0]?.attachments).toEqual({});
  session.redo();
  await session.flush();
  expect(isMeasured(session.getState().doc)).toBe(true);
  expect(Object.keys((await documents())[0]?.attachments ?? {})).toHaveLength(1);
});

test('another page that follows the case sees it', async () => {
  const other = await opened();
  const session = await outlined();
  await session.flush();
  other.follow(await readRow(base, 'c1'));
  expect(isMeasured(other.getState().doc)).toBe(true);
});

test('it goes out with the case and comes in with it, as the same case and as a copy', async () => {
  const session = await outlined();
  await session.flush();
  const given = await backupFrom(base);
  expect((await bringAll(given, base, NOW)).outcomes.left).toBe(1);
  const [compared] = await look(alone({ ...given.cases[0]!.file, title: 'Another' }), base);
  const beside = { compared: compared!, choice: 'beside' } as const;
  expect((await takeIn([beside], NOW, copyTitle, { base })).outcomes.copied).toBe(1);
  const elsewhere = new AgrologosDb(`attachments-${count}-elsewhere`);
  expect((await bringAll(given, elsewhere, NOW)).outcomes.added).toBe(1);
  for (const each of [...(await documents()), ...(await documents(elsewhere))]) {
    expect(isMeasured(each)).toBe(true);
  }
  expect(await base.attachments.count()).toBe(2);
  await elsewhere.delete();
});

test('a case that is removed for good takes it along', async () => {
  const session = await outlined();
  await session.flush();
  await deleteCase('c1', NOW, base);
  await purgeDeleted(NOW + 31 * 86_400_000, base);
  expect([await base.cases.count(), await base.attachments.count()]).toEqual([0, 0]);
});

test('a damaged case leaves as it is, and hides no other', async () => {
  const damaged = { ...newCase('odd', '2027-10-04'), areas: { lawn: 7 } };
  await base.cases.put({ id: 'odd', rev: 1, schema: 10, deletedAt: 0, doc: damaged });
  const all = await documents();
  expect(all.map(({ id }) => id).sort()).toEqual(['c1', 'odd']);
  expect(all.find(({ id }) => id === 'odd')).toEqual(damaged);
});

test('a stored case of schema 4 gives its outline away when it is next read', async () => {
  const { attachments: _none, ...doc } = newCase('old', '2027-10-04');
  const { lawn } = doc.areas;
  if (!lawn) throw new Error('no lawn');
  const areas = { lawn: { ...lawn, shape: { ...lawn.shape, kind: 'outline', outline: OUTLINE } } };
  const old = { ...doc, schema: 4, areas };
  await base.cases.put({ id: 'old', rev: 1, schema: 4, deletedAt: 0, doc: old });
  const session = await opened('old');
  expect(isMeasured(session.getState().doc)).toBe(true);
  expect(JSON.stringify(await base.cases.get('old'))).not.toContain('-84.001');
  expect(await base.attachments.count()).toBe(1);
});
