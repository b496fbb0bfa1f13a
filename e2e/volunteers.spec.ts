import type { Page } from '@playwright/test';
import { App, expect, test } from './app';

async function letVolunteersWork(page: Page): Promise<void> {
  await page.goto('/office');
  const box = page.getByLabel('Volunteers type the cases');
  await box.click();
  await expect(box).toBeChecked();
  // What is shown is what is stored.
  await page.reload();
  await expect(box).toBeChecked();
}

test('a volunteer’s page waits for review; the reviewer signs what passes the advice, then it goes out', async ({
  page,
}) => {
  await letVolunteersWork(page);
  const app = new App(page);
  await app.typeLawn({
    squareFeet: '6200',
    ph: '5.4',
    buffer: '6.4',
    om: '3',
    planFrom: '4 Oct 2027',
  });
  // Words are explained, methods are the office's, and an own amount can be typed with a reason.
  await expect(page.getByText('What a limestone is worth against pure lime')).toBeVisible();
  await expect(page.getByRole('table', { name: 'How much' }).getByRole('radio')).toHaveCount(1);
  await page.getByText('Your own amount').click();
  await app.type('Product', '30');
  await app.type('Why', 'The bags are here');
  await app.go('Reading');
  await expect(page.getByText('Where practitioners differ')).toHaveCount(0);
  await app.go('Slip');
  await expect(page.getByText(/This page goes out after a second person/).first()).toBeVisible();
  const print = page.getByRole('button', { name: 'Print', exact: true });
  await expect(print).toBeDisabled();
  await expect(page.getByRole('button', { name: /^Copy/ })).toBeDisabled();
  // The browser's own command prints why, and not the page.
  const printed = await app.printed();
  expect(printed).toContain('This page goes out after a second person');
  expect(printed).not.toContain('pelletized limestone');
  await app.type('Typed in by', 'Ada Quill');
  await page.getByRole('button', { name: 'Ask for a review' }).click();
  await app.type('Looked over by', 'Odo Fenn');
  const seen = page.getByRole('button', { name: 'It is right', exact: true });
  await expect(seen).toBeDisabled();
  await page.getByLabel(/Main lawn: .* 30\. Reason: The bags are here/).check();
  await seen.click();
  await expect(print).toBeEnabled();
  await app.saved();
  expect(await app.printed()).toContain('pelletized limestone');
  // A change asks for it again.
  await app.go('Ground');
  await app.type('Area', '7000');
  await app.go('Slip');
  await expect(print).toBeDisabled();
});
