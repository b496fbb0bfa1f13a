import { App, expect, ORACLE, PRINTED, test } from './app';

test('from an empty desk to the printed page', async ({ page }) => {
  const app = new App(page);
  await app.desk();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('No cases yet.');
  await app.typeLawn(ORACLE);
  const heading = page.locator('#worksheet h1');
  await expect(heading).toHaveText(
    'Lime this lawn: 708 lb of pelletized limestone, in three applications.',
  );
  await page.getByRole('button', { name: /Approve pH/ }).click();
  await expect(page.getByText('Approved', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Next: Fertilizer' }).click();
  await page.getByRole('button', { name: /Approve fertilizer/ }).click();
  await page.getByRole('button', { name: 'Next: Calendar' }).click();
  await page.getByRole('button', { name: 'Next: Slip' }).click();
  await expect(heading).toHaveText('The slip is ready.');
  const text = (await app.printed()).replace(/\s+/g, ' ');
  for (const line of PRINTED) expect(text).toContain(line);
  expect(text).not.toMatch(/Undo|Find a command|Next:/);
});

test('the slip is copied as plain text by one key', async ({ page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  const app = new App(page);
  await app.typeLawn(ORACLE);
  await app.go('Slip');
  await page.keyboard.press('c');
  await expect(page.getByText('Copied. Paste it into your e-mail.')).toBeVisible();
  const copied = await page.evaluate(() => navigator.clipboard.readText());
  expect(copied).toContain(
    '- 4 Oct 2027: spread 236 lb of pelletized limestone, that is 5.9 bags.',
  );
});

test('"nothing to do" is a finished slip', async ({ page }) => {
  const app = new App(page);
  await app.typeLawn({ title: 'Ford Green', squareFeet: '1000', ph: '6.4', om: '35' });
  await app.go('Slip');
  await expect(page.locator('#worksheet h1')).toHaveText('The slip is ready.');
  const text = (await app.printed()).replace(/\s+/g, ' ');
  expect(text).toContain('No lime: your soil pH needs none.');
  expect(text).toContain('no fertilizer is needed');
});

test('with no area known the slip speaks for 1000 square feet', async ({ page }) => {
  const app = new App(page);
  const { percent, planFrom, ph, buffer } = ORACLE;
  await app.typeLawn({ unknownArea: true, ...{ percent, planFrom, ph, buffer } } as typeof ORACLE);
  const text = (await app.printed()).replace(/\s+/g, ' ');
  // 107.9 × 90 ÷ 85 ÷ 3 = 38.1; × 5 = 190; 40 ÷ 38.1 = 1.05 thousand
  expect(text).toContain(
    '4 Oct 2027: spread 38 lb of pelletized limestone on each 1,000 square feet.',
  );
  expect(text).toMatch(/5,000 square feet 190 lb/);
  expect(text).toContain('One bag, 40 lb a bag, covers 1,050 square feet.');
});
