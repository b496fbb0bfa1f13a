import type { Page } from '@playwright/test';
import { App, expect, PRINTED, test } from './app';

/** A keyboard that counts. */
class Keyboard {
  presses = 0;
  constructor(private readonly page: Page) {}

  async press(key: string, times = 1): Promise<void> {
    for (let time = 0; time < times; time += 1) await this.page.keyboard.press(key);
    this.presses += times;
  }

  async enter(...texts: string[]): Promise<void> {
    for (const text of texts) {
      await this.page.keyboard.type(text);
      this.presses += text.length;
      await this.press('Enter');
    }
  }

  /** Presses a key until the focus is on a control of this name. */
  async reach(key: string, name: string): Promise<void> {
    for (let tries = 0; tries < 60; tries += 1) {
      await this.press(key);
      const at = await this.page.evaluate(() => {
        const active = document.activeElement as HTMLInputElement | null;
        return active?.labels?.[0]?.textContent ?? active?.textContent ?? '';
      });
      if (at === name) return;
    }
    throw new Error(`reach: ${key} never came to '${name}'`);
  }
}

test('the same without touching the mouse', async ({ page }) => {
  const app = new App(page);
  await app.desk();
  const keys = new Keyboard(page);
  await keys.press('n');
  await expect(app.field('Name of the case')).toBeFocused();
  await keys.enter('Weir Cottage', '', '', '', 'Main lawn', '', '', '');
  await keys.enter('S');
  await expect(app.field('Area')).toBeFocused();
  await keys.enter('6200');
  await expect(app.field('pH (in water)')).toBeFocused();
  await keys.enter('5.4', '6.4', '', '', '', '', '', '', '', '');
  await expect(app.field('Plan from')).toBeFocused();
  await keys.press('Control+a');
  await keys.enter('10/4/2027');
  await keys.press('Alt+5');
  await expect(page.getByRole('button', { name: /Approve pH/ })).toBeFocused();
  await keys.reach('Tab', 'Percent');
  await keys.enter('85');
  await keys.press('Control+Enter');
  await expect(page.getByRole('button', { name: 'Next: Fertilizer' })).toBeFocused();
  await keys.press('Enter');
  await expect(page.getByRole('button', { name: /Approve fertilizer/ })).toBeFocused();
  await keys.press('Control+Enter');
  await expect(page.getByRole('button', { name: 'Next: Calendar' })).toBeFocused();
  await keys.press('Enter');
  await expect(page.getByRole('button', { name: 'Next: Slip' })).toBeFocused();
  await keys.press('Enter');
  await expect(page.getByRole('button', { name: 'Print' })).toBeFocused();
  const text = (await app.printed()).replace(/\s+/g, ' ');
  for (const line of PRINTED) expect(text).toContain(line);
  console.log(`key presses from the empty desk to the printed page: ${keys.presses}`);
});

test('Esc brings back what a field had, undo takes back a field, redo brings it again', async ({
  page,
}) => {
  const app = new App(page);
  await app.newCase();
  const title = app.field('Name of the case');
  await title.fill('Weir');
  await page.keyboard.press('Enter');
  await title.click();
  await page.keyboard.type(' Cottage');
  await page.keyboard.press('Escape');
  await expect(title).toHaveValue('Weir');
  await app.type('Client', 'Ada Quill');
  await page.keyboard.press('Control+z');
  await expect(app.field('Client')).toHaveValue('');
  await page.keyboard.press('Control+Shift+z');
  await expect(app.field('Client')).toHaveValue('Ada Quill');
});

test('an open working closes by Esc and gives the focus back', async ({ page }) => {
  const app = new App(page);
  await app.typeLawn({ squareFeet: '6200', ph: '5.4', buffer: '6.4' });
  const figure = page
    .locator('#worksheet table [data-working="lawn/lime/smp/requirement"]')
    .first();
  await figure.focus();
  await page.keyboard.press('Enter');
  const panel = page.getByRole('region', { name: 'How this was reached' });
  await expect(panel).toContainText('4.7 tons/acre × 4 in. ÷ 8 in.');
  await expect(panel.locator('[data-working-result]')).toHaveText('107.9 lb/1000 ft²');
  await page.keyboard.press('Escape');
  await expect(panel).toHaveCount(0);
  await expect(figure).toBeFocused();
});

test('commands by their words, the help sheet, and letters switched off', async ({ page }) => {
  const app = new App(page);
  await app.newCase();
  // The field is fetched when it is first asked for: what is typed meanwhile is not lost.
  await page.route('**/*.js', async (route) => {
    await new Promise((resolve) => setTimeout(resolve, 300));
    await route.continue();
  });
  await page.keyboard.press('Control+k');
  await page.keyboard.type('go res');
  await expect(page.getByRole('dialog').getByRole('combobox')).toHaveValue('go res');
  await page.keyboard.press('Enter');
  await expect(page.locator('[aria-current="step"]')).toHaveText(/Results/);
  await page.getByRole('button', { name: 'Keys' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('Go to the Slip');
  await dialog.getByRole('switch').click();
  await expect(dialog).toContainText(/letters as keys\s*off/);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Undo' }).focus();
  await page.keyboard.press('g');
  await expect(page.locator('[aria-current="step"]')).toHaveText(/Results/);
  await page.keyboard.press('Alt+1');
  await expect(page.locator('[aria-current="step"]')).toHaveText(/Ground/);
});
