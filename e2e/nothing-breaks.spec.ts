import { backupOf, titledCase, withStrips } from '../test/backups';
import { lawnCase, ORACLE, type LawnInput } from '../test/cases';
import { KNOWN_CASES } from '../test/knownCases';
import { App, expect, test, type StepName } from './app';
import type { Page } from '@playwright/test';

const FED: LawnInput = { ph: '6.5', om: '3', cec: '10', p: { text: '8' }, k: { text: '75' } };
/** Brings cases in by one backup, as a person does. */
async function bringIn(page: Page, files: Parameters<typeof backupOf>[0]): Promise<void> {
  await new App(page).desk();
  await page.locator('input[type=file]').setInputFiles({
    name: 'cases.json',
    mimeType: 'application/json',
    buffer: Buffer.from(backupOf(files)),
  });
  await page.getByRole('button', { name: /^Take (?:one|\d+) cases?$/ }).click();
  await expect(page.locator('[data-case-link]')).toHaveCount(files.length);
}

test('cases that once broke the page are opened, edited, and opened again', async ({ page }) => {
  test.setTimeout(240_000);
  const app = new App(page);
  await bringIn(
    page,
    KNOWN_CASES.map(([title, input]) => titledCase(title, input)),
  );
  for (const [title] of KNOWN_CASES) {
    await app.desk();
    await page.getByRole('link', { name: title }).first().click();
    for (const step of ['Reading', 'pH', 'Fertilizer'] satisfies StepName[]) {
      await app.go(step);
      await expect(page.locator('#worksheet')).not.toBeEmpty();
    }
    await app.go('Slip');
    await expect(page.locator('#worksheet')).toContainText('This page supports');
    await app.go('Ground');
    await app.type('Client', `Client of ${title}`);
    await app.saved();
    await page.reload();
    await expect(app.field('Client')).toHaveValue(`Client of ${title}`);
    await expect(page.getByRole('alert').filter({ hasText: 'could not go on' })).toHaveCount(0);
  }
});

test('a food plot from its pH to its page', async ({ page }) => {
  const app = new App(page);
  await bringIn(page, [titledCase('Hollow plot', { plant: 'white-clover', squareFeet: '20000' })]);
  await page.getByRole('link', { name: 'Hollow plot' }).first().click();
  await app.go('Results');
  await app.type('pH (in water)', '5.6');
  await app.type('SMP buffer pH', '6.5');
  await app.go('pH');
  await expect(page.locator('#worksheet')).toContainText('limestone');
  await app.go('Fertilizer');
  await app.go('Slip');
  await expect(page.locator('#worksheet')).toContainText('Buy');
});

/** Puts rows as they stand into the store of cases. */
async function poison(page: Page, rows: readonly object[]): Promise<void> {
  await page.evaluate(
    (all) =>
      new Promise<void>((resolve, reject) => {
        const opening = indexedDB.open('agrologos');
        opening.onsuccess = () => {
          const storing = opening.result.transaction(['cases', 'deskLines'], 'readwrite');
          for (const row of all) storing.objectStore('cases').put(row);
          storing.oncomplete = () => resolve();
          storing.onerror = () => reject(new Error('not stored'));
        };
      }),
    rows,
  );
}

test('poisoned records beside good ones: each is listed, opens as text, and goes; the good ones work', async ({
  page,
}) => {
  const app = new App(page);
  await bringIn(page, [titledCase('Weir Cottage', ORACLE), titledCase('Mill House', FED)]);
  const good = lawnCase(ORACLE);
  await poison(page, [
    { id: 'no-areas', rev: 1, schema: good.schema, deletedAt: 0, doc: { title: 'Nothing in it' } },
    {
      id: 'wrong-areas',
      rev: 1,
      schema: good.schema,
      deletedAt: 0,
      doc: { ...good, id: 'wrong-areas', title: 'Wrong ground', areas: { lawn: 7 } },
    },
  ]);
  await page.reload();
  await expect(page.locator('[data-case-link]')).toHaveCount(4);
  await page.getByRole('link', { name: 'Wrong ground' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.getByText('The case as text').click();
  await expect(page.locator('pre')).toContainText('"Wrong ground"');
  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the case as a file' }).click();
  expect((await saving).suggestedFilename()).toBe('case.agrologos.json');
  await page.getByRole('button', { name: 'Delete the case' }).click();
  await expect(page.locator('[data-case-link]')).toHaveCount(3);
  await page.getByRole('link', { name: 'Mill House' }).click();
  await app.go('Ground');
  await app.type('Client', 'Ada Quill');
  await app.saved();
});

test('ground beyond what can be worked out says so; the rest of its case goes on', async ({
  page,
}) => {
  const app = new App(page);
  await bringIn(page, [withStrips(titledCase('Too much ground', ORACLE), 70)]);
  await page.getByRole('link', { name: 'Too much ground' }).first().click();
  await expect(app.field('Name of the area')).toHaveValue('Main lawn');
  await page.getByRole('button', { name: 'Strip 70' }).click();
  await expect(page.locator('#worksheet')).toContainText('more than can be worked out at once');
  await expect(page.getByRole('button', { name: 'Save the case as a file' })).toBeVisible();
  await page.getByRole('button', { name: 'Main lawn' }).click();
  await app.go('Slip');
  await expect(page.locator('#worksheet')).toContainText('Main lawn');
});

test('every answer has its headers: pages, assets, the route, what is not there, and redirects', async ({
  page,
  request,
}) => {
  await page.goto('/');
  const script = await page.locator('script[src*="_next/static"]').first().getAttribute('src');
  for (const path of ['/', script ?? '', '/api/demo', '/nowhere', '/case/', '/icon.svg']) {
    const answer = await request.get(path, { maxRedirects: 0 });
    const headers = answer.headers();
    expect([path, headers['x-content-type-options']]).toEqual([path, 'nosniff']);
    expect([path, headers['permissions-policy'] !== undefined]).toEqual([path, true]);
    expect([path, headers['cross-origin-opener-policy']]).toEqual([path, 'same-origin']);
    expect([path, headers['cross-origin-resource-policy']]).toEqual([path, 'same-origin']);
    expect([path, headers['x-frame-options']]).toEqual([path, 'DENY']);
  }
  const policy = (await request.get('/')).headers()['content-security-policy'];
  expect(policy).toContain("frame-ancestors 'none'");
});
