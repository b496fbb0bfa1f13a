/** The shipped data holds together: ids, spans, caps, sources. */
import { SHIPPED_MATERIALS } from '../materials/materials';
import { PLANTS } from '../plants/plants';
import { LIMESTONE_CCE_MAX, LIMESTONE_CCE_MIN } from '../tables/limeQuality';
import { SOURCES } from '../tables/sources';
import { SHIPPED_PACK, SHIPPED_PACKS } from './packs';

const DAY = /^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/;

test('packs are pinned by id and version, each once', () => {
  const names = SHIPPED_PACKS.map(({ id, version }) => `${id} ${version}`);
  expect(new Set(names).size).toBe(names.length);
  expect(SHIPPED_PACKS).toContain(SHIPPED_PACK);
});

test.each(SHIPPED_PACKS)('pack $id version $version', ({ lime, lawnNitrogen, source }) => {
  expect(SOURCES[source]).toBeDefined();
  for (const { cap, depth } of Object.values(lime.bySituation)) {
    expect(cap.value).toBeGreaterThan(lime.least.value);
    expect(depth.value).toBeGreaterThan(0);
  }
  // The smaller end of a range: a stressed lawn never bears more than an established one.
  expect(lime.bySituation.stressed.cap.value).toBeLessThan(lime.bySituation.established.cap.value);
  expect(lawnNitrogen.clippingsReturned.value).toBeLessThan(lawnNitrogen.clippingsRemoved.value);
  expect(lawnNitrogen.seasons.length * lawnNitrogen.cap.value).toBeGreaterThanOrEqual(
    lawnNitrogen.clippingsRemoved.value,
  );
  for (const { from, to } of [...lime.seasons, ...lawnNitrogen.seasons]) {
    expect(from).toMatch(DAY);
    expect(to).toMatch(DAY);
    expect(from < to).toBe(true);
  }
});

test.each(SHIPPED_MATERIALS.lime)('$id is a limestone', ({ typicalCce, bagLb, source }) => {
  expect(typicalCce).toBeGreaterThanOrEqual(LIMESTONE_CCE_MIN);
  expect(typicalCce).toBeLessThanOrEqual(LIMESTONE_CCE_MAX);
  expect(bagLb).toBeGreaterThan(0);
  expect(SOURCES[source]).toBeDefined();
});

test.each(Object.entries(PLANTS))('%s is limed to within its window', (id, plant) => {
  expect(plant.id).toBe(id);
  expect(plant.limeBelow).toBeLessThan(plant.limeTo);
  expect(plant.limeBelow).toBeGreaterThanOrEqual(plant.window.low);
  expect(plant.limeTo).toBeLessThanOrEqual(plant.window.high);
});
