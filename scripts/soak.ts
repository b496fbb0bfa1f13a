/**
 * `npm run soak`: the long forms of what every check does in short: 100,000 hostile bodies, 10,000 broken files and
 * 20,000 seeded cases, 10,000 cases of ten edits each, and 10,000 cases to learn on. Prints the seeds that break a law; each belongs into a test.
 */
import { practiceCase } from '../core/practice/practiceCase';
import { LEVELS } from '../core/practice/task';
import { validateCaseFile } from '../files/schemas/caseFile';
import { anyCase } from '../test/anyCase';
import { brokenSeeds } from '../test/caseLaws';
import { unequalPlans } from '../test/edits';
import { wrongBodies, wrongFiles } from '../test/hostileLaws';

const SPAN = 1000;
const LONG = {
  bodies: 100_000,
  files: 10_000,
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

async function soak(): Promise<void> {
  const cases = await through('cases', (from, to) => brokenSeeds(from, to, anyCase));
  const edits = await through('edits', unequalAfterEdits);
  const files = await through('files', wrongFiles);
  const bodies = await through('bodies', wrongBodies);
  const practice = await through('practice', wrongPractice);
  process.exitCode = cases + edits + files + bodies + practice > 0 ? 1 : 0;
}

void soak();
