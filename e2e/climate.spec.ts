import { App, expect, test } from './app';

/** Means of a northern inland year, January first, °F. */
const MEANS = ['24', '25', '35', '47', '58', '68', '72', '70', '63', '51', '39', '29'];
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

test('zoysia asked about in September waits for its own season; the climate moves its weeks', async ({
  page,
}) => {
  const app = new App(page);
  await app.typeLawn({ squareFeet: '1000', ph: '6.5', om: '3', planFrom: '10 Sep 2027' });
  await app.go('Ground');
  await app.find('What grows there', 'Zoysiagrass');
  await app.go('Fertilizer');
  const sheet = page.locator('#worksheet');
  await expect(sheet).toContainText('when the grass is fully green');
  // The region of the pack: soil at 65 °F on 31 May, green on 15 June, and two weeks more; early July is too near to that,
  // and seven weeks before the frost of 3 October is the end.
  await expect(sheet).toContainText('29 Jun 2028');
  await expect(sheet).toContainText('1 Aug 2028');
  await expect(sheet).not.toContainText(/ (Sep|Oct|Nov) 2027/);
  await app.go('Results');
  await expect(sheet).toContainText('humid continental, north');
  await app.field('Climate for the dates').selectOption({ label: 'southern coastal plain' });
  await app.go('Fertilizer');
  // Green on 21 April there.
  await expect(sheet).toContainText('6 May 2028');
});

test('a climate is typed: twelve means and two frosts, with each error at its place', async ({
  page,
}) => {
  const app = new App(page);
  await app.typeLawn({ squareFeet: '1000', ph: '6.5', om: '3', planFrom: '1 Mar 2027' });
  await app.go('Results');
  await app.field('Climate for the dates').selectOption({ label: 'typed below' });
  await app.type('Mean last frost', '10/3');
  await app.type('Mean first frost', '9 May');
  await expect(page.getByText('has to come before the first one of fall')).toBeVisible();
  await app.type('Mean last frost', '2/30');
  await expect(app.field('Mean last frost')).toHaveAttribute('aria-invalid', 'true');
  await app.type('Mean last frost', '9 May');
  await app.type('Mean first frost', '10/3');
  for (const [at, mean] of MEANS.entries()) await app.type(MONTHS[at] ?? '', mean);
  await app.go('Fertilizer');
  // As the card of such means: green-up on 10 April and five weeks.
  await expect(page.locator('#worksheet')).toContainText('16 Aug 2027');
  await page.reload();
  await expect(page.locator('#worksheet')).toContainText('early fall');
});

test('bermuda asked about in each month: nitrogen from full green to seven weeks before frost, and never else', async ({
  page,
}) => {
  const app = new App(page);
  await app.typeLawn({ squareFeet: '1000', ph: '6.5', om: '3', planFrom: '1 Jan 2027' });
  await app.go('Ground');
  await app.find('What grows there', 'Bermudagrass');
  await app.go('Results');
  await app.field('Climate for the dates').selectOption({ label: 'southern coastal plain' });
  for (const month of MONTHS) {
    await app.go('Results');
    await app.type('Plan from', `1 ${month} 2027`);
    await app.go('Calendar');
    const fed = page
      .getByRole('table', { name: 'By date' })
      .getByRole('row')
      .filter({ hasText: 'urea' });
    await expect(fed.first()).toBeVisible();
    // Green on 21 April there, mean first frost on 5 November.
    for (const row of await fed.allTextContents()) {
      expect(row).toMatch(/(Apr|May|Jun|Jul|Aug|Sep) 202[78]/);
    }
  }
});

test('onions are fed to the stop and not past it', async ({ page }) => {
  const app = new App(page);
  await app.typeLawn({ squareFeet: '200', ph: '6.5', om: '3', planFrom: '1 Mar 2027' });
  await app.go('Ground');
  await app.find('What grows there', 'Onions');
  await app.go('Calendar');
  const rows = page.getByRole('table', { name: 'By date' }).getByRole('row');
  const fed = rows.filter({ hasText: 'ammonium sulfate' });
  const count = await fed.count();
  expect(count).toBeGreaterThan(1);
  await fed.last().getByRole('button', { name: 'Why this day?' }).click();
  // Three months later the bulbs swell: that day is past the stop.
  await app.type('Day set by you', '20 Aug 2027');
  await expect(page.getByText(/past it|does no harm/).first()).toBeVisible();
});
