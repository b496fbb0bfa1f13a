/** The shipped data holds together: ids, spans, caps, sources, places in print. */
import fc from 'fast-check';
import { cellsOf } from '../../treat/fertilizer/rates';
import { SHIPPED_MATERIALS } from '../materials/materials';
import { PLANTS } from '../plants/plants';
import { LIMESTONE_CCE_MIN } from '../../tables/lime/quality';
import { SOURCES } from '../../kernel/sources';
import { FURTHER_BANDS, FURTHER_CLASSES, furtherClass } from './supplementaryBands';
import { faultsOfPack } from './lint';
import { RATINGS } from './pack';
import { NEWEST_PACKS, SHIPPED_PACK, SHIPPED_PACKS } from './shipped';
import { bandsFor, groupsOf, ratingOf, type Bands } from './rating';
import { PACK_VERSIONS, USUAL_PACK } from './versions';

const DAY = /^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/;

test('packs are pinned by id and version, each once', () => {
  const names = SHIPPED_PACKS.map(({ id, version }) => `${id} ${version}`);
  expect(new Set(names).size).toBe(names.length);
  expect(SHIPPED_PACK).toMatchObject(USUAL_PACK);
});

test('the newest version of each pack is the one that new cases are pinned to', () => {
  const newest: Record<string, number> = {};
  for (const { id, version } of SHIPPED_PACKS) newest[id] = Math.max(version, newest[id] ?? 0);
  expect(newest).toEqual(PACK_VERSIONS);
  expect(NEWEST_PACKS.map(({ id }) => id)).toEqual(Object.keys(PACK_VERSIONS));
});

test.each(SHIPPED_PACKS)('pack $id version $version', ({ lime, dressing, feeding, source }) => {
  expect(SOURCES[source]).toBeDefined();
  for (const { cap, depth } of Object.values(lime.bySituation)) {
    expect(cap.value).toBeGreaterThan(lime.least.value);
    expect(depth.value).toBeGreaterThan(0);
  }
  // The smaller end of a range: a stressed lawn never bears more than an established one.
  expect(lime.bySituation.stressed.cap.value).toBeLessThan(lime.bySituation.established.cap.value);
  const { lawn, bed } = dressing;
  expect(lawn.slowN.value).toBeGreaterThan(lawn.quickN.value);
  const nitrogen = feeding['cool-season-lawn']?.N;
  if (nitrogen?.by === 'clippings') {
    expect(nitrogen.returned.value).toBeLessThan(nitrogen.removed.value);
    expect(lawn.seasons.length * lawn.quickN.value).toBeGreaterThanOrEqual(nitrogen.removed.value);
  }
  for (const { from, to } of [...lime.seasons, ...lawn.seasons, ...bed.seasons]) {
    expect(from).toMatch(DAY);
    expect(to).toMatch(DAY);
    expect(from < to).toBe(true);
  }
});

test.each(SHIPPED_PACKS)('$id version $version passes the linter', (pack) => {
  expect(faultsOfPack(pack)).toEqual([]);
});

test.each(NEWEST_PACKS)('every value of $id says where it is printed', ({ soilTest, ...pack }) => {
  const printed = [
    ...Object.values(soilTest),
    ...Object.values(pack.feeding),
    ...Object.values(pack.classes ?? {}),
  ].filter((each) => each !== null);
  for (const { locator, year, standing } of printed) {
    expect(locator).toMatch(/\w{3}/);
    expect(year).toBeGreaterThan(1930);
    expect(standing).toBeDefined();
  }
  expect([soilTest.p?.unit, soilTest.k?.unit]).not.toContain(undefined);
});

/** Bands of a pack, of each of its groups of soils. */
function allBands(): { name: string; bands: Bands }[] {
  return SHIPPED_PACKS.flatMap(({ id, version, soilTest }) =>
    [soilTest.p, soilTest.k].flatMap((printed) => {
      const groups: (string | undefined)[] = [...groupsOf(printed)];
      return (groups.length > 0 ? groups : [undefined]).flatMap((group) => {
        const bands = bandsFor(printed, group);
        return bands ? [{ name: `${id} ${version} ${group ?? ''} ${bands.method}`, bands }] : [];
      });
    }),
  );
}

test.each(allBands())('more of a nutrient never lowers its rating: $name', ({ bands }) => {
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
});

test.each(FURTHER_BANDS)('further bands of $analyte by $method', (bands) => {
  const { upTo, classes, source, locator, year } = bands;
  expect(classes).toHaveLength(upTo.length + 1);
  expect([...upTo].sort((a, b) => a - b)).toEqual(upTo);
  expect([SOURCES[source], locator.length > 3, year > 1930]).not.toContain(false);
  const order = classes.map((name) => FURTHER_CLASSES.indexOf(name));
  expect([...order].sort((a, b) => a - b)).toEqual(order);
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 3000, noNaN: true }),
      fc.double({ min: 0, max: 500, noNaN: true }),
      (value, more) => {
        const at = (x: number): number => classes.indexOf(furtherClass(bands, x));
        expect(at(value + more)).toBeGreaterThanOrEqual(at(value));
      },
    ),
  );
});

test.each(NEWEST_PACKS.filter(({ feeding }) => Object.keys(feeding).length > 0))(
  '$id and the literature have phosphate and potash for every plant but mixes; no class stands in',
  (pack) => {
    expect(pack.classes).toBeUndefined();
    const without = Object.values(PLANTS).filter((plant) => {
      const { P2O5, K2O } = cellsOf(pack, plant);
      return !P2O5 || !K2O;
    });
    expect(without.map(({ id }) => id)).toEqual(['container-mix']);
  },
);

test.each(SHIPPED_PACKS.filter(({ classes }) => classes))(
  '$id version $version, of before, has a rate of each nutrient for every plant by its class',
  (pack) => {
    const without = Object.values(PLANTS).filter((plant) => {
      const { N, P2O5, K2O } = cellsOf(pack, plant);
      return !N || !P2O5 || !K2O;
    });
    expect(without.map(({ id }) => id)).toEqual([]);
  },
);

test.each(SHIPPED_MATERIALS.lime)(
  '$id is a liming material',
  ({ typicalCce, mostCce, bagsLb, source }) => {
    expect(typicalCce).toBeGreaterThanOrEqual(LIMESTONE_CCE_MIN);
    expect(typicalCce).toBeLessThanOrEqual(mostCce);
    expect(bagsLb[0]).toBeGreaterThan(0);
    expect(SOURCES[source]).toBeDefined();
  },
);
