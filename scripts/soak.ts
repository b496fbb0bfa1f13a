/**
 * `npm run soak`: the long forms of what every check does in short: 100,000 hostile bodies, 10,000 broken files and
 * 20,000 seeded cases, 10,000 cases of ten edits each, and 10,000 cases to learn on; of the bodies also the slowest, and whether memory stays
 * flat. `npm run soak -- bodies` is one of them. Prints the seeds that break a law; each belongs into a test. The long forms in the browser: `KILLS=50 CRASHES=200 EDITS=1000 npm run browser`.
 */
import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';
import { practiceCase } from '../core/practice/practiceCase';
import { LEVELS } from '../core/practice/task';
import { validateCaseFile } from '../files/schemas/caseFile';
import { anyCase } from '../test/anyCase';
import { brokenSeeds } from '../test/caseLaws';
import { unequalPlans } from '../test/edits';
import { wrongBackups, wrongBodies, wrongFiles } from '../test/hostileLaws';
import { median, tell } from './bench/timing';

const SPAN = 1000;
const LONG = {
  bodies: 100_000,
  files: 10_000,
  backups: 2_000,
  cases: 20_000,
  edits: 10_000,
  practice: 10_000,
} as const;

/** Goes through the seeds in spans, so that it is seen to go on. */
async function through(
  name: keyof typeof LONG,
  span: (from: number, to: number) => object | Promise<object>,
): Promise<number> {
  let broken = 0;
  for (let from = 0; from < LONG[name]; from += SPAN) {
    const found = Object.entries(await span(from, from + SPAN));
    broken += found.length;
    for (const [seed, why] of found) console.log(`${name}, seed ${seed}: ${String(why)}`);
    process.stdout.write(`\r${name}: ${from + SPAN} of ${LONG[name]}, ${broken} broken`);
  }
  process.stdout.write('\n');
  return broken;
}

/** Seeds whose case is planned in another way after edits than from scratch. */
function unequalAfterEdits(from: number, to: number): Record<number, string> {
  return Object.fromEntries(unequalPlans(from, to).map((seed) => [seed, 'not as from scratch']));
}

/** Seeds that give no case to learn on, or one whose plan stops or cannot be read. */
function wrongPractice(from: number, to: number): Record<number, string> {
  const wrong: Record<number, string> = {};
  for (let seed = from; seed < to; seed += 1) {
    const level = LEVELS[seed % LEVELS.length] ?? 1;
    const { file, plan } = practiceCase(seed, level);
    const stops = plan.findings.some(({ severity }) => severity === 'stop');
    const isRead =
      validateCaseFile(file).kind === 'valid' && Object.keys(plan.problems).length === 0;
    if (stops || !isRead) wrong[seed] = stops ? 'its plan stops' : 'it cannot be read';
  }
  return wrong;
}

setFlagsFromString('--expose-gc');
const collect = runInNewContext('gc') as () => void;

/** Megabytes that stay in use when all that can go is gone. */
function heldMb(): number {
  collect();
  return process.memoryUsage().heapUsed / 1e6;
}

/** Memory is not flat where more than so many times as much is held at the end as after the first tenth. */
const FLAT = 1.5;

/** Bodies one after another: what is held of them, and how long the slowest takes against the usual one. */
async function bodiesThrough(): Promise<number> {
  const held: number[] = [];
  const times: number[] = [];
  let slowest = { seed: 0, ms: 0 };
  const broken = await through('bodies', async (from, to) => {
    const found: Record<number, string> = {};
    for (let seed = from; seed < to; seed += 1) {
      const started = performance.now();
      Object.assign(found, await wrongBodies(seed, seed + 1));
      const ms = performance.now() - started;
      times.push(ms);
      if (ms > slowest.ms) slowest = { seed, ms };
    }
    held.push(heldMb());
    return found;
  });
  const early = held[Math.floor(held.length / 10)] ?? NaN;
  const late = held.at(-1) ?? NaN;
  console.log(`slowest body: seed ${slowest.seed}, ${slowest.ms.toFixed(0)} ms`);
  tell('  ÷ the usual one', slowest.ms / median(times));
  console.log(`held: ${early.toFixed(0)} MB after a tenth, ${late.toFixed(0)} MB at the end`);
  tell('  ÷ after a tenth', late / early, FLAT);
  return broken + (late / early > FLAT ? 1 : 0);
}

const RUNS: Readonly<Record<keyof typeof LONG, () => Promise<number>>> = {
  cases: () => through('cases', (from, to) => brokenSeeds(from, to, anyCase)),
  edits: () => through('edits', unequalAfterEdits),
  files: () => through('files', wrongFiles),
  backups: () => through('backups', wrongBackups),
  bodies: bodiesThrough,
  practice: () => through('practice', wrongPractice),
};

async function soak(): Promise<void> {
  const wanted = process.argv.slice(2);
  let broken = 0;
  for (const [name, run] of Object.entries(RUNS)) {
    if (wanted.length === 0 || wanted.includes(name)) broken += await run();
  }
  process.exitCode = broken > 0 ? 1 : 0;
}

void soak();
