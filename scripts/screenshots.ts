/** Makes every picture of docs/screenshots/, at 1280x800 from the demo county. */
import { execFileSync } from 'node:child_process';
import { mkdtemp, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { test, type Page } from '@playwright/test';
import { App, type StepName } from '../e2e/app';

async function picture(page: Page, name: string): Promise<void> {
  await page.mouse.move(0, 0);
  // A step that is fetched just now is no picture.
  await page.locator('#worksheet [aria-busy]').waitFor({ state: 'detached' });
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
}

/** Opens a case of the county from the Desk at a step. */
async function open(app: App, name: string, step: StepName): Promise<void> {
  await app.desk();
  await app.page.getByLabel('Find a case', { exact: true }).fill(name);
  await app.page.getByRole('link', { name: new RegExp(`^${name}`) }).click();
  await app.page.locator('#worksheet').waitFor();
  await app.go(step);
}

/** The first sheet of a printed page, with its margins, as a picture. */
async function sheetOfPaper(pdf: Buffer, name: string): Promise<void> {
  const file = path.join(await mkdtemp(path.join(tmpdir(), 'sheet-')), 'page.pdf');
  await writeFile(file, pdf);
  const to = ['-singlefile', file, `docs/screenshots/${name}`];
  execFileSync('pdftoppm', ['-png', '-r', '96', ...to]);
}

const SHOPS = [
  ['urea 46-0-0', [['50', '31']]],
  [
    'diammonium phosphate 18-46-0',
    [
      ['5', '12'],
      ['25', '30'],
    ],
  ],
  ['muriate of potash 0-0-60', [['10', '11']]],
  ['fertilizer 10-10-10', [['40', '22']]],
] as const;
const PRICES = [
  ['pelletized limestone', '6.80'],
  ['triple superphosphate 0-46-0', '38'],
  ['muriate of potash 0-0-60', '31.50'],
  ['urea 46-0-0', '24.50'],
] as const;

/** A laboratory's table for three samples of the county, with a name and a value to be mended. */
const TABLE = [
  'Lab no,Bag,pH,Buffer pH,OM %,Bray-1 P (ppm),K ppm',
  '4410,"Ford Green, both sides",5.6,6.5,3.2,24,130',
  '4411,"Landing Lane, the slop",6.1,,4.0,31,145',
  '4412,Landing House,5.8,6.5,3.4,1O,80',
  '4413,Harrow Ferry school garden,6.7,,6.1,<5,140',
].join('\n');

/** A sum of the telephone with what somebody else says of it, and a case to learn on with a slip in it. */
async function benchAndPractice(page: Page): Promise<void> {
  await page.goto('/bench?sum=sulfur');
  await page.getByLabel('Sulfur on the label').fill('30');
  await page.getByLabel('Bushes').fill('3');
  await page.getByLabel('pH now').fill('6.1');
  await page.getByLabel('They say').fill('0.38');
  await page.getByText('Less than is right.').waitFor();
  await page.getByRole('button', { name: /30 · 3 · 6.1/ }).waitFor();
  await picture(page, 'bench');
  await page.goto('/practice?level=2&seed=205&count=5');
  await page.getByLabel('Your answer').fill('3575');
  await page.keyboard.press('Enter');
  await page.getByText(/^Not quite/).waitFor();
  await picture(page, 'practice');
}

/** A diary with what was done as planned and otherwise, and what each year had. */
async function diary(app: App): Promise<void> {
  const { page } = app;
  await open(app, 'Mill Prairie church lawn', 'Diary');
  await page
    .getByRole('button', { name: /^As planned: / })
    .first()
    .click();
  await page
    .getByRole('button', { name: /^Otherwise: / })
    .first()
    .click();
  await app.type('By whom', 'Bram, the sexton');
  await app.type('Weather, or a note', 'half the grass was wet');
  await page.getByRole('button', { name: 'That is it' }).click();
  await page.locator('#worksheet').evaluate((sheet) => sheet.scrollTo(0, 0));
  await picture(page, 'diary');
}

test('pictures', async ({ page }) => {
  const app = new App(page);
  await page.clock.setFixedTime('2027-10-04T10:00:00');
  await app.desk();
  await page.route('**/api/demo', (route) => route.fulfill({ json: { demo: true } }));
  await app.desk();
  await page.locator('[data-case-link]').nth(8).waitFor();
  await page.getByRole('link', { name: /^Mill Prairie/ }).focus();
  await page.getByText('Lime this lawn').first().waitFor();
  await picture(page, 'desk');
  await page.getByRole('button', { name: 'Read a laboratory’s table' }).click();
  await page.getByRole('button', { name: 'Paste a table …' }).click();
  await page.getByRole('dialog').getByRole('textbox').fill(TABLE);
  await page.getByRole('button', { name: 'Look through it' }).click();
  await page.getByLabel('Line 4, Bray-1 P (ppm)').waitFor();
  await picture(page, 'table');
  await open(app, 'Mill Prairie church lawn', 'pH');
  await page.locator('#worksheet table [data-working="a1/lime/smp/requirement"]').click();
  await page.locator('[data-working-panel]').waitFor();
  await picture(page, 'ph');
  await open(app, 'Tannery Row', 'Ground');
  await page.locator('#worksheet').evaluate((sheet) => sheet.scrollBy(0, 380));
  await picture(page, 'ground');
  await open(app, 'Rope Street rental', 'Sample');
  await picture(page, 'sample');
  await open(app, 'The old machine shop', 'Reading');
  await picture(page, 'reading');
  await page.getByRole('link', { name: 'Two packs side by side' }).click();
  await page.getByLabel('Beside it').selectOption({ label: 'Lake States 1995, version 4' });
  await page.getByRole('table', { name: 'Soil test' }).getByText('recalled').first().click();
  await picture(page, 'yardsticks');
  await open(app, 'Landing House', 'Ground');
  await app.choose('Kitchen beds');
  await app.go('Results');
  await picture(page, 'results');
  await app.go('Fertilizer');
  await picture(page, 'feeding');
  await page
    .getByRole('button', { name: 'Find the best way to buy for all areas together' })
    .click();
  for (const [material, packs] of SHOPS) {
    const field = page.getByLabel('Add a material', { exact: true });
    await field.fill(material);
    await page.getByRole('option', { name: material }).first().click();
    for (const [at, [pounds, price]] of packs.entries()) {
      await page.getByRole('button', { name: `Add a pack of ${material}` }).click();
      await page.getByLabel(`Pounds in a pack of ${material}`).nth(at).fill(pounds);
      await page.getByLabel(`Price of a pack of ${material}, dollars`).nth(at).fill(price);
    }
  }
  await page.getByLabel('Pounds of urea 46-0-0 on hand').fill('4');
  await page.getByRole('button', { name: 'Find the best ways' }).click();
  await page.getByRole('button', { name: 'Take this' }).first().waitFor({ timeout: 60_000 });
  await page.getByRole('table', { name: 'On hand and in the shops' }).scrollIntoViewIfNeeded();
  await page.locator('#worksheet').evaluate((sheet) => sheet.scrollBy(0, 420));
  await picture(page, 'buying');
  for (const [material] of SHOPS) {
    await page.getByRole('button', { name: `Take ${material} off the list` }).click();
  }
  for (const [material, price] of PRICES) {
    await page.getByLabel(`Price of a bag of ${material}, dollars`).fill(price);
  }
  await page.getByRole('button', { name: 'All ground' }).click();
  await page.getByRole('heading', { name: '4 areas' }).waitFor();
  await picture(page, 'all-ground');
  await app.go('Calendar');
  await page
    .getByRole('button', { name: /^urea 46-0-0, / })
    .first()
    .focus();
  await page.keyboard.press('ArrowDown');
  await picture(page, 'calendar');
  await app.go('Slip');
  await picture(page, 'slip');
  await sheetOfPaper(await page.pdf({ preferCSSPageSize: true }), 'printed');
  await benchAndPractice(page);
  await diary(app);
  await page.goto('/office');
  await page.getByRole('button', { name: 'Begin with three usual ones' }).click();
  await page.getByLabel('Signature').fill('Ines Odera\nHorticulture advisor');
  await page
    .getByLabel('How to reach the office')
    .fill('3 Weir Street, Harrow Ferry\nMonday to Thursday');
  await page.getByLabel('Name').nth(2).waitFor();
  await picture(page, 'office');
  await page.goto('/shed');
  await page.getByRole('button', { name: 'Type a bag' }).click();
  await page.getByLabel('What it is called').fill('Half a bag from the barn');
  await page.getByLabel('Grade, N-P2O5-K2O').fill('16-4-8');
  await page.getByLabel('Slowly available N, % of the bag').fill('4');
  await page.getByLabel('Pounds in the bag').fill('40');
  await page.getByLabel('Covers, ft²').fill('8000');
  await page.getByText('Ratio 4-1-2.').waitFor();
  await picture(page, 'shed');
});
