/** Makes every picture of docs/screenshots/, at 1280x800 and once at 900, from invented cases. */
import { test, type Page } from '@playwright/test';
import { App, ORACLE, type LawnReport } from '../e2e/app';

const CASES: readonly LawnReport[] = [
  { title: 'Ford Green', squareFeet: '14500', ph: '6.4', planFrom: '1 Oct 2027' },
  {
    title: 'Osier Row, back lawn',
    unknownArea: true,
    ph: '5.7',
    texture: 'loam',
    planFrom: '1 Oct 2027',
  },
  { title: 'Staithe Lane', squareFeet: '2400', ph: '5.1', buffer: '6.1', planFrom: '2 Oct 2027' },
  { ...ORACLE, texture: 'silt-loam', lab: '115', om: '3.4' },
];

async function picture(page: Page, name: string): Promise<void> {
  await page.mouse.move(0, 0);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
}

test('pictures', async ({ page }) => {
  const app = new App(page);
  await page.clock.setFixedTime('2027-10-04T10:00:00');
  await app.desk();
  await picture(page, 'first-visit');
  for (const report of CASES) await app.typeLawn(report);
  await app.go('Ground');
  await app.type('Client', 'Ada Quill');
  await app.type('Place', 'Lower Fen');
  await app.type('What they ask', 'Moss in the lawn: does it want lime?');
  await app.saved();
  await picture(page, 'ground');
  await app.go('Results');
  await picture(page, 'results');
  await app.go('pH');
  await page.locator('#worksheet table [data-working="lawn/lime/smp/requirement"]').click();
  await picture(page, 'ph');
  await page.setViewportSize({ width: 900, height: 800 });
  await picture(page, 'ph-900');
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.keyboard.press('Escape');
  await app.go('Feeding');
  await picture(page, 'feeding');
  await app.go('Slip');
  await picture(page, 'slip');
  await page.emulateMedia({ media: 'print' });
  await page.setViewportSize({ width: 816, height: 1056 });
  await page.screenshot({ path: 'docs/screenshots/printed.png', fullPage: true });
  await page.emulateMedia({ media: 'screen' });
  await page.setViewportSize({ width: 1280, height: 800 });
  await app.desk();
  await page.locator('[data-case-link]').nth(3).waitFor();
  await picture(page, 'desk');
});
