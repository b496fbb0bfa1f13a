import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import solver from 'javascript-lp-solver';
import { faultsOfAnswer } from '../../test/answerCheck';
import { seeded, seededJob } from '../../test/jobs';
import { loadSolver } from '../../workers/highs';
import { BESIDES, type Job } from './job';
import { isWithin, sumAt, toLp, type Model, type Solve } from './model';
import { purchaseModel } from './purchaseModel';
import { aimedAt, waysToBuy, type Found } from './search';

let solve: Solve;
beforeAll(async () => {
  solve = await loadSolver();
});

/** Long enough for any model here: none of these tests is about time. */
const SECONDS = 60;

const patient: Solve = (model) => solve(model, SECONDS);

/** The least that an independent solver finds; nothing where it finds that nothing fits. */
function byOther({ variables, rows, least }: Model): number | undefined {
  const named: Record<string, Record<string, number>> = {};
  const constraints: Record<string, { min?: number; max?: number }> = {};
  const ints: Record<string, 1> = {};
  variables.forEach(({ low, high, whole }, at) => {
    named[`x${at}`] = { [`b${at}`]: 1, cost: 0 };
    constraints[`b${at}`] = { min: low, ...(high < Infinity ? { max: high } : {}) };
    if (whole) ints[`x${at}`] = 1;
  });
  const put = (at: number, name: string, times: number): void => {
    const column = named[`x${at}`] ?? {};
    column[name] = (column[name] ?? 0) + times;
  };
  rows.forEach(({ terms, low, high }, row) => {
    terms.forEach(([at, times]) => put(at, `r${row}`, times));
    constraints[`r${row}`] = {
      ...(low > -Infinity ? { min: low } : {}),
      ...(high < Infinity ? { max: high } : {}),
    };
  });
  least.forEach(([at, times]) => put(at, 'cost', times));
  const found = solver.Solve({
    optimize: 'cost',
    opType: 'min',
    constraints,
    variables: named,
    ints,
  }) as { readonly feasible: boolean; readonly result: number };
  return found.feasible ? found.result : undefined;
}

/** The least of a model of few whole numbers, by trying them all. */
function byTrying({ variables, rows, least }: Model): number | undefined {
  let best: number | undefined;
  const go = (values: readonly number[]): void => {
    const next = variables[values.length];
    if (!next) {
      const fits = rows.every(({ terms, low, high }) => {
        const sum = sumAt(terms, values);
        return sum >= low - 1e-9 && sum <= high + 1e-9;
      });
      const sum = sumAt(least, values);
      if (fits && (best === undefined || sum < best)) best = sum;
      return;
    }
    for (let value = next.low; value <= next.high; value += 1) go([...values, value]);
  };
  go([]);
  return best;
}

function smallModel(seed: number): Model {
  const next = seeded(seed + 1);
  const digit = (from: number, to: number): number => from + Math.floor(next() * (to - from + 1));
  const count = digit(2, 5);
  const variables = Array.from({ length: count }, () => ({
    low: 0,
    high: digit(1, 4),
    whole: true,
  }));
  const terms = (): [number, number][] => variables.map((_, at) => [at, digit(-3, 9)]);
  const rows = Array.from({ length: digit(1, 4) }, () =>
    next() < 0.5
      ? { terms: terms(), low: digit(0, 12), high: Infinity }
      : { terms: terms(), low: -Infinity, high: digit(2, 20) },
  );
  return { variables, rows, least: terms() };
}

test('500 small models: as trying everything, and as another solver', async () => {
  let fitting = 0;
  for (let seed = 0; seed < 500; seed += 1) {
    const model = smallModel(seed);
    const tried = byTrying(model);
    const found = await patient(model, SECONDS);
    expect([seed, found.kind]).toEqual([seed, tried === undefined ? 'infeasible' : 'optimal']);
    if (tried === undefined || !('values' in found)) continue;
    fitting += 1;
    expect(isWithin(model, found.values)).toBe(true);
    expect(sumAt(model.least, found.values)).toBeCloseTo(tried, 6);
    expect(byOther(model)).toBeCloseTo(tried, 6);
  }
  expect(fitting).toBeGreaterThan(200);
});

test('90 small jobs: the least cost is what another solver finds', async () => {
  let fitting = 0;
  for (let seed = 0; seed < 90; seed += 1) {
    const built = purchaseModel(seededJob(seed, { areas: 1, products: 4, priced: true }));
    const model = built.model(aimedAt('cheapest', built));
    const found = await patient(model, SECONDS);
    const other = byOther(model);
    expect([seed, found.kind]).toEqual([seed, other === undefined ? 'infeasible' : 'optimal']);
    if (other === undefined || !('values' in found)) continue;
    fitting += 1;
    expect(sumAt(model.least, found.values)).toBeCloseTo(other, 3);
  }
  expect(fitting).toBeGreaterThan(20);
});

/** What glpsol prints of the least that it found; nothing where nothing fits. */
function byGlpsol(model: Model, folder: string): number | undefined {
  const [lp, out] = [join(folder, 'job.lp'), join(folder, 'job.out')];
  writeFileSync(lp, toLp(model));
  execFileSync('glpsol', ['--lp', lp, '--tmlim', '120', '-o', out], { stdio: 'pipe' });
  const printed = readFileSync(out, 'utf8');
  const status = /Status:\s+(.*)/.exec(printed)?.[1] ?? '';
  const least = /Objective:\s+\S+ = (\S+)/.exec(printed)?.[1];
  if (/EMPTY|UNDEFINED|INFEASIBLE/.test(status)) return undefined;
  expect(status).toMatch(/OPTIMAL/);
  return Number(least);
}

test('50 large jobs: the least is what GLPK’s glpsol finds', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'buy-'));
  for (let seed = 0; seed < 50; seed += 1) {
    const priced = seed % 5 === 0;
    const of = { areas: 2 + (seed % 2), products: priced ? 10 : 40, priced };
    const built = purchaseModel(seededJob(seed, of));
    const aim = (['cheapest', 'closest', 'trips'] as const)[seed % 3] ?? 'cheapest';
    const model = built.model(aimedAt(aim, built));
    const found = await patient(model, SECONDS);
    const least = byGlpsol(model, folder);
    expect([seed, found.kind]).toEqual([seed, least === undefined ? 'infeasible' : 'optimal']);
    if (least === undefined || !('values' in found)) continue;
    expect(sumAt(model.least, found.values)).toBeCloseTo(least, 2);
  }
}, 300_000);

function answersOf(found: Found) {
  if (found.kind !== 'answers') return [];
  return found.answers;
}

const costOf = (found: Found): number =>
  answersOf(found).find(({ kinds }) => kinds.includes('cheapest'))?.cost ?? Infinity;

test('every answer holds against a check that knows nothing of the model; none is dearer than the cheapest', async () => {
  let checked = 0;
  for (let seed = 0; seed < 28; seed += 1) {
    const priced = seed % 2 === 0;
    const job = seededJob(seed, { areas: 1 + (seed % 3), products: 8, priced });
    const found = await waysToBuy(job, patient);
    expect(found.kind).not.toBe('failed');
    for (const answer of answersOf(found)) {
      checked += 1;
      const of = answer.kinds.includes('organic')
        ? { ...job, products: job.products.filter(({ organic }) => organic) }
        : job;
      expect([seed, answer.kinds, faultsOfAnswer(of, answer)]).toEqual([seed, answer.kinds, []]);
      if (priced) expect(answer.cost ?? 0).toBeGreaterThan(costOf(found) - 0.02);
    }
    // What is left out beforehand as no better than another product is missed by nobody.
    const built = purchaseModel(job);
    const whole = await patient(built.model(built.sums.cost), SECONDS);
    if (priced && 'values' in whole) {
      expect(costOf(found)).toBeCloseTo(sumAt(built.sums.cost, whole.values), 2);
    }
  }
  expect(checked).toBeGreaterThan(45);
});

test('a lower price is never dearer, one more product never worse, a wider limit neither', async () => {
  for (let seed = 100; seed < 104; seed += 1) {
    const job = seededJob(seed, { areas: 2, products: 8, priced: true });
    const all = costOf(await waysToBuy(job, patient));
    const changed = async (change: (job: Job) => Job): Promise<number> =>
      costOf(await waysToBuy(change(job), patient));
    const halved = await changed((of) => ({
      ...of,
      products: of.products.map((product, at) =>
        at % 2
          ? product
          : { ...product, packs: product.packs.map(({ lb, usd = 0 }) => ({ lb, usd: usd / 2 })) },
      ),
    }));
    expect(halved).toBeLessThanOrEqual(all + 0.02);
    const fewer = await changed((of) => ({ ...of, products: of.products.slice(1) }));
    expect(fewer).toBeGreaterThanOrEqual(all - 0.02);
    const one = await changed((of) => ({ ...of, mostProducts: 2 }));
    expect(one).toBeGreaterThanOrEqual(all - 0.02);
    const wider = await changed((of) => ({
      ...of,
      areas: of.areas.map((area) => ({
        ...area,
        least: { ...area.least, N: area.least.N * 0.8 },
        most: { ...area.most, N: area.most.N * 1.2 },
      })),
    }));
    expect(wider).toBeLessThanOrEqual(all + 0.02);
  }
}, 120_000);

const NOTHING = { N: 0, P2O5: 0, K2O: 0 };

test.each(BESIDES)(
  'of two products alike but for %s the soil that is short of it has it',
  async (element) => {
    const job = seededJob(7, { areas: 1, products: 12, priced: true });
    const [others, twins] = [job.products.slice(0, 6), job.products.slice(6)];
    const products = others.flatMap((product, at) => {
      const twin = twins[at];
      if (!twin) return [product];
      const besides = { ...product.besides, [element]: product.besides[element] + 0.2 };
      return [product, { ...product, material: twin.material, besides }];
    });
    const areas = job.areas.map((area) => ({ ...area, shortOf: [element], least: NOTHING }));
    const found = answersOf(await waysToBuy({ ...job, areas, products }, patient));
    const closest = found.find(({ kinds }) => kinds.includes('closest'));
    expect(closest?.products.length).toBeGreaterThan(0);
    const those = twins.map(({ material }) => material.id);
    for (const { material } of closest?.products ?? []) expect(those).toContain(material.id);
  },
);

describe('where nothing fits', () => {
  const job = seededJob(4, { areas: 1, products: 8, priced: true });
  const [area] = job.areas;
  if (!area) throw new Error('no area');

  test('more products than are allowed are named', async () => {
    const found = await waysToBuy({ ...job, mostProducts: 1 }, patient);
    expect(found).toMatchObject({ kind: 'none-fits', relax: [] });
    if (found.kind === 'none-fits') expect(found.moreProducts).toBeGreaterThan(1);
  });

  test('a need that no product holds says by how much it stays short', async () => {
    const onlyN = job.products.filter(({ shares }) => shares.K2O === 0 && shares.P2O5 === 0);
    const found = await waysToBuy({ ...job, products: onlyN }, patient);
    if (found.kind !== 'none-fits') throw new Error(found.kind);
    const potash = found.relax.find(({ nutrient }) => nutrient === 'K2O');
    expect(potash).toMatchObject({ areaId: area.id, way: 'short' });
    expect(potash?.by).toBeCloseTo(area.need.K2O / area.thousands, 4);
  });

  test('no ground and no product are said', async () => {
    expect(await waysToBuy({ ...job, areas: [] }, patient)).toEqual({
      kind: 'nothing',
      why: 'no-need',
    });
    expect(await waysToBuy({ ...job, products: [] }, patient)).toEqual({
      kind: 'nothing',
      why: 'no-products',
    });
  });

  test('a solver that breaks is told of, and a time-out by its name', async () => {
    const broken: Solve = () => Promise.resolve({ kind: 'none', why: 'out of memory' });
    expect(await waysToBuy(job, broken)).toEqual({ kind: 'failed', why: 'out of memory' });
    const late: Solve = async (model) => {
      const found = await patient(model, SECONDS);
      return found.kind === 'optimal' ? { ...found, kind: 'time-out' } : found;
    };
    for (const answer of answersOf(await waysToBuy(job, late))) expect(answer.timedOut).toBe(true);
  });
});
