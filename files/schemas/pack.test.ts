import { SHIPPED_PACKS } from '../../core/catalog/packs/shipped';
import { applyPatches } from '../../store/patch';
import { validatePack } from './pack';

test.each(SHIPPED_PACKS)('pack $id version $version has the shape of a pack', (pack) => {
  expect(validatePack(structuredClone(pack))).toEqual({ kind: 'valid', pack });
});

const [, second] = SHIPPED_PACKS;

test.each<[string, string, unknown]>([
  ['a rate that is text', 'feeding/mixed-vegetables/P2O5', ['4', 2, 1, 0]],
  ['a richer soil that gets more', 'feeding/mixed-vegetables/P2O5', [1, 2, 0, 0]],
  ['three ratings', 'feeding/mixed-vegetables/K2O', [4, 2, 1]],
  ['bands that fall', 'soilTest/p/upTo', [25, 10, 50]],
  ['a day that is none', 'dressing/bed/seasons', [{ from: '13-01', to: '12-31' }]],
  ['no extractant', 'soilTest/k/method', ''],
  ['a source that nobody knows', 'source', 'hearsay'],
  ['a rule of its own', 'lime/formula', 'pH * 2'],
])('refused at its place: %s', (_name, path, value) => {
  const damaged = applyPatches(structuredClone(second), [
    { path, was: undefined, value: value as never },
  ]);
  const checked = validatePack(damaged);
  expect(checked.kind).toBe('invalid');
  expect(checked.kind === 'invalid' && checked.faults[0]?.path.startsWith(path)).toBe(true);
});
