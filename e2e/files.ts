import { readFileSync } from 'node:fs';
import type { Download, Page } from '@playwright/test';

/** The text of the file that a button saves. */
export async function taken(page: Page, button: string): Promise<string> {
  const [download]: [Download, void] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: button }).click(),
  ]);
  return readFileSync(await download.path(), 'utf8');
}
