import fc from 'fast-check';
import { sharing } from './sharing';

test('what holds the same is the same, what changed is new', () => {
  const before = { a: { x: '1', list: [1, 2] }, b: { y: '2' }, constructor: { z: '' } };
  const after = structuredClone(before);
  expect(sharing(before, after)).toBe(before);
  const changed = { ...structuredClone(before), b: { y: '3' } };
  const shared = sharing(before, changed);
  expect(shared).toEqual(changed);
  expect(shared.a).toBe(before.a);
  expect(shared.constructor).toBe(before.constructor);
  expect(shared.b).not.toBe(before.b);
});

test('a key that is gone, one that came, and another order are changes', () => {
  expect(sharing({ a: 1, b: 2 }, { a: 1 })).toEqual({ a: 1 });
  expect(sharing({ a: 1 }, { a: 1, b: undefined })).toEqual({ a: 1, b: undefined });
  expect(Object.keys(sharing({ a: 1, b: 2 }, { b: 2, a: 1 }))).toEqual(['b', 'a']);
});

test('whatever it is, it holds what came', () => {
  fc.assert(
    fc.property(fc.jsonValue(), fc.jsonValue(), (before, after) => {
      expect(sharing(before, after)).toEqual(after);
      expect(sharing(after, structuredClone(after))).toEqual(after);
    }),
  );
});
