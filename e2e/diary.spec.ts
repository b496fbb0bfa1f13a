import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { App, expect, test } from './app';

/** A lawn with two applications of lime and some of nitrogen, at its diary. */
async function lawn(page: Page): Promise<App> {
  const app = new App(page);
  await app.typeLawn({
    ph: '5.4',
    buffer: '6.2',
    om: '3',
    squareFeet: '5000',
    planFrom: '1 Mar 2026',
  });
  await app.go('Diary');
  return app;
}

const act = (page: Page, name: string) =>
  page.getByRole('button', { name: new RegExp(`^${name}: `) });
const toCome = (page: Page) => page.getByRole('list', { name: 'Still to come' });
const records = (page: Page) => page.getByRole('list', { name: 'Put on' });

test('two are done, one of them otherwise, one is left out: plan, page, ledger and table follow', async ({
  page,
}) => {
  const app = await lawn(page);
  const lime = act(page, 'As planned').first();
  await expect(lime).toHaveAccessibleName(/pelletized limestone, 9 Mar 2026, Main lawn/);
  await lime.click();
  await expect(toCome(page)).not.toContainText('9 Mar 2026');
  await expect(records(page)).toContainText('9 Mar 2026');
  // The page tells of what is left alone.
  await expect(page.getByRole('complementary', { name: 'The slip says' })).not.toContainText(
    '9 Mar 2026',
  );
  await act(page, 'Not done').first().click();
  await expect(page.getByLabel('Why it was left out')).toBeFocused();
  await page.keyboard.type('drought');
  await act(page, 'Otherwise').first().click();
  await expect(page.getByLabel('Done on')).toBeFocused();
  await app.type('Amount', '20');
  await expect(
    page.getByText(/more urea 46-0-0 went on than the ground bears at once/),
  ).toBeVisible();
  const ledger = page.getByRole('table', { name: 'What each year had' });
  // 20 lb of urea on 5,000 ft².
  await expect(ledger.getByRole('row', { name: /^2026/ })).toContainText('1.84');
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as a table (CSV)' }).click();
  expect(await readFile(await (await saved).path(), 'utf8')).toMatch(/^2026,[\d.]+,,1\.84,/m);
  await app.saved();
  await page.reload();
  await expect(records(page)).toContainText('drought');
  await page.getByRole('button', { name: /^Remove: Left out/ }).click();
  await expect(records(page)).not.toContainText('drought');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(records(page)).toContainText('drought');
});

test('what nobody had planned counts too; a slip of the pen is said at its place', async ({
  page,
}) => {
  const app = await lawn(page);
  await page.getByRole('button', { name: 'Add fertilizer' }).click();
  await app.type('Done on', '5 May 2026');
  await app.type('Amount', '1o');
  await expect(page.getByText('“1o” is not a number.')).toBeVisible();
  await app.type('Amount', '10');
  await app.type('N %, or grade', '10-10-10');
  const ledger = page.getByRole('table', { name: 'What each year had' });
  await expect(ledger.getByRole('row', { name: /^2026/ })).toContainText('1 lb');
  await app.go('Fertilizer');
  await expect(page.locator('#worksheet')).toContainText('Given');
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('it is told in the yard, with a thumb', async ({ page }) => {
    const app = await lawn(page);
    await act(page, 'As planned').first().tap();
    await expect(records(page).getByRole('listitem')).toHaveCount(1);
    await page.getByRole('button', { name: 'Another part of it, on another day' }).tap();
    await app.type('Amount', '40');
    await expect(records(page).getByRole('listitem')).toHaveCount(2);
    const sheet = page.locator('#worksheet');
    const { wide, room } = await sheet.evaluate((each) => ({
      wide: each.scrollWidth,
      room: each.clientWidth,
    }));
    expect(wide).toBeLessThanOrEqual(room);
    await app.saved();
  });
});

/** A lawn of loam that was tested in September 2023 and in October 2025, at its diary. */
async function testedTwice(page: Page, before: string, now: string): Promise<App> {
  const app = new App(page);
  await app.typeLawn({
    ...{ title: 'Weir Cottage', ph: now, buffer: '6.4', texture: 'loam', om: '3' },
    ...{ squareFeet: '5000', planFrom: '6 Oct 2025' },
  });
  await app.go('Results');
  await app.type('Report dated', '5 Oct 2025');
  await page.getByLabel('Date of another report').fill('20 Sep 2023');
  await page.getByRole('button', { name: 'Add the report' }).click();
  await page.getByText('Report of 20 Sep 2023').click();
  await page.locator('details[open]').getByLabel('pH (in water)', { exact: true }).fill(before);
  await app.go('Diary');
  return app;
}

/** Lime between the two. */
async function limedBetween(page: Page, app: App): Promise<void> {
  await page.getByRole('button', { name: 'Add lime' }).click();
  await app.type('Done on', '10 Oct 2023');
  await app.type('Amount', '50');
  await app.type('CCE', '90');
}

test('a new report brings the verdict: what came, what was expected, what to do; the page says it', async ({
  page,
}) => {
  const app = await testedTwice(page, '5.5', '6.1');
  await expect(page.getByText(/^A verdict comes with a new report/)).toBeVisible();
  await limedBetween(page, app);
  await expect(page.getByText('The lime did what was hoped for.')).toBeVisible();
  const row = page.getByRole('table', { name: 'Did it work?' }).getByRole('row').nth(1);
  await expect(row).toContainText(/pH 5\.5.*pH 6\.1.*\+0\.6.*\+0\.6/);
  await expect(page.getByRole('img', { name: /^Lime and sulfur of each year/ })).toBeVisible();
  await app.go('Slip');
  await expect(page.locator('#worksheet')).toContainText('The lime did what we hoped');
});

test('what its own tests show is planned by with a reason; a second person looks it over', async ({
  page,
}) => {
  const app = await testedTwice(page, '5.2', '5.8');
  await expect(page.getByText(/^Two tests of one laboratory and season/)).toBeVisible();
  await limedBetween(page, app);
  const shown = page.getByRole('table', { name: 'How this ground answers' });
  await expect(shown.getByRole('row').nth(1)).toContainText(
    /Pure limestone.*lb.*one pair of tests/,
  );
  await app.go('pH');
  await page.getByRole('radio', { name: 'What this ground’s own tests show' }).check();
  await expect(page.getByText('it needs a reason').first()).toBeVisible();
  await app.type('Why you go by this ground’s own tests', 'It answered well before.');
  await app.go('Slip');
  await expect(page.locator('#worksheet')).toContainText('It answered well before');

  await page.getByText('Looked over by a second person').click();
  await app.type('Typed in by', 'Ada Quill');
  await app.type('What to look at', 'The lime by its own tests');
  await page.getByRole('button', { name: 'Ask for a review' }).click();
  await expect(page.getByText(/^It waits since .* The lime by its own tests/)).toBeVisible();
  await app.saved();
  await app.desk();
  await page.getByRole('button', { name: /^To look over/ }).click();
  await page.getByRole('link', { name: 'Weir Cottage' }).press('Enter');
  await app.go('Slip');
  await expect(page.getByRole('button', { name: 'It is right' })).toBeDisabled();
  await app.type('Looked over by', 'Odo Fenn');
  await page.getByRole('button', { name: 'It is right' }).click();
  await expect(page.getByText(/^Odo Fenn looked it over on/)).toBeVisible();
  await app.go('Ground');
  await app.type('Area', '5600');
  await app.go('Slip');
  await expect(page.getByText('Amounts or days have changed since.')).toBeVisible();
});

test('a load of compost is told as done; it is in the ledger, off the calendar, and can come back', async ({
  page,
}) => {
  const app = new App(page);
  await app.typeLawn({ ph: '6.5', squareFeet: '1000', planFrom: '1 Mar 2026' });
  await app.go('Fertilizer');
  await page.getByRole('button', { name: 'Add compost, manure or a cover crop' }).click();
  await app.find('Add compost or manure', 'dairy manure compost');
  await app.type('Amount', '0.25');
  await app.type('Day', '10 Apr 2026');
  await app.go('Diary');
  await page.getByRole('button', { name: /^As planned: .*compost/i }).click();
  const loads = page.getByRole('list', { name: 'Loads that were told' });
  await expect(loads).toContainText(/airy manure compost/);
  const ledger = page.getByRole('table', { name: 'What each year had' });
  await expect(ledger.getByRole('row', { name: /^2026/ })).toContainText('4.63');
  await page.getByRole('button', { name: /^Still to come after all: / }).click();
  await expect(loads).toHaveCount(0);
  await expect(toCome(page)).toContainText(/airy manure compost/);
});

test('the same on two pieces of ground is told in one go, and taken back in one', async ({
  page,
}) => {
  const app = new App(page);
  await app.typeLawn({ ph: '6.5', squareFeet: '1000', planFrom: '1 Mar 2026' });
  await app.go('Ground');
  await app.addGround('Cool-season grass', 'Back lawn');
  await app.field('Shape').selectOption('square-feet');
  await app.type('Area', '2000');
  await app.go('Diary');
  const items = records(page).getByRole('listitem');
  await page
    .getByRole('button', { name: /^As planned on all 2 pieces: urea/i })
    .first()
    .click();
  await expect(items).toHaveCount(2);
  await expect(records(page)).toContainText('Back lawn');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(items).toHaveCount(0);
});
