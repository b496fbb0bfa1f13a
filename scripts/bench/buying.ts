/**
 * The best buy: how long HiGHS takes to start, and how its time compares with that of GLPK's glpsol on the same models, all of them
 * together, start-up of both apart. Large jobs: three areas and as many products as ship. glpsol is given up after a minute.
 */
import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { toLp, type Model } from '../../core/buy/model';
import { waysToBuy } from '../../core/buy/search';
import { seededJob } from '../../test/jobs';
import { loadSolver } from '../../workers/highs';
import { median } from './timing';

const folder = mkdtempSync(join(tmpdir(), 'buying-'));

function since(started: number): number {
  return performance.now() - started;
}

/** Milliseconds that glpsol takes over a model, less what it takes over one with nothing in it. */
function glpsolMs(model: Model): number {
  const run = (text: string): number => {
    const file = join(folder, 'model.lp');
    writeFileSync(file, text);
    const started = performance.now();
    execFileSync('glpsol', ['--lp', file, '--tmlim', '60'], { stdio: 'pipe' });
    return since(started);
  };
  const nothing = toLp({
    variables: [{ low: 0, high: 1, whole: false }],
    rows: [{ terms: [[0, 1]], low: 0, high: 1 }],
    least: [[0, 1]],
  });
  return Math.max(0.1, run(toLp(model)) - run(nothing));
}

async function main(): Promise<void> {
  const started = performance.now();
  const solve = await loadSolver();
  const loaded = since(started);
  // Whatever runs WebAssembly compiles it once more while it is first used.
  await waysToBuy(seededJob(0, { areas: 1, products: 10, priced: true }), solve);
  console.log(
    `HiGHS starts in ${loaded.toFixed(0)} ms, with a first job in ${since(started).toFixed(0)} ms`,
  );
  for (const priced of [false, true]) {
    const whole: number[] = [];
    const models: Model[] = [];
    for (let seed = 0; seed < 6; seed += 1) {
      const job = seededJob(seed, { areas: 3, products: 70, priced });
      let own = 0;
      await waysToBuy(job, async (model, seconds) => {
        models.push(model);
        const begun = performance.now();
        const found = await solve(model, seconds);
        own += since(begun);
        return found;
      });
      whole.push(own);
    }
    const sum = (all: readonly number[]): number => all.reduce((total, each) => total + each, 0);
    const ratio = sum(whole) / sum(models.map(glpsolMs));
    console.log(
      `${priced ? 'with' : 'without'} prices, 3 areas, all products: all ways ${median(whole).toFixed(0)} ms (median), HiGHS ÷ glpsol ${ratio.toFixed(2)}`,
    );
  }
}

void main();
