import { writeFileSync } from 'node:fs';
import { App, expect, test } from './app';

/** A paper of each family: the lines in their order, a value for each of the first of them. */
const PAPERS: readonly (readonly [layout: string, values: readonly string[], last: string])[] = [
  ['Bray and ammonium acetate', ['6.1', '6.7', '3.2', '24', '140', '1500'], 'Calcium, Ca'],
  ['Mehlich-3, ppm', ['6.1', '6.2', '3.2', '44', '140'], 'Potassium, K'],
  ['Mehlich-1, lb per acre', ['5.8', '7.7', '44', '140', '900'], 'Calcium, Ca'],
  ['Olsen, calcareous soil', ['7.8', '0.6', '1.4', '12', '9'], 'Phosphorus, P'],
  ['Modified Morgan', ['5.9', '6.1', '4', '6', '90'], 'Potassium, K'],
  ['Potting mix, saturated extract', ['6.0', '1.8', '60', '8'], 'Phosphorus, P'],
  ['Irrigation water', ['7.6', '180', '0.5', '20'], 'Water: sodium'],
];

test('a paper of each layout is typed down its column by the keyboard alone', async ({ page }) => {
  const app = new App(page);
  await app.newCase();
  await app.go('Results');
  for (const [layout, values, last] of PAPERS) {
    await page.getByLabel('Layout', { exact: true }).selectOption({ label: layout });
    const first = page.locator('#worksheet input[data-column="0"]').first();
    await first.focus();
    for (const value of values) {
      await page.keyboard.press('Control+a');
      await page.keyboard.type(value);
      await page.keyboard.press('Enter');
    }
    await expect(app.field(last)).toHaveValue(values.at(-1) ?? '');
    await expect(app.field(last)).not.toBeFocused();
  }
  // Not turned into ppm of soil, whatever the paper says of it.
  await page.getByLabel('Layout', { exact: true }).selectOption({ label: 'Usual' });
  await page.getByLabel('Unit of Phosphorus, P').selectOption('ppm-extract');
  await expect(page.locator('[data-analyte="p"]')).toContainText('never ppm of soil');
  await page.getByLabel('Unit of Phosphorus, P').selectOption('lb/acre');
  await expect(page.locator('[data-working="lawn/report/p"]')).toHaveText('4 ppm');
});

test('three samples stand beside one another, Enter goes down and then to the next', async ({
  page,
}) => {
  const app = new App(page);
  await app.newCase();
  for (const name of ['Hedge', 'Border']) {
    await app.addGround('Trees and shrubs', name);
    await app.field('Soil sample').selectOption('new');
  }
  await app.go('Results');
  await app.field('pH (in water), Sample 1').focus();
  for (const value of ['6.1', '6.8', '3.1', '10']) {
    await page.keyboard.type(value);
    await page.keyboard.press('Enter');
  }
  for (let line = 0; line < 3; line += 1) await page.keyboard.press('Enter');
  await expect(app.field('pH (in water), Sample 2')).toBeFocused();
  await page.keyboard.type('5.5');
  await app.type('Phosphorus, P, Sample 3', '12');
  await page.getByLabel('Method of Phosphorus, P').selectOption('olsen');
  await app.choose('Hedge');
  await expect(page.getByLabel('Method of Phosphorus, P')).toHaveValue('olsen');
  await expect(app.field('CEC, Sample 1')).toHaveValue('10');
});

test('a layout is saved under a name and is the office’s paper from then on', async ({ page }) => {
  const app = new App(page);
  await app.newCase();
  await app.go('Results');
  await page.getByLabel('Add a line', { exact: true }).selectOption({ label: 'Lead, Pb' });
  await page.getByLabel('Unit of Potassium, K').selectOption('lb/acre');
  await page.getByRole('button', { name: 'Save this layout …' }).click();
  await page.getByLabel('Name of the layout').fill('Fen Soils');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Saved in the Office.')).toBeVisible();
  await app.saved();
  await page.goto('/office');
  const paper = page.getByLabel('Layout of its paper');
  await paper.selectOption({ label: 'Fen Soils' });
  await expect(paper).toHaveValue(/.+/);
  await app.newCase();
  await app.go('Results');
  await expect(page.getByLabel('Layout', { exact: true })).toHaveValue(/.+/);
  await expect(app.field('Lead, Pb')).toBeVisible();
  await expect(page.getByLabel('Unit of Potassium, K')).toHaveValue('lb/acre');
});

const WIDE = [
  'Lab no,Bag,pH,Buffer pH,P Bray-1 (ppm),K ammonium acetate (ppm)',
  '1,27-01,5.4,6.4,=1+1,140',
  '2,27-02,61 ,6.8,"12,5",x',
  '3,27-03,6.2,,20,150',
  '4,29-99,7,,30,100',
].join('\n');

test('a wide table for several cases has three errors mended in the preview, and one undo', async ({
  page,
}) => {
  const app = new App(page);
  for (const bag of ['27-01', '27-02', '27-03']) {
    await app.newCase();
    await app.type('Name of the case', `Case ${bag}`);
    await app.go('Results');
    await app.type('Name of the sample', bag);
    await app.saved();
  }
  await app.desk();
  await page.getByRole('button', { name: 'Read a laboratory’s table' }).click();
  await page.getByRole('button', { name: 'Paste a table …' }).click();
  await page.getByRole('dialog').getByRole('textbox').fill(WIDE);
  await page.getByRole('button', { name: 'Look through it' }).click();
  await page.getByRole('button', { name: 'Leave all of these rows out' }).click();
  await expect(page.getByText('2 rows cannot be read yet.')).toBeVisible();
  const take = page.getByRole('button', { name: 'Take the values' });
  await expect(take).toBeDisabled();
  const mend = async (cell: string, value: string): Promise<void> => {
    await page.getByLabel(cell).fill(value);
    await page.keyboard.press('Enter');
    await expect(page.getByLabel(cell)).toHaveCount(0);
  };
  await mend('Line 2, P Bray-1 (ppm)', '18');
  await mend('Line 3, P Bray-1 (ppm)', '12.5');
  await mend('Line 3, K ammonium acetate (ppm)', '90');
  await take.click();
  await expect(page.getByText('Read for 3 samples of 3 cases.')).toBeVisible();
  await page.getByRole('link', { name: 'Case 27-01' }).click();
  await app.go('Results');
  await expect(app.field('Phosphorus, P')).toHaveValue('18');
  await expect(page.getByLabel('Method of Phosphorus, P')).toHaveValue('bray-1');
  await page.goBack();
  await app.desk();
  await page.getByRole('link', { name: 'Case 27-02' }).click();
  await app.go('Results');
  // As printed: the plan tells that 61 is no pH, at its place.
  await expect(app.field('pH (in water)')).toHaveValue('61');
  await expect(page.getByText('61 is outside 3 to 10.')).toBeVisible();
});

test('a file that no report is as large as is refused at once', async ({ page }, info) => {
  const app = new App(page);
  await app.newCase();
  await app.go('Results');
  const path = info.outputPath('large.csv');
  writeFileSync(path, Buffer.alloc(50_000_000, '1,2\n'));
  await page.locator('#worksheet input[type=file]').setInputFiles(path);
  await expect(page.getByText('“large.csv” is larger than 20 MB')).toBeVisible();
});

test('three kit readings that disagree are asked about; a laboratory goes before the kit', async ({
  page,
}) => {
  const app = new App(page);
  await app.newCase();
  await app.go('Results');
  await page.getByRole('button', { name: 'Add readings of a color kit' }).click();
  for (const [index, ph] of ['5.0', '5.5', '6.5'].entries()) {
    if (index > 0) await page.getByRole('button', { name: 'Another reading' }).click();
    await app.type(`pH, reading ${index + 1}`, ph);
  }
  await expect(page.getByText('The kit’s readings run from 5 to 6.5.')).toBeVisible();
  const compared = page.getByRole('table', { name: 'Kit, probe and laboratory' });
  // (5 + 5.5 + 6.5) ÷ 3, and half a step of 0.5 beyond the outer ones
  await expect(compared.getByRole('row', { name: /^Color kit/ })).toContainText(
    /pH 5\.67.*4\.8 to 6\.8.*rests on it: the surest so far/,
  );
  await app.go('pH');
  await expect(page.getByText('The pH comes from a color kit')).toBeVisible();
  await app.go('Results');
  await app.type('pH (in water)', '6.2');
  await expect(compared.getByRole('row', { name: /^Laboratory/ })).toContainText(
    'rests on it: a laboratory goes before',
  );
});

test('an earlier report stays with the ground, and the change since is shown', async ({ page }) => {
  const app = new App(page);
  await app.typeLawn({ squareFeet: '1000', ph: '6.2' });
  await app.go('Results');
  await app.type('Report dated', '1 Sep 2027');
  await page.getByLabel('Date of another report').fill('1 Sep 2024');
  await page.getByRole('button', { name: 'Add the report' }).click();
  await page.getByText('Report of 1 Sep 2024').click();
  await page.locator('details[open]').getByLabel('pH (in water)', { exact: true }).fill('5.0');
  const changes = page.getByRole('table', { name: 'Since the report before' });
  await expect(changes.getByRole('row', { name: /^pH/ })).toContainText(/pH 5\.0.*pH 6\.2.*\+1\.2/);
  await expect(page.getByText(/was pH 5\.0 on the last report and is pH 6\.2 now/)).toBeVisible();
});

test('one report by two packs: the rating, the margin and the other packs’ words change', async ({
  page,
}) => {
  const app = new App(page);
  await app.typeLawn({ squareFeet: '1000', ph: '6.4' });
  await app.go('Results');
  await page.getByLabel('Layout', { exact: true }).selectOption({ label: 'Mehlich-3, ppm' });
  await app.type('Phosphorus, P', '20');
  await app.type('Potassium, K', '100');
  await app.go('Reading');
  await expect(page.getByText('Mehlich-3 (ICP): no rating in this pack.').first()).toBeVisible();
  await page.getByText('What each pack makes of this report').click();
  const packs = page.getByRole('table', { name: 'What each pack makes of this report' });
  await expect(packs.getByRole('row', { name: /^Delta, Mehlich-3 low medium/ })).toBeVisible();
  await page.getByLabel('Read by').selectOption({ label: 'Delta, Mehlich-3, version 3' });
  await app.go('Fertilizer');
  // Low P and medium K on a lawn: 1 lb of P2O5 ÷ 0.46 and 1 lb of K2O ÷ 0.6 on 1000 square feet.
  await expect(page.locator('#worksheet h1')).toContainText(
    '2.2 lb of triple superphosphate 0-46-0, 1.67 lb of muriate of potash',
  );
  const slip = page.getByRole('complementary', { name: 'The slip says' });
  await expect(slip).toContainText('muriate of potash');
  await page.keyboard.press('Control+z');
  await expect(slip).not.toContainText('muriate of potash');
});
