import { App, test } from './app';
test('look', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 1900 });
  const app = new App(page);
  await app.typeLawn({ ph: '6.5', om: '3', squareFeet: '5000', planFrom: '1 Mar 2027' });
  await app.go('Results');
  await page.getByLabel('Phosphorus', { exact: false }).first().fill('30');
  await page.getByLabel('Potassium', { exact: false }).first().fill('120');
  await app.go('Fertilizer');
  await page.getByRole('button', { name: 'See what one product does in some years' }).click();
  await app.find('The one product', 'fertilizer 10-10-10');
  await app.type('For years', '10');
  await page.getByText('In figures, year by year').first().click();
  await page.waitForTimeout(1500);
  await page.screenshot({ path: '/tmp/a.png', fullPage: true });
});
