/**
 * What the plan route answers, case by case, so that two versions of the program can be held against one another:
 * a change of the house must not change a figure.
 *
 * ```
 * npm run answers -- write cases.jsonl      # the demo county, the known cases and 1,000 seeded ones
 * npm run answers -- answer cases.jsonl     # a line each: digests of the answer, its workings and its findings,
 *                                           # but for findings whose names follow
 * npm run answers -- show cases.jsonl 17    # the answer to one of them, whole
 * ```
 *
 * Write the cases once, answer them in both checkouts, and `diff` what comes out.
 */
import { createHash } from 'node:crypto';
import { readFileSync, writeFileSync } from 'node:fs';
import { planCase } from '../core/plan/plan';
import { demoCounty } from '../demo/county';
import { readPlanRequest } from '../files/planApi/request';
import { planResponse } from '../files/planApi/response';
import { anyCase } from '../test/anyCase';
import { lawnCase } from '../test/cases';
import { KNOWN_CASES } from '../test/knownCases';
import { createEnglish } from '../words/english';

const SEEDS = 1000;
const TODAY = '2027-03-15';
const voice = createEnglish();

function documents(): string[] {
  const known = KNOWN_CASES.map(([, input]) => lawnCase(input));
  const seeded = Array.from({ length: SEEDS }, (_, seed) => anyCase(seed));
  return [...demoCounty(TODAY), ...known, ...seeded].map((file) => JSON.stringify(file));
}

/** The route's answer to a document, and what stands behind it. */
function answerTo(document: string): { answer: unknown; workings: unknown; findings: unknown } {
  const read = readPlanRequest(new TextEncoder().encode(document));
  if (read.kind !== 'case') return { answer: read, workings: null, findings: null };
  const plan = planCase(read.file);
  const answer = planResponse(read.file, plan, voice);
  return { answer, workings: plan.workings.byId(), findings: plan.findings };
}

/** Records have no order: their keys are sorted. */
function sorted(key: string, value: unknown): unknown {
  if (key === 'problems' && Array.isArray(value))
    return [...(value as { path: string }[])].sort((a, b) => (a.path < b.path ? -1 : 1));
  if (key === 'findings' && Array.isArray(value)) {
    return (value as { id?: string }[]).filter(({ id }) => !LEFT_OUT.has(id?.split('/')[1]));
  }
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return value;
  return Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)));
}

function digest(value: unknown): string {
  return createHash('sha256').update(JSON.stringify(value, sorted)).digest('hex').slice(0, 16);
}

const [what, file = '', which, ...left] = process.argv.slice(2);
/** Findings of these names are left out of what is compared: those that a change is meant to add. */
const LEFT_OUT = new Set(what === 'answer' ? [which, ...left] : []);
if (what === 'write') writeFileSync(file, `${documents().join('\n')}\n`);
else {
  const lines = readFileSync(file, 'utf8').trimEnd().split('\n');
  if (what === 'show') console.log(JSON.stringify(answerTo(lines[Number(which)] ?? ''), sorted, 1));
  else {
    lines.forEach((line, n) => {
      const { answer, workings, findings } = answerTo(line);
      console.log(
        n,
        digest(answer),
        digest(workings),
        digest((findings as { name: string }[] | null)?.filter(({ name }) => !LEFT_OUT.has(name))),
      );
    });
  }
}
