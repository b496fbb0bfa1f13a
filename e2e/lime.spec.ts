/** Lime from the bag's label to the client's page: three bags compared, advice passed with a reason, what to expect. */
import type { Page } from '@playwright/test';
import { App, expect, ORACLE, test } from './app';

const slip = (page: Page) => page.getByRole('complementary', { name: 'The slip says' });
const heading = (page: Page) => page.locator('#worksheet h1');
const materials = (page: Page) => page.getByRole('table', { name: 'With what' });

async function limed(page: Page): Promise<App> {
  const app = new App(page);
  await app.typeLawn({ ...ORACLE, percent: '' });
  return app;
}

test('three bags are compared by their labels until the winner changes', async ({ page }) => {
  const app = await limed(page);
  const label = async (material: string, fields: Readonly<Record<string, string>>) => {
    await app.find('Label of', material);
    for (const [name, text] of Object.entries(fields)) await app.type(name, text);
  };
  const row = (name: RegExp) => materials(page).getByRole('row', { name });
  // 107.9 lb/1000 ft² of CCE 90 on 6,200 ft²: 669 lb, 17 bags of 40
  await label('pelletized limestone', { Percent: '90', 'Price, $': '6' });
  await label('ground limestone', { Percent: '85', 'Price, $': '7' });
  // 708 lb in 15 bags of 50 are $105; 17 × 6 = $102 is less
  await expect(row(/^Pelletized limestone/i)).toContainText('$102.00');
  await expect(row(/^Ground limestone/i)).toContainText('$105.00');
  await expect(row(/^Pelletized limestone/i)).toContainText('least money');
  // Its sieves: 0.2 × 10 + 0.6 × 20 + 65 = 79; × 85 = 67.2 against 60.3 of the table's stone: 600 lb, 13 bags, $91
  await page.getByText('Sieves and water').click();
  for (const [mesh, share] of [
    ['8', '95'],
    ['20', '85'],
    ['60', '65'],
  ] as const) {
    await app.type(`Through ${mesh} mesh`, share);
  }
  await expect(row(/^Ground limestone/i)).toContainText('67.2 % effective');
  await expect(row(/^Ground limestone/i)).toContainText('$91.00');
  await expect(row(/^Ground limestone/i)).toContainText('least money');
  // A third, told as a score of another state: 1,100 lb ENP of 2,000 are 55 %: 733 lb, 15 bags, $60
  await label('dolomitic limestone', { 'Price, $': '4' });
  await app.field('Measure').selectOption('ECCE');
  await app.field('Fineness by').selectOption('ohio');
  await app.type('Percent', '1100');
  await expect(row(/^Dolomitic limestone/i)).toContainText('$60.00');
  await expect(row(/^Dolomitic limestone/i)).toContainText('least money');
  await app.type('Percent', '3000');
  await expect(page.getByText(/3000 is outside 200 to 2,?180/)).toBeVisible();
  await expect(row(/^Ground limestone/i)).toContainText('least money');
});

test('lime that is not advised takes a reason, and both stand on the slip', async ({ page }) => {
  const app = await limed(page);
  await page.getByRole('button', { name: '7 other materials' }).click();
  await expect(page.getByRole('radio', { name: /^Burnt lime/i })).toBeDisabled();
  await page.getByRole('radio', { name: /^Hydrated lime/i }).check();
  await expect(heading(page)).toHaveText('This lime is not advised here.');
  await expect(page.getByText('it burns leaves, roots and skin')).not.toHaveCount(0);
  await app.type('Why it is used all the same', 'The sod is stripped first.');
  await expect(heading(page)).toContainText('of hydrated lime');
  await expect(slip(page)).toContainText(
    'Your advisor decided on this material: The sod is stripped first.',
  );
  await page.getByRole('radio', { name: /^Pelletized limestone/i }).check();
  await page.getByText('Your own amount').click();
  await app.type('Product', '40');
  await app.type('Why', 'The neighbor limed half of it.');
  await page.getByRole('radio', { name: /^Your own amount/ }).check();
  await expect(slip(page)).toContainText(
    'Your advisor decided on this amount: The neighbor limed half of it.',
  );
});

test('what to expect of the dressings: a drawing, and the same in figures that open', async ({
  page,
}) => {
  await limed(page);
  await expect(page.getByRole('img', { name: /expected pH by quarters/ })).toBeVisible();
  await page.getByText('In figures').click();
  const rows = page.getByRole('table', { name: 'What to expect' }).getByRole('row');
  await expect(rows.nth(1)).toContainText('4 Oct 2027');
  await expect(rows.nth(1)).toContainText('pH 5.4');
  await expect(rows.last()).toContainText('pH 6.5');
  await rows.last().getByRole('button').first().click();
  await expect(page.getByText('How much of the way the plan goes').first()).toBeVisible();
});

test('a lawn above its range is soured only where the advisor asks for it', async ({ page }) => {
  const app = new App(page);
  await app.typeLawn({ ...ORACLE, ph: '7.4', buffer: '', texture: 'loam', percent: '' });
  await expect(heading(page)).toHaveText('No lime is needed.');
  await app.field('Sulfur for this area').selectOption('yes');
  await expect(heading(page)).toHaveText('Sulfur may help: a question first.');
  await page.getByLabel('Does it fizz with vinegar?').selectOption('no');
  // 5 lb S on 1000 ft² at once ÷ 0.9 × 6.2
  await expect(heading(page)).toHaveText(
    'Make this area more acidic: 34 lb of 90 % sulfur prills now, once.',
  );
  await page.getByText('Your own amount').click();
  await app.type('Sulfur, whole amount', '0.2');
  await expect(heading(page)).toHaveText('Sulfur may help: a question first.');
  await app.type('Why', 'A light hand beside the beds.');
  // 2 lb S on 1000 ft² ÷ 0.9 × 6.2
  await expect(heading(page)).toContainText('13.8 lb');
  await expect(slip(page)).toContainText('A light hand beside the beds.');
});
