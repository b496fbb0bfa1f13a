import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { applyPatches, valueAt } from '../../store/patch';
import { isCase } from '../../core/casefile/isCase';
import { validateCaseFile } from './caseFile';

const withHouse: Record<string, unknown> = JSON.parse(
  readFileSync('core/casefile/fixtures/case-v10.json', 'utf8'),
) as Record<string, unknown>;
/** The pack of a house has tests of its own. */
const frozen = { ...withHouse, house: null };

/** Every path to a value of the document that must be there. */
function paths(node: unknown, at = ''): string[] {
  if (typeof node !== 'object' || node === null || Array.isArray(node)) return [at];
  const inside = Object.entries(node).flatMap(([key, value]) =>
    paths(value, at ? `${at}/${key}` : key),
  );
  return at ? [at, ...inside] : inside;
}

/** Entries of a record may be missing; what an entry is made of may not. */
const OPTIONAL =
  /^(areas|samples|reports|past|labels|decisions|paragraphs|lines|issued|attachments|rules|pins|exported|materials|stock|spreaders|loads|covers)\/[^/]+$|^past\/[^/]+\/photos\/[^/]+$|^materials\/[^/]+\/(printed|also|flags)\/[^/]+$|^stock\/[^/]+\/packs\/[^/]+$|^bought\/amounts\/[^/]+$|^spreaders\/[^/]+\/trials\/[^/]+$|^areas\/[^/]+\/parts\/[^/]+$|^climate\/air\/[^/]+$|^rules\/[^/]+\/values\/[^/]+$|^reports\/[^/]+\/readings\/[^/]+$|^reports\/[^/]+\/results\/[^/]+(\/[^/]+)?$/;
const required = paths(frozen).filter((path) => !OPTIONAL.test(path));

test('a document with any one part left out is refused at that part', () => {
  expect(required.length).toBeGreaterThan(50);
  for (const path of required) {
    const damaged = applyPatches(frozen, [{ path, was: undefined, value: undefined }]);
    expect(validateCaseFile(damaged)).toMatchObject({ kind: 'invalid', path });
    expect(isCase(damaged)).toBe(false);
  }
});

test('a document with any one part of another type is refused', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...required),
      fc.constantFrom(null, true, [], 1e9),
      (path, value) => {
        if (/(house)$/.test(path)) return;
        // What is of the type that stands there is no other type.
        const there = valueAt(frozen, path);
        if (typeof there === typeof value && Array.isArray(there) === Array.isArray(value)) return;
        const damaged = applyPatches(frozen, [{ path, was: undefined, value }]);
        expect(validateCaseFile(damaged).kind).toBe('invalid');
      },
    ),
    { seed: 3, numRuns: 300 },
  );
});

test('a house pack is checked within its case, at its place', () => {
  expect(validateCaseFile(withHouse).kind).toBe('valid');
  const path = 'house/soilTest/p/upTo';
  const damaged = applyPatches(withHouse, [{ path, was: undefined, value: [25, 10, 50] }]);
  expect(validateCaseFile(damaged)).toMatchObject({ kind: 'invalid', path: `${path}/1` });
});

test.each(['<0.1', '6,1', 'n. d.', '  6.1 ', 'hoch', '∞'])('a value stays as typed: %p', (text) => {
  const path = 'reports/r1/results/s1/ph-water/text';
  const document = applyPatches(frozen, [{ path, was: undefined, value: text }]);
  const checked = validateCaseFile(document);
  expect(
    checked.kind === 'valid' && checked.file.reports['r1']?.results['s1']?.['ph-water']?.text,
  ).toBe(text);
});

test.each(['a/b', '', 'x'.repeat(65), '__proto__ '])(
  'an id that could lead elsewhere is refused: %p',
  (id) => {
    expect(validateCaseFile({ ...frozen, id })).toMatchObject({ kind: 'invalid', path: 'id' });
  },
);
