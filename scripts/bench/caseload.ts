/**
 * One desk with 20,000 cases, on the production build, which must have been built before: a backup is read and taken in, the
 * Desk is opened, searched and asked what is due, all is backed up, and the same backup is read once more; against a tenth of
 * them. Every tenth case is one of those that nobody would think of, the others are those of the demo county.
 */
import { openSync, closeSync, mkdtempSync, rmSync, statSync, writeSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type CDPSession, type Page } from '@playwright/test';
import { withUsedOnly } from '../../core/casefile/casefile';
import { demoCounty } from '../../demo/county';
import { CHROMIUM } from '../../e2e/browser';
import { BACKUP_END, backupCase, backupStart } from '../../files/backup';
import { anyCase } from '../../test/anyCase';
import { withServer } from './server';
import { tell } from './timing';

const PORT = 3219;
const MANY = Number(process.env['CASES'] ?? 20_000);
const MINUTES = { timeout: 3_600_000 };

/** Writes a backup of so many cases, and gives its size in bytes. */
function writeBackup(path: string, count: number): number {
  const county = demoCounty('2027-10-04');
  const file = openSync(path, 'w');
  writeSync(file, backupStart('2027-10-04T12:00:00.000Z'));
  for (let at = 0; at < count; at += 1) {
    const base = at % 10 === 0 ? anyCase(at / 10) : county[at % county.length];
    if (!base) throw new Error('the county is empty');
    const five = String(at).padStart(5, '0');
    const one = withUsedOnly({ ...base, id: `case-${five}`, title: `Plot ${five}` });
    writeSync(file, backupCase({ file: one, states: [] }, at === 0));
  }
  writeSync(file, BACKUP_END);
  closeSync(file);
  return statSync(path).size;
}

/** The most memory that the page's script held at any moment that was looked at, in megabytes. */
class Heap {
  private most = 0;
  private readonly timer: NodeJS.Timeout;

  constructor(cdp: CDPSession) {
    this.timer = setInterval(() => {
      void cdp.send('Runtime.getHeapUsage').then(
        ({ usedSize }) => (this.most = Math.max(this.most, usedSize)),
        () => undefined,
      );
    }, 500);
  }

  end(): number {
    clearInterval(this.timer);
    return this.most / 1e6;
  }
}

type Step = 'read' | 'take' | 'open' | 'find' | 'due' | 'backup' | 'again';
const STEPS: readonly Step[] = ['read', 'take', 'open', 'find', 'due', 'backup', 'again'];

async function seconds(run: () => Promise<unknown>): Promise<number> {
  const started = performance.now();
  await run();
  return (performance.now() - started) / 1000;
}

async function give(page: Page, path: string): Promise<void> {
  await page.locator('input[type=file]').first().setInputFiles(path);
}

/** Seconds that each step takes with so many cases; what is found on the way is told. */
async function deskOf(origin: string, count: number): Promise<Record<Step, number>> {
  const folder = mkdtempSync(join(tmpdir(), 'caseload-'));
  const path = join(folder, 'backup.json');
  const size = writeBackup(path, count);
  const context = await chromium.launchPersistentContext(join(folder, 'profile'), {
    ...CHROMIUM,
    acceptDownloads: true,
    serviceWorkers: 'block',
  });
  try {
    const page = await context.newPage();
    page.setDefaultTimeout(MINUTES.timeout);
    const cdp = await context.newCDPSession(page);
    await cdp.send('Performance.enable');
    const heap = new Heap(cdp);
    await page.goto(origin);
    await page.getByRole('heading', { level: 1 }).waitFor();
    const take = page.getByRole('button', { name: /^Take [\d,]+ cases$/ });
    const read = await seconds(async () => {
      await give(page, path);
      await take.waitFor(MINUTES);
    });
    const taking = await seconds(async () => {
      await take.click();
      await page.getByText(/new cases/).waitFor(MINUTES);
    });
    const brought = heap.end();
    const lines = page.locator('[data-case-link]');
    const open = await seconds(async () => {
      await page.goto(origin);
      await lines.first().waitFor();
    });
    await page.getByRole('button', { name: /^All/ }).click();
    const find = await seconds(async () => {
      const five = String(count - 1).padStart(5, '0');
      await page.getByLabel('Find a case', { exact: true }).fill(five);
      await page.locator('[data-case-link]', { hasText: five }).waitFor();
    });
    await page.getByLabel('Find a case', { exact: true }).fill('');
    const due = await seconds(async () => {
      await page.getByRole('button', { name: /^Due in the field/ }).click();
      await page.locator('tbody tr').first().waitFor();
    });
    const out = new Heap(cdp);
    const backup = await seconds(async () => {
      const download = page.waitForEvent('download', MINUTES);
      await page.getByRole('button', { name: 'Back up all cases' }).click();
      await (await download).path();
    });
    const saved = out.end();
    const second = new Heap(cdp);
    const again = await seconds(async () => {
      await give(page, path);
      await page.getByText(/cases are the same in both places/).waitFor(MINUTES);
    });
    const estimate = await page.evaluate(() => navigator.storage.estimate());
    console.log(
      `${count} cases of ${(size / 1e6).toFixed(0)} MB: ${((estimate.usage ?? 0) / 1e6).toFixed(0)} MB stored; ` +
        `script memory at the most ${brought.toFixed(0)} MB coming in, ${saved.toFixed(0)} MB going out, ${second.end().toFixed(0)} MB read again`,
    );
    return { read, take: taking, open, find, due, backup, again };
  } finally {
    await context.close();
    rmSync(folder, { recursive: true });
  }
}

void withServer(PORT, async (origin) => {
  const few = await deskOf(origin, MANY / 10);
  const many = await deskOf(origin, MANY);
  for (const step of STEPS) {
    tell(
      `${step}: ${many[step].toFixed(1)} s; ÷ a tenth of the cases, 10 and less is in proportion`,
      many[step] / few[step],
    );
  }
});
