/** A crawler: every amount on every screen opens a working that ends in that number. */
import type { Page } from '@playwright/test';
import { App, expect, ORACLE, test, type LawnReport, type StepName } from './app';

/** Amounts in the page's visible text that stand in nothing that opens. */
function strayAmounts(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const opens = '[data-working], [data-working-panel], select, textarea, kbd, script, style';
    const lines = new Map<Element, string>();
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const parent = node.parentElement;
      if (!parent || parent.getClientRects().length === 0) continue;
      let block: Element = parent;
      while (getComputedStyle(block).display.startsWith('inline') && block.parentElement) {
        block = block.parentElement;
      }
      const text = parent.closest(opens) ? '\u2022' : (node.textContent ?? '');
      lines.set(block, (lines.get(block) ?? '') + text);
    }
    const amount = /(\d[\d.,]*\s*(lb|oz|tons?|bags?|ppm|%)(?![a-z])|\$\s*\d|pH\s*(of\s*)?\d)/i;
    return [...lines.values()].filter((line) => amount.test(line));
  });
}

/**
 * Opens each figure of the page; gives those whose working does not end in the figure. It runs in
 * the page: a call from outside for each of some hundred figures is most of a crawl's time.
 */
function openEach(page: Page): Promise<{ opened: number; wrong: string[] }> {
  return page.evaluate(async () => {
    const number = (text: string): string => /−?[\d.,]*\d[¼½¾]?|[¼½¾]/.exec(text)?.[0] ?? '';
    const result = (): string | undefined =>
      document.querySelector('[role="region"] [data-working-result]')?.textContent ?? undefined;
    /** Waits until React has drawn the panel, or has taken it away; at most 300 frames. */
    const drawn = async (open: boolean): Promise<void> => {
      for (let frame = 0; frame < 300 && (result() !== undefined) !== open; frame += 1)
        await new Promise(requestAnimationFrame);
    };
    const figures = [...document.querySelectorAll<HTMLElement>('[data-working]')].filter((each) =>
      each.checkVisibility(),
    );
    const wrong: string[] = [];
    for (const figure of figures) {
      const shown = figure.textContent ?? '';
      figure.click();
      await drawn(true);
      if (number(shown) === '' || number(shown) !== number(result() ?? ''))
        wrong.push(`${shown} opens ${result()}`);
      figure.click();
      await drawn(false);
    }
    return { opened: figures.length, wrong };
  });
}

const STEPS: readonly StepName[] = [
  ...(['Ground', 'Results', 'Reading', 'pH', 'Fertilizer', 'Slip', 'Diary'] as const),
];
/** Where no other report changes what ground, results and diary show. */
const TURNED: readonly StepName[] = ['pH', 'Fertilizer', 'Slip'];

const STATES: readonly (readonly [string, LawnReport])[] = [
  ['the oracle', ORACLE],
  ['a laboratory and a texture beside it', { ...ORACLE, lab: '115', texture: 'silt-loam' }],
  ['no area known', { unknownArea: true, ph: '5.4', buffer: '6.4' }],
  ['no lime needed', { squareFeet: '1000', ph: '6.4' }],
  ['not worth a trip', { squareFeet: '1000', ph: '5.9', texture: 'sandy-loam' }],
  ['a silent buffer', { squareFeet: '1000', ph: '5.2', buffer: '6.9', texture: 'clay-loam' }],
  ['an organic soil', { squareFeet: '1000', ph: '4.6', om: '40' }],
  ['a buffer against the pH, and an error', { squareFeet: '0', ph: '7.4', buffer: '6.2' }],
];

for (const [name, report] of STATES) {
  test(`every amount opens its working: ${name}`, async ({ page }) => {
    const app = new App(page);
    await app.typeLawn(report);
    let opened = 0;
    for (const step of report === ORACLE ? STEPS : TURNED) {
      await app.go(step);
      expect(await strayAmounts(page), `${step}: amounts that do not open`).toEqual([]);
      const found = await openEach(page);
      expect(found.wrong, `${step}: workings that end in another number`).toEqual([]);
      opened += found.opened;
    }
    await app.desk();
    expect(await strayAmounts(page), 'Desk').toEqual([]);
    opened += (await openEach(page)).opened;
    expect(opened).toBeGreaterThan(2);
  });
}

test('every amount opens its working: a garden of several pieces', async ({ page }) => {
  const app = new App(page);
  await app.typeLawn(ORACLE);
  await app.go('Results');
  await app.type('Phosphorus, P', '<20');
  await app.type('Potassium, K', '150');
  await app.field('Method of Phosphorus, P').selectOption('bray-1');
  await app.field('Method of Potassium, K').selectOption('ammonium-acetate');
  await app.type('Nitrogen, N', '3');
  await app.go('Ground');
  await app.addVegetables();
  await app.choose('Kitchen beds');
  const crawl = async (where: string): Promise<void> => {
    expect(await strayAmounts(page), `${where}: amounts that do not open`).toEqual([]);
    expect((await openEach(page)).wrong, `${where}: another number`).toEqual([]);
  };
  for (const step of ['Ground', 'Reading', 'Fertilizer'] as const) {
    await app.go(step);
    await crawl(step);
  }
  await page.getByLabel('Price of a bag of urea 46-0-0, dollars').fill('24.50');
  await page.getByRole('button', { name: 'All ground' }).click();
  await page.getByRole('heading', { name: '4 areas' }).waitFor();
  await crawl('All ground');
  await page.goto('/shed?material=composted-poultry-pellets-4-3-3');
  await page.getByText('In one bag').waitFor();
  expect((await openEach(page)).wrong, 'Shed').toEqual([]);
});

test('the crawler finds an amount that does not open', async ({ page }) => {
  await new App(page).desk();
  await page.evaluate(() => {
    const stray = document.createElement('p');
    stray.innerHTML = 'spread <b>12</b> lb at pH 5.4';
    document.querySelector('main')?.append(stray);
  });
  expect(await strayAmounts(page)).toHaveLength(1);
});
