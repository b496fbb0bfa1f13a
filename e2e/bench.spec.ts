import { App, expect, test } from './app';

test('“30 % sulfur, three bushes” within twenty keys after B', async ({ page }) => {
  const app = new App(page);
  await app.desk();
  await page.keyboard.press('b');
  await expect(page.getByLabel('What do you want to know?')).toBeFocused();
  let keys = 0;
  const press = async (...all: readonly string[]): Promise<void> => {
    for (const key of all) await page.keyboard.press(key);
    keys += all.length;
  };
  await press('s', 'u', 'l', 'f', 'Enter');
  await expect(page.getByLabel('Sulfur on the label')).toBeFocused();
  await press('3', '0', 'Enter', '3', 'Enter', 'Enter', '6', '.', '1');
  expect(keys).toBeLessThanOrEqual(20);
  // A pound of sulfur on 100 ft² at most: three circles of 4 ft, 30 %, rounded down to what a scale shows.
  await expect(page.locator('[data-answer]')).toContainText('1.25');
  await expect(page.getByText('It is never given at once')).toBeVisible();
  // The last field goes back to the question, and the sum is kept.
  await press('Enter', 'Enter', 'Enter');
  await expect(page.getByLabel('What do you want to know?')).toBeFocused();
  await expect(page.getByRole('button', { name: /Sulfur for bushes.*30 · 3 · 6.1/ })).toBeVisible();
});

test('an area goes on into a product, another unit is read, and a case is made of it', async ({
  page,
}) => {
  await page.goto('/bench?sum=area');
  await page.getByLabel('Length').fill('100');
  await page.getByLabel('Width').fill('43.56');
  await page.getByLabel('Show Ground in').selectOption('acre');
  await expect(page.locator('[data-answer]')).toContainText('0.1');
  await page.getByRole('button', { name: 'Product for a nutrient' }).last().click();
  await expect(page.getByLabel('Ground', { exact: true })).toHaveValue('4356');
  await page.getByLabel('So much of it', { exact: true }).fill('2');
  await page.getByLabel('Grade').fill('46-0-0');
  await expect(page.getByText(/In all 18.9 lb, and never at once: 2 applications/)).toBeVisible();
  await page.getByLabel('Ground', { exact: true }).fill('4 lb');
  await expect(page.getByText('“lb” does not measure what is asked here: Ground.')).toBeVisible();
  await page.getByLabel('Ground', { exact: true }).fill('0.1 acre');
  await expect(page.getByText('That is 4,356 ft²')).toBeVisible();
  await page.getByRole('button', { name: 'Make a case of it' }).click();
  await page.waitForURL(/\/case\?id=/);
  await expect(page.locator('#worksheet').getByLabel('Name of the case')).toHaveValue(
    'From the bench: Product for a nutrient',
  );
});

test('a second look names what explains another amount, on the bench and at a figure of a case', async ({
  page,
}) => {
  await page.goto('/bench?sum=product');
  await page.getByLabel('Grade').fill('46-0-0');
  await page.getByLabel('Ground', { exact: true }).fill('5000');
  const look = page.getByRole('region', { name: 'Second look' });
  await look.getByLabel('They say').fill('5');
  await expect(look).toContainText('Less than is right.');
  await expect(look).toContainText('Pounds of the nutrient were taken for pounds of the product.');
  await look.getByLabel('They say').fill('11 lb');
  await expect(look).toContainText('That is right, as far as such sums go.');
  await look.getByLabel('They say').fill('3 acres');
  await expect(look).toContainText('“acres” does not measure this amount.');
  const app = new App(page);
  await app.typeLawn({ squareFeet: '6200', ph: '5.4', buffer: '6.4', planFrom: '4 Oct 2027' });
  const figure = page.getByRole('table').last().locator('[data-working]').last();
  await figure.click();
  await page.getByRole('button', { name: "Check another's amount" }).click();
  await expect(page.getByRole('region', { name: 'Second look' })).toBeVisible();
  await page.getByLabel('They say').fill('9999');
  await expect(page.getByText('More than is right.')).toBeVisible();
});

test('the last sums open again and can be cleared; a narrow window has all of it', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 800 });
  await page.goto('/bench');
  await expect(page.getByText('What you work out here stands in this list')).toBeVisible();
  await page.getByLabel('What do you want to know?').fill('meq');
  await page.keyboard.press('Enter');
  await page.getByLabel('Found').fill('2004');
  await expect(page.locator('[data-answer]')).toContainText('10');
  const last = page.getByRole('button', { name: /ppm and meq.*2004/ });
  await expect(last).toBeVisible();
  await page.goto('/bench');
  await last.click();
  await expect(page.getByLabel('Found')).toHaveValue('2004');
  await page.getByRole('button', { name: 'Clear the list' }).click();
  await expect(last).toHaveCount(0);
});
