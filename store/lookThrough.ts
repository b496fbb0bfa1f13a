/** What a file of cases is to those that lie here. */
import type { Gone } from '../core/casefile/states';
import { breath } from './breath';
import { caseTables, readRows } from './caseRows';
import { inPresentSchema } from './cases';
import { compareCase, compareGone, type Arriving, type Compared, type Lying } from './compare';
import { db, type AgrologosDb } from './db';
import { revisionsByCase } from './history';

/** So many cases are compared between two breaths of the page. */
const AT_ONCE = 25;

async function lyingHere(
  base: AgrologosDb,
  ids: readonly string[],
): Promise<(Lying | undefined)[]> {
  return base.transaction('r', caseTables(base), async () => {
    const rows = await readRows(base, ids);
    const states = await revisionsByCase(base, ids);
    return rows.map(
      (row) => row && { row: inPresentSchema(row), states: states.get(row.id) ?? [] },
    );
  });
}

/** So many at a time, with a breath after each. */
async function* some<T>(each: AsyncIterable<T> | Iterable<T>): AsyncGenerator<readonly T[]> {
  let few: T[] = [];
  for await (const one of each) {
    few.push(one);
    if (few.length < AT_ONCE) continue;
    yield few;
    await breath();
    few = [];
  }
  if (few.length > 0) yield few;
}

/** Looks a file through against what lies here, as far as it was read. Nothing is changed. */
export async function lookThrough(
  arriving: AsyncIterable<Arriving> | Iterable<Arriving>,
  gone: readonly Gone[],
  base = db,
): Promise<Compared[]> {
  const compared: Compared[] = [];
  for await (const cases of some(arriving)) {
    const ids = cases.map(({ file }) => file.id);
    const lying = await lyingHere(base, ids);
    const away = await base.gone.bulkGet(ids);
    cases.forEach((each, at) => compared.push(compareCase(lying[at], each, away[at])));
  }
  for await (const deleted of some(gone)) {
    const lying = await lyingHere(
      base,
      deleted.map(({ id }) => id),
    );
    deleted.forEach((each, at) => {
      const met = compareGone(lying[at], each);
      if (met) compared.push(met);
    });
  }
  return compared;
}
