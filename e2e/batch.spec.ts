/** Pages of many cases as one file. */
import { execFileSync } from 'node:child_process';
import { copyCase } from './caseload';
import { App, expect, ORACLE, test } from './app';

/** A finished case of the oracle, and a case that nothing was typed of. */
async function twoCases(app: App): Promise<void> {
  const { page } = app;
  await app.typeLawn(ORACLE);
  await page.getByRole('button', { name: /Approve pH/ }).click();
  await app.go('Fertilizer');
  await page.getByRole('button', { name: /Approve fertilizer/ }).click();
  await app.saved();
  await app.newCase();
  await app.type('Name of the case', 'Ford Green');
  await app.saved();
  await app.desk();
}

test('the pages of the cases that the Desk shows, with what was left out and why', async ({
  page,
}) => {
  const app = new App(page);
  await twoCases(app);
  await page.getByRole('button', { name: /^All/ }).click();
  await page.getByRole('button', { name: 'Pages as PDF …' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('checkbox')).toHaveCount(2);
  const download = page.waitForEvent('download');
  await dialog.getByRole('button', { name: 'Make 2 pages' }).click();
  const file = await (await download).path();
  const text = execFileSync('pdftotext', [file, '-'], { encoding: 'utf8' });
  expect(text).toContain('236 lb of pelletized limestone');
  await expect(dialog.getByText('1 page is in the file.')).toBeVisible();
  await expect(dialog.getByText('1 case was left out')).toBeVisible();
  await expect(dialog.getByText('Ford Green')).toBeVisible();
});

test('a hundred pages do not hold up the page, and can be given up', async ({ page }) => {
  const app = new App(page);
  await twoCases(app);
  await copyCase(page, 'Weir Cottage', 100);
  await page.reload();
  await page.getByRole('button', { name: /^All/ }).click();
  await page.evaluate(() => {
    const kept = window as unknown as { longest: number };
    kept.longest = 0;
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) kept.longest = Math.max(kept.longest, duration);
    }).observe({ type: 'longtask' });
  });
  await page.getByRole('button', { name: 'Pages as PDF …' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: /^Make 10\d pages/ }).click();
  await dialog.getByRole('button', { name: 'Cancel' }).click();
  await expect(dialog.getByRole('button', { name: /^Make 10\d pages/ })).toBeVisible();
  const download = page.waitForEvent('download');
  await dialog.getByRole('button', { name: /^Make 10\d pages/ }).click();
  const file = await (await download).path();
  const info = execFileSync('pdfinfo', [file], { encoding: 'utf8' });
  expect(Number(/Pages:\s+(\d+)/.exec(info)?.[1])).toBeGreaterThanOrEqual(100);
  const longest = await page.evaluate(() => (window as unknown as { longest: number }).longest);
  console.log(`longest task while a hundred pages are drawn: ${longest.toFixed(0)} ms`);
});

test('letters that remind of the next test, for all that are due, in one print', async ({
  page,
}) => {
  await page.route('**/api/demo', (route) => route.fulfill({ json: { demo: true } }));
  const app = new App(page);
  await app.desk();
  await page.getByRole('button', { name: /^Test again/ }).click();
  await page.getByRole('button', { name: 'Reminders as PDF' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: /^Save .*letter.* as one PDF$/ }).click();
  const file = await (await download).path();
  const text = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' });
  expect(text).toContain('It is time to test your soil again.');
  expect(text).toMatch(/Labels for the bags/);
  await expect(page.getByText('One letter saved.')).toBeVisible();
});
