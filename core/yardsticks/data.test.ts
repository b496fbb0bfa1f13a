/** The shipped data holds together: ids, spans, caps, sources. */
import fc from 'fast-check';
import { SHIPPED_MATERIALS } from '../materials/materials';
import { PLANTS } from '../plants/plants';
import { ratingOf } from '../reading/soilTest';
import { LIMESTONE_CCE_MAX, LIMESTONE_CCE_MIN } from '../tables/limeQuality';
import { SOURCES } from '../tables/sources';
import { RATINGS } from './pack';
import { SHIPPED_PACK, SHIPPED_PACKS } from './packs';

const DAY = /^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/;

test('packs are pinned by id and version, each once', () => {
  const names = SHIPPED_PACKS.map(({ id, version }) => `${id} ${version}`);
  expect(new Set(names).size).toBe(names.length);
  expect(SHIPPED_PACKS).toContain(SHIPPED_PACK);
});

test.each(SHIPPED_PACKS)('pack $id version $version', ({ lime, dressing, feeding, source }) => {
  expect(SOURCES[source]).toBeDefined();
  for (const { cap, depth } of Object.values(lime.bySituation)) {
    expect(cap.value).toBeGreaterThan(lime.least.value);
    expect(depth.value).toBeGreaterThan(0);
  }
  // The smaller end of a range: a stressed lawn never bears more than an established one.
  expect(lime.bySituation.stressed.cap.value).toBeLessThan(lime.bySituation.established.cap.value);
  const nitrogen = feeding['cool-season-lawn']?.N;
  if (nitrogen?.by !== 'clippings') throw new Error('no lawn');
  expect(nitrogen.returned.value).toBeLessThan(nitrogen.removed.value);
  const { lawn, bed } = dressing;
  expect(lawn.seasons.length * lawn.quickN.value).toBeGreaterThanOrEqual(nitrogen.removed.value);
  expect(lawn.slowN.value).toBeGreaterThan(lawn.quickN.value);
  for (const { P2O5, K2O } of Object.values(feeding)) {
    for (const rates of [P2O5 ?? [], K2O ?? []]) {
      // A richer soil never gets more.
      expect([...rates].sort((a, b) => b - a)).toEqual(rates);
    }
  }
  for (const { from, to } of [...lime.seasons, ...lawn.seasons, ...bed.seasons]) {
    expect(from).toMatch(DAY);
    expect(to).toMatch(DAY);
    expect(from < to).toBe(true);
  }
});

test('more of a nutrient never lowers its rating, and every value has one', () => {
  for (const { soilTest } of SHIPPED_PACKS) {
    for (const bands of [soilTest.p, soilTest.k]) {
      if (!bands) continue;
      fc.assert(
        fc.property(
          fc.double({ min: 0, max: 2000, noNaN: true }),
          fc.double({ min: 0, max: 500, noNaN: true }),
          (value, more) => {
            const at = (x: number): number => RATINGS.indexOf(ratingOf(bands, x, 100));
            expect(at(value)).toBeGreaterThanOrEqual(0);
            expect(at(value + more)).toBeGreaterThanOrEqual(at(value));
          },
        ),
      );
    }
  }
});

test.each(SHIPPED_MATERIALS.lime)('$id is a limestone', ({ typicalCce, bagsLb, source }) => {
  expect(typicalCce).toBeGreaterThanOrEqual(LIMESTONE_CCE_MIN);
  expect(typicalCce).toBeLessThanOrEqual(LIMESTONE_CCE_MAX);
  expect(bagsLb[0]).toBeGreaterThan(0);
  expect(SOURCES[source]).toBeDefined();
});

test.each(Object.entries(PLANTS))('%s is limed to within its window', (id, plant) => {
  expect(plant.id).toBe(id);
  expect(plant.limeBelow).toBeLessThan(plant.limeTo);
  expect(plant.limeBelow).toBeGreaterThanOrEqual(plant.window.low);
  expect(plant.limeTo).toBeLessThanOrEqual(plant.window.high);
});
