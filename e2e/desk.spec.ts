import { App, expect, ORACLE, test } from './app';
import { multiplyLines } from './caseload';

test('cases stand in the queue that they wait in', async ({ page }) => {
  const app = new App(page);
  await page.clock.setFixedTime('2027-10-04T10:00:00');
  await app.typeLawn(ORACLE);
  await app.typeLawn({ title: 'Ford Green', squareFeet: '1000', ph: '6.4', om: '35' });
  await app.newCase();
  await app.type('Name of the case', 'Landing House');
  await app.go('Results');
  await app.type('Sample taken on', '20 Sep 2027');
  await app.saved();
  await app.desk();
  const lines = page.locator('[data-case-link]');
  const show = (queue: string) =>
    page.getByRole('button', { name: new RegExp(`^${queue}`) }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('One case needs a decision');
  await expect(lines).toHaveText(['Weir Cottage']);
  await show('At the laboratory');
  await expect(page.locator('tbody tr')).toHaveText(/Landing House.*20 Sep 2027/);
  await show('Slip to send');
  await expect(lines).toHaveText(['Ford Green']);
  await page.getByRole('link', { name: 'Ford Green' }).click();
  await page.getByRole('button', { name: 'Mark as sent' }).click();
  await expect(page.getByText('Sent 4 Oct 2027')).toBeVisible();
  await app.saved();
  await app.desk();
  await show('Slip to send');
  await expect(page.getByText('No slip waits to be sent.')).toBeVisible();
  await show('All');
  await expect(lines).toHaveText(['Weir Cottage', 'Landing House', 'Ford Green']);
});

test('the chosen case says what it comes to, and its figures open', async ({ page }) => {
  const app = new App(page);
  await app.typeLawn(ORACLE);
  await app.desk();
  const chosen = page.getByRole('complementary', { name: 'Chosen case' });
  // Its line until somebody looks at it, then what it comes to.
  await expect(chosen).toContainText('The lime is to be approved');
  await chosen.hover();
  await expect(chosen).toContainText('Lime this lawn: 708 lb of pelletized limestone');
  await chosen.getByRole('button', { name: '708' }).click();
  await expect(page.getByRole('region', { name: 'How this was reached' })).toContainText(
    '4.7 tons',
  );
  await chosen.getByRole('link', { name: 'Open' }).click();
  await expect(page.locator('[aria-current="step"]')).toHaveText(/pH/);
});

test('2,000 cases: only what is in view is drawn, the keys reach the last, a search finds one', async ({
  page,
}) => {
  const app = new App(page);
  await app.typeLawn({ title: 'Weir Cottage', squareFeet: '1000', ph: '5.4', buffer: '6.4' });
  await multiplyLines(page, 2000);
  await app.desk();
  const lines = page.locator('[data-case-link]');
  await expect(page.getByRole('table')).toHaveAttribute('aria-rowcount', '2002');
  expect(await lines.count()).toBeLessThan(100);
  await lines.first().focus();
  await page.keyboard.press('End');
  await expect(page.locator('[data-index="2000"]')).toBeFocused();
  await page.keyboard.press('ArrowUp');
  await expect(page.locator('[data-index="1999"]')).toBeFocused();
  await page.keyboard.press('Home');
  await expect(page.locator('[data-index="0"]')).toBeFocused();
  await page.keyboard.press('/');
  await page.keyboard.type('plot 01234 cool');
  await expect(lines).toHaveText(['Plot 01234']);
  await page.keyboard.press('ArrowDown');
  await expect(lines).toBeFocused();
  await page.getByLabel('Find a case', { exact: true }).fill('nobody of this name');
  await expect(page.getByText('No case has these words: nobody of this name')).toBeVisible();
  await page.getByRole('button', { name: 'Clear the search' }).click();
  await expect(page.getByRole('table')).toHaveAttribute('aria-rowcount', '2002');
});

test('a first visit is shown the invented county, once, and it goes as one', async ({ page }) => {
  const app = new App(page);
  await page.route('**/api/demo', (route) => route.fulfill({ json: { demo: true } }));
  await app.desk();
  await page.getByRole('button', { name: /^All/ }).click();
  const table = page.getByRole('table');
  await expect(table).toHaveAttribute('aria-rowcount', '27');
  await page.reload();
  await page.getByRole('button', { name: /^All/ }).click();
  await expect(table).toHaveAttribute('aria-rowcount', '27');
  await page.getByRole('button', { name: 'Remove them all' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('No cases yet.');
  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('No cases yet.');
  await page.getByText('26 deleted cases, kept for 30 days').click();
  await page.getByText('The invented county').getByRole('button', { name: 'Bring back' }).click();
  await page.getByRole('button', { name: /^All/ }).click();
  await expect(table).toHaveAttribute('aria-rowcount', '27');
});

test('a server that was started empty shows none', async ({ page, request }) => {
  const answer: unknown = await (await request.get('/api/demo')).json();
  expect(answer).toEqual({ demo: false });
  await new App(page).desk();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('No cases yet.');
});

test('lines that an older version wrote are made anew in a worker', async ({ page }) => {
  const app = new App(page);
  await app.typeLawn(ORACLE);
  await app.desk();
  await expect(page.locator('[data-case-link]')).toHaveCount(1);
  await page.evaluate(async () => {
    const open = indexedDB.open('agrologos');
    const base = await new Promise<IDBDatabase>((resolve) => {
      open.onsuccess = () => resolve(open.result);
    });
    const write = base.transaction('deskLines', 'readwrite');
    const store = write.objectStore('deskLines');
    const all = store.getAll();
    all.onsuccess = () => {
      for (const record of all.result as { lines: { version: number; title: string }[] }[]) {
        for (const line of record.lines) Object.assign(line, { version: 1, title: 'Old' });
        store.put(record);
      }
    };
    await new Promise<void>((resolve) => {
      write.oncomplete = () => resolve();
    });
    base.close();
  });
  await app.desk();
  await expect(page.locator('[data-case-link]')).toHaveText(ORACLE.title ?? '');
});

test('the key Delete deletes the line that has the focus, and one undo brings it back', async ({
  page,
}) => {
  const app = new App(page);
  for (const title of ['Ford Green', 'Weir Cottage']) {
    await app.newCase();
    await app.type('Name of the case', title);
    await app.saved();
  }
  await app.desk();
  await page.getByRole('link', { name: 'Ford Green' }).focus();
  await page.keyboard.press('Delete');
  await expect(page.getByText('“Ford Green” is deleted.')).toBeVisible();
  await expect(page.locator('[data-case-link]')).toHaveText(['Weir Cottage']);
  await page.keyboard.press('Control+z');
  await expect(page.locator('[data-case-link]')).toHaveCount(2);
});
