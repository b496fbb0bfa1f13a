import { App, expect, ORACLE, test } from './app';

test('a step has an address, and the back button goes back a step', async ({ page }) => {
  const app = new App(page);
  await app.typeLawn(ORACLE);
  await expect(page).toHaveURL(/step=ph/);
  await page.goBack();
  await expect(page.locator('[aria-current="step"]')).toHaveText(/Results/);
  await page.goForward();
  await expect(page.locator('[aria-current="step"]')).toHaveText(/pH/);
  const url = page.url().replace('step=ph', 'step=feeding');
  await page.goto(url);
  await expect(page.locator('#worksheet h1')).toContainText(
    'Fertilize this lawn: 27 lb of urea 46-0-0',
  );
});

test('the margin follows each keystroke that parses, and folds away', async ({ page }) => {
  const app = new App(page);
  await app.typeLawn({ ...ORACLE, title: '' });
  const margin = page.getByRole('complementary', { name: 'The slip says' });
  await app.go('Results');
  await app.field('SMP buffer pH').focus();
  await page.keyboard.press('End');
  await page.keyboard.press('Backspace');
  await expect(margin).toContainText('How much lime this area needs, this report does not say.');
  await page.keyboard.press('2');
  // 6.2: 6.4 tons/acre; × 4 ÷ 8 × 45.914 × 90 ÷ 85 × 6.2 = 965 lb in four
  await expect(margin).toContainText('4 Oct 2027: spread 241 lb of pelletized limestone');
  await page.getByRole('button', { name: 'Undo' }).focus();
  await page.keyboard.press('m');
  await expect(margin).not.toContainText('spread');
  await page.keyboard.press('m');
  await expect(margin).toContainText('spread 241 lb');
});

test('the Desk follows a case that is typed in another tab', async ({ page, context }) => {
  const app = new App(page);
  await app.newCase();
  await app.saved();
  const desk = new App(await context.newPage());
  await desk.desk();
  await expect(desk.page.locator('[data-case-link]')).toHaveText('Unnamed case');
  await app.type('Name of the case', 'Landing Lane');
  await expect(desk.page.locator('[data-case-link]')).toHaveText('Landing Lane');
  await desk.page.getByRole('link', { name: 'Landing Lane' }).press('Enter');
  await expect(desk.field('Name of the case')).toHaveValue('Landing Lane');
});

test('the laboratory can be followed, settled, and lapses when the report changes', async ({
  page,
}) => {
  const app = new App(page);
  await app.typeLawn({ ...ORACLE, lab: '45' });
  const heading = page.locator('#worksheet h1');
  await page.getByRole('radio', { name: 'The laboratory says' }).check();
  // 45 lb/1000 ft² × 6.2 = 279 lb, under the cap of 310 in one
  await expect(heading).toHaveText(
    'Lime this lawn: 279 lb of pelletized limestone, in one application.',
  );
  await page.keyboard.press('Control+Enter');
  await expect(page.getByText('Approved', { exact: true })).toBeVisible();
  await app.go('Results');
  await app.type('Lime recommended', '60');
  await app.go('pH');
  await expect(page.getByText('The lime has changed since you approved it')).toBeVisible();
  await expect(heading).toHaveText(
    'Lime this lawn: 372 lb of pelletized limestone, in two applications.',
  );
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('Approved', { exact: true })).toBeVisible();
});

test('an amount of one’s own needs a reason, and its working says who set it', async ({ page }) => {
  const app = new App(page);
  await app.typeLawn(ORACLE);
  await page.getByText('Your own amount').click();
  await app.type('Product', '30');
  await expect(page.getByText('your own amount needs a reason beside it')).toBeVisible();
  await app.type('Why', 'the bed is sown next week');
  await page.getByRole('radio', { name: 'Your own amount' }).check();
  await expect(page.locator('#worksheet h1')).toContainText('186 lb of pelletized limestone'); // 30 × 6.2
  await page.locator('#worksheet table [data-working="lawn/lime/own/amount"]').click();
  await expect(page.getByRole('region', { name: 'How this was reached' })).toContainText(
    'set by the advisor: the bed is sown next week',
  );
});
