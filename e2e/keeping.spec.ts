import type { Page } from '@playwright/test';
import { App, expect, test } from './app';

/** A folder of the browser's own stands for one of the computer: nothing in a test chooses files by hand. */
async function withFolders(page: Page): Promise<void> {
  await page.addInitScript(() => {
    const pick = async (): Promise<FileSystemDirectoryHandle> => {
      const root = await navigator.storage.getDirectory();
      return root.getDirectoryHandle('office', { create: true });
    };
    Object.assign(window, { showDirectoryPicker: pick });
  });
}

/** What is in the folder, joined. */
function inFolder(page: Page): Promise<string> {
  return page.evaluate(async () => {
    const root = await navigator.storage.getDirectory();
    const folder = await root.getDirectoryHandle('office', { create: true });
    let all = '';
    for await (const handle of folder.values()) {
      if (handle.kind === 'file') all += await (await handle.getFile()).text();
    }
    return all;
  });
}

/** A case, and the Office, where a folder is chosen. */
async function caseAndOffice(page: Page): Promise<App> {
  await withFolders(page);
  const app = new App(page);
  await app.newCase();
  await app.type('Name of the case', 'Weir Cottage');
  await app.saved();
  await page.goto('/office');
  return app;
}

test('a folder is kept current, and gives the cases back to an empty browser', async ({ page }) => {
  const app = await caseAndOffice(page);
  await page.getByRole('button', { name: 'Keep a folder current' }).click();
  await expect(page.getByText(/Current: \d+ \w+ \d{4}, /)).toBeVisible();
  await expect(page.getByText(/^(Kept|Not promised)\.$/)).toBeVisible();
  await app.desk();
  await page.getByRole('link', { name: 'Weir Cottage' }).click();
  await app.type('Client', 'Ada Quill');
  await app.saved();
  await expect.poll(() => inFolder(page), { timeout: 60_000 }).toContain('Ada Quill');
  await page.goto('about:blank');
  await page.goto('/icon.svg');
  await page.evaluate(async () => {
    for (const { name = '' } of await indexedDB.databases()) {
      await new Promise((resolve) => {
        indexedDB.deleteDatabase(name).onsuccess = resolve;
      });
    }
  });
  await app.desk();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('No cases yet.');
  await page.getByRole('button', { name: 'From a folder' }).click();
  await page.getByRole('button', { name: 'Take one case' }).click();
  await page.getByRole('link', { name: 'Weir Cottage' }).click();
  await expect(app.field('Client')).toHaveValue('Ada Quill');
});

test('a folder without space says so, and is current again when there is some', async ({
  page,
}) => {
  await caseAndOffice(page);
  await page.evaluate(() => {
    const kept = FileSystemWritableFileStream.prototype.write;
    const full = window as unknown as { free: () => void };
    FileSystemWritableFileStream.prototype.write = () =>
      Promise.reject(new DOMException('no space', 'QuotaExceededError'));
    full.free = () => (FileSystemWritableFileStream.prototype.write = kept);
  });
  await page.getByRole('button', { name: 'Keep a folder current' }).click();
  await expect(page.getByText('There is no space left in it.')).toBeVisible();
  expect(await inFolder(page)).toBe('');
  await page.evaluate(() => (window as unknown as { free: () => void }).free());
  await expect(page.getByText(/Current: \d+ \w+ \d{4}, /)).toBeVisible();
  expect(await inFolder(page)).toContain('Weir Cottage');
});
