import fc from 'fast-check';
import { newCase } from '../core/casefile/newCase';
import { leftovers, writeMirror } from './mirror';
import { applyPatches, inverse, reachable, same, valueAt, type Patch } from './patch';
import { UndoStack } from './undo';

const document = newCase('c1', '2027-10-04');
const path = fc.constantFrom(
  'title',
  'client/name',
  'areas/lawn/shape/length',
  'past/p1',
  'labels/x',
);
const value = fc.oneof(fc.string(), fc.constant(undefined), fc.record({ on: fc.string() }));

test('patches and their inverses, in reverse, leave the document as it was', () => {
  fc.assert(
    fc.property(fc.array(fc.tuple(path, value), { maxLength: 12 }), (edits) => {
      let current: unknown = document;
      const done: Patch[] = [];
      for (const [at, next] of edits) {
        const patch = { path: at, was: valueAt(current, at), value: next };
        current = applyPatches(current, [patch]);
        expect(same(valueAt(current, at), next)).toBe(true);
        done.push(patch);
      }
      const back = applyPatches(current, [...done].reverse().map(inverse));
      expect(back).toEqual(document);
    }),
    { seed: 11 },
  );
});

test('a place is reachable when what holds it exists', () => {
  expect(reachable(document, 'title')).toBe(true);
  expect(reachable(document, 'past/p1')).toBe(true);
  expect(reachable(document, 'past/p1/on')).toBe(false);
});

test('sameness looks through objects and lists, not at the order of keys', () => {
  expect(same({ a: 1, b: [1, { c: 2 }] }, { b: [1, { c: 2 }], a: 1 })).toBe(true);
  expect(same({ a: 1 }, { a: 1, b: undefined })).toBe(true);
  expect(same([1, 2], [1])).toBe(false);
  expect(same('1', 1)).toBe(false);
});

test('edits of one visit to a field are one entry of undo', () => {
  const stack = new UndoStack();
  const edit = (was: string, next: string, group: string): void =>
    stack.push(group, [{ path: 'title', was, value: next }]);
  edit('', 'W', 'visit 1');
  edit('W', 'We', 'visit 1');
  edit('We', 'Weir', 'visit 2');
  expect(stack.undo()).toEqual([{ path: 'title', was: 'Weir', value: 'We' }]);
  expect(stack.undo()).toEqual([{ path: 'title', was: 'We', value: '' }]);
  expect([stack.undo(), stack.canUndo, stack.canRedo]).toEqual([undefined, false, true]);
  expect(stack.redo()).toEqual([{ path: 'title', was: '', value: 'We' }]);
  edit('We', 'X', 'visit 3');
  expect([stack.canRedo, stack.redo()]).toEqual([false, undefined]);
});

test('a mirror that cannot be read is no crash, and one without patches is removed', () => {
  localStorage.setItem('agrologos:pending:c1:p1', '{half');
  localStorage.setItem('agrologos:pending:c1:p2', '[{"path":"title","was":"","value":"W"},7]');
  expect(leftovers(new Set())).toEqual([
    { caseId: 'c1', page: 'p1', patches: [] },
    { caseId: 'c1', page: 'p2', patches: [{ path: 'title', was: '', value: 'W' }] },
  ]);
  writeMirror('c1', 'p1', []);
  writeMirror('c1', 'p2', []);
  expect(localStorage).toHaveLength(0);
});
