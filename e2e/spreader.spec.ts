import type { Page } from '@playwright/test';
import { App, expect, test } from './app';

/** A rectangle of lawn in need of nitrogen alone, at its calendar, with a spreader that covers 6 ft. */
async function lawnWithSpreader(page: Page): Promise<App> {
  const app = new App(page);
  await app.typeLawn({ ph: '6.5', om: '3', planFrom: '1 Mar 2027' });
  await app.go('Ground');
  await app.field('Shape').selectOption('rectangle');
  await app.type('Length', '80');
  await app.type('Width', '48');
  await app.go('Calendar');
  await page.getByRole('button', { name: 'Add a spreader' }).click();
  await app.type('Name', 'Old rotary');
  await app.type('One pass covers, ft', '6');
  await app.type('Holds, lb', '15');
  return app;
}

/** Types a run of the one product: its dial, and what it weighed before and after. */
async function run(page: Page, n: number, dial: string, before: string, after: string) {
  await page.getByRole('button', { name: 'Add a run' }).first().click();
  await page.getByLabel(new RegExp(`^Dial of run ${n}, `)).fill(dial);
  await page.getByLabel(new RegExp(`^Weight before run ${n}, `)).fill(before);
  await page.getByLabel(new RegExp(`^Weight after run ${n}, `)).fill(after);
}

test('a spreader is tried to its second setting; the page and the next case have it', async ({
  page,
}) => {
  const app = await lawnWithSpreader(page);
  const asked = page.getByRole('table', { name: /^What urea 46-0-0 asks of the spreader/ });
  await expect(asked).toContainText('try a strip first');
  // 80 × 48 ft: eight strips along, fourteen across, the two ends first.
  await expect(page.getByText(/^Along it: 8 strips of 68 ft, 6 ft apart/)).toBeVisible();
  await expect(page.getByText(/^Across it: 14 strips of 36 ft, 5.71 ft apart/)).toBeVisible();
  // 50 × 6 ft is 300 ft²: 0.6 lb on it are 2 lb on 1000 ft².
  await run(page, 1, '6', '10', '9.4');
  await expect(page.getByRole('table', { name: /^Strips walked with/ })).toContainText('2 lb');
  await expect(asked).toContainText('try this next');
  await run(page, 2, '3', '10', '9.8');
  await expect(asked).toContainText('try this next');
  await page.getByRole('button', { name: 'Keep it in the office' }).click();
  await expect(page.getByText('The office has it as it stands here.')).toBeVisible();
  await app.go('Slip');
  const sheet = page.locator('#worksheet');
  await expect(sheet).toContainText(
    /From 16 Aug 2027 on: set the spreader to [\d.]+ on the dial for urea 46-0-0/,
  );
  await expect(sheet).toContainText(
    'Walk 8 strips, 6 feet apart. Then walk 14 strips across them.',
  );
  await page.getByLabel('With a sheet to try the spreader').check();
  await expect(sheet).toContainText('Try your spreader');
  await expect(sheet).toContainText('______');
  await app.saved();
  await app.newCase();
  await app.go('Results');
  await app.type('pH (in water)', '6.5');
  await app.type('Plan from', '1 Mar 2027');
  await app.go('Ground');
  await app.field('Shape').selectOption('square-feet');
  await app.type('Area', '5000');
  await app.go('Calendar');
  await expect(app.field('Name')).toHaveValue('Old rotary');
});

test('pans tell how far apart strips may lie; a slip of the pen is said at its place', async ({
  page,
}) => {
  const app = await lawnWithSpreader(page);
  await app.type('Catch of each pan, left to right', '1 3 6 10 12 13 13 13 12 10 6 3 1');
  await app.type('Feet from pan to pan', '1');
  const table = page.getByRole('table', { name: 'How evenly it throws' });
  await expect(table.getByRole('row', { name: /^9 ft/ })).toContainText('even');
  await expect(table.getByRole('row', { name: /^10 ft/ })).toContainText('stripes show');
  await app.type('Catch of each pan, left to right', '1 3 six');
  await expect(page.getByText('“six” is not a number.')).toBeVisible();
  await app.type('One pass covers, ft', '');
  await app.type('Catch of each pan, left to right', '9 9 8 7 5 3 2 1 0');
  await expect(page.getByText(/It throws to the left/)).toBeVisible();
});
