import { readFileSync } from 'node:fs';
import { App, expect, test } from './app';

test('a lawn by widths, with a house cut out of it', async ({ page }) => {
  const app = new App(page);
  await app.newCase();
  await app.type('Name of the area', 'Back lawn');
  await app.field('Shape').selectOption('offsets');
  await app.type('Between the widths', '10 ft');
  await app.type('Widths, in their order', '0, 22, 30, 28, 0');
  // Trapezoids 10 × 80 = 800; Simpson 10 ÷ 3 × (4 × 50 + 2 × 30) = 866.7: the smaller counts.
  await expect(page.locator('[data-working="lawn/ground/area"]').last()).toHaveText('800 ft²');
  await expect(page.locator('[data-working="lawn/ground/simpson"]')).toHaveText('867 ft²');
  await page.getByRole('button', { name: 'Take something out' }).click();
  await app.type('What it is', 'Shed');
  const part = page.getByRole('listitem').filter({ hasText: 'Taken out' });
  await part.getByLabel('Length', { exact: true }).fill('12 ft');
  await part.getByLabel('Width', { exact: true }).fill('10 ft');
  // 800 − 120
  await expect(page.locator('[data-working="lawn/ground/area"]').last()).toHaveText('680 ft²');
  await part.getByLabel('Width', { exact: true }).fill('100 ft');
  await expect(page.locator('p.text-madder')).toContainText('What is taken out, 1,200 ft²');
  await page.getByRole('button', { name: 'Remove “Shed”' }).click();
  await expect(page.locator('[data-working="lawn/ground/area"]').last()).toHaveText('800 ft²');
  await page.keyboard.press('Control+z');
  await expect(app.field('What it is')).toHaveValue('Shed');
});

test('a paced bed has its range in pounds, and the smaller end stands', async ({ page }) => {
  const app = new App(page);
  await app.typeLawn({ title: 'Weir Cottage', ph: '5.4', buffer: '6.4', percent: '90' });
  await app.go('Ground');
  await app.type('Length', '40 paces');
  await app.type('Width', '25 paces');
  await app.field('How it was measured').selectOption('pace');
  await app.type('One pace is', '2.5');
  // 100 × 62.5 = 6,250 ft²; less a tenth 5,625
  await expect(app.field('How it was measured').locator('..').locator('..')).toContainText('5,625');
  await app.go('pH');
  // SMP 6.4 to 6.5: 107.9 lb/1000 ft² × 5.625 = 607; × 6.875 = 742
  await expect(page.locator('#worksheet h1')).toContainText('607 lb of pelletized limestone');
  await expect(page.getByText('it is 607 lb to 742 lb')).toBeVisible();
  expect(await app.printed()).toContain('The size was paced');
});

test('five bushes by their canopy', async ({ page }) => {
  const app = new App(page);
  await app.newCase();
  await app.find('What grows there', 'Trees and shrubs');
  await app.field('Shape').selectOption('plants');
  await app.type('How many', '5');
  await app.type('Diameter', '6 ft');
  // 5 × π × 9 = 141.4
  await expect(page.locator('[data-working="lawn/ground/area"]').last()).toHaveText('141 ft²');
  await app.go('Sample');
  const apart = page.getByRole('row', { name: /Each spot apart/ });
  await expect(apart).toContainText('5');
  await app.type('A test costs, dollars', '18');
  await expect(apart).toContainText('$90.00');
});

test('acres typed as square feet are asked about, mended by one act, or said to be right', async ({
  page,
}) => {
  const app = new App(page);
  await app.newCase();
  await app.field('Shape').selectOption('square-feet');
  await app.type('Area', '0.5');
  await page.getByRole('button', { name: '0.5 acres, that is 21,780 ft²' }).click();
  await expect(app.field('Area')).toHaveValue('21780');
  await app.type('Area', '8');
  await page.getByRole('button', { name: 'It is right' }).click();
  await expect(page.getByText('Were acres typed?')).toHaveCount(0);
  await app.field('Shape').selectOption('triangle');
  for (const [side, feet] of [
    ['Side A', '3'],
    ['Side B', '4'],
    ['Side C', '9'],
  ] as const) {
    await app.type(side, feet);
  }
  await expect(page.locator('#worksheet .text-madder')).toContainText('9 ft is not less than the');
});

const RING = [
  [-83, 40],
  [-82.999, 40],
  [-82.999, 40.001],
  [-83, 40.001],
  [-83, 40],
];
const HOLE = RING.map(([x = 0, y = 0]) => [
  -83 + (x + 83) / 2 + 0.0002,
  40 + (y - 40) / 2 + 0.0002,
]);

test('a map file with a hole, one that crosses itself, and ten thousand corners', async ({
  page,
}) => {
  const app = new App(page);
  await app.newCase();
  await app.field('Shape').selectOption('outline');
  const give = (value: unknown): Promise<void> =>
    page.locator('#worksheet input[type=file]').setInputFiles({
      name: 'lot.geojson',
      mimeType: 'application/geo+json',
      buffer: Buffer.from(JSON.stringify(value)),
    });
  const feature = (name: string, coordinates: unknown) => ({
    type: 'Feature',
    properties: { name },
    geometry: { type: 'Polygon', coordinates },
  });
  const features = [feature('Lawn', [RING, HOLE]), feature('Field', [RING])];
  await give({ type: 'FeatureCollection', features });
  await page.getByRole('button', { name: 'Lawn', exact: true }).click();
  // 85.394 × 111.04 m = 9,482 m² by Karney’s geodesics, less its quarter: 7,112 m² ÷ 0.0929 = 76,549 ft²
  const area = page.locator('[data-working="lawn/ground/area"]').last();
  await expect(area).toHaveText(/^76,5\d\d ft²$/);
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the outline as GeoJSON' }).click(),
  ]);
  expect(JSON.parse(readFileSync(await saved.path(), 'utf8'))).toMatchObject({
    features: [{ geometry: { type: 'MultiPolygon', coordinates: [[RING, HOLE]] } }],
  });
  await give(feature('', [[RING[0], RING[2], RING[1], RING[3], RING[0]]]));
  await expect(page.getByText('This outline crosses itself near longitude -82.9995')).toBeVisible();
  await expect(area).toHaveText(/^76,5/);
  const many = Array.from({ length: 10_001 }, (_none, index) => {
    const angle = (2 * Math.PI * (index % 10_000)) / 10_000;
    return [-83 + 0.001 * Math.cos(angle), 40 + 0.001 * Math.sin(angle)];
  });
  await give(feature('Round', [many]));
  await expect(page.getByText('“Round” is read: 10,000 corners.')).toBeVisible();
  await app.type('Name of the area', 'Round');
  await expect(page.getByRole('complementary').first()).toContainText('Round');
});
