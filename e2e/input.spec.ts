import { App, expect, test } from './app';

const RESULTS: readonly (readonly [string, string, string])[] = [
  ['pH (in water)', '61', '61 is outside 3 to 10.'],
  ['pH (in water)', '6,1', '“6,1” has a comma. Did you mean 6.1?'],
  ['pH (in water)', 'acidic', '“acidic” is not a number.'],
  ['SMP buffer pH', '8.2', '8.2 is outside 4 to 7.5.'],
  ['Organic matter', '140', '140 is outside 0 to 100.'],
  ['CEC', '-2', '-2 must be more than 0 and at most 200.'],
  ['Plan from', '2027-02-30', 'There is no such day as 2027-02-30.'],
  ['Plan from', 'in spring', '“in spring” is not a date. Write it as 4 Oct 2027 or 10/4/2027.'],
];

test('bad input has its error at its place, stays as typed and gives no amount', async ({
  page,
}) => {
  const app = new App(page);
  await app.typeLawn({ squareFeet: '6200' });
  await app.go('Results');
  for (const [label, typed, error] of RESULTS) {
    const field = app.field(label);
    const before = await field.inputValue();
    await field.fill(typed);
    await expect(field).toHaveAttribute('aria-invalid', 'true');
    const [id] = ((await field.getAttribute('aria-describedby')) ?? '').split(' ');
    const notes = page.locator(`[id="${id}"]`);
    await expect(notes).toHaveText(error);
    await expect(field).toHaveValue(typed);
    await expect(page.getByRole('complementary', { name: 'The slip says' })).not.toContainText(
      'lb',
    );
    await field.fill(before);
    await expect(field).toHaveAttribute('aria-invalid', 'false');
  }
});

test('areas and labels: zero, negative, CCE 0 and 300', async ({ page }) => {
  const app = new App(page);
  await app.typeLawn({ squareFeet: '6200', ph: '5.4', buffer: '6.4', planFrom: '4 Oct 2027' });
  for (const percent of ['0', '300']) {
    await app.type('Percent', percent);
    await expect(page.getByText(`${percent} is outside 10 to 109.`)).toBeVisible();
    await expect(page.locator('#worksheet h1')).toHaveText('The lime cannot be worked out yet.');
  }
  await app.type('Percent', '85');
  await app.go('Ground');
  for (const area of ['0', '-40']) {
    await app.type('Area', area);
    await expect(page.getByText(`${area} must be more than 0`)).toBeVisible();
  }
});

test('an empty report is no error: the slip has nothing to say yet', async ({ page }) => {
  const app = new App(page);
  await app.newCase();
  await app.go('pH');
  await expect(page.locator('#worksheet h1')).toHaveText('Type the report first.');
  await app.go('Slip');
  await expect(page.locator('#worksheet h1')).toHaveText('Nothing to hand over yet.');
});

test('lime of the last year is asked for and counted off', async ({ page }) => {
  const app = new App(page);
  await app.typeLawn({
    squareFeet: '1000',
    ph: '5.4',
    buffer: '6.4',
    percent: '90',
    planFrom: '4 Oct 2027',
  });
  await app.go('Results');
  await app.type('Sample taken on', '1 Sep 2027');
  await page.getByRole('button', { name: 'Add lime' }).click();
  await app.type('Spread on', '10 Sep 2027');
  await app.type('Amount', '50');
  await app.go('pH');
  // 107.9 − 50 of table limestone = 57.9 lb on 1000 ft²: 50 at once, and the rest is not worth a second trip
  await expect(page.locator('#worksheet h1')).toContainText(
    '50 lb of pelletized limestone, in one application',
  );
  await expect(page.getByText('Lime from the last year is still at work')).toBeVisible();
});

test('the rest of the paper is kept as printed with ppm beside it, and what does not fit is asked about', async ({
  page,
}) => {
  const app = new App(page);
  await app.typeLawn({ squareFeet: '1000' });
  await app.go('Results');
  for (const line of ['pH (in CaCl2)', 'Calcium, Ca', 'Magnesium, Mg']) {
    await page.getByLabel('Add a line', { exact: true }).selectOption({ label: line });
  }
  await app.type('pH (in CaCl2)', '5.0');
  await app.type('CEC', '8');
  await app.type('Calcium, Ca', '8');
  await app.field('Unit of Calcium, Ca').selectOption('meq/100g');
  // 8 × 200.39
  await expect(page.locator('[data-working="lawn/report/ca"]')).toHaveText('1,603.1 ppm');
  await app.type('Magnesium, Mg', '200');
  // 8 + 200 ÷ 121.525 = 9.65 > 8.8
  await expect(page.getByText(/come to 9\.6.* meq\/100 g, more than the CEC/)).toBeVisible();
  await page.getByRole('button', { name: 'It is right' }).click();
  await expect(page.getByText(/more than the CEC/)).toHaveCount(0);
  await app.type('Potassium, K', '900');
  await page.getByRole('button', { name: '900 lb/acre' }).click();
  await expect(page.getByText('of potassium is very much')).toHaveCount(0);
  await app.go('pH');
  await expect(page.locator('#worksheet')).toContainText(/Measured pH 5\.6 ± (pH )?0\.2/);
  await page.reload();
  await app.go('Results');
  await expect(app.field('Calcium, Ca')).toHaveValue('8');
});

test('a day without a year is given the nearest one; half a month is asked about', async ({
  page,
}) => {
  const app = new App(page);
  await app.typeLawn({ squareFeet: '4000', ph: '6.2', planFrom: '4 Oct 2027' });
  await app.go('Sample');
  const taken = app.field('Sample taken on');
  await taken.fill('9/12');
  await taken.press('Enter');
  await expect(taken).toHaveValue('12 Sep 2027');
  await taken.fill('mid-May');
  await expect(page.getByText('“mid-May” is more than one day. Which day is meant')).toBeVisible();
});
