import fc from 'fast-check';
import { SampleIndex } from './sampleIndex';

const index = (): SampleIndex =>
  new SampleIndex([
    { id: 'a', names: ['27-0014', 'Front lawn'] },
    { id: 'b', names: ['27-0041'] },
    { id: 'c', names: ['Beds', 'Lawn'] },
    { id: 'd', names: ['Lawn'] },
  ]);

test.each([
  ['27-0014', 'a'],
  ['  FRONT LAWN ', 'a'],
  ['beds', 'c'],
  ['27-0015', undefined],
  ['Lawn', undefined], // two have it
  ['', undefined],
])('“%s” is %s', (name, id) => {
  expect(index().find(name)).toBe(id);
});

test.each<[string, readonly string[]]>([
  ['27-0042', ['b']], // one letter off; the other is two off
  ['lawn', ['c', 'd']],
  ['bed', ['c']],
  ['', []],
  ['orchard', []],
])('near “%s” are %j', (key, ids) => {
  expect(
    index()
      .near(key)
      .map(({ sampleId }) => sampleId),
  ).toEqual(ids);
});

test('an answer goes before what is known, and nobody is an answer too', () => {
  const samples = index();
  samples.answer('lawn', 'd');
  samples.answer('27-0014', '');
  expect([samples.find('LAWN'), samples.find('27-0014')]).toEqual(['d', '']);
});

test('every name finds its own sample, however it is written', () => {
  const names = fc.uniqueArray(fc.stringMatching(/^[a-z0-9-]{1,12}$/), { minLength: 1 });
  fc.assert(
    fc.property(names, (all) => {
      const samples = new SampleIndex(all.map((name) => ({ id: `id ${name}`, names: [name] })));
      for (const name of all) {
        expect(samples.find(` ${name.toUpperCase()} `)).toBe(`id ${name}`);
        expect(samples.near(name)[0]?.sampleId).toBe(`id ${name}`);
      }
    }),
  );
});
