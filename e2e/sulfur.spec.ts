/** Sulfur for acid-loving plants: whether it can work, the one dose that is safe, and what is said instead. */
import type { Page } from '@playwright/test';
import { App, expect, test } from './app';

async function typeBushes(page: Page, ph: string): Promise<App> {
  const app = new App(page);
  await app.newCase();
  await app.type('Name of the case', 'The picking rows');
  await app.find('What grows there', 'Highbush blueberries');
  await app.field('Situation').selectOption('established');
  await app.field('Shape').selectOption('plants');
  await app.type('How many', '3');
  await app.type('Diameter', '8');
  await app.go('Results');
  await app.type('pH (in water)', ph);
  await app.field('Texture').selectOption('loam');
  await app.type('Plan from', '20 Apr 2027');
  await app.go('pH');
  await app.saved();
  return app;
}

const slip = (page: Page) => page.getByRole('complementary', { name: 'The slip says' });
const heading = (page: Page) => page.locator('#worksheet h1');

test('three bushes and a 30 % product: one dose under the cap, a test before any more', async ({
  page,
}) => {
  const app = await typeBushes(page, '6.0');
  // Three circles 8 ft across are 150.8 ft²; 1 lb S per 100 ft² at once, ÷ 0.3: 5.03 lb, to a tenth.
  await page.getByRole('radio', { name: /^30 % sulfur mix/ }).check();
  await expect(heading(page)).toHaveText(
    'Make this area more acidic: 5 lb of 30 % sulfur mix now, once.',
  );
  await expect(page.getByText('look for how much of its sulfur is elemental')).toBeVisible();
  // The label says 45 %: 3.35 lb; by hand never over it, to half a pound.
  await app.type('Percent', '45');
  await expect(heading(page)).toContainText('3.4 lb');
  await page.getByRole('button', { name: /Approve pH/ }).click();
  await expect(page.getByText('Approved', { exact: true })).toBeVisible();
  await expect(slip(page)).toContainText(
    '20 Apr 2027: spread 3 lb of 30 % sulfur mix: 16 oz for each plant.',
  );
  await expect(slip(page)).toContainText(
    'Bring a new soil sample around 31 Jul 2027. No more sulfur before that test.',
  );
  const doses = (await slip(page).innerText()).match(/lb of 30 % sulfur/g);
  expect(doses).toHaveLength(1);
});

test('a chalky bed is refused, and one that does not fizz is not', async ({ page }) => {
  await typeBushes(page, '7.1');
  const fizz = page.getByLabel('Does it fizz with vinegar?');
  await fizz.selectOption('yes');
  await expect(heading(page)).toHaveText('Sulfur cannot make this soil acidic.');
  await expect(slip(page)).toContainText('Sulfur would be wasted here');
  await expect(page.getByText('Instead: a raised bed or a large pot')).toBeVisible();
  await fizz.selectOption('no');
  await expect(heading(page)).toContainText('Make this area more acidic');
  const schools = page.getByRole('table', { name: 'Sulfur in all' });
  // 5.8 + 0.2 × 1.1 − 0.9 = 5.12; 19 tenths × 0.2 = 3.8
  await expect(schools.getByRole('row', { name: /printed table/ })).toContainText('51.2');
  await expect(schools.getByRole('row', { name: /each tenth/ })).toContainText('38');
});

test('an old blueberry bed at pH 3.9 gets neither sulfur nor a routine of lime', async ({
  page,
}) => {
  await typeBushes(page, '3.9');
  await expect(page.getByText('This is more acidic than even this plant needs.')).toBeVisible();
  await expect(page.getByLabel('Does it fizz with vinegar?')).toHaveCount(0);
  await expect(slip(page)).not.toContainText(/spread .*(sulfur|limestone)/);
});
