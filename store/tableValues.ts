import { blankColumn } from '../core/casefile/parts/report';
import type { Typed } from '../core/casefile/parts/typed';
import type { Analyte } from '../core/catalog/analytes';
import type { CaseFile } from '../core/casefile/casefile';
import { reportsOf } from '../core/site/report/reports';
import { own } from '../core/kernel/typed/own';
import { db } from './db';
import { caseTables } from './caseRows';
import { patchCase, storedCase } from './cases';
import { allLines } from './lines';
import { inverse, valueAt, type Json, type Patch } from './patch';

/** A sample of any case, by its name. */
export interface CaseSample {
  readonly caseId: string;
  readonly caseTitle: string;
  readonly name: string;
}

/** Every named sample of the cases that stand on the Desk. */
export async function samplesOnDesk(base = db): Promise<CaseSample[]> {
  const lines = (await allLines(base)).filter(({ deletedAt }) => deletedAt === 0);
  return lines.flatMap(({ id, title, samples }) =>
    samples.map((name) => ({ caseId: id, caseTitle: title, name })),
  );
}

/** Values for one sample of a case. */
export interface SampleValues {
  readonly caseId: string;
  readonly name: string;
  readonly values: readonly { readonly analyte: Analyte; readonly typed: Typed }[];
}

/** What was changed of each case, to be taken back. */
export type Brought = ReadonlyMap<string, readonly Patch[]>;

function patchFor(doc: CaseFile, { name, values }: SampleValues): Patch {
  const sample = Object.values(doc.samples).find((each) => each.name.trim() === name.trim());
  const report = sample && reportsOf(doc, sample.id)[0];
  if (!sample || !report) throw new Error(`bringValues: no sample '${name}' with a report`);
  const path = `reports/${report.id}/results/${sample.id}`;
  const column = {
    ...(own(report.results, sample.id) ?? blankColumn(report)),
    ...Object.fromEntries(values.map(({ analyte, typed }) => [analyte, typed])),
  };
  return { path, was: valueAt(doc, path), value: column as unknown as Json };
}

/**
 * Puts a table's values into the cases of their samples, all of them or, where one cannot be stored,
 * none.
 */
export async function bringValues(
  all: readonly SampleValues[],
  now: number,
  base = db,
): Promise<Brought> {
  const byCase = new Map<string, SampleValues[]>();
  for (const each of all) byCase.set(each.caseId, [...(byCase.get(each.caseId) ?? []), each]);
  return base.transaction('rw', [...caseTables(base), base.deskLines], async () => {
    const brought = new Map<string, Patch[]>();
    for (const [id, samples] of byCase) {
      const doc = await storedCase(id, base);
      const patches = samples.map((each) => patchFor(doc, each));
      await patchCase(id, patches, now, base);
      brought.set(id, patches);
    }
    return brought;
  });
}

/** Takes back what a table brought; what was changed since stays as it is now. */
export async function takeBack(brought: Brought, now: number, base = db): Promise<void> {
  await base.transaction('rw', [...caseTables(base), base.deskLines], async () => {
    for (const [id, patches] of brought) await patchCase(id, patches.map(inverse), now, base);
  });
}
