import jsQR from 'jsqr';
import { PNG } from 'pngjs';
import { App, expect, test } from './app';

test('samples are named without doubles, labelled with a code that reads, and waited for', async ({
  page,
}) => {
  const app = new App(page);
  await page.clock.setFixedTime('2027-10-04T10:00:00');
  await app.newCase();
  await app.type('Name of the case', 'Weir Cottage');
  await app.go('Sample');
  await page.getByRole('button', { name: 'Name by the office’s pattern' }).click();
  await expect(app.field('Name on the bag')).toHaveValue('27-001');
  await app.saved();
  await app.newCase();
  await app.type('Name of the case', 'Ford Green');
  await app.type('Name of the area', 'Front lawn');
  await app.go('Sample');
  await app.type('Name on the bag', '27-001');
  await expect(page.getByText('Another case has a sample of this name.')).toBeVisible();
  await app.type('Name on the bag', '');
  await page.getByRole('button', { name: 'Name by the office’s pattern' }).click();
  await expect(app.field('Name on the bag')).toHaveValue('27-002');
  await page.getByLabel('Test for lead').check();
  await page.getByLabel('Moss').check();
  await expect(page.getByText('it does not ask for lime')).toBeVisible();
  await app.type('May be off by', '20');
  // (1.645 × 50 ÷ 20)² = 16.9
  await expect(page.locator('[data-working="lawn/sampling/precision/cores"]')).toHaveText('17');
  await app.type('Sample taken on', '13 Sep 2027');
  await expect(page.getByText('Sent off 13 Sep 2027; 21 days ago.')).toBeVisible();
  await expect(page.getByText('The report is overdue by 7 days.')).toBeVisible();
  await app.saved();
  await page.getByRole('link', { name: 'Print labels' }).click();
  const label = page.getByRole('listitem').filter({ hasText: '27-002' });
  await expect(label).toContainText('LEAD TEST');
  const picture = PNG.sync.read(await label.locator('svg').screenshot());
  const code = jsQR(new Uint8ClampedArray(picture.data), picture.width, picture.height);
  expect(code?.data).toBe('27-002');
  expect(await app.printed()).toContain('27-002');
  await page.goBack();
  await page.getByRole('link', { name: 'Print the client’s sheet' }).click();
  await expect(page.getByText('Write “27-002” on the bag')).toBeVisible();
  const sheet = await app.printed();
  for (const line of [
    'How to take your soil sample',
    'Front lawn',
    'Write “lead”',
    'What to bring',
  ]) {
    expect(sheet).toContain(line);
  }
  expect(sheet.split('\f').filter((paper) => paper.trim() !== '')).toHaveLength(1);
  await app.desk();
  await page.getByRole('button', { name: /^At the laboratory/ }).click();
  await expect(page.locator('tbody tr')).toHaveText(/Ford Green.*overdue by 7 days/);
});

test('a CSV file whose sample is one letter off is asked about, then taken', async ({ page }) => {
  const app = new App(page);
  await app.newCase();
  await app.go('Results');
  await app.type('Name of the sample', '27-0014');
  await page.locator('#worksheet input[type=file]').setInputFiles({
    name: 'report.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('sample,analyte,value\n27-014,pH,5.7\n27-014,OM,3.4'),
  });
  await expect(page.getByText('One name is no sample’s here.')).toBeVisible();
  await expect(app.field('pH (in water)')).toHaveValue('');
  await page.getByLabel('“27-014” is').selectOption({ label: '27-0014' });
  await page.getByRole('button', { name: 'Take the values' }).click();
  await expect(app.field('pH (in water)')).toHaveValue('5.7');
  await expect(app.field('Organic matter')).toHaveValue('3.4');
});

test('two hundred samples in one case are named and labelled', async ({ page }) => {
  const app = new App(page);
  await app.newCase();
  await app.type('Name of the case', 'The community garden');
  await app.go('Slip');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as file' }).click(),
  ]);
  const file = JSON.parse(await readText(await download.createReadStream())) as {
    id: string;
    samples: Record<string, unknown>;
  };
  for (let number = 2; number <= 200; number += 1) {
    const id = `s${number}`;
    file.samples[id] = { id, name: '', areaIds: [], takenOn: '', lead: '' };
  }
  await app.desk();
  await page.locator('input[type=file]').setInputFiles({
    name: 'many.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify({ ...file, id: 'many' })),
  });
  await expect(page.getByText('One new case.')).toBeVisible();
  await page.goto('/case?id=many&step=sample');
  await page.getByRole('button', { name: 'Name by the office’s pattern' }).click();
  const names = app.field('Name on the bag');
  await expect(names).toHaveCount(200);
  await expect(names.last()).toHaveValue(/-200$/);
  await app.saved();
  await page.getByRole('link', { name: 'Print labels' }).click();
  await expect(page.locator('article li')).toHaveCount(200);
});

async function readText(stream: AsyncIterable<Buffer>): Promise<string> {
  const parts: Buffer[] = [];
  for await (const part of stream) parts.push(part);
  return Buffer.concat(parts).toString('utf8');
}
