/** Packs of a house: copied, changed value by value, and read through the same plan. */
import { lawnCase } from '../../../test/cases';
import { planCase } from '../../plan/plan';
import { SOURCES } from '../../kernel/sources';
import { houseCopy, isHouse, nextVersion, withValue } from './house';
import { faultsOfPack } from './lint';
import type { Pack } from './pack';
import { NEWEST_PACKS, SHIPPED_PACK, SHIPPED_PACKS } from './shipped';
import { valuesOf } from './values';
import { PLANTS } from '../plants/plants';

const own = houseCopy(SHIPPED_PACK, 'house-1', 'Ouzel county');

function at(pack: Pack, path: string): unknown {
  return path
    .split('/')
    .reduce<unknown>((node, key) => (node as Record<string, unknown>)[key], pack);
}

test.each(SHIPPED_PACKS)(
  'every value of $id version $version stands where its path says',
  (pack) => {
    const rows = valuesOf(pack);
    for (const { cells, source } of rows) {
      expect(SOURCES[source]).toBeDefined();
      for (const { path, value } of cells) {
        expect(at(pack, path)).toBe(typeof value === 'string' ? value : value.value);
      }
    }
    const paths = rows.flatMap(({ cells }) => cells.map(({ path }) => path));
    expect(new Set(paths).size).toBe(paths.length);
    expect(paths.length).toBeGreaterThan(40);
  },
);

test.each(NEWEST_PACKS)('two packs stand beside one another row by row: $id', (pack) => {
  const tomato = PLANTS['tomato'];
  const keys = valuesOf(pack, tomato).map(({ key }) => key);
  expect(new Set(keys).size).toBe(keys.length);
  const rates = keys.filter((key) => key.startsWith('rate/'));
  expect([[], ['rate/N', 'rate/P2O5', 'rate/K2O'], ['rate/N']]).toContainEqual(rates);
});

test('a copy names what it was copied from, and begins at version 1', () => {
  expect(own).toMatchObject({
    id: 'house-1',
    name: 'Ouzel county',
    version: 1,
    copiedFrom: { id: 'lake-states-1995', version: 4 },
    soilTest: SHIPPED_PACK.soilTest,
  });
  expect([isHouse(own), isHouse(SHIPPED_PACK)]).toEqual([true, false]);
  expect(houseCopy(own, 'house-2', 'Another')).toMatchObject({
    copiedFrom: { id: 'house-1', version: 1 },
  });
});

test.each<[string, number | string, string | undefined]>([
  ['soilTest/p/upTo/1', 20, 'soilTest/p'],
  ['soilTest/k/critical/base', 80, 'soilTest/k'],
  ['feeding/cool-season-lawn/N/removed/value', 2, 'feeding/cool-season-lawn'],
  ['feeding/mixed-vegetables/P2O5/0', 3, 'feeding/mixed-vegetables'],
  ['lime/bySituation/tilled/cap/value', 120, 'lime/bySituation/tilled/cap'],
  ['dressing/bed/seasons/0/from', '04-20', undefined],
  ['organicMatter/upTo/0', 2.5, undefined],
  ['lime/sandy/cec', 4, undefined],
])('a changed value stands as a house rule: %s', (path, value, stands) => {
  const changed = withValue(own, path, value);
  expect(at(changed, path)).toBe(value);
  expect(at(own, path)).not.toBe(value);
  if (stands) expect(at(changed, `${stands}/standing`)).toBe('house');
  const row = valuesOf(changed).find(({ cells }) => cells.some((cell) => cell.path === path));
  expect([row?.standing, row?.source]).toEqual(['house', 'house']);
  // Nothing else moved.
  const others = valuesOf(own).flatMap(({ cells }) => cells.map((cell) => cell.path));
  for (const other of others.filter((each) => each !== path)) {
    expect(at(changed, other)).toEqual(at(own, other));
  }
});

test('the next version holds what was typed; what cannot be read is told at its place', () => {
  const next = nextVersion(own, { 'soilTest/p/upTo/1': ' 20 ', name: ' Ouzel ' });
  expect(next).toMatchObject({ kind: 'pack', pack: { version: 2, name: 'Ouzel' } });
  const bad = nextVersion(own, {
    'soilTest/p/upTo/0': 'ten',
    'soilTest/p/upTo/1': '',
    'soilTest/p/upTo/2': '-1',
  });
  expect(bad).toMatchObject({
    kind: 'problems',
    problems: [
      { path: 'soilTest/p/upTo/0', reason: { id: 'problem.notANumber' } },
      { path: 'soilTest/p/upTo/1', reason: { id: 'problem.packEmpty' } },
      { path: 'soilTest/p/upTo/2', reason: { id: 'problem.atLeast' } },
    ],
  });
});

test('a house pack that overlaps is told so, at the value', () => {
  const faults = faultsOfPack(withValue(own, 'soilTest/p/upTo/1', 8));
  expect(faults.map(({ path }) => path)).toEqual(['soilTest/p/upTo/1']);
});

test('a case is read by the house pack that it holds, wherever it goes', () => {
  const input = { plant: 'mixed-vegetables', squareFeet: '1000', ph: '6.5', p: { text: '22' } };
  const read = (house: Pack) => {
    const pack = { id: house.id, version: house.version };
    const plan = planCase(lawnCase({ ...input, pack, house }));
    const [area] = plan.areas;
    return [area?.soilTest.p.rating, area?.treatments.fertilizer.needs.rows.P2O5.year] as const;
  };
  expect(read(own)).toMatchObject(['medium', { value: { value: 2 } }]);
  expect(read(withValue(own, 'soilTest/p/upTo/1', 20))).toMatchObject([
    'high',
    { value: { value: 0.5 } },
  ]);
});
