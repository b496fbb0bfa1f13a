import type { OwnMaterial } from '../core/casefile/parts/material';
import { newMaterial } from '../core/casefile/parts/material';
import { AgrologosDb } from './db';
import {
  bringInMaterials,
  changeMaterial,
  materialsForCases,
  putMaterials,
  removeMaterial,
  shedMaterials,
} from './materials';

const bag = (id: string, order: number, name: string) => ({ ...newMaterial(id, order), name });

let count = 0;
function emptyBase(): AgrologosDb {
  count += 1;
  return new AgrologosDb(`materials-${count}`);
}

test('materials stand in their order, a retired one is for no new case, a removed one can come back', async () => {
  const base = emptyBase();
  const retired = { ...bag('c', 3, 'C'), flags: { retired: 'yes' } as const };
  await putMaterials([bag('b', 2, 'B'), bag('a', 1, 'A'), retired], base);
  expect((await shedMaterials(base)).map(({ id }) => id)).toEqual(['a', 'b', 'c']);
  expect(Object.keys(await materialsForCases(base))).toEqual(['a', 'b']);
  const gone = await removeMaterial('a', base);
  expect((await shedMaterials(base)).map(({ id }) => id)).toEqual(['b', 'c']);
  if (gone) await putMaterials([gone], base);
  expect((await shedMaterials(base)).length).toBe(3);
});

test('what comes in of the same is nothing new, of the same id in other words a second one', async () => {
  const base = emptyBase();
  await putMaterials([bag('a', 1, 'A')], base);
  const other = { ...bag('a', 1, 'A, but other'), printed: { grade: '9-9-9' } };
  const copyOf = (material: OwnMaterial): OwnMaterial => ({
    ...material,
    id: 'x',
    name: `${material.name} (theirs)`,
  });
  const coming = [bag('a', 1, 'A'), other, bag('d', 4, 'D')];
  await bringInMaterials(coming, copyOf, base);
  // The same file once more brings nothing more.
  await bringInMaterials(coming, (material) => ({ ...copyOf(material), id: 'y' }), base);
  expect((await shedMaterials(base)).map(({ id, name }) => [id, name])).toEqual([
    ['a', 'A'],
    ['x', 'A, but other (theirs)'],
    ['d', 'D'],
  ]);
});

test('what is typed at once in two fields is both kept', async () => {
  const base = emptyBase();
  await putMaterials([bag('a', 1, 'A')], base);
  await Promise.all([
    changeMaterial('a', ({ printed }) => ({ printed: { ...printed, grade: '1-2-3' } }), base),
    changeMaterial('a', ({ printed }) => ({ printed: { ...printed, bag: '40' } }), base),
    changeMaterial('gone', () => ({ name: 'nobody' }), base),
  ]);
  expect((await shedMaterials(base)).map(({ printed }) => printed)).toEqual([
    { grade: '1-2-3', bag: '40' },
  ]);
});
