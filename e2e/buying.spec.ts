import type { Page } from '@playwright/test';
import { App, expect, test } from './app';

/** The demo's case of four pieces of ground, at the fertilizer step with the search open. */
async function landingHouse(page: Page): Promise<App> {
  await page.route('**/api/demo', (route) => route.fulfill({ json: { demo: true } }));
  const app = new App(page);
  await app.desk();
  await page.getByLabel('Find a case', { exact: true }).fill('Landing House');
  await page.getByRole('link', { name: /^Landing House/ }).click();
  // From here on nothing is held up on its way, what workers fetch least of all.
  await page.unroute('**/api/demo');
  await app.go('Fertilizer');
  await page
    .getByRole('button', { name: 'Find the best way to buy for all areas together' })
    .click();
  return app;
}

async function add(page: Page, material: string): Promise<void> {
  const field = page.getByLabel('Add a material', { exact: true });
  await field.click();
  await field.fill(material);
  await page.getByRole('option', { name: material }).first().click();
}

/** Puts a material on the list with packs of so many pounds for so many dollars. */
async function priced(
  page: Page,
  material: string,
  packs: readonly (readonly [pounds: string, price: string])[],
): Promise<void> {
  await add(page, material);
  for (const [at, [pounds, price]] of packs.entries()) {
    await page.getByRole('button', { name: `Add a pack of ${material}` }).click();
    await page.getByLabel(`Pounds in a pack of ${material}`).nth(at).fill(pounds);
    await page.getByLabel(`Price of a pack of ${material}, dollars`).nth(at).fill(price);
  }
}

async function search(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Find the best ways' }).click();
  await expect(page.getByRole('button', { name: 'Find the best ways' })).toBeEnabled();
}

const answers = (page: Page) => page.locator('article');

test('bought for four areas together, half a bag on hand first; the page and the table follow', async ({
  page,
}) => {
  const app = await landingHouse(page);
  await priced(page, 'urea 46-0-0', [
    ['50', '31'],
    ['5', '9'],
  ]);
  await priced(page, 'diammonium phosphate 18-46-0', [['5', '12']]);
  await priced(page, 'muriate of potash 0-0-60', [['10', '11']]);
  await add(page, 'fertilizer 10-10-10');
  await page.getByLabel('Pounds of fertilizer 10-10-10 on hand').fill('25');
  await search(page);
  const hand = answers(page).filter({ hasText: /what is on hand first/i });
  await expect(hand).toContainText('fertilizer 10-10-10');
  await expect(hand).toContainText('from what is on hand');
  await expect(answers(page).first()).toContainText(/least cost/i);
  await hand.getByRole('button', { name: 'Take this' }).click();
  await expect(hand).toContainText('Chosen');
  const table = page.getByRole('table', { name: 'What to buy' });
  await expect(table).toContainText(/fertilizer 10-10-10On hand\s*25/);
  await app.go('Slip');
  await expect(page.locator('#worksheet')).toContainText(
    'You have 25 lb of fertilizer 10-10-10. Use that first.',
  );
  // What it was made from has changed: that is asked about, and taking it back brings it in order.
  await app.go('Fertilizer');
  await page.getByLabel('Pounds of fertilizer 10-10-10 on hand').fill('5');
  const stale = page.getByText(/The best buy was chosen for other needs, prices or products/);
  await expect(stale.first()).toBeVisible();
  await page.getByRole('button', { name: 'Go back to choosing by area' }).click();
  await expect(stale).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(stale.first()).toBeVisible();
});

test('organic alone, nothing that fits, and a search that is given up', async ({ page }) => {
  await landingHouse(page);
  await search(page);
  const organic = answers(page).filter({ hasText: /^organic/i });
  await expect(organic).toContainText(/meal/);
  await expect(organic).not.toContainText(/urea|muriate|triple/);
  await priced(page, 'urea 46-0-0', [['50', '31']]);
  await expect(page.getByText('Something was changed since: search again.')).toBeVisible();
  await search(page);
  await expect(page.getByText('Nothing fits within these limits.')).toBeVisible();
  await expect(page.getByText(/Potash, K2O stays .* short/).first()).toBeVisible();
  await page.getByLabel('Products at most').fill('none');
  await expect(page.getByText('“none” is not a number.')).toBeVisible();
});

test('the solver is not loaded before somebody asks for it, and a broken one breaks nothing', async ({
  page,
  context,
}) => {
  const asked: string[] = [];
  page.on('request', (request) => {
    if (request.url().includes('.wasm')) asked.push(request.url());
  });
  await landingHouse(page);
  await expect(page.getByRole('button', { name: 'Find the best ways' })).toBeVisible();
  expect(asked).toEqual([]);
  // The line is down: requests of workers that a test holds up itself were seen to wait for ever.
  await context.setOffline(true);
  await search(page);
  await expect(
    page.getByText('The search broke off. Nothing was changed; try again.'),
  ).toBeVisible();
  await context.setOffline(false);
  await search(page);
  await expect(answers(page).first()).toBeVisible();
  expect(asked.length).toBeGreaterThan(0);
});

test('a solver that is killed is told of, and the next search goes through', async ({ page }) => {
  await landingHouse(page);
  // The next worker ends as it begins, and says nothing: one that is ended from outside may have answered, or be the one after it.
  await page.evaluate(() => {
    const Living = Worker;
    window.Worker = class extends Living {
      constructor(url: string | URL, options?: WorkerOptions) {
        super(url, options);
        window.Worker = Living;
        this.terminate();
      }
    };
  });
  await page.clock.install();
  await page.getByRole('button', { name: 'Find the best ways' }).click();
  await expect(page.getByRole('button', { name: 'Find the best ways' })).toBeDisabled();
  await page.clock.runFor(120_000);
  await expect(
    page.getByText('The search broke off. Nothing was changed; try again.'),
  ).toBeVisible();
  await page.clock.resume();
  await search(page);
  await expect(answers(page).first()).toBeVisible();
});
