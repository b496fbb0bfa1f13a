import type { Page } from '@playwright/test';
import { expect, test } from './app';

/** What the answer sheet of a set says of its first case, by what is asked. */
async function answersOf(page: Page, set: string): Promise<Map<string, string>> {
  await page.goto(`/practice?${set}&sheet=1`);
  await page.getByRole('heading', { name: 'Answers' }).waitFor();
  const first = page.locator('section').last().locator('ol').first().locator('li');
  const rows = await first.evaluateAll((items) =>
    items.map((item) => {
      const asked = item.querySelector('span')?.textContent ?? '';
      return [asked, (item.textContent ?? '').replace(asked, '').trim()] as const;
    }),
  );
  return new Map(rows);
}

test('a practice case is done to its end by keyboard alone', async ({ page }) => {
  const answers = await answersOf(page, 'level=4&seed=417&count=2');
  await page.goto('/practice?level=4&seed=417&count=2');
  for (const [asked, right] of answers) {
    await expect(page.locator('form p').last()).toContainText(asked);
    const field = page.locator('ol form input').last();
    await expect(page.locator('ol li').last().locator('input').first()).toBeFocused();
    if ((await field.getAttribute('type')) === 'radio') {
      const choice = right.split(', ')[0] ?? '';
      const wanted = page.locator('ol li').last().getByLabel(choice, { exact: true });
      await page.keyboard.press('Space');
      while (!(await wanted.isChecked())) await page.keyboard.press('ArrowRight');
    } else {
      await page.keyboard.type((right.split(', ')[0] ?? '').replace(/,/g, '').split(' ')[0] ?? '');
    }
    await page.keyboard.press('Enter');
  }
  const count = answers.size;
  await expect(page.getByText(`All steps are done: ${count} of ${count}`)).toBeVisible();
  await expect(
    page.getByText(`${count} of ${count} steps right at the first try, in one case`),
  ).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Case 2 of 2' })).toBeVisible();
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save it as a table' }).click();
  expect((await saved).suggestedFilename()).toMatch(/^practice-.*\.csv$/);
});

test('a slip is named, with its lesson; what is shown is worked out; the whole plan opens as a case', async ({
  page,
}) => {
  await page.goto('/practice?level=1&seed=417');
  const answer = page.getByLabel('Your answer');
  await answer.fill('5 lb');
  await page.getByRole('button', { name: 'Check it' }).click();
  await expect(page.getByText('“lb” does not measure this amount.')).toBeVisible();
  await answer.fill('1');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/^Not quite/)).toBeVisible();
  await expect(page.getByRole('link', { name: /^Read about it/ })).toBeVisible();
  await page.getByRole('button', { name: 'Show me' }).click();
  await expect(page.getByText('This is how it is worked out.')).toBeVisible();
  await page.goto('/practice?lesson=circle');
  await expect(page.getByText('the circle became four times as large')).toBeVisible();
  await page.getByRole('link', { name: /^Next:/ }).click();
  await expect(
    page.getByRole('heading', { name: 'Tenths are subtracted, not felt' }),
  ).toBeVisible();
});

test('a set has an address of its own; a bad one asks anew', async ({ page }) => {
  await page.goto('/practice?level=9&seed=-3');
  await expect(page.getByRole('heading', { name: 'Practice' })).toBeVisible();
  await page.getByLabel('Number of the case').fill('88');
  await page.getByLabel('How many').fill('2');
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page).toHaveURL(/level=1&seed=88&count=2/);
  await expect(page.getByRole('heading', { name: 'Case 1 of 2' })).toBeVisible();
});
