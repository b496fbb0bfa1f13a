/**
 * Every band of the packs by extractant, and of what is read beside P and K, at both its printed ends and between
 * it and the next (25.4 is 25, 25.5 is 26). The fixtures are from the second recollection, the packs from the
 * first: independent.
 */
import type { Typed } from '../core/casefile/parts/typed';
import type { Analyte } from '../core/catalog/analytes';
import { planCase } from '../core/plan/plan';
import { NEWEST_PACKS } from '../core/catalog/packs/shipped';
import { lawnCase, type LawnInput } from '../test/cases';
import { readFixture } from './csv';

const [, ...rows] = readFixture('pack-bands.csv');

function rating(row: readonly string[], value: string): string | undefined {
  const [id = '', analyte = '', unit = '', , , , group = ''] = row;
  const found = NEWEST_PACKS.find((pack) => pack.id === id);
  const name = analyte === 'p' ? 'p' : 'k';
  const method = found?.soilTest[name]?.method;
  if (!found || method === undefined) throw new Error(`no bands: ${id} ${analyte}`);
  const plan = planCase(
    lawnCase({
      ph: '6.5',
      pack: { id, version: found.version },
      [name]: { text: value, unit, method },
      decisions: group ? { 'soil-group': group } : {},
    }),
  );
  return plan.areas[0]?.soilTest[name].rating;
}

test.each(rows)('%s %s %s: %s from %s to %s %s', (...row) => {
  const [pack, analyte, , band, from = '', to = ''] = row;
  expect(rating(row, from)).toBe(band);
  expect(rating(row, to)).toBe(band);
  // Between two printed values nothing is homeless: what rounds to the end belongs to it.
  const step = pack === 'northeast-morgan' && analyte === 'p' ? 0.04 : 0.4;
  expect(rating(row, String(Number((Number(to) + step).toFixed(2))))).toBe(band);
});

const [, ...further] = readFixture('further-bands.csv');

/** The class that a value beside P and K is read in. */
function classOf(row: readonly string[], text: string): unknown {
  const [analyte = '', method = '', texture = ''] = row;
  const mix = method === 'saturated-extract' || method === 'mix';
  const unit = method === 'saturated-extract' ? { unit: 'ppm-extract' } : {};
  const how = method === 'mix' ? 'saturated-paste' : mix ? '' : method;
  const typed: Partial<Typed> = { text, ...unit, ...(how ? { method: how } : {}) };
  const input: LawnInput = {
    plant: mix ? 'container-mix' : 'tomato',
    texture,
    more: { [analyte as Analyte]: typed },
  };
  const line = planCase(lawnCase(input)).areas[0]?.reading.lines.find(
    (each) => each.analyte === analyte,
  );
  return line?.sentence.params?.['rating'];
}

test.each(further)('%s by %s %s: %s from %s to %s', (...row) => {
  const [, , , name = '', from = '', to = ''] = row;
  for (const end of [from, to]) expect(classOf(row, end)).toEqual({ id: `class.${name}` });
});

const [, ...vegetables] = readFixture('vegetable-rates.csv');

/**
 * Cells on which the two recollections part; the smaller of each stands in the pack. Sweet corn and snap beans at
 * very high: 20 or 0; sweet potatoes K2O at high: 150 or 100; asparagus P2O5 150 or 200 and K2O 200/150/50 or 300/200/100.
 */
const PARTED: Readonly<Record<string, readonly number[]>> = {
  'sweet-corn P2O5': [160, 120, 80, 0],
  'sweet-corn K2O': [160, 120, 80, 0],
  'snap-bean P2O5': [80, 60, 40, 0],
  'snap-bean K2O': [80, 60, 40, 0],
  'sweet-potato K2O': [300, 200, 100, 0],
  'asparagus P2O5': [150, 100, 50, 0],
  'asparagus K2O': [200, 150, 50, 0],
};

test.each(vegetables)('vegetables by crop: %s %s', (crop = '', nutrient = '', ...printed) => {
  const pack = NEWEST_PACKS.find(({ id }) => id === 'mid-atlantic-vegetables');
  const rates = pack?.feeding[crop]?.[nutrient === 'P2O5' ? 'P2O5' : 'K2O'];
  const expected = printed.map(Number);
  const parted = PARTED[`${crop} ${nutrient}`];
  expect(rates).toEqual(parted ?? expected);
  // Where they part the pack has the smaller of the two.
  parted?.forEach((rate, index) => expect(rate).toBeLessThanOrEqual(expected[index] ?? 0));
});
