import { App, expect, test } from './app';

test('a rectangle and a circle are measured, and what was typed for either is kept', async ({
  page,
}) => {
  const app = new App(page);
  await app.newCase();
  const result = page.locator('#worksheet [data-working="lawn/ground/area"]');
  await app.type('Length', '100');
  await app.type('Width', '62');
  await expect(result).toHaveText('6,200 ft²');
  await app.field('Shape').selectOption('circle');
  await app.type('Diameter', '40');
  await expect(result).toHaveText('1,257 ft²'); // 3.14159 × 20²
  await result.click();
  await expect(page.getByRole('region', { name: 'How this was reached' })).toContainText(
    'Area of a circle: π × diameter² ÷ 4',
  );
  await app.field('Shape').selectOption('rectangle');
  await expect(app.field('Length')).toHaveValue('100');
  await expect(result).toHaveText('6,200 ft²');
  await app.field('Shape').selectOption('unknown');
  await expect(page.getByText('Amounts will be for 1000 square feet')).toBeVisible();
});

test('the situation sets the cap and the depth, and what happens to feeding', async ({ page }) => {
  const app = new App(page);
  await app.typeLawn({ squareFeet: '1000', ph: '5.4', buffer: '6.4', percent: '90' });
  const heading = page.locator('#worksheet h1');
  // 107.9 lb at 4 in.: ÷ 50 is three, ÷ 25 is five; 161.8 lb at 6 in. are worked in at once
  await expect(heading).toHaveText(/108 lb of pelletized limestone, in three applications/);
  await app.go('Ground');
  await app.field('Situation').selectOption('stressed');
  await app.go('pH');
  await expect(heading).toHaveText(/108 lb of pelletized limestone, in five applications/);
  await app.go('Ground');
  await app.field('Situation').selectOption('tilled');
  await app.go('pH');
  await expect(heading).toHaveText(/162 lb of pelletized limestone, in one application/);
  await app.go('Fertilizer');
  // 1.5 ÷ 0.46 on 1000 ft²: a starter at sowing, and more after the first mowings.
  await expect(heading).toContainText('3.3 lb of urea 46-0-0');
});

test('target and depth are decisions: they are typed, questioned and taken back', async ({
  page,
}) => {
  const app = new App(page);
  await app.typeLawn({ squareFeet: '1000', ph: '5.4', buffer: '6.4', percent: '90' });
  const heading = page.locator('#worksheet h1');
  await app.type('Aim for pH', '6.0'); // 3.8 t × ½ × 45.914 = 87.2
  await expect(heading).toHaveText(/87 lb of pelletized limestone, in two applications/);
  await app.type('Depth treated', '3'); // × ¾
  await expect(heading).toHaveText(/65 lb of pelletized limestone, in two applications/);
  await app.type('Aim for pH', '9');
  await expect(page.getByText('9 is outside 5 to 7.')).toBeVisible();
  await app.type('Aim for pH', '');
  await app.type('Depth treated', '');
  await expect(heading).toHaveText(/108 lb of pelletized limestone, in three applications/);
});

test('the arrow keys go from case to case, Enter opens one', async ({ page }) => {
  const app = new App(page);
  for (const title of ['Ford Green', 'Landing Lane', 'Weir Cottage']) {
    await app.newCase();
    await app.type('Name of the case', title);
    await app.saved();
  }
  await app.desk();
  const links = page.locator('[data-case-link]');
  await expect(links).toHaveText(['Weir Cottage', 'Landing Lane', 'Ford Green']);
  await links.first().focus();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowUp');
  await expect(links.nth(1)).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(app.field('Name of the case')).toHaveValue('Landing Lane');
});
