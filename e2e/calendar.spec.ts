import type { Page } from '@playwright/test';
import ICAL from 'ical.js';
import { App, expect, ORACLE, test } from './app';
import { taken } from './files';

/** The oracle's lawn on its year. */
async function lawnYear(page: Page): Promise<App> {
  const app = new App(page);
  await app.typeLawn({ ...ORACLE, planFrom: '4 Oct 2027' });
  await app.go('Calendar');
  return app;
}

const urea = (page: Page) => page.getByRole('button', { name: /^urea 46-0-0, / });
const status = (page: Page) => page.locator('#worksheet').getByRole('status');

/** The entries of a calendar file by their UID, read by an independent reader. */
function read(file: string): Map<string, { date: string; sequence: number; status: unknown }> {
  const events = new ICAL.Component(ICAL.parse(file)).getAllSubcomponents('vevent');
  return new Map(
    events.map((each) => {
      const event = new ICAL.Event(each);
      const state = each.getFirstPropertyValue('status');
      return [
        event.uid,
        { date: event.startDate.toString(), sequence: event.sequence, status: state },
      ];
    }),
  );
}

test('a mark is moved by keys: what it would break is said, it stays where it is put, and is set free', async ({
  page,
}) => {
  await lawnYear(page);
  const mark = urea(page).nth(0);
  await mark.focus();
  await page.keyboard.press('ArrowDown');
  await expect(status(page)).toContainText('26 Oct 2027');
  await expect(status(page)).toContainText('Nothing is broken on that day.');
  await page.keyboard.press('Enter');
  await expect(page.getByText('You set this day.')).toBeVisible();
  await expect(urea(page).nth(0)).toHaveAccessibleName('urea 46-0-0, 26 Oct 2027, set by you');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(urea(page).nth(0)).toHaveAccessibleName('urea 46-0-0, 19 Oct 2027');
  await page.getByRole('button', { name: 'Redo' }).click();
  await page.getByRole('button', { name: 'Set it free' }).click();
  await expect(urea(page).nth(0)).toHaveAccessibleName('urea 46-0-0, 19 Oct 2027');
});

test('why a day: its stage and the moment of the climate, whose sum opens to the months of the card', async ({
  page,
}) => {
  await lawnYear(page);
  await urea(page).nth(1).click();
  const panel = page.locator('#worksheet');
  await expect(panel).toContainText('Meant for late spring');
  await panel.getByRole('listitem').getByRole('button').first().click();
  await expect(panel).toContainText('Mean air rises through 45 °F: 45 °F; 35 °F; 47 °F');
});

test('dragged into the heat it is told of, into days that a local rule shuts it is stopped', async ({
  page,
}) => {
  const app = await lawnYear(page);
  const strip = page.getByRole('group', { name: 'Main lawn' });
  const dragTo = async (share: number): Promise<void> => {
    const box = await strip.boundingBox();
    const mark = await urea(page).nth(1).boundingBox();
    if (!box || !mark) throw new Error('no strip');
    await page.mouse.move(mark.x + mark.width / 2, mark.y + mark.height / 2);
    await page.mouse.down();
    const frames = await page.evaluate(
      () =>
        new Promise<number>((resolve) => {
          const began = performance.now();
          requestAnimationFrame(() =>
            requestAnimationFrame(() => resolve(performance.now() - began)),
          );
        }),
    );
    await page.mouse.move(box.x + box.width * share, mark.y + 10, { steps: 12 });
    console.log(`two frames while a mark is held: ${frames.toFixed(0)} ms`);
  };
  // Fourteen months from 1 Oct 2027: 10 Jul 2028 is day 283 of 427.
  await dragTo(283 / 427);
  await expect(status(page)).toContainText('quick nitrogen harms cool-season grass');
  await page.mouse.up();
  await expect(page.getByText(/a day that you set: That is in the heat/)).toBeVisible();
  await page.getByRole('button', { name: 'Set it free' }).click();
  await page.getByLabel('Add a rule').selectOption({ label: 'Winter stop' });
  await expect(page.getByText('no nitrogen and no phosphate from 1 Dec to 1 Mar.')).toBeVisible();
  await app.saved();
  // 10 Jan 2028 is day 101.
  await dragTo(101 / 427);
  await expect(status(page)).toContainText('Winter stop forbids that day.');
  await page.mouse.up();
  await expect(urea(page).nth(1)).toHaveAccessibleName('urea 46-0-0, 16 May 2028');
});

test('a day typed against a local rule is a stop until it is free again', async ({ page }) => {
  const app = await lawnYear(page);
  await page.getByLabel('Add a rule').selectOption({ label: 'Winter stop' });
  await urea(page).nth(0).click();
  await app.type('Day set by you', '12/10/2027');
  await expect(page.getByText(/is not allowed/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'needs a decision Calendar' })).toBeVisible();
  await app.type('Day set by you', '');
  await expect(page.getByText(/is not allowed/)).toHaveCount(0);
});

test('the calendar goes out as a file; moved and sent again it mends the first', async ({
  page,
}) => {
  const app = await lawnYear(page);
  const first = read(await taken(page, 'Save as a calendar file'));
  const [uid = ''] = [...first.keys()].filter((each) => each.startsWith('lawn:feed-n:1@'));
  expect(first.get(uid)).toEqual({ date: '2027-10-19', sequence: 0, status: null });
  await app.saved();
  await urea(page).nth(0).focus();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page.getByText('You set this day.')).toBeVisible();
  const second = read(await taken(page, 'Save as a calendar file'));
  expect(second.get(uid)).toEqual({ date: '2027-10-26', sequence: 1, status: null });
});

test('three pieces of ground on one year, and the next four weeks on the Desk', async ({
  page,
}) => {
  await page.clock.setFixedTime('2027-10-04T10:00:00');
  const app = await lawnYear(page);
  await app.go('Ground');
  await app.addVegetables();
  await app.go('Calendar');
  await expect(page.locator('#worksheet').getByRole('group')).toHaveCount(4);
  await app.saved();
  await app.desk();
  await page.getByRole('button', { name: /^Next four weeks/ }).click();
  await expect(page.getByRole('link', { name: 'Weir Cottage' })).toBeVisible();
  const file = read(await taken(page, 'Save as a calendar file'));
  expect(file.size).toBeGreaterThan(4);
});

test('grass from bare ground: starter at sowing, more after the third mowing', async ({ page }) => {
  const app = new App(page);
  await app.typeLawn({ squareFeet: '4000', ph: '6.2', planFrom: '25 Aug 2027' });
  await app.go('Ground');
  await app.field('How it is grown').selectOption({ label: 'new, from seed' });
  await app.go('Calendar');
  const table = page.getByRole('table', { name: 'By date' });
  await expect(table.getByRole('row').nth(1)).toContainText('week of 25 Aug 2027at sowing');
  await expect(table.getByRole('row').nth(2)).toContainText('sow');
  await expect(table.getByRole('row').nth(3)).toContainText('mow for the first time');
  await expect(table.getByRole('row').nth(4)).toContainText('after two or three mowings');
  // The sowing is set where the planting is: it is no day by hand of its own.
  await table.getByRole('row').nth(2).getByRole('button', { name: 'Why this day?' }).click();
  await app.type('Day set by you', '8 Sep 2027');
  await expect(table.getByRole('row').nth(1)).toContainText('8 Sep 2027');
  await app.go('Ground');
  await expect(app.field('Planted or sown on')).toHaveValue('8 Sep 2027');
});
