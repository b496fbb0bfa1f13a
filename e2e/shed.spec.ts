import { readFileSync } from 'node:fs';
import { App, expect, test } from './app';
import { taken } from './files';

test('a bag typed from its label, checked as it is typed, explained, and on the page of a new case', async ({
  page,
}) => {
  await page.goto('/shed');
  await page.getByRole('button', { name: 'Type a bag' }).click();
  await page.getByLabel('What it is called').fill('Half a bag from the barn');
  await page.getByLabel('Grade, N-P2O5-K2O').fill('20-0-0');
  await page.getByLabel('Slowly available N, % of the bag').fill('50');
  await expect(page.getByText('50 % slow nitrogen is more than the 20 %')).toBeVisible();
  await page.getByLabel('Slowly available N, % of the bag').fill('5');
  await page.getByLabel('Pounds in the bag').fill('40');
  await page.getByLabel('Covers, ft²').fill('8000');
  // 40 × 0.2 ÷ 8
  await expect(page.getByText('1 lb/1000 ft² of Nitrogen, N')).toBeVisible();
  await page.getByLabel('Holds nitrate').selectOption('no');
  const table = await taken(page, 'Save as a table (CSV)');
  expect(table).toContain('fertilizer,Half a bag from the barn,20-0-0,5');
  await page.reload();
  await expect(
    page.getByRole('button', { name: 'Half a bag from the barn' }).first(),
  ).toBeVisible();

  const app = new App(page);
  await app.typeLawn({ squareFeet: '6200', ph: '6.5', planFrom: '4 Oct 2027' });
  await app.go('Fertilizer');
  await app.find('Nitrogen from', 'Half a bag from the barn');
  await expect(page.locator('#worksheet h1')).toContainText('Half a bag from the barn');
  await app.go('Slip');
  await expect(page.locator('#worksheet')).toContainText('of Half a bag from the barn');
});

test('weed-and-feed is shown and never chosen; a table with faults is refused whole', async ({
  page,
}) => {
  await page.goto('/shed');
  await page.getByRole('button', { name: 'Type a bag' }).click();
  await page.getByLabel('What it is called').fill('Green and weedless');
  await page.getByLabel('Grade, N-P2O5-K2O').fill('28-0-3');
  await page.getByLabel('Weed or pest killer in it').selectOption('yes');
  await expect(page.getByText('1 thing to mend')).toBeVisible();
  await page.getByLabel('Rate of a pesticide label, lb/1000 ft²').fill('3');
  await expect(page.getByText('1 thing to mend')).toHaveCount(0);
  const file = {
    name: 'shed.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('name,kind,grade\nA,fertilizer,90-90-0\n'),
  };
  await page.locator('input[type=file]').setInputFiles(file);
  await expect(page.getByText('Row 2, grade:')).toBeVisible();
  const app = new App(page);
  await app.typeLawn({ squareFeet: '6200', ph: '6.5', planFrom: '4 Oct 2027' });
  await app.go('Fertilizer');
  const field = app.field('Nitrogen from');
  await field.click();
  await field.fill('Green and');
  await expect(page.getByRole('option', { name: /Green and weedless/ })).toHaveCount(0);
});

test('the Shed finds by typing, removes with undo, and comes along in the backup', async ({
  page,
}) => {
  await page.goto('/shed');
  await page.getByLabel('Find a material').fill('compost');
  await expect(page.getByText('yard-waste compost')).toBeVisible();
  await expect(page.getByText('urea 46-0-0')).toHaveCount(0);
  await page.getByLabel('Find a material').fill('');
  await page.getByLabel('Sort', { exact: true }).selectOption({ label: 'most potash first' });
  const fertilizers = page.getByRole('table', { name: 'Fertilizers' });
  await expect(fertilizers.getByRole('row').nth(1)).toContainText('muriate of potash 0-0-60');
  await page.getByRole('button', { name: 'Type a bag' }).click();
  await page.getByLabel('What it is called').fill('A bag');
  await page.getByRole('button', { name: 'Remove A bag' }).click();
  await expect(page.getByText('“A bag” is removed; cases keep theirs.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(page.getByRole('button', { name: 'A bag', exact: true })).toBeVisible();
  const app = new App(page);
  await app.newCase();
  await app.desk();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Back up all cases' }).click(),
  ]);
  const backup: unknown = JSON.parse(readFileSync(await download.path(), 'utf8'));
  expect(backup).toMatchObject({ materials: [{ name: 'A bag' }] });
});

test('three hundred bags come from a table, are in a new case, and plan; one more is refused', async ({
  page,
}) => {
  const rows = (count: number): string =>
    Array.from({ length: count }, (_, n) => `Bag ${n + 1},fertilizer,${1 + (n % 20)}-0-0`).join(
      '\n',
    );
  const table = (count: number) => ({
    name: 'shed.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(`name,kind,grade\n${rows(count)}\n`),
  });
  await page.goto('/shed');
  const input = page.locator('input[type=file]');
  await input.setInputFiles(table(301));
  await expect(page.getByText(/^Row 302/)).toBeVisible();
  await input.setInputFiles(table(300));
  await expect(page.getByRole('button', { name: 'Bag 300', exact: true })).toBeVisible();
  const app = new App(page);
  await app.typeLawn({ squareFeet: '6200', ph: '6.5', om: '3', planFrom: '4 Oct 2027' });
  await app.go('Fertilizer');
  const field = app.field('Nitrogen from');
  await field.click();
  await field.fill('Bag 19');
  await expect(page.getByRole('option', { name: /Bag 19/ }).first()).toBeVisible();
  await app.saved();
});
