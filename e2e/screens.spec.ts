import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { App, expect, ORACLE, test } from './app';

/** Findings of axe that are serious or worse. */
async function serious(page: Page): Promise<string[]> {
  const { violations } = await new AxeBuilder({ page }).analyze();
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' | ')}`);
}

test('axe: empty desk, and a dialog over it', async ({ page }) => {
  const app = new App(page);
  await app.desk();
  expect(await serious(page)).toEqual([]);
  await page.getByRole('button', { name: 'Keys' }).click();
  await page.getByRole('heading', { name: 'Keys' }).waitFor();
  expect(await serious(page)).toEqual([]);
});

test('axe: every step, an open working, an error in a row, the desk with a case', async ({
  page,
}) => {
  const app = new App(page);
  await app.typeLawn(ORACLE);
  for (const step of ['Ground', 'Results', 'pH', 'Feeding', 'Slip'] as const) {
    await app.go(step);
    expect(await serious(page), step).toEqual([]);
  }
  await app.go('pH');
  await page.locator('#worksheet h1 [data-working]').first().click();
  await page.getByRole('region', { name: 'How this was reached' }).waitFor();
  expect(await serious(page), 'open working').toEqual([]);
  await app.type('Percent', '300');
  expect(await serious(page), 'error').toEqual([]);
  await app.desk();
  await page.locator('[data-case-link]').waitFor();
  expect(await serious(page), 'desk').toEqual([]);
});

for (const width of [1000, 800]) {
  test(`at ${width} px the margin is a bar with the amount, and nothing runs over`, async ({
    page,
  }) => {
    const app = new App(page);
    await app.typeLawn(ORACLE);
    await page.setViewportSize({ width, height: 800 });
    await expect(page.getByRole('complementary', { name: 'The slip says' })).toBeHidden();
    await expect(page.getByRole('button', { name: 'Whole slip' })).toBeInViewport();
    const over = await page.evaluate(
      () => document.documentElement.scrollWidth - window.innerWidth,
    );
    expect(over).toBeLessThanOrEqual(0);
    expect(await serious(page)).toEqual([]);
  });
}

test('the policy has no exception for inline code, and the Desk’s scripts stay small', async ({
  page,
}) => {
  const sizes: number[] = [];
  page.on('response', async (response) => {
    if (!response.url().endsWith('.js')) return;
    const { responseBodySize } = await response.request().sizes();
    sizes.push(responseBodySize);
  });
  const answer = await page.goto('/');
  const policy = answer?.headers()['content-security-policy'] ?? '';
  expect(policy).toContain("script-src 'self' 'sha256-");
  expect(policy).not.toMatch(/unsafe-inline|unsafe-eval|\*|https?:/);
  await page.getByRole('heading', { level: 1 }).waitFor();
  await page.waitForLoadState('networkidle');
  const total = sizes.reduce((sum, size) => sum + size, 0) / 1000;
  console.log(`compressed scripts of the Desk: ${total.toFixed(0)} kB`);
  expect(sizes.length).toBeGreaterThan(3);
  expect(total).toBeLessThanOrEqual(200);
});
