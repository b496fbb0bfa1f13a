import { MOST_COUNT, setAddress, setOf } from './setAddress';

const of = (query: string) => setOf(new URLSearchParams(query));

test('the address of a set names it again', () => {
  const set = { level: 2, seed: 417, count: 5 } as const;
  expect(of(setAddress(set).split('?')[1] ?? '')).toEqual(set);
});

test('an address that names no set names none, and a count that cannot be is one', () => {
  const wrong = ['', 'level=9&seed=1', 'level=2', 'level=2&seed=-3', 'level=2&seed=1.5', 'seed=4'];
  expect(wrong.map(of)).toEqual(wrong.map(() => undefined));
  expect(of(`level=1&seed=3&count=${MOST_COUNT + 1}`)).toEqual({ level: 1, seed: 3, count: 1 });
  expect(of('level=1&seed=3&count=x')).toEqual({ level: 1, seed: 3, count: 1 });
});
