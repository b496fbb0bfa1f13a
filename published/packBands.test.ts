/**
 * Every band of the packs by extractant at both its printed ends and between it and the next (25.4 is 25,
 * 25.5 is 26). The fixture is from the second recollection, the packs from the first: independent.
 */
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { planCase } from '../core/plan';
import { NEWEST_PACKS } from '../core/yardsticks/packs';
import { lawnCase } from '../test/cases';

const rows = readFileSync(path.join(__dirname, 'fixtures/pack-bands.csv'), 'utf8')
  .split('\n')
  .filter((line) => line !== '' && !line.startsWith('#'))
  .slice(1)
  .map((line) => line.split(','));

function rating(pack: string, analyte: string, unit: string, value: string): string | undefined {
  const found = NEWEST_PACKS.find(({ id }) => id === pack);
  const method = found?.soilTest[analyte === 'p' ? 'p' : 'k']?.method;
  if (!found || method === undefined) throw new Error(`no bands: ${pack} ${analyte}`);
  const typed = { text: value, unit, method };
  const input = analyte === 'p' ? { p: typed } : { k: typed };
  const plan = planCase(
    lawnCase({ ph: '6.5', pack: { id: pack, version: found.version }, ...input }),
  );
  return plan.areas[0]?.soilTest[analyte === 'p' ? 'p' : 'k'].rating;
}

test.each(rows)('%s %s %s: %s from %s to %s', (pack, analyte, unit, band, from, to) => {
  expect(rating(pack ?? '', analyte ?? '', unit ?? '', from ?? '')).toBe(band);
  expect(rating(pack ?? '', analyte ?? '', unit ?? '', to ?? '')).toBe(band);
  // Between two printed values nothing is homeless: what rounds to the end belongs to it.
  const step = pack === 'northeast-morgan' && analyte === 'p' ? 0.04 : 0.4;
  const above = String(Number((Number(to) + step).toFixed(2)));
  expect(rating(pack ?? '', analyte ?? '', unit ?? '', above)).toBe(band);
});

test('five packs are checked, each for both nutrients', () => {
  const checked = new Set(rows.map(([pack, analyte]) => `${pack} ${analyte}`));
  expect(checked.size).toBe(10);
  console.log(`bands of ${checked.size} pack tables: independent (two recollections)`);
});
