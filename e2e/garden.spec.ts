import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { App, expect, test } from './app';
import { taken } from './files';

const CSV_HEAD = 'sample,analyte,value,unit,method';
const VALUES = [
  'Garden,pH,5.7,,',
  'Garden,buffer pH,6.5,,SMP',
  'Garden,OM,3.4,%,',
  'Garden,CEC,10,,',
  'Garden,P,8,ppm,Bray-1',
  'Garden,K,75,ppm,ammonium acetate',
];

async function give(page: Page, button: string, name: string, text: string): Promise<void> {
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: button }).click();
  await (await chooser).setFiles({ name, mimeType: 'text/plain', buffer: Buffer.from(text) });
}

/** A lawn, two kinds of beds and rows of corn on one sample, and a herb bed that is not tested. */
async function typeGarden(app: App): Promise<void> {
  await app.newCase();
  await app.type('Name of the case', 'Weir Cottage');
  await app.type('Name of the area', 'Main lawn');
  await app.type('Length', '100');
  await app.type('Width', '62 ft');
  await app.go('Results');
  await app.type('Name of the sample', 'Garden');
  await app.type('Plan from', '4 Oct 2027');
  await give(app.page, 'Read a table (CSV)', 'report.csv', [CSV_HEAD, ...VALUES].join('\n'));
  await app.page.getByRole('button', { name: 'Take the values' }).click();
  await expect(app.page.getByText('6 values read for one sample.')).toBeVisible();
  await app.go('Ground');
  await app.addVegetables();
}

test('four pieces of ground, both sources, and the slip', async ({ page }) => {
  const app = new App(page);
  await typeGarden(app);
  const rail = page.getByRole('complementary').first();
  await expect(rail).toContainText(/Kitchen beds.*200 ft².*Sweet corn.*900 ft².*Herb bed.*50 ft²/s);
  await app.choose('Kitchen beds');
  await app.go('Fertilizer');
  const heading = page.locator('#worksheet h1');
  // 4 ÷ 0.46 × 0.2 = 1.74; 2 ÷ 0.6 × 0.2 = 0.67; 2 ÷ 0.46 × 0.2 = 0.87
  await expect(heading).toHaveText(
    'Fertilize this bed: 1.74 lb of triple superphosphate 0-46-0, 0.67 lb of muriate of potash 0-0-60 and 0.87 lb of urea 46-0-0.',
  );
  await app.go('Results');
  await app.type('Nitrogen, N', '1');
  await app.go('Fertilizer');
  await page.getByRole('radio', { name: /^The laboratory/ }).check();
  // 1 ÷ 0.46 × 0.2 = 0.43
  await expect(heading).toHaveText(
    'Fertilize this bed: 0.43 lb of urea 46-0-0, in two applications.',
  );
  await page.getByRole('radio', { name: /^Sufficiency, by the pack/ }).check();
  await page.getByRole('radio', { name: 'One product, one trip' }).check();
  await expect(heading).toContainText('in one application');
  await page.getByRole('radio', { name: /Each need by its own product/ }).check();
  await app.find('Phosphate from', 'diammonium phosphate 18-46-0');
  await expect(heading).toContainText('1.74 lb of diammonium phosphate 18-46-0');
  await page.getByLabel('Nitrogen from').fill('weed');
  await expect(page.getByRole('option', { name: /weed-and-feed/ })).toBeDisabled();
  await page.keyboard.press('Escape');
  await page.getByLabel('Price of a bag of urea 46-0-0, dollars').fill('24.50');
  await expect(page.locator('[data-working="job/buy/urea-46-0-0/cost"]')).toHaveText('$24.50');
  await page.getByRole('button', { name: 'All ground' }).click();
  await expect(heading).toHaveText('4 areas');
  const text = (await app.printed()).replace(/\s+/g, ' ');
  for (const line of [
    'What to buy',
    'Main lawn, 6,200 square feet',
    'Kitchen beds, 200 square feet',
    // 8.70 lb/1000 ft² × 0.2 = 1.74 lb, 28 oz worked in at once, 7 oz for each bed
    'spread 28 oz of diammonium phosphate 18-46-0: 7 oz, about ¾ cup, for each bed.',
    'Sweet corn, 900 square feet',
    'Herb bed, 50 square feet',
    'Your soil has not been tested. Bring a sample',
  ]) {
    expect(text).toContain(line);
  }
});

test('a case goes out as a file, is deleted, and comes back as it was', async ({ page }) => {
  const app = new App(page);
  await typeGarden(app);
  await app.go('Slip');
  const saved = await taken(page, 'Save as file');
  const before = await app.printed();
  await app.desk();
  await app.deleteCase('Weir Cottage');
  await expect(page.getByText('“Weir Cottage” is deleted.')).toBeVisible();
  await give(
    page,
    'Import a case or a backup',
    'weir.json',
    saved.replace(/"schema": \d+/, '"schema": 99'),
  );
  await expect(page.getByText('Nothing was taken from “weir.json”.')).toBeVisible();
  await expect(page.getByText(/Line 1, column 1\. .*newer Agrologos/)).toBeVisible();
  await give(page, 'Import a case or a backup', 'weir.json', saved);
  await expect(page.getByText('No new case, one brought back from the deleted.')).toBeVisible();
  await page.getByRole('link', { name: 'Weir Cottage' }).click();
  await app.go('Slip');
  expect(await app.printed()).toBe(before);
});

test('the caseload goes out as a backup and comes back into an empty browser', async ({ page }) => {
  const app = new App(page);
  await app.typeLawn({ title: 'Ford Green', squareFeet: '1000', ph: '6.4' });
  await app.typeLawn({ title: 'Landing Lane', squareFeet: '2400', ph: '5.1', buffer: '6.1' });
  await app.desk();
  await expect(page.getByText('there is no backup yet')).toBeVisible();
  const lines = page.locator('tbody tr');
  await expect(lines).toHaveCount(2);
  const before = await lines.allInnerTexts();
  const backup = await taken(page, 'Back up now');
  await expect(page.getByText('2 cases are in the backup file.')).toBeVisible();
  await expect(page.getByText('there is no backup yet')).toHaveCount(0);
  await page.evaluate(async () => {
    localStorage.clear();
    for (const { name = '' } of await indexedDB.databases()) indexedDB.deleteDatabase(name);
  });
  await app.desk();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('No cases yet.');
  await give(page, 'Import a case or a backup', 'b.json', backup);
  await page.getByRole('button', { name: 'Take 2 cases' }).click();
  await expect(page.getByText('2 new cases.')).toBeVisible();
  await expect(lines).toHaveCount(2);
  expect((await lines.allInnerTexts()).sort()).toEqual(before.sort());
  await give(page, 'Import a case or a backup', 'b.json', backup);
  await expect(page.getByText('2 cases are the same in both places.')).toBeVisible();
  await page.getByRole('button', { name: 'Take nothing' }).click();
});

test('a CSV file with an error on line 7 gives nothing until it is mended', async ({ page }) => {
  const app = new App(page);
  await app.newCase();
  await app.go('Results');
  await app.type('Name of the sample', 'Garden');
  const bad = [...VALUES.slice(0, 5), 'Garden,K,"7,5",ppm,ammonium acetate'];
  await give(page, 'Read a table (CSV)', 'report.csv', [CSV_HEAD, ...bad].join('\n'));
  await expect(page.getByText('value: “7,5” has a comma.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Take the values' })).toBeDisabled();
  await expect(app.field('pH (in water)')).toHaveValue('');
  await page.getByLabel('Line 7, value').fill('75');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Take the values' }).click();
  await expect(page.getByText('6 values read for one sample.')).toBeVisible();
  await expect(app.field('Potassium, K')).toHaveValue('75');
  await expect(app.field('pH (in water)')).toHaveValue('5.7');
  // While the dialog is on its way out it still has the keys.
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(app.field('pH (in water)')).toHaveValue('');
});

test('ground is removed and brought back by one undo', async ({ page }) => {
  const app = new App(page);
  await app.newCase();
  await app.addGround('Trees and shrubs', 'Hedge');
  await page.getByRole('button', { name: 'Remove this ground' }).click();
  await expect(page.getByRole('button', { name: /Hedge/ })).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: /Hedge/ })).toBeVisible();
});

test('the shed explains a grade, and nothing is worked out of a pesticide', async ({ page }) => {
  await page.goto('/shed?material=fertilizer-13-13-13');
  await expect(page.getByText('In one bag, 50 lb a bag: 6.5 lb of nitrogen')).toBeVisible();
  await page.locator('[data-working="fertilizer-13-13-13/N/in-bag"]').click();
  await expect(page.getByRole('region', { name: 'How this was reached' })).toContainText('0.13');
  await page.getByRole('button', { name: 'weed-and-feed 28-0-3' }).click();
  await expect(page.getByText('Holds a pesticide')).toBeVisible();
});

test('the route of the running server', async ({ request }) => {
  const fixture = (name: string): unknown =>
    JSON.parse(readFileSync(`files/planApi/fixtures/${name}-v1.json`, 'utf8'));
  const answer = await request.post('/api/plan', { data: fixture('request') });
  expect(answer.status()).toBe(200);
  const { areas, jobCostUsd } = (await answer.json()) as { areas: object[]; jobCostUsd: null };
  expect([areas.length, jobCostUsd]).toEqual([2, null]);
  const headers = { 'content-type': 'application/json' };
  const statuses = [
    await request.post('/api/plan', { headers, data: '{"format": NaN}' }),
    await request.post('/api/plan', { data: 'x', headers: { 'content-type': 'text/plain' } }),
    await request.post('/api/plan', { headers, data: ' '.repeat(1_000_001) }),
    await request.get('/api/plan'),
    await request.delete('/api/plan'),
  ].map((each) => each.status());
  expect(statuses).toEqual([400, 415, 413, 405, 405]);
});
