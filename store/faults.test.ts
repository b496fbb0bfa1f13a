/** A fault at each storage operation of a day: what is stored is as before the step that it met, or as after it. */
import type { CaseFile } from '../core/casefile/casefile';
import { newCase } from '../core/casefile/newCase';
import type { Pack } from '../core/catalog/packs/pack';
import { addCase, patchCase, readCase } from './cases';
import { bringIn } from './caseload';
import { AgrologosDb } from './db';
import { deleteCase, restoreCase } from './desk';

const NOW = Date.UTC(2027, 9, 4);
const OLD: CaseFile = { ...newCase('c1', '2027-10-04'), title: 'Weir Cottage' };
const NEW: CaseFile = { ...newCase('c2', '2027-10-04'), title: 'Osier Row' };
const NAMES = {
  title: (title: string): string => `${title} (from a file)`,
  pack: (pack: Pack): Pack => pack,
};

/** What an advisor does of a day, step by step. */
const DAY: readonly ((base: AgrologosDb) => Promise<unknown>)[] = [
  (base) => readCase('c1', NOW, base),
  (base) => patchCase('c1', [{ path: 'client/name', was: '', value: 'Ada Quill' }], NOW, base),
  (base) =>
    patchCase(
      'c1',
      [
        {
          path: 'decisions/lawn:ph-settled',
          was: undefined,
          value: { what: 'ph-settled', value: 'dose', reason: '', at: '2027-10-04T09:00:00Z' },
        },
        { path: 'client/place', was: '', value: 'Upper Weir' },
      ],
      NOW,
      base,
    ),
  (base) => bringIn({ files: [NEW, { ...NEW, id: 'c3' }] }, NOW, NAMES, undefined, base),
  (base) => deleteCase('c1', NOW, base),
  (base) => restoreCase('c1', base),
  (base) => deleteCase('c2', NOW, base),
];

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
  const base = new AgrologosDb(`faults-${made}`);
  await addCase(OLD, NOW, base);
  return base;
}

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
