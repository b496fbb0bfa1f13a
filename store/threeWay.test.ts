import { anyCase } from '../test/anyCase';
import { edited } from '../test/edits';
import { applyPatches, differences, same, valueAt, type Json } from './patch';
import { together } from './threeWay';

const WAS = { title: 'a', client: { name: 'n', place: 'p' }, areas: { lawn: { size: '1' } } };

test('what only one side changed is taken from it, at any depth', () => {
  const here = { ...WAS, title: 'b', areas: { lawn: { size: '1' }, bed: { size: '9' } } };
  const there = { ...WAS, client: { name: 'm', place: 'p' }, areas: {} };
  expect(together({ was: WAS }, here, there)).toEqual({
    document: { title: 'b', client: { name: 'm', place: 'p' }, areas: { bed: { size: '9' } } },
    taken: [
      { path: 'client/name', was: 'n', value: 'm' },
      { path: 'areas/lawn', was: { size: '1' }, value: undefined },
    ],
    clashes: [],
  });
});

test('what both changed in two ways is a clash, one that one side took away as well', () => {
  const here = { ...WAS, title: 'b', areas: { lawn: { size: '2' } } };
  const there = { ...WAS, title: 'c', areas: {} };
  const { document, clashes } = together({ was: WAS }, here, there);
  expect(document).toEqual(here);
  expect(clashes).toEqual([
    { path: 'title', here: 'b', there: 'c' },
    { path: 'areas/lawn', here: { size: '2' }, there: undefined },
  ]);
});

test('without what both came from, all that one side alone has is kept, and what differs is asked', () => {
  const here = { title: 'b', areas: { lawn: { size: '1' } } };
  const there = { title: 'b', areas: { lawn: { size: '2' }, bed: { size: '9' } } };
  const { document, taken, clashes } = together<object>(undefined, here, there);
  expect(document).toEqual({ title: 'b', areas: { lawn: { size: '1' }, bed: { size: '9' } } });
  expect(taken.map(({ path }) => path)).toEqual(['areas/bed']);
  expect(clashes.map(({ path }) => path)).toEqual(['areas/lawn/size']);
});

const json = (value: unknown): Json => value as Json;
/** Whether one of two places holds the other. */
const touches = (a: string, b: string): boolean =>
  `${a}/`.startsWith(`${b}/`) || `${b}/`.startsWith(`${a}/`);

test('laws over seeded cases: it commutes where nothing clashes, is idempotent, and loses no field', () => {
  let calm = 0;
  let clashed = 0;
  for (let seed = 0; seed < 150; seed += 1) {
    const was = anyCase(seed);
    const [here, there] = [edited(was, seed, 4), edited(was, seed + 5000, 4)];
    const joined = together({ was }, here, there);
    const { document, clashes } = joined;
    const other = together({ was }, there, here);
    expect([seed, other.clashes.length]).toEqual([seed, clashes.length]);
    if (clashes.length === 0) {
      calm += 1;
      expect([seed, same(json(document), json(other.document))]).toEqual([seed, true]);
    } else clashed += 1;
    // Once more brings nothing more, but what was asked is asked again.
    const again = together({ was: there }, document, there);
    expect([seed, same(json(again.document), json(document))]).toEqual([seed, true]);
    expect([seed, again.clashes]).toEqual([seed, []]);
    // What it says it took is what it took.
    expect([seed, same(json(applyPatches(here, joined.taken)), json(document))]).toEqual([
      seed,
      true,
    ]);
    // Each change of either side stands in it, or is asked.
    for (const side of [here, there]) {
      for (const { path, value } of differences(json(was), json(side))) {
        const asked = clashes.some((clash) => touches(clash.path, path));
        expect([seed, path, asked || same(valueAt(document, path), value)]).toEqual([
          seed,
          path,
          true,
        ]);
      }
    }
  }
  expect([calm > 40, clashed > 10]).toEqual([true, true]);
});
