/** Packs as files: out and in as they were, and refused whole at the line where something is wrong. */
import { houseCopy, withValue } from '../core/catalog/packs/house';
import { SHIPPED_PACK, SHIPPED_PACKS } from '../core/catalog/packs/shipped';
import { readPack, writePack } from './packJson';

test.each(SHIPPED_PACKS)('$id version $version comes back as it was', (pack) => {
  expect(readPack(writePack(pack))).toEqual({ kind: 'pack', pack });
});

const own = withValue(houseCopy(SHIPPED_PACK, 'house-1', 'Ouzel'), 'organicMatter/upTo/0', 2.5);

test('so does a house pack, also with a mark of its encoding before it', () => {
  expect(readPack(`\uFEFF${writePack(own)}`)).toEqual({ kind: 'pack', pack: own });
});

function without(key: 'source' | 'version'): unknown {
  const { [key]: _gone, ...rest } = own;
  return rest;
}

const file = (pack: unknown, head: object = {}): string =>
  JSON.stringify({ format: 'agrologos-pack', schema: 1, ...head, pack }, null, 2);

/** The line of a file in which a text stands. */
function lineOf(text: string, words: string): number {
  return text.slice(0, text.indexOf(words)).split('\n').length;
}

test.each<[string, string, string | undefined, string, string | undefined]>([
  ['no JSON', '{ "format": ', undefined, 'file.notJson', undefined],
  ['another file', '{ "format": "agrologos-case" }', '', 'refused.notPack', undefined],
  ['a list', '[]', '', 'refused.notPack', undefined],
  ['a newer schema', file(own, { schema: 2 }), '', 'refused.newerPack', undefined],
  ['no schema', file(own, { schema: 'one' }), '', 'refused.newerPack', undefined],
  ['a missing source', file(without('source')), 'pack/source', 'file.fault', '"pack"'],
  ['a missing version', file(without('version')), 'pack/version', 'file.fault', '"pack"'],
  [
    'bands that overlap',
    file(withValue(own, 'soilTest/p/upTo/1', 8)),
    'pack/soilTest/p/upTo/1',
    'file.fault',
    '8',
  ],
  [
    'a method that nobody knows',
    file({ ...own, soilTest: { ...own.soilTest, p: { ...own.soilTest.p, method: 'nose' } } }),
    'pack/soilTest/p/method',
    'file.fault',
    '"nose"',
  ],
  [
    'a source that nobody knows',
    file({ ...own, source: 'hearsay' }),
    'pack/source',
    'file.fault',
    '"hearsay"',
  ],
  ['a formula', file({ ...own, formula: 'pH * 2' }), 'pack/formula', 'file.fault', '"pH * 2"'],
  [
    'bands with a hole: a class without an end',
    file({ ...own, soilTest: { ...own.soilTest, p: { ...own.soilTest.p, upTo: [10, 25] } } }),
    'pack/soilTest/p/upTo',
    'file.fault',
    undefined,
  ],
])('refused whole: %s', (_name, text, path, reason, words) => {
  const read = readPack(text);
  const [fault] = read.kind === 'refused' ? read.faults : [];
  expect(fault?.reason.id).toBe(reason);
  if (path !== undefined) expect(fault?.path).toBe(path);
  if (words) expect(fault?.line).toBe(lineOf(text, words));
});

test('a file that would reach into every object reaches nothing', () => {
  const text = file(own).replace('"pack": {', '"pack": { "__proto__": { "polluted": 1 },');
  const read = readPack(text);
  expect(read.kind === 'pack' && 'polluted' in { ...read.pack }).toBe(false);
  expect('polluted' in {}).toBe(false);
});
