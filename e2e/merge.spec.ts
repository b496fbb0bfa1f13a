import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { backupOf, titledCase } from '../test/backups';
import { ORACLE } from '../test/cases';
import { App, expect, test } from './app';
import { taken } from './files';

async function give(page: Page, name: string, text: string): Promise<void> {
  await page.locator('input[type=file]').setInputFiles({
    name,
    mimeType: 'application/json',
    buffer: Buffer.from(text),
  });
}

/** Another desk: a browser of its own. */
async function otherDesk(page: Page): Promise<App> {
  const browser = page.context().browser();
  if (!browser) throw new Error('no browser');
  const context = await browser.newContext({ baseURL: new URL(page.url()).origin });
  return new App(await context.newPage());
}

test('two desks: looked through, put together place by place, taken, and taken back', async ({
  page,
}) => {
  const app = new App(page);
  await app.desk();
  const cases = ['Ford Green', 'Landing Lane'].map((title) => titledCase(title, ORACLE));
  await give(page, 'cases.json', backupOf(cases));
  await page.getByRole('button', { name: 'Take 2 cases' }).click();
  await expect(page.locator('[data-case-link]')).toHaveCount(2);
  const there = await otherDesk(page);
  await there.desk();
  await give(there.page, 'first.json', await taken(page, 'Back up all cases'));
  await there.page.getByRole('button', { name: 'Take 2 cases' }).click();
  await expect(there.page.locator('[data-case-link]')).toHaveCount(2);
  // There somebody with a name goes on.
  await there.page.goto('/office');
  await there.page.getByLabel('Who works at this desk').fill('Ines Odera');
  await there.page.keyboard.press('Tab');
  await there.desk();
  await there.page.getByRole('link', { name: 'Landing Lane' }).click();
  await there.go('Ground');
  await there.type('Client', 'Ada Quill');
  await there.type('Name of the case', 'Landing Lane, south');
  await there.saved();
  await there.desk();
  await there.deleteCase('Ford Green');
  await there.page.getByRole('button', { name: /^New case/ }).click();
  await there.type('Name of the case', 'Osier Row');
  await there.saved();
  await there.desk();
  const second = await taken(there.page, 'Back up all cases');
  // Here as well.
  await page.getByRole('link', { name: 'Landing Lane' }).click();
  await app.go('Ground');
  await app.type('Place', 'Lower Fen');
  await app.type('Name of the case', 'Landing Lane, north');
  await app.saved();
  await app.desk();
  await give(page, 'second.json', second);
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('One case was changed in both places');
  await expect(dialog).toContainText(
    'One change comes in by itself; one place was changed on both',
  );
  await expect(dialog).toContainText('One case was deleted there');
  await expect(dialog).toContainText('One case is new here');
  await expect(dialog.getByRole('listitem').filter({ hasText: 'Ford Green' })).toContainText(
    'Ines Odera',
  );
  await dialog.getByRole('radio', { name: /There\s*Landing Lane, south/ }).check();
  // Nothing of it is taken yet.
  await expect(page.locator('[data-case-link]')).toHaveCount(2);
  await dialog.getByRole('button', { name: 'Take 3 cases' }).click();
  await expect(
    page.getByText('One new case, one put together from both, one deleted.'),
  ).toBeVisible();
  await expect(page.locator('[data-case-link]')).toHaveText([/Osier Row/, /Landing Lane, south/]);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByText('All of it is taken back.')).toBeVisible();
  await expect(page.locator('[data-case-link]')).toHaveCount(2);
  await give(page, 'second.json', second);
  await dialog.getByRole('button', { name: 'Take 3 cases' }).click();
  await page.getByRole('link', { name: 'Landing Lane, north' }).click();
  await app.go('Ground');
  await expect(app.field('Client')).toHaveValue('Ada Quill');
  await expect(app.field('Place')).toHaveValue('Lower Fen');
  await there.page.context().close();
});

test('a backup with a passphrase opens with it alone', async ({ page }) => {
  const app = new App(page);
  await app.desk();
  await give(page, 'cases.json', backupOf([titledCase('Ford Green', ORACLE)]));
  await page.getByRole('button', { name: 'Take one case' }).click();
  await page.getByRole('button', { name: 'Back up, sealed' }).click();
  const dialog = page.getByRole('dialog');
  const field = dialog.getByLabel('Passphrase', { exact: true });
  const seal = dialog.getByRole('button', { name: 'Back up' });
  await field.fill('six elms');
  await expect(dialog).toContainText('At least 12 characters.');
  await field.fill('gravel fox under six elms');
  await dialog.getByLabel('Once more').fill('gravel fox under six elm');
  await expect(dialog).toContainText('The two are not the same.');
  await expect(seal).toBeDisabled();
  await dialog.getByLabel('Once more').fill('gravel fox under six elms');
  const [download] = await Promise.all([page.waitForEvent('download'), seal.click()]);
  const sealed = readFileSync(await download.path(), 'utf8');
  expect(sealed).not.toContain('Ford');
  await expect(page.getByText('One case is in the backup file.')).toBeVisible();
  await give(page, 'sealed.json', sealed);
  await field.fill('gravel fox under six oaks');
  await dialog.getByRole('button', { name: 'Open the file' }).click();
  await expect(dialog).toContainText('That is not the passphrase of this file.');
  await field.fill('gravel fox under six elms');
  await dialog.getByRole('button', { name: 'Open the file' }).click();
  await expect(dialog).toContainText('One case is the same in both places.');
  await dialog.getByRole('button', { name: 'Take nothing' }).click();
  await give(page, 'cut.json', sealed.slice(0, -50));
  await field.fill('gravel fox under six elms');
  await field.press('Enter');
  await expect(page.getByText('“cut.json” was changed or cut off')).toBeVisible();
});

test('old cases are put away in a file, brought back by it, and each change says by whom and when', async ({
  page,
}) => {
  await page.clock.install({ time: new Date('2023-05-04T10:00:00') });
  const app = new App(page);
  await page.goto('/office');
  await page.getByLabel('Who works at this desk').fill('Ines Odera');
  await app.desk();
  await give(page, 'old.json', backupOf([titledCase('Ford Green', ORACLE)]));
  await page.getByRole('button', { name: 'Take one case' }).click();
  await page.getByRole('link', { name: 'Ford Green' }).click();
  await app.go('Ground');
  await app.type('Client', 'Ada Quill');
  await app.go('Results');
  await app.type('Organic matter', '4.1');
  await page.clock.runFor(2000);
  await app.saved();
  await expect(page.locator('[data-by-whom]')).toHaveText('Changed by Ines Odera, 4 May 2023');
  await page.clock.setSystemTime(new Date('2026-05-04T10:00:00'));
  await app.desk();
  await page.getByRole('button', { name: 'Archive …' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('One case of yours.');
  const file = await taken(page, 'Save it as a file');
  await expect(page.locator('[data-case-link]')).toHaveCount(1);
  await dialog.getByRole('button', { name: 'I have it: take the case off the Desk' }).click();
  await expect(page.getByText('One case is put away.')).toBeVisible();
  await expect(page.locator('[data-case-link]')).toHaveCount(0);
  await give(page, 'archive.json', file);
  await expect(dialog).toContainText('One case is in it that you deleted or put away');
  await dialog.getByRole('button', { name: 'Take one case' }).click();
  await page.getByRole('link', { name: 'Ford Green' }).click();
  await app.go('Results');
  await expect(page.locator('[data-by-whom]')).toHaveText('Changed by Ines Odera, 4 May 2023');
  await app.go('Diary');
  await page.getByRole('button', { name: 'Show the changes' }).click();
  const changes = page
    .locator('#worksheet')
    .getByRole('listitem')
    .filter({ hasText: 'Ines Odera' });
  await expect(changes.first()).toContainText('4 May 2023');
  await expect(changes.first()).toContainText('Client · name: nothing → Ada Quill');
});

test('a disk that is full while cases are taken in takes none of them, and says so', async ({
  page,
}) => {
  const app = new App(page);
  await app.desk();
  const titles = Array.from({ length: 12 }, (_none, at) => `Plot ${at + 1}`);
  const all = titles.map((title) => titledCase(title, ORACLE));
  await give(page, 'cases.json', backupOf(all));
  await page.evaluate(() => {
    const kept = IDBObjectStore.prototype.put;
    const full = window as unknown as { free: () => void };
    let left = 5;
    IDBObjectStore.prototype.put = function few(this: IDBObjectStore, ...what) {
      left -= 1;
      if (left < 0) throw new DOMException('no space', 'QuotaExceededError');
      return kept.apply(this, what);
    };
    full.free = () => (IDBObjectStore.prototype.put = kept);
  });
  await page.getByRole('button', { name: 'Take 12 cases' }).click();
  await expect(page.getByText('The browser refused, and nothing was changed.')).toBeVisible();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('No cases yet.');
  await page.evaluate(() => (window as unknown as { free: () => void }).free());
  await give(page, 'cases.json', backupOf(all));
  await page.getByRole('button', { name: 'Take 12 cases' }).click();
  await expect(page.getByText('12 new cases')).toBeVisible();
});

test('a file that is given up while it is read leaves the Desk as it was', async ({ page }) => {
  const app = new App(page);
  await app.desk();
  const all = Array.from({ length: 2000 }, (_none, at) => titledCase(`Plot ${at + 1}`, ORACLE));
  await give(page, 'cases.json', backupOf(all));
  await page.getByRole('button', { name: 'Stop', exact: true }).click();
  await expect(page.getByText('Stopped: nothing was brought in.')).toBeVisible();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('No cases yet.');
});
