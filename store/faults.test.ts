/** A fault at each storage operation of a day: what is stored is as before the step that it met, or as after it. */
import type { CaseFile } from '../core/casefile/casefile';
import { newCase } from '../core/casefile/newCase';
import { alone, backupFrom, copyTitle, look, usual, type Backup } from '../test/desks';
import { addCase, patchCase, readCase } from './cases';
import { AgrologosDb } from './db';
import { deleteCase, restoreCase } from './desk';
import { purgeDeleted } from './gone';
import { takeIn, type TakenIn } from './merge';
import { putAway } from './putAway';
import { takeBackIn } from './wayBack';
import type { Json } from './patch';

// Names that are the same in every run, so that two runs can be held against one another.
let names = 0;
jest.mock('nanoid', () => ({ nanoid: () => `n${(names += 1)}` }));

const NOW = Date.UTC(2027, 9, 4);
const DAY_MS = 86_400_000;
const OLD: CaseFile = { ...newCase('c1', '2027-10-04'), title: 'Weir Cottage' };
const NEW: CaseFile = { ...newCase('c2', '2027-10-04'), title: 'Osier Row' };
const GOING: CaseFile = { ...newCase('c3', '2027-10-04'), title: 'Quarry Lane' };

const put = (path: string, value: Json) => ({ path, was: undefined, value });

/** What another desk gives that had the old cases too: changed, new, another version, deleted. */
let other: Backup;

async function otherDesk(): Promise<Backup> {
  const base = await fresh();
  names = 1000;
  await patchCase('c1', [{ path: 'client/place', was: '', value: 'Lower Weir' }], NOW, base);
  await addCase(NEW, NOW, base);
  await deleteCase('c3', NOW, base);
  const all = await backupFrom(base);
  await base.delete();
  return all;
}

/** What an advisor does of a day, step by step. */
const DAY: readonly ((base: AgrologosDb) => Promise<unknown>)[] = [
  (base) => readCase('c1', NOW, base),
  (base) => patchCase('c1', [{ path: 'client/name', was: '', value: 'Ada Quill' }], NOW, base),
  (base) =>
    patchCase(
      'c1',
      [
        put('decisions/lawn:ph-settled', {
          ...{ what: 'ph-settled', value: 'dose', reason: '', at: '2027-10-04T09:00:00Z' },
        }),
        { path: 'title', was: 'Weir Cottage', value: 'Upper Weir' },
      ],
      NOW,
      base,
    ),
  // A page that is given to the client.
  (base) =>
    patchCase('c1', [put('issued/p1', { id: 'p1', on: '2027-10-04', text: 'x' })], NOW, base),
  async (base) => {
    const compared = await look(other, base);
    expect(compared.map(({ kind }) => kind)).toEqual(['both', 'new', 'deletedThere']);
    return takeIn(usual(compared), NOW, copyTitle, { base });
  },
  (base) => deleteCase('c1', NOW, base),
  (base) => restoreCase('c1', base),
  async (base) => {
    const compared = await look(alone({ ...NEW, id: 'c4' }), base);
    const taken = await takeIn(usual(compared), NOW, copyTitle, { base });
    kept.set(base, taken);
  },
  async (base) => takeBackIn(kept.get(base)!, base),
  async (base) => kept.set(base, { ...kept.get(base)!, ...(await putAway(['c1'], NOW, base)) }),
  (base) => takeBackIn(kept.get(base)!, base),
  (base) => deleteCase('c2', NOW, base),
  (base) => purgeDeleted(NOW + 40 * DAY_MS, base),
  async (base) => (await backupFrom(base)).cases.length,
];
const kept = new Map<AgrologosDb, TakenIn>();

/** All that lies in the database. */
async function everything(base: AgrologosDb): Promise<string> {
  const tables = await Promise.all(base.tables.map((table) => table.toArray()));
  return JSON.stringify(tables);
}

const WRITES = ['put', 'add', 'delete', 'clear'] as const;
const READS = ['get', 'getAll', 'openCursor'] as const;
type Named = (typeof WRITES)[number] | (typeof READS)[number];

/** Counts the operations on stores, and has one of them fail: it throws, or its transaction ends under it. */
function failing(at: number, how: 'throws' | 'aborts'): { count: () => number; end: () => void } {
  const store = IDBObjectStore.prototype as unknown as Record<
    Named,
    (...all: unknown[]) => unknown
  >;
  const kept = new Map<Named, (...all: unknown[]) => unknown>();
  let count = 0;
  for (const name of [...WRITES, ...READS]) {
    const before = store[name];
    kept.set(name, before);
    store[name] = function operation(this: IDBObjectStore, ...all: unknown[]): unknown {
      count += 1;
      if (count === at && how === 'throws')
        throw new DOMException('no space', 'QuotaExceededError');
      const request = before.apply(this, all);
      if (count === at) this.transaction.abort();
      return request;
    };
  }
  const end = (): void => kept.forEach((before, name) => (store[name] = before));
  return { count: () => count, end };
}

let made = 0;

/** A database of its own with the old case in it. */
async function fresh(): Promise<AgrologosDb> {
  made += 1;
  names = 0;
  const base = new AgrologosDb(`faults-${made}`);
  await addCase(OLD, NOW, base);
  await addCase(GOING, NOW, base);
  // Both desks know these states.
  await backupFrom(base);
  return base;
}

beforeAll(async () => {
  other = await otherDesk();
});

/** What is stored after each step of a day without faults, and how many operations that takes. */
async function soundDay(): Promise<{ states: string[]; operations: number }> {
  const base = await fresh();
  const states = [await everything(base)];
  let operations = 0;
  for (const step of DAY) {
    const counting = failing(0, 'throws');
    await step(base);
    operations += counting.count();
    counting.end();
    states.push(await everything(base));
  }
  await base.delete();
  return { states, operations };
}

test.each(['throws', 'aborts'] as const)(
  'a storage operation that %s leaves the state before its step or after it, never one between',
  async (how) => {
    const { states, operations } = await soundDay();
    expect(new Set(states).size).toBeGreaterThan(5);
    expect(operations).toBeGreaterThan(DAY.length);
    let met = 0;
    for (let at = 1; at <= operations; at += 1) {
      const base = await fresh();
      const fault = failing(at, how);
      let step = 0;
      try {
        for (; step < DAY.length; step += 1) await DAY[step]?.(base);
      } catch {
        met += 1;
      } finally {
        fault.end();
      }
      const left = await everything(base);
      expect([at, [states[step], states[step + 1]].includes(left)]).toEqual([at, true]);
      await base.delete();
    }
    // A fault is told of: no step says that it is done where it is not.
    expect(met).toBe(operations);
  },
);
