/** What can hurt stands first on the page, with its number, and leaves no dates of fertilizer behind it where it forbids them. */
import type { Page } from '@playwright/test';
import { App, expect, test } from './app';

/** A bed of vegetables with a finished report. */
async function typeBeds(page: Page): Promise<App> {
  const app = new App(page);
  await app.typeLawn({ title: 'Ferry Row', squareFeet: '640', ph: '6.6', om: '3.5' });
  await app.go('Ground');
  await app.find('What grows there', 'Snap beans');
  await app.go('Results');
  return app;
}

/** Types a value that has a method of its own. */
async function typeBy(app: App, analyte: string, value: string, method: string): Promise<void> {
  const { page } = app;
  await page.getByLabel('Add a line', { exact: true }).selectOption({ label: analyte });
  await app.type(analyte, value);
  await page.getByLabel(`Method of ${analyte}`).selectOption(method);
}

/** The printed page from its title on, without line breaks. */
async function printedLines(app: App): Promise<string> {
  await app.go('Slip');
  return (await app.printed()).replace(/\s+/g, ' ');
}

test('lead over the guidance: number, method and whom to call, and nothing is fed', async ({
  page,
}) => {
  const app = await typeBeds(page);
  await typeBy(app, 'Lead, Pb', '450', 'total');
  const text = await printedLines(app);
  const at = text.indexOf('Lead.');
  expect(at).toBeGreaterThan(0);
  expect(at).toBeLessThan(text.indexOf('square feet'));
  expect(text).toContain('450 ppm of lead (total)');
  expect(text).toContain('Call your health department.');
  expect(text).not.toMatch(/spread \d.*urea|Week of/);
});

test('lead by an extract is never called safe', async ({ page }) => {
  const app = await typeBeds(page);
  await typeBy(app, 'Lead, Pb', '20', 'mehlich-3');
  const text = await printedLines(app);
  expect(text).toContain('Ask the laboratory for a total lead test');
  expect(text).not.toMatch(/below US guidance|is safe/);
});

test('salts hold the fertilizer, first on the page, with the water that leaches them', async ({
  page,
}) => {
  const app = await typeBeds(page);
  await typeBy(app, 'Salts, EC', '4.5', 'saturated-paste');
  const text = await printedLines(app);
  expect(text.indexOf('Salts.')).toBeLessThan(text.indexOf('640 square feet'));
  expect(text).toContain('with about 12 inches of good water');
  expect(text).toContain('No fertilizer here until a new test shows fewer salts.');
});

/** Everything is written anew: the page is read again for it. */
async function switchUnits(page: Page, units: string): Promise<void> {
  const choice = page.getByLabel('Units', { exact: true });
  await Promise.all([page.waitForEvent('load'), choice.selectOption(units)]);
  await expect(choice).toHaveValue(units);
}

test('metric units by one switch, on screens and page, and back', async ({ page }) => {
  const app = new App(page);
  await page.goto('/office');
  await switchUnits(page, 'metric');
  await app.typeLawn({ title: 'Weir Cottage', squareFeet: '6200', ph: '5.4', buffer: '6.4' });
  await expect(page.locator('#worksheet h1')).toHaveText(/^Lime this lawn: \d+ kg of/);
  await app.go('Slip');
  const text = (await app.printed()).replace(/\s+/g, ' ');
  expect(text).toContain('576 square meters');
  expect(text).toMatch(/\d kg of pelletized limestone/);
  expect(text).not.toMatch(/\d lb|square feet|inches/);
  await page.goto('/office');
  await switchUnits(page, 'us');
  await app.desk();
  await page.getByRole('link', { name: 'Weir Cottage' }).press('Enter');
  await expect(page.locator('#worksheet h1')).toBeVisible();
  await app.go('pH');
  await expect(page.locator('#worksheet h1')).toHaveText(/^Lime this lawn: \d+ lb of/);
});
