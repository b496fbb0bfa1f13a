import { houseCopy, nextVersion } from '../core/catalog/packs/house';
import type { Pack } from '../core/catalog/packs/pack';
import { SHIPPED_PACK } from '../core/catalog/packs/shipped';
import { AgrologosDb } from './db';
import { bringInPacks, housePacks, keepDraft, putPack, removePack, storeVersion } from './packs';

const first = houseCopy(SHIPPED_PACK, 'house-1', 'Ouzel county');
const copyOf = (pack: Pack): Pack =>
  houseCopy(pack, `${pack.id}-copy`, `${pack.name ?? pack.id} (copy)`);
let base: AgrologosDb;
let count = 0;

beforeEach(async () => {
  count += 1;
  base = new AgrologosDb(`packs-${count}`);
  await putPack({ id: first.id, pack: first, draft: {} }, base);
});
afterEach(() => base.delete());

function second(): Pack {
  const next = nextVersion(first, { 'soilTest/p/upTo/1': '20' });
  if (next.kind !== 'pack') throw new Error('no pack');
  return next.pack;
}

test('packs stand by their names', async () => {
  const other = houseCopy(SHIPPED_PACK, 'house-2', 'Fen');
  await putPack({ id: other.id, pack: other, draft: {} }, base);
  expect((await housePacks(base)).map(({ pack }) => pack.name)).toEqual(['Fen', 'Ouzel county']);
});

test('a draft is kept as typed until the next version is stored', async () => {
  await keepDraft('house-1', { 'soilTest/p/upTo/1': '2x' }, base);
  expect(await housePacks(base)).toMatchObject([{ draft: { 'soilTest/p/upTo/1': '2x' } }]);
  expect(await storeVersion(second(), base)).toBe(true);
  expect(await housePacks(base)).toMatchObject([{ pack: { version: 2 }, draft: {} }]);
});

test('a version that another page has stored is not written over', async () => {
  await storeVersion(second(), base);
  expect(await storeVersion({ ...second(), name: 'Late' }, base)).toBe(false);
  expect((await housePacks(base))[0]?.pack.name).toBe('Ouzel county');
});

test('what is removed can be put back as it was', async () => {
  await keepDraft('house-1', { name: 'Half' }, base);
  const gone = await removePack('house-1', base);
  expect(await housePacks(base)).toEqual([]);
  if (gone) await putPack(gone, base);
  expect(await housePacks(base)).toEqual([{ id: 'house-1', pack: first, draft: { name: 'Half' } }]);
  expect(await removePack('house-7', base)).toBeUndefined();
});

test('of a file: new, newer, just so, and what would write over another comes beside it', async () => {
  const bringIn = async (pack: Pack) => (await bringInPacks([pack], copyOf, base))[0]?.what;
  expect(await bringIn(first)).toBe('unchanged');
  expect(await bringIn(second())).toBe('newer');
  expect(await bringIn(first)).toBe('copied');
  expect(await bringIn(first)).toBe('unchanged');
  expect(await bringIn(houseCopy(SHIPPED_PACK, 'house-3', 'Strand'))).toBe('added');
  expect(await bringIn(SHIPPED_PACK)).toBe('copied');
  const names = (await housePacks(base)).map(({ pack }) => [pack.name, pack.version]);
  expect(names).toEqual([
    ['lake-states-1995 (copy)', 1],
    ['Ouzel county', 2],
    ['Ouzel county (copy)', 1],
    ['Strand', 1],
  ]);
});
