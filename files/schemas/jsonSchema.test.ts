/** The published JSON Schema and the validator give the same verdict on one corpus. */
import { DECISIONS } from '../../core/casefile/decisions';
import { readFileSync } from 'node:fs';
import Ajv2020 from 'ajv/dist/2020';
import fc from 'fast-check';
import { CASE, SCHEMA } from '../../core/casefile/casefile';
import { fits } from '../../core/kernel/typed/spec';
import { SOURCES } from '../../core/kernel/sources';
import { applyPatches } from '../../store/patch';
import { hasCaseShape } from './caseFile';

const published: object = JSON.parse(
  readFileSync('docs/formats/case.schema.json', 'utf8'),
) as object;
const pack: object = JSON.parse(readFileSync('docs/formats/pack.schema.json', 'utf8')) as object;
const bySchema = new Ajv2020({ strict: false }).addSchema(pack).compile(published);
const good = JSON.parse(readFileSync('core/casefile/fixtures/case-v10.json', 'utf8')) as Record<
  string,
  unknown
>;

function paths(node: unknown, at = ''): string[] {
  if (typeof node !== 'object' || node === null || Array.isArray(node)) return at ? [at] : [];
  const inside = Object.entries(node).flatMap(([key, value]) =>
    paths(value, at ? `${at}/${key}` : key),
  );
  return at ? [at, ...inside] : inside;
}

const places = paths(good);

/** By the published schema and by the validator, which the check without one has to agree with where no pack is in it. */
function verdicts(document: unknown): [boolean, boolean] {
  const shape = hasCaseShape(document);
  const house = (document as { house?: unknown } | null)?.house;
  if (house === null) expect(fits(CASE, document)).toBe(shape);
  return [bySchema(document), shape];
}

/** Every list of values of a schema, wherever it stands. */
function enumsOf(node: unknown): unknown[][] {
  if (typeof node !== 'object' || node === null) return [];
  if (Array.isArray(node)) return node.flatMap(enumsOf);
  const { enum: values } = node as { enum?: unknown[] };
  return [...(values ? [values] : []), ...Object.values(node).flatMap(enumsOf)];
}

test('the published lists of decisions and sources are the program’s', () => {
  const decisions = enumsOf(published).find((values) => values.includes('lime-method'));
  expect(new Set(decisions)).toEqual(new Set(DECISIONS));
  const sources = enumsOf(pack).find((values) => values.includes('ncr-221'));
  expect(new Set(sources)).toEqual(new Set(Object.keys(SOURCES)));
});

test('the published schema says which schema it is', () => {
  const { $id, title } = published as { readonly $id?: string; readonly title?: string };
  expect([$id, title]).toEqual([
    `urn:agrologos:case:${SCHEMA}`,
    `Agrologos case, schema ${SCHEMA}`,
  ]);
});

test('the frozen case is good by both', () => {
  expect(verdicts(good)).toEqual([true, true]);
});

test.each<[string, unknown]>([
  ['nothing', null],
  ['a list', []],
  ['text', 'case'],
  ['an empty object', {}],
  ['another format', { ...good, format: 'x' }],
  ['another schema', { ...good, schema: 1 }],
  ['a part too many', { ...good, extra: 1 }],
  ['a long text', { ...good, title: 'x'.repeat(4001) }],
  ['a version with a fraction', { ...good, pack: { id: 'x', version: 1.5 } }],
])('refused by both: %s', (_name, document) => {
  expect(verdicts(document)).toEqual([false, false]);
});

const junk = fc.constantFrom<unknown>(
  undefined,
  null,
  true,
  0,
  1.5,
  -1,
  1e308,
  '',
  'x',
  '2027-10-04',
  'a/b',
  'x'.repeat(4001),
  [],
  ['lawn'],
  [''],
  {},
  { text: '', unit: '', method: '' },
  { __proto_: 1 },
  { '': { text: '', unit: '', method: '' } },
);
const keys = fc.constantFrom('', '/new', '/p', '/lawn', '/bad key', '/x:feed-n', '/calcium-15.5');

test('the same verdict on 3,000 documents with one or two places changed', () => {
  let accepted = 0;
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.constantFrom(...places), keys, junk), { minLength: 1, maxLength: 2 }),
      (changes) => {
        let document: unknown = good;
        for (const [place, key, value] of changes) {
          try {
            const patch = { path: `${place}${key}`, was: undefined, value: value as never };
            document = applyPatches(document, [patch]);
          } catch {
            // The change before took this place away.
          }
        }
        const [published, validated] = verdicts(document);
        expect(validated).toBe(published);
        accepted += published ? 1 : 0;
      },
    ),
    { seed: 12, numRuns: 3000 },
  );
  expect(accepted).toBeGreaterThan(200);
});
