/** Packs, schools, shared ground and lead, as an advisor meets them. */
import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { App, expect, test } from './app';

/** Vegetables on 1,000 ft² whose report is of Bray-1 P 22 and ammonium-acetate K 75. */
async function typeBed(page: Page, plant = 'Mixed vegetables'): Promise<App> {
  const app = new App(page);
  await app.newCase();
  await app.type('Name of the case', 'The south bed');
  await app.find('What grows there', plant);
  await app.field('Situation').selectOption('tilled');
  await app.field('Shape').selectOption('square-feet');
  await app.type('Area', '1000');
  await app.go('Results');
  await app.type('pH (in water)', '6.4');
  await app.type('Organic matter', '3.4');
  await app.type('CEC', '10');
  await app.type('Phosphorus, P', '22');
  await app.field('Method of Phosphorus, P').selectOption('bray-1');
  await app.type('Potassium, K', '75');
  await app.field('Method of Potassium, K').selectOption('ammonium-acetate');
  await app.saved();
  return app;
}

const slip = (page: Page) => page.getByRole('complementary', { name: 'The slip says' });

test('one report by two schools: the amounts, the margin, and the pounds between them', async ({
  page,
}) => {
  const app = await typeBed(page);
  await app.go('Fertilizer');
  // Medium P and K: 2 ÷ 0.46 = 4.35 and 2 ÷ 0.6 = 3.33 on 1,000 square feet, to half a pound.
  await expect(slip(page)).toContainText('3.5 lb of muriate of potash');
  const schools = page.getByRole('table', { name: 'Which school' });
  // Short of 25: 3 × 5 ÷ 43.56 + 0.5 = 0.84; of 100: 25 × 1.5 ÷ 43.56 + 1.7 = 2.56, which is 0.56 more.
  const build = schools.getByRole('row', { name: /^Build up and hold/ });
  await expect(build).toContainText(/0\.84.*−1\.16.*2\.56.*0\.56/);
  await build.getByRole('radio').check();
  await expect(slip(page)).toContainText('4.5 lb of muriate of potash');
  await page.keyboard.press('Control+z');
  await expect(slip(page)).toContainText('3.5 lb of muriate of potash');
});

test('a house pack is changed, and the case that takes it reads and doses otherwise', async ({
  page,
}) => {
  const app = await typeBed(page);
  const address = page.url();
  await app.go('Reading');
  await page.getByRole('link', { name: 'Every value of this pack' }).click();
  await page.getByRole('button', { name: 'Copy to a pack of your own' }).click();
  const name = page.getByLabel('Name of the pack');
  await name.fill('Ouzel county');
  await page.getByRole('button', { name: 'Store as version 2' }).click();
  await expect(page.getByRole('heading', { name: 'Ouzel county, version 2' })).toBeVisible();

  await page.goto(address);
  await app.go('Reading');
  await page.getByLabel('Read by').selectOption({ label: 'Ouzel county, version 2' });
  await expect(page.getByText(/Phosphorus 22 ppm: medium/).first()).toBeVisible();
  await expect(slip(page)).toContainText('4.5 lb of triple superphosphate');
  await app.saved();

  await page.getByRole('link', { name: 'Every value of this pack' }).click();
  await page.getByRole('button', { name: 'Change values' }).click();
  const medium = page.getByLabel('Phosphorus, Bray-1, medium up to');
  await medium.fill('8');
  await expect(page.getByText('expected more than 10')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Store as version 3' })).toBeDisabled();
  // What is typed is kept, right or wrong.
  await page.reload();
  await expect(medium).toHaveValue('8');
  await medium.fill('20');
  await page.getByRole('button', { name: 'Store as version 3' }).click();
  await expect(page.getByRole('heading', { name: 'Ouzel county, version 3' })).toBeVisible();
  await expect(
    page.getByRole('table', { name: 'Soil test' }).getByText('house rule').first(),
  ).toBeVisible();

  await page.goto(address);
  await app.go('Reading');
  // The case still reads as it did, and says that a newer version is here.
  await expect(page.getByText(/Phosphorus 22 ppm: medium/).first()).toBeVisible();
  await expect(page.getByText('This case is read by version 2. Version 3 is here.')).toBeVisible();
  await page.getByRole('button', { name: 'Read by version 3' }).click();
  await expect(page.getByText(/Phosphorus 22 ppm: high/).first()).toBeVisible();
  // High is 0.5 lb P2O5 ÷ 0.46 = 1.09 lb, 17 ounces.
  await expect(slip(page)).toContainText('17 oz of triple superphosphate');
});

test('two packs side by side for a plant and a report; each value opens where it is printed', async ({
  page,
}) => {
  await page.goto('/yardsticks?pack=delta-mehlich-3.3');
  await page.getByLabel('Beside it').selectOption({ label: 'Lake States 1995, version 4' });
  await page.getByLabel('For', { exact: true }).selectOption({ label: 'Tomatoes' });
  await page.getByLabel('Phosphorus, P, ppm').fill('30');
  await page.getByLabel('Phosphorus by').selectOption('mehlich-3');
  const made = page.getByRole('table', { name: 'What the packs make of the report' });
  await expect(made.getByRole('row', { name: /^Phosphorus/ })).toContainText(
    /30 ppm: medium.*no rating in this pack/,
  );
  // Nitrogen of tomatoes is that of the literature, 90 lb an acre, whichever pack is read by.
  await made
    .getByRole('row', { name: /^Nitrogen/ })
    .locator('[data-working]')
    .first()
    .click();
  await expect(page.getByRole('region', { name: 'How this was reached' })).toBeVisible();
  const soil = page.getByRole('table', { name: 'Soil test' });
  await soil.getByText('recalled').first().click();
  await expect(soil.getByText(/Slaton and others/).first()).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('For', { exact: true })).toHaveValue('tomato');
});

test('a pack goes out as a file, is removed, comes back; a wrong one is refused at its line', async ({
  page,
}) => {
  await page.goto('/yardsticks');
  await page.getByRole('button', { name: 'Copy to a pack of your own' }).click();
  await page.getByLabel('Name of the pack').waitFor();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as a file' }).click();
  const path = await (await download).path();
  await page.getByRole('button', { name: 'Remove' }).click();
  await expect(page.getByText('None yet. Copy a pack')).toBeVisible();
  await page.getByRole('button', { name: 'Bring it back' }).click();
  const packs = page.getByRole('navigation', { name: 'Packs' });
  await expect(packs.getByRole('button', { name: /our own/ })).toHaveCount(1);
  await page.getByRole('button', { name: 'Remove' }).click();
  await expect(packs.getByRole('button', { name: /our own/ })).toHaveCount(0);
  const input = page.locator('input[type=file]');
  await input.setInputFiles(path);
  await expect(page.getByText('is here now.')).toBeVisible();
  await input.setInputFiles(path);
  await expect(page.getByText('was here already, just so.')).toBeVisible();

  const text = readFileSync(path, 'utf8');
  const wrong = text.replace(/"upTo": \[\s*10,\s*25,/, '"upTo": [10,\n8,');
  await input.setInputFiles({
    name: 'wrong.json',
    mimeType: 'application/json',
    buffer: Buffer.from(wrong),
  });
  await expect(page.getByText(/so that two classes do not overlap/)).toBeVisible();
  await expect(packs.getByRole('button', { name: /our own/ })).toHaveCount(1);
});

test('plants that share a bed and want different soils: no amount until one governs', async ({
  page,
}) => {
  const app = await typeBed(page, 'Asparagus');
  await app.go('Ground');
  await app.find('Shares the area with', 'Highbush blueberries');
  await expect(page.getByText('These plants cannot share a soil.')).toBeVisible();
  await expect(slip(page)).toContainText('We cannot say yet how much lime');
  await app.go('pH');
  await expect(
    page.getByText('No lime is worked out until one of the plants governs.'),
  ).toBeVisible();
  await app.go('Ground');
  await app.field('The pH goes by').selectOption({ label: 'Asparagus' });
  await expect(page.getByText('These plants cannot share a soil.')).toHaveCount(0);
  await expect(slip(page)).toContainText('Your soil is too acidic');
  await page.keyboard.press('Control+z');
  await page.getByRole('button', { name: 'Remove Highbush blueberries' }).click();
  await expect(page.getByText('These plants cannot share a soil.')).toHaveCount(0);
});

test('lead of 22 ppm by an extract is nowhere called safe', async ({ page }) => {
  const app = await typeBed(page);
  await page.getByLabel('Add a line', { exact: true }).selectOption({ label: 'Lead, Pb' });
  await app.type('Lead, Pb', '22');
  await app.field('Method of Lead, Pb').selectOption('mehlich-3');
  for (const step of ['Reading', 'pH', 'Fertilizer', 'Slip'] as const) {
    await app.go(step);
    const words = await page.locator('body').innerText();
    expect(words).not.toMatch(/\b(is|are|be) safe\b|\bsafe (level|soil|to)\b|\bharmless\b/i);
  }
  await app.go('Reading');
  await expect(page.getByText('An extract tells nothing about safety.')).toBeVisible();
  await expect(
    page.getByText('It is held against no guideline. Ask for a total test'),
  ).toBeVisible();
  expect((await app.printed()).replace(/\s+/g, ' ')).toMatch(/lead/i);
});
