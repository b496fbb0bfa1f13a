/**
 * The pages of the production build, which must have been built before: from a key to the figure that it changes, with
 * nothing typed and with one, four and twelve areas; and the Desk with 20,000 lines.
 */
import { chromium, type CDPSession, type Locator, type Page } from '@playwright/test';
import { CHROMIUM } from '../../e2e/browser';
import { multiplyLines } from '../../e2e/caseload';
import { writeCase } from '../../files/caseJson';
import { lawns } from './lawns';
import { withServer } from './server';
import { median, tell } from './timing';

const PORT = 3218;
const ORIGIN = `http://localhost:${PORT}`;
const KEYS = 40;

/** Milliseconds from a key in the field that has the focus to the next frame after the page has answered it. */
async function keyToFrame(page: Page, key: string): Promise<number> {
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
  return page.evaluate(() => (window as unknown as { answered: Promise<number> }).answered);
}

/** Milliseconds of script that the page has run so far. */
async function scriptMs(cdp: CDPSession): Promise<number> {
  const { metrics } = await cdp.send('Performance.getMetrics');
  return 1000 * (metrics.find(({ name }) => name === 'ScriptDuration')?.value ?? NaN);
}

/** Counts what React puts on the page, by the hook that it looks for. As text: what compiles this file adds to functions. */
async function countCommits(page: Page): Promise<void> {
  await page.addInitScript(`
    window.commits = 0;
    window.__REACT_DEVTOOLS_GLOBAL_HOOK__ = {
      supportsFiber: true,
      inject: () => 1,
      onCommitFiberRoot: () => { window.commits += 1; },
      onCommitFiberUnmount: () => {},
    };`);
}

function commitsOf(page: Page): Promise<number> {
  return page.evaluate(() => (window as unknown as { commits: number }).commits);
}

interface Typed {
  readonly commits: number;
  readonly frame: number;
  readonly script: number;
  readonly nodes: number;
  readonly long: number;
}

/** Types digits into a field and takes them out again, a key at a time. */
async function typing(page: Page, cdp: CDPSession, field: Locator): Promise<Typed> {
  await field.focus();
  await page.keyboard.press('End');
  await page.evaluate(() => {
    const marks = window as unknown as { long: number };
    marks.long = 0;
    new PerformanceObserver((list) => {
      marks.long += list.getEntries().length;
    }).observe({ type: 'longtask' });
  });
  const before = await scriptMs(cdp);
  const commits = await commitsOf(page);
  const times: number[] = [];
  for (let key = 0; key < KEYS; key += 1) {
    times.push(await keyToFrame(page, key % 2 === 0 ? '1' : 'Backspace'));
  }
  const after = await scriptMs(cdp);
  await page.locator('[data-save="saved"]').waitFor();
  return {
    frame: median(times),
    commits: ((await commitsOf(page)) - commits) / KEYS,
    script: (after - before) / KEYS,
    nodes: await page.evaluate(() => document.querySelectorAll('*').length),
    long: await page.evaluate(() => (window as unknown as { long: number }).long),
  };
}

const FIELDS = [
  ['ground', /^Length/],
  ['results', /^pH \(in water\)/],
] as const;

/** Length and pH typed on the page of a case. */
async function typedInto(page: Page, address: string): Promise<Typed[]> {
  const all: Typed[] = [];
  const cdp = await page.context().newCDPSession(page);
  await cdp.send('Performance.enable');
  for (const [step, label] of FIELDS) {
    await page.goto(`${address}&step=${step}`);
    const field = page.locator('#worksheet').getByLabel(label).first();
    await field.waitFor();
    all.push(await typing(page, cdp, field));
  }
  await cdp.detach();
  return all;
}

async function bringIn(page: Page, count: number): Promise<string> {
  const file = lawns(count);
  await page.goto(`${ORIGIN}/`);
  // The Desk hears of files once it stands.
  await page.locator('[data-case-link]').first().waitFor();
  await page.locator('input[type=file]').setInputFiles({
    name: `${file.id}.json`,
    mimeType: 'application/json',
    buffer: Buffer.from(writeCase(file)),
  });
  await page.getByRole('link', { name: file.title, exact: false }).first().waitFor();
  return `${ORIGIN}/case?id=${file.id}&area=a1`;
}

/** Opens cases with a processor four times slower and nothing in the cache: the whole one against the empty one. */
async function benchOpening(page: Page, empty: string, whole: string): Promise<void> {
  const cdp = await page.context().newCDPSession(page);
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: 4 });
  await cdp.send('Network.enable');
  await cdp.send('Network.setCacheDisabled', { cacheDisabled: true });
  const opened = async (address: string): Promise<number> => {
    const times: number[] = [];
    for (let turn = 0; turn < 3; turn += 1) {
      await page.goto(`${address}&step=ground`);
      await page.locator('#worksheet').waitFor();
      times.push(await page.evaluate(() => performance.now()));
    }
    return median(times);
  };
  const [least, most] = [await opened(empty), await opened(whole)];
  await cdp.detach();
  console.log(`twelve areas with a slow processor: ${most.toFixed(0)} ms until the worksheet`);
  tell('  ÷ an empty case', most / least);
}

async function benchCase(page: Page): Promise<void> {
  await countCommits(page);
  await page.goto(`${ORIGIN}/`);
  await page.getByRole('button', { name: /^New case/ }).click();
  await page.waitForURL(/\/case/);
  const blank = page.url().replace(/&step=.*/, '');
  const empty = await typedInto(page, blank);
  const show = (words: string, results: readonly Typed[]): void =>
    results.forEach(({ frame, script, commits, nodes, long }, at) => {
      const label = String(FIELDS[at]?.[0]);
      const base = empty[at];
      console.log(
        `${words}, ${label}: ${frame.toFixed(1)} ms a key, ${script.toFixed(1)} ms of script, ${commits.toFixed(1)} commits, ${nodes} nodes, ${long} long tasks`,
      );
      if (base && base.frame !== frame) {
        tell('  ÷ the same with an empty plan', frame / base.frame, 1.5);
      }
    });
  show('an empty case', empty);
  for (const count of [1, 4, 12]) {
    const address = await bringIn(page, count);
    show(`${count} areas`, await typedInto(page, address));
    if (count === 12) await benchOpening(page, blank, address);
  }
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

/** Milliseconds until a line that is deleted is gone. */
async function deleteOne(page: Page): Promise<number> {
  await page.goto(`${ORIGIN}/`);
  const line = page.locator('[data-case-link]').first();
  await line.waitFor();
  const name = await line.textContent();
  return page.evaluate(async (title) => {
    const button = [...document.querySelectorAll('button')].find((each) =>
      each.getAttribute('aria-label')?.startsWith('Delete'),
    );
    const started = performance.now();
    button?.click();
    while (document.querySelector('[data-case-link]')?.textContent === title) {
      await new Promise((resolve) => setTimeout(resolve));
    }
    return performance.now() - started;
  }, name);
}

async function benchDesk(page: Page): Promise<void> {
  const few = median([await deleteOne(page), await deleteOne(page)]);
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
  await page.goto(`${ORIGIN}/`);
  await page.locator('[data-case-link]').first().waitFor();
  // By the page's own clock, which starts with the address; a driver's waiting is not the page's.
  const first = await page.evaluate(
    () => (window as unknown as { firstLine?: number }).firstLine ?? NaN,
  );
  await page.getByRole('button', { name: /^All/ }).click();
  tell('one changed line ÷ that of a small Desk', (await deleteOne(page)) / few, 2);
  await page.getByRole('button', { name: /^All/ }).click();
  const search = page.getByLabel('Find a case', { exact: true });
  await search.focus();
  const times: number[] = [];
  for (const key of 'plot 012') times.push(await keyToFrame(page, key === ' ' ? 'Space' : key));
  const keyed = median(times);
  const plain = await plainList(page);
  console.log(`desk of ${LINES}: first lines ${first.toFixed(0)} ms after the address`);
  console.log(
    `a key in the search ${keyed.toFixed(1)} ms; a plain list of all ${plain.toFixed(1)} ms`,
  );
  tell('search ÷ plain list', keyed / plain);
}

void withServer(PORT, async () => {
  const browser = await chromium.launch(CHROMIUM);
  try {
    const page = await browser.newPage();
    await benchCase(page);
    await benchDesk(page);
  } finally {
    await browser.close();
  }
});
