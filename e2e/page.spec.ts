/** What an advisor does to the page before it goes out, and what goes out. */
import { execFileSync } from 'node:child_process';
import type { Download, Locator } from '@playwright/test';
import { App, expect, ORACLE, test } from './app';

const squeezed = (words: string): string => words.replace(/\s+/g, ' ');

async function pdfText(download: Promise<Download>): Promise<{ text: string; info: string }> {
  const file = await (await download).path();
  const text = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' });
  return { text: squeezed(text), info: execFileSync('pdfinfo', [file], { encoding: 'utf8' }) };
}

/** Opens what can be done with a line and chooses of it. */
async function change(app: App, words: RegExp, act: string): Promise<Locator> {
  const line = app.page.locator('[data-line]').filter({ hasText: words }).first();
  await line.hover();
  await line.getByRole('button', { name: /^Change the line/ }).click();
  await app.page.getByRole('button', { name: act, exact: true }).click();
  return line;
}

test('a line is struck out, another said in other words and one added; all is kept, asked about and taken back', async ({
  page,
}) => {
  const app = new App(page);
  await app.typeLawn(ORACLE);
  await app.go('Slip');
  await change(app, /^Lime takes 8 to 12 months/, 'Strike out');
  await expect(page.getByText('Struck out by you')).toBeVisible();
  await change(app, /^4 Apr 2028: spread 236 lb/, 'Reword');
  await page.getByLabel('Your words for this line').fill('In April the same again, 236 lb.');
  await page.getByRole('button', { name: 'Keep' }).click();
  await change(app, /^In April the same again/, 'Add a line below');
  await page.getByLabel('A line of your own').fill('Call us if the ground is still soaked then.');
  await page.keyboard.press('Control+Enter');
  await app.saved();
  await page.reload();
  await expect(page.getByText('Struck out by you')).toBeVisible();
  const printed = squeezed(await app.printed());
  expect(printed).not.toContain('Lime takes 8 to 12 months');
  expect(printed).toContain(
    'In April the same again, 236 lb. Call us if the ground is still soaked',
  );
  expect(printed).not.toMatch(/Struck out by you|Your words/);
  await app.go('Ground');
  await app.type('Area', '7000');
  await app.go('Slip');
  await expect(page.getByText('The figures under this line have changed since')).toBeVisible();
  await expect(page.locator('#worksheet h1')).not.toHaveText('The slip is ready.');
  await page.getByRole('button', { name: 'As it was' }).click();
  await expect(page.locator('[data-line]').filter({ hasText: /^4 Apr 2028: spread/ })).toHaveText(
    /spread 267 lb/,
  );
  await page.getByRole('button', { name: 'Put it back' }).click();
  await page.getByRole('button', { name: 'Remove', exact: true }).click();
  await expect(page.locator('[data-line]').filter({ hasText: 'Call us' })).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(page.locator('[data-line]').filter({ hasText: 'Call us' })).toHaveCount(1);
});

test('the page is given out, kept, compared and printed again', async ({ page }) => {
  const app = new App(page);
  await app.typeLawn(ORACLE);
  await page.getByRole('button', { name: /Approve pH/ }).click();
  await app.go('Fertilizer');
  await page.getByRole('button', { name: /Approve fertilizer/ }).click();
  await app.go('Slip');
  await page.getByRole('button', { name: 'Mark as sent' }).click();
  await expect(page.getByText('as it stands now')).toBeVisible();
  await app.go('Ground');
  await app.type('Area', '6300');
  await app.go('Slip');
  await expect(page.getByText(/^differs in \d+ lines$/)).toBeVisible();
  await page.getByRole('button', { name: 'What differs' }).click();
  await expect(page.getByText('Main lawn, 6,200 square feet')).toBeVisible();
  await page.getByRole('button', { name: 'Open', exact: true }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('236 lb of pelletized limestone');
  const download = page.waitForEvent('download');
  await dialog.getByRole('button', { name: 'Save as PDF' }).click();
  const { text } = await pdfText(download);
  expect(text).toContain('Main lawn, 6,200 square feet');
  expect(text).toContain('4 Oct 2027: spread 236 lb of pelletized limestone');
});

test('a Spanish page in large letters on A4, with the same pounds and dates', async ({ page }) => {
  const app = new App(page);
  await page.goto('/office');
  await app.officePaper('a4');
  await app.typeLawn(ORACLE);
  await app.go('Slip');
  await app.field('Language of the page').selectOption('es');
  await expect(page.getByText('Su suelo es demasiado ácido:')).not.toHaveCount(0);
  const printed = squeezed(await app.printed());
  expect(printed).toContain(
    '4 de octubre de 2027: esparza 236 libras de cal agrícola en gránulos, es decir, 5.9 bolsas.',
  );
  expect(printed).toContain('Compre 12 bolsas de cal agrícola en gránulos');
  await page.getByLabel('Large letters').check();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'PDF', exact: true }).click();
  const { text, info } = await pdfText(download);
  expect(info).toMatch(/Page size:\s+595/);
  expect(text).toContain('4 de octubre de 2027: esparza 236 libras de cal agrícola en gránulos');
  expect(text).toContain('Mantenga lejos a los niños y las mascotas');
});

test('the sums go behind the page where they are wanted', async ({ page }) => {
  const app = new App(page);
  await app.typeLawn(ORACLE);
  await app.go('Slip');
  expect(await app.printed()).not.toContain('How the figures were reached');
  await page.getByLabel('With the sums behind it').check();
  expect(await app.printed()).toContain('How the figures were reached');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'PDF', exact: true }).click();
  const { text } = await pdfText(download);
  expect(text).toContain('How the figures were reached');
  expect(text).toContain('107.9');
});
