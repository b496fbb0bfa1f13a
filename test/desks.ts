/** Desks of tests that give one another their cases. */
import type { CaseFile } from '../core/casefile/casefile';
import type { Gone, Travelling } from '../core/casefile/states';
import { allCases, allGone } from '../store/caseload';
import type { Compared } from '../store/compare';
import type { AgrologosDb } from '../store/db';
import { lookThrough } from '../store/lookThrough';
import { takeIn, usualChoice, type Decided, type TakenIn } from '../store/merge';

export interface Backup {
  readonly cases: readonly Travelling<CaseFile>[];
  readonly gone: readonly Gone[];
}

/** What a desk gives away, as it comes out of a file. */
export async function backupFrom(base: AgrologosDb): Promise<Backup> {
  const cases: Travelling<CaseFile>[] = [];
  for await (const each of allCases(() => undefined, base)) cases.push(each);
  return JSON.parse(JSON.stringify({ cases, gone: await allGone(base) })) as Backup;
}

/** Cases as single files bring them: nothing is told of their states. */
export function alone(...files: readonly CaseFile[]): Backup {
  return { cases: files.map((file) => ({ file, states: [] })), gone: [] };
}

export function look({ cases, gone }: Backup, base: AgrologosDb): Promise<Compared[]> {
  return lookThrough(cases, gone, base);
}

/** What is decided where nobody decides anything. */
export function usual(compared: readonly Compared[]): Decided[] {
  return compared.map((each) => ({ compared: each, choice: usualChoice(each) }));
}

export const copyTitle = (title: string): string => `${title} (from a file)`;

/** Takes what another desk gives, as is usual. */
export async function bringAll(from: Backup, into: AgrologosDb, now: number): Promise<TakenIn> {
  return takeIn(usual(await look(from, into)), now, copyTitle, { base: into });
}
