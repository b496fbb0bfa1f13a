import { App, expect, ORACLE, test } from './app';

test('what the office decides once stands in new cases and on every slip', async ({
  page,
  context,
}) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  const app = new App(page);
  await app.desk();
  await page.keyboard.press('o');
  const office = (label: string) => page.getByLabel(label, { exact: true });
  await office('Laboratory').fill('Fen Soils');
  await office('Extractant of phosphorus').selectOption('bray-1');
  await office('P and K are printed in').selectOption('lb/acre');
  await office('Signature').fill('Ines Odera\nAdvisor');
  await office('How to reach the office').fill('3 Weir Street, Harrow Ferry');
  await office('Paper').selectOption('a4');
  await page.getByRole('button', { name: 'Begin with three usual ones' }).click();
  await expect(office('Name')).toHaveCount(3);
  await office('Words').first().fill('Water it in.\n\nThen wait.');
  await page.getByRole('button', { name: 'Remove “Next sample”' }).click();
  await expect(office('Name')).toHaveCount(2);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(office('Name')).toHaveCount(3);
  await app.typeLawn({ ...ORACLE, title: 'Penny Lockhart’s lawn' });
  await app.go('Results');
  await expect(app.field('Laboratory')).toHaveValue('Fen Soils');
  await expect(app.field('Method of Phosphorus, P')).toHaveValue('bray-1');
  await app.go('Slip');
  await page.getByLabel('Insert a paragraph …').selectOption({ label: 'Watering in' });
  await page.keyboard.press('Control+k');
  await page.getByRole('dialog').getByRole('combobox').fill('insert spreader');
  await page.keyboard.press('Enter');
  await expect(app.field('Spreader')).toHaveValue(/Set the spreader low/);
  await app.field('Spreader').fill('Weigh what goes out.');
  const paper = (await app.printed()).replace(/\s+/g, ' ');
  for (const line of [
    'Penny Lockhart’s lawn',
    'Water it in.',
    'Weigh what goes out.',
    'Ines Odera',
  ]) {
    expect(paper).toContain(line);
  }
  await page.getByLabel('Leave the name of client and case out').check();
  const unnamed = await app.printed();
  expect(unnamed).not.toContain('Lockhart');
  expect(unnamed).toContain('What your soil needs');
  await page.getByRole('button', { name: 'Copy as text' }).click();
  await expect(page.getByText('Copied. Paste it into your e-mail.')).toBeVisible();
  const copied = await page.evaluate(() => navigator.clipboard.readText());
  expect(copied).toContain('Water it in.\n\nThen wait.');
  expect(copied).toContain('Ines Odera\nAdvisor\n\n3 Weir Street, Harrow Ferry');
  expect(copied).not.toContain('Lockhart');
  expect(Math.max(...copied.split('\n').map((line) => line.length))).toBeLessThanOrEqual(72);
  await page.getByRole('button', { name: 'Remove: Spreader' }).click();
  await expect(app.field('Spreader')).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(app.field('Spreader')).toHaveValue('Weigh what goes out.');
});

test('the paper is as the office has it', async ({ page }) => {
  const app = new App(page);
  await app.typeLawn(ORACLE);
  await app.go('Slip');
  // Letter is 612 × 792 points, A4 595 × 842.
  expect(await app.paperSize()).toBe('612 x 792');
  await page.goto('/office');
  await app.officePaper('a4');
  await page.goBack();
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expect.poll(() => app.paperSize()).toMatch(/^59[45]\.?\d* x 84[12]/);
});
