import type { OwnMaterial } from '../core/casefile/parts/material';
import { newMaterial } from '../core/casefile/parts/material';
import { newRule } from '../core/casefile/parts/rule';
import { USUAL_OFFICE } from '../core/casefile/office';
import { houseCopy } from '../core/catalog/packs/house';
import type { Pack } from '../core/catalog/packs/pack';
import { SHIPPED_PACK } from '../core/catalog/packs/shipped';
import { compareOffice, putBesideBack, takeBeside, type Beside } from './beside';
import { ChangedMeanwhile } from './changedMeanwhile';
import { AgrologosDb } from './db';
import { readMappings } from './mappings';
import { putMaterials, shedMaterials } from './materials';
import { changeOffice, hasOffice, readOffice } from './office';
import { housePacks } from './packs';

const PACK = houseCopy(SHIPPED_PACK, 'house-1', 'Ouzel county');
const COPIES = {
  pack: (pack: Pack): Pack => houseCopy(pack, 'house-copy', `${pack.name} (theirs)`),
  material: (material: OwnMaterial): OwnMaterial => ({
    ...material,
    id: 'copy',
    name: `${material.name} (theirs)`,
  }),
};
const BAG: OwnMaterial = { ...newMaterial('bag', 1), name: 'Half a bag' };

let base: AgrologosDb;
let count = 0;
beforeEach(() => {
  localStorage.clear();
  count += 1;
  base = new AgrologosDb(`beside-${count}`);
});
afterEach(() => base.delete());

/** All that lies beside the cases. */
async function lying(): Promise<unknown> {
  return [await housePacks(base), await shedMaterials(base), await base.settings.toArray()];
}

const take = (beside: Beside, theirs: readonly string[] = []) =>
  takeBeside(beside, theirs, COPIES, base);

test('into an empty desk all of it comes, and goes again as one', async () => {
  const before = await lying();
  const office = { ...USUAL_OFFICE, signature: 'Ines Odera' };
  expect(await compareOffice({ office }, base)).toBeUndefined();
  const mappings = { 'Lab,pH': { header: true, decimalComma: false, columns: [] } };
  const taken = await take({ packs: [PACK], materials: [BAG], office, mappings });
  expect(await readMappings(base)).toEqual(mappings);
  expect((await readOffice(base)).signature).toBe('Ines Odera');
  expect((await housePacks(base)).map(({ id }) => id)).toEqual(['house-1']);
  expect((await shedMaterials(base)).map(({ name }) => name)).toEqual(['Half a bag']);
  await putBesideBack(taken, base);
  expect(await lying()).toEqual(before);
  expect(await hasOffice(base)).toBe(false);
});

test('two offices: what only there was decided comes, what both decided is asked place by place', async () => {
  await changeOffice(() => ({ signature: 'Ines Odera', pace: '2.5 ft' }), base);
  const office = {
    ...USUAL_OFFICE,
    signature: 'Bram Tull',
    pace: '2.5 ft',
    contact: '3 Weir Street',
  };
  const joined = await compareOffice({ office }, base);
  expect(joined?.taken.map(({ path }) => path)).toEqual(['contact']);
  expect(joined?.clashes.map(({ path, there }) => [path, there])).toEqual([
    ['signature', 'Bram Tull'],
  ]);
  await take({ office });
  expect(await readOffice(base)).toMatchObject({
    signature: 'Ines Odera',
    contact: '3 Weir Street',
  });
  await take({ office }, ['signature']);
  expect((await readOffice(base)).signature).toBe('Bram Tull');
  expect(await compareOffice({ office: await readOffice(base) }, base)).toBeUndefined();
  // An older backup lacks what was decided later: that is no decision against it.
  expect(await compareOffice({ office: { signature: 'Bram Tull' } }, base)).toBeUndefined();
});

test('rules of two offices that have one id are told apart, once', async () => {
  const ours = newRule('rule-1', 1, 'p-by-test');
  await changeOffice(() => ({ rules: { 'rule-1': ours } }), base);
  const theirs = newRule('rule-1', 1, 'winter-stop');
  const office = { ...USUAL_OFFICE, rules: { 'rule-1': theirs } };
  expect((await compareOffice({ office }, base))?.clashes).toEqual([]);
  await take({ office });
  const kinds = Object.values((await readOffice(base)).rules).map(({ kind }) => kind);
  expect(kinds).toEqual([ours.kind, theirs.kind]);
  expect(await compareOffice({ office }, base)).toBeUndefined();
  // One rule in two versions is asked about.
  const changed = { ...USUAL_OFFICE, rules: { 'rule-1': { ...ours, name: 'Code 4.2' } } };
  expect((await compareOffice({ office: changed }, base))?.clashes).toHaveLength(1);
  const named = { ...ours, name: 'Code 4.2' };
  await changeOffice(() => ({ rules: { 'rule-1': named } }), base);
  const other = { ...USUAL_OFFICE, rules: { 'rule-1': { ...ours, name: 'Ferry, § 9' } } };
  await take({ office: other });
  expect(
    Object.values((await readOffice(base)).rules)
      .map(({ name }) => name)
      .sort(),
  ).toEqual(['Code 4.2', 'Ferry, § 9']);
});

test('what the office decides between the looking and the taking stays', async () => {
  await changeOffice(() => ({ signature: 'Ines Odera' }), base);
  const office = { ...USUAL_OFFICE, signature: 'Bram Tull' };
  expect(await compareOffice({ office }, base)).toBeDefined();
  await changeOffice(() => ({ contact: 'typed meanwhile' }), base);
  await take({ office }, ['signature']);
  expect(await readOffice(base)).toMatchObject({
    signature: 'Bram Tull',
    contact: 'typed meanwhile',
  });
});

test('of one id but other content both stand, told apart by name, and come in once', async () => {
  await take({ packs: [PACK], materials: [BAG] });
  const other = { ...BAG, printed: { grade: '16-4-8' } };
  const pack = { ...PACK, region: 'Strand' } as Pack;
  for (let time = 0; time < 2; time += 1) await take({ packs: [pack], materials: [other] });
  expect((await shedMaterials(base)).map(({ name }) => name)).toEqual([
    'Half a bag',
    'Half a bag (theirs)',
  ]);
  expect((await housePacks(base)).map(({ pack: { name } }) => name)).toEqual([
    'Ouzel county',
    'Ouzel county (theirs)',
  ]);
});

test.each<[string, () => Promise<unknown>]>([
  ['the office', () => changeOffice(() => ({ contact: 'since' }), base)],
  ['a material', () => putMaterials([{ ...BAG, name: 'Another' }], base)],
  ['a pack', () => base.packs.delete('house-1')],
])('%s that was changed since is not overwritten by taking back', async (_name, change) => {
  const taken = await take({ packs: [PACK], materials: [BAG], office: USUAL_OFFICE });
  await change();
  const before = await lying();
  await expect(putBesideBack(taken, base)).rejects.toThrow(ChangedMeanwhile);
  expect(await lying()).toEqual(before);
});
