import { App, expect, test } from './app';

test('manure by the wheelbarrow and vetch are taken off the need; raw manure waits until after harvest', async ({
  page,
}) => {
  const app = new App(page);
  await app.typeLawn({ ph: '6.5', om: '3', squareFeet: '400', planFrom: '1 Mar 2027' });
  await app.go('Ground');
  await app.find('What grows there', 'Mixed vegetables');
  await app.go('Fertilizer');
  await page.getByRole('button', { name: 'Add compost, manure or a cover crop' }).click();
  await app.find('Add compost or manure', 'horse manure with bedding');
  await app.type('Amount', '4');
  await app.field('Told in').selectOption('barrows');
  // Raw, and the first harvest comes within 120 days: it is for the season after.
  await expect(page.getByText('It comes too late for this season')).toBeVisible();
  await expect(page.getByText(/Was the hay, straw or grass in .* ever sprayed/)).toBeVisible();
  await app.find('Add what grew before', 'hairy vetch');
  await app.field('How it ended').selectOption({ label: 'turned in green' });
  const sums = page.getByRole('row', { name: /^From compost, manure, cover crops/ });
  // Half of 145 lb an acre: 1.66 lb on 1000 ft².
  await expect(sums).toContainText('1.66');
  await app.go('Calendar');
  await expect(page.locator('#worksheet')).toContainText('horse manure with bedding');
  await app.go('Slip');
  const sheet = page.locator('#worksheet');
  await expect(sheet).toContainText('Wait 120 days from raw manure to the harvest.');
  await expect(sheet).toContainText(/spread 4 wheelbarrows of horse manure with bedding/);
  await app.go('Fertilizer');
  await app.type('Day', '6/1/2027');
  await expect(page.getByText(/is not allowed/)).toHaveCount(0);
  await app.go('Calendar');
  await expect(page.getByText(/1 Jun 2027 is not allowed/).first()).toBeVisible();
});

test('a feed in water: spoons in a gallon, and what cannot be read is said at its place', async ({
  page,
}) => {
  const app = new App(page);
  await app.typeLawn({ ph: '6.5', om: '3', squareFeet: '1000', planFrom: '1 Mar 2027' });
  await app.go('Fertilizer');
  await page.getByRole('button', { name: 'Mix a feed in water' }).click();
  await app.find('Product for the water', 'soluble fertilizer 20-20-20');
  await app.type('Nitrogen in the water, ppm', '200');
  await app.type('Water, gallons', '10');
  const table = page.getByRole('table', { name: 'Feed in water' });
  await expect(table).toContainText('0.13 oz/gal');
  await app.type('Nitrogen in the water, ppm', 'strong');
  await expect(page.getByText('“strong” is not a number.')).toBeVisible();
  await app.type('Nitrogen in the water, ppm', '200');
  await app.go('Slip');
  await expect(page.locator('#worksheet')).toContainText(
    /Mix [\d.]+ tbsp of soluble fertilizer 20-20-20 into each gallon of water/,
  );
});

test('one product for ten years is drawn and told; the page says when to change', async ({
  page,
}) => {
  const app = new App(page);
  await app.typeLawn({ ph: '6.5', om: '3', squareFeet: '5000', planFrom: '1 Mar 2027' });
  await app.go('Results');
  await app.type('Phosphorus, P', '45');
  await page.getByLabel('Method of Phosphorus, P').selectOption('bray-1');
  await app.go('Fertilizer');
  await page.getByRole('button', { name: 'See what one product does in some years' }).click();
  await app.find('The one product', 'fertilizer 10-10-10');
  await app.type('For years', '10');
  await expect(page.getByText(/Phosphorus is too much after \d+ years?/)).toBeVisible();
  await expect(page.getByText(/Take in turn with it, or instead: /)).toBeVisible();
  await expect(page.getByLabel('Phosphorus of the soil over the years')).toBeVisible();
  await page.getByText('In figures, year by year').click();
  await expect(page.getByRole('row', { name: /^10 / })).toBeVisible();
  await app.type('For years', '40');

  await app.go('Slip');
  await expect(page.locator('#worksheet')).toContainText('With fertilizer 10-10-10 alone');
});
