import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { App, expect, test as base } from './app';
import { Relay } from './relay';

/** A server of the test's own, so that it can go away. */
const test = base.extend<{ relay: Relay }>({
  relay: async ({}, give) => {
    const relay = new Relay();
    await give(relay);
    await relay.stop();
  },
  baseURL: async ({ relay }, give) => give(await relay.start()),
});
test.use({ serviceWorkers: 'allow' });

/** Waits until the browser has the whole program. */
async function kept(page: Page): Promise<void> {
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
    while (!navigator.serviceWorker.controller) {
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
  });
}

test('with the server gone: reload, deep links, every place, a plan, a page as PDF, a backup', async ({
  page,
  relay,
  context,
}) => {
  const app = new App(page);
  await app.desk();
  await kept(page);
  await relay.stop();
  await page.reload();
  await app.typeLawn({ title: 'Weir Cottage', squareFeet: '6200', ph: '5.4', buffer: '6.4' });
  const deep = page.url();
  await expect(page.locator('#worksheet')).toContainText('pelletized limestone');
  await app.go('Fertilizer');
  await page
    .getByRole('button', { name: 'Find the best way to buy for all areas together' })
    .click();
  const material = page.getByLabel('Add a material', { exact: true });
  await material.click();
  await material.fill('urea 46-0-0');
  await page.getByRole('option', { name: 'urea 46-0-0' }).first().click();
  await page.getByRole('button', { name: 'Find the best ways' }).click();
  await expect(page.locator('article').first()).toContainText('urea 46-0-0');
  await app.go('Slip');
  const [pdf] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'PDF', exact: true }).click(),
  ]);
  expect(
    readFileSync(await pdf.path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
  const other = await context.newPage();
  await other.goto(deep);
  await expect(other.locator('#worksheet')).toContainText('Lime this lawn');
  await other.close();
  for (const place of ['bench', 'practice', 'shed', 'yardsticks', 'office']) {
    await page.getByRole('banner').locator(`a[href="/${place}"]`).click();
    await page.waitForURL(`**/${place}`);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  }
  await app.desk();
  await expect(page.locator('[data-case-link]')).toHaveText(/Weir Cottage/);
  const [backup] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Back up all cases' }).click(),
  ]);
  expect(readFileSync(await backup.path(), 'utf8')).toContain('"Weir Cottage"');
  // What has no name here leads to the Desk.
  await page.goto('/nowhere');
  await expect(page.locator('[data-case-link]')).toBeVisible();
});

test('a newer version is offered, and taken only when someone says so and all is stored', async ({
  page,
  relay,
  context,
}) => {
  const app = new App(page);
  await app.newCase();
  await kept(page);
  const other = new App(await context.newPage());
  await other.page.goto(page.url());
  await other.field('Client').fill('Ada Quill');
  await other.saved();
  relay.bringNewer();
  await page.evaluate(async () => (await navigator.serviceWorker.ready).update());
  const offer = page.getByText('A newer version of Agrologos is here.');
  await expect(offer).toBeVisible();
  // A reload changes nothing by itself.
  await page.reload();
  await expect(offer).toBeVisible();
  // Something waits to be stored on some page: the change waits with it.
  await page.evaluate(() => localStorage.setItem('agrologos:pending:case:page', '[]'));
  await page.getByRole('button', { name: 'Change to it' }).click();
  await expect(page.getByText('As soon as everything typed is stored')).toBeVisible();
  await page.waitForTimeout(1000);
  await expect(page.getByText('As soon as everything typed is stored')).toBeVisible();
  await Promise.all([
    page.waitForEvent('load'),
    page.evaluate(() => localStorage.removeItem('agrologos:pending:case:page')),
  ]);
  await expect(app.field('Client')).toHaveValue('Ada Quill');
  await expect(offer).toBeHidden();
  // The other tab goes on as it is until its person loads it anew.
  await expect(other.page.getByText('Another tab changed to a newer version.')).toBeVisible();
  await other.go('Results');
  await other.page.getByRole('button', { name: 'Load anew' }).click();
  await expect(other.page.getByText('Another tab changed')).toBeHidden();
  await expect(other.field('pH (in water)')).toBeVisible();
});

test('what a computer needs to install it', async ({ page, request }) => {
  await page.goto('/');
  const address = await page.locator('link[rel="manifest"]').getAttribute('href');
  const manifest: unknown = await (await request.get(address ?? '')).json();
  expect(manifest).toMatchObject({ start_url: '/', display: 'standalone', name: 'Agrologos' });
  for (const { src, type } of (manifest as { icons: { src: string; type: string }[] }).icons) {
    const icon = await request.get(src);
    expect([src, icon.status(), icon.headers()['content-type']]).toEqual([src, 200, type]);
  }
});
