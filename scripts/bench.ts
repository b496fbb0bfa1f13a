/**
 * `npm run bench`: speed as ratios within one run, since machines differ and are shared.
 *
 * 1. Planning a case against parsing and validating the same case file (target: at most 3).
 * 2. From a key to the margin of the page, against the same page with an empty plan; the server of
 *    the production build must have been built before (`./start` or `npm run build`).
 * 3. The Desk with 20,000 lines: to the first line, and from a key in the search to the next frame,
 *    each beside a plain list of the same length.
 * 4. A laboratory's table of 20,000 rows: read into values by sample, against Papa Parse alone.
 */
import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { setTimeout as sleep } from 'node:timers/promises';
import Papa from 'papaparse';
import { chromium, type Locator, type Page } from '@playwright/test';
import type { CaseFile } from '../core/casefile/casefile';
import { planCase } from '../core/plan/plan';
import { CHROMIUM } from '../e2e/browser';
import { multiplyLines } from '../e2e/caseload';
import { ReportTable } from '../files/reportTable/reportTable';
import { validateCaseFile } from '../files/schemas/caseFile';

const PORT = 3218;
const frozen = readFileSync('core/casefile/fixtures/case-v4.json', 'utf8');
/** A case as most are: read by a shipped pack. */
const text = JSON.stringify({
  ...(JSON.parse(frozen) as CaseFile),
  pack: { id: 'lake-states-1995', version: 3 },
  house: null,
});

const RUNS = 2000;

function timed(run: () => void): number {
  const started = performance.now();
  run();
  return performance.now() - started;
}

function median(times: readonly number[]): number {
  return [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? NaN;
}

/** The two are run by turns, so that a busy machine is busy for both. */
function benchPlan(): void {
  const file = JSON.parse(text) as CaseFile;
  const times = Array.from({ length: RUNS }, () => [
    timed(() => void validateCaseFile(JSON.parse(text))),
    timed(() => void planCase(file)),
  ]).slice(RUNS / 4);
  const [parsing, planning] = [0, 1].map((which) =>
    median(times.map((pair) => pair[which] ?? NaN)),
  );
  const ratio = (planning ?? NaN) / (parsing ?? NaN);
  console.log(`plan ${planning?.toFixed(3)} ms, parse and validate ${parsing?.toFixed(3)} ms`);
  console.log(`plan ÷ parse and validate: ${ratio.toFixed(2)} (target at most 3)`);
}

/** Median time from a key in a field to the next frame after the page has answered it, in ms. */
async function keyToFrame(page: Page, field: Locator, keys: string): Promise<number> {
  await field.focus();
  const times: number[] = [];
  for (const key of keys) {
    await page.evaluate(() => {
      const marks = window as unknown as { answered: Promise<number> };
      marks.answered = new Promise((resolve) => {
        window.addEventListener(
          'keydown',
          () => {
            const started = performance.now();
            requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - started), 0));
          },
          { once: true, capture: true },
        );
      });
    });
    await page.keyboard.press(key);
    times.push(
      await page.evaluate(() => (window as unknown as { answered: Promise<number> }).answered),
    );
  }
  return median(times);
}

const LINES = 20_000;

/** Milliseconds until a plain list of so many lines, as one string of markup, is on the page. */
function plainList(page: Page): Promise<number> {
  return page.evaluate(async (count) => {
    const rows = Array.from({ length: count }, (_none, index) => `<li>Plot ${index}</li>`);
    const started = performance.now();
    const list = document.createElement('ul');
    list.innerHTML = rows.join('');
    document.body.append(list);
    await new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)));
    const took = performance.now() - started;
    list.remove();
    return took;
  }, LINES);
}

async function benchDesk(page: Page): Promise<void> {
  await multiplyLines(page, LINES);
  await page.addInitScript(() => {
    const marks = window as unknown as { firstLine?: number };
    const watch = new MutationObserver(() => {
      if (!document.querySelector('[data-case-link]')) return;
      marks.firstLine = performance.now();
      watch.disconnect();
    });
    watch.observe(document, { childList: true, subtree: true });
  });
  await page.goto(`http://localhost:${PORT}/`);
  await page.locator('[data-case-link]').first().waitFor();
  // By the page's own clock, which starts with the address; a driver's waiting is not the page's.
  const first = await page.evaluate(
    () => (window as unknown as { firstLine?: number }).firstLine ?? NaN,
  );
  await page.getByRole('button', { name: /^All/ }).click();
  const search = page.getByLabel('Find a case', { exact: true });
  await search.focus();
  const keyed = await keyToFrame(page, search, 'plot 012');
  const plain = await plainList(page);
  console.log(`desk of ${LINES}: first lines ${first.toFixed(0)} ms after the address`);
  console.log(
    `a key in the search ${keyed.toFixed(1)} ms; a plain list of all ${plain.toFixed(1)} ms`,
  );
  console.log(`search ÷ plain list: ${(keyed / plain).toFixed(2)}`);
}

async function benchPage(): Promise<void> {
  const server = spawn(
    process.execPath,
    ['node_modules/next/dist/bin/next', 'start', '-p', String(PORT)],
    { env: { ...process.env, AGROLOGOS_EMPTY: '1' } },
  );
  const browser = await chromium.launch(CHROMIUM);
  try {
    const page = await browser.newPage();
    for (let tries = 0; tries < 50; tries += 1) {
      await sleep(200);
      const answer = await page.goto(`http://localhost:${PORT}/`).catch(() => null);
      if (answer?.ok()) break;
    }
    await page.getByRole('button', { name: /^New case/ }).click();
    const field = (label: string): Locator =>
      page.locator('#worksheet').getByLabel(label, { exact: true });
    const type = (label: string, value: string): Promise<void> => field(label).fill(value);
    const keys = '0123456789'.repeat(4);
    await type('Name of the case', 'Bench');
    const empty = await keyToFrame(page, field('What they ask'), keys);
    await type('Length', '100');
    await type('Width', '62');
    await page.keyboard.press('Alt+3');
    await type('pH (in water)', '5.4');
    await type('SMP buffer pH', '6.4');
    await page.keyboard.press('Alt+1');
    const full = await keyToFrame(page, field('What they ask'), keys);
    console.log(`key to margin ${full.toFixed(2)} ms, with an empty plan ${empty.toFixed(2)} ms`);
    console.log(`key to margin ÷ the same with an empty plan: ${(full / empty).toFixed(2)}`);
    await page.locator('[data-save="saved"]').waitFor();
    await benchDesk(page);
  } finally {
    await browser.close();
    server.kill();
  }
}

const ROWS = 20_000;
/** A paper's lines, as a table of a row a value prints them. */
const LINES_OF_PAPER = [
  ['pH', '', ''],
  ['OM', '%', ''],
  ['P', 'ppm', 'Mehlich-3'],
  ['K', 'ppm', 'Mehlich-3'],
  ['Ca', 'ppm', ''],
  ['Mg', 'ppm', ''],
  ['Zn', 'ppm', ''],
  ['CEC', 'meq/100 g', ''],
] as const;

/** A value as no two lines of a paper have it. */
function someValue(sample: number, line: number): string {
  return String(4 + ((sample * 7 + line * 13) % 90) / 10);
}

/** Reading a table into values by sample against Papa Parse alone, by turns. */
function tableRatio(words: string, table: string, samples: number): void {
  const known = Array.from({ length: samples }, (_none, at) => ({
    id: `s${at}`,
    names: [`27-${at}`],
  }));
  const times = Array.from({ length: 25 }, () => ({
    alone: timed(() => void Papa.parse(table)),
    read: timed(() => void new ReportTable(table, known).result()),
  })).slice(5);
  const [alone, read] = [median(times.map((t) => t.alone)), median(times.map((t) => t.read))];
  // Of each turn its own ratio: a collection of garbage falls on one of the two, now here, now there.
  const ratio = median(times.map((t) => t.read / t.alone));
  console.log(`${words}: ${read.toFixed(0)} ms, Papa Parse ${alone.toFixed(0)} ms`);
  console.log(`table ÷ Papa Parse alone: ${ratio.toFixed(2)} (target at most 3)`);
}

function benchTable(): void {
  const paper = LINES_OF_PAPER.length;
  const long = Array.from({ length: ROWS }, (_none, at) => {
    const sample = Math.floor(at / paper);
    const [analyte, unit, method] = LINES_OF_PAPER[at % paper] ?? ['', '', ''];
    return [`27-${sample}`, analyte, someValue(sample, at % paper), unit, method].join(',');
  });
  const heads = LINES_OF_PAPER.map((line) => line.join(' ').trim());
  const wide = Array.from({ length: ROWS }, (_none, sample) =>
    [`27-${sample}`, ...heads.map((_head, line) => someValue(sample, line))].join(','),
  );
  tableRatio(
    `${ROWS} rows, a row a value`,
    ['sample,analyte,value,unit,method', ...long].join('\n'),
    ROWS / paper,
  );
  tableRatio(
    `${ROWS} rows, a row a sample`,
    [['sample', ...heads].join(','), ...wide].join('\n'),
    ROWS,
  );
}

benchPlan();
benchTable();
void benchPage();
