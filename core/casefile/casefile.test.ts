import { readFileSync } from 'node:fs';
import { validateCaseFile } from '../../files/schemas/caseFile';
import { planCase } from '../plan/plan';
import { migrate, type Migration } from './migrations/migrate';
import { withUsedOnly } from './casefile';
import { NO_CLIMATE } from './parts/climate';
import { newCase } from './newCase';

const frozen: unknown = JSON.parse(readFileSync('core/casefile/fixtures/case-v1.json', 'utf8'));

test('the frozen case of schema 1 opens and plans as it did', () => {
  const migrated = migrate(frozen);
  if (migrated.kind !== 'document') throw new Error('refused');
  const checked = validateCaseFile(migrated.document);
  if (checked.kind !== 'valid') throw new Error(checked.path);
  const [lawn] = planCase(checked.file).areas;
  expect(lawn?.treatments.lime.digest).toBe('dose calcitic-pelletized 708.31');
});

test('the outlines of a case of schema 4 become attachments, and nothing is lost', () => {
  const shape = (outline: string): unknown => ({ kind: 'outline', outline });
  const old = {
    format: 'agrologos-case',
    schema: 4,
    areas: {
      lawn: { id: 'lawn', shape: shape('[1]'), parts: { p: { id: 'p', shape: shape('[2]') } } },
      bed: { id: 'bed', shape: shape(''), parts: {} },
    },
  };
  expect(migrate(old, undefined, 5)).toEqual({
    kind: 'document',
    document: {
      ...old,
      schema: 5,
      areas: {
        lawn: {
          id: 'lawn',
          plantedOn: '',
          shape: shape('outline-1'),
          parts: { p: { id: 'p', shape: shape('outline-2') } },
        },
        bed: { ...old.areas.bed, plantedOn: '' },
      },
      attachments: {
        'outline-1': { id: 'outline-1', kind: 'outline', text: '[1]' },
        'outline-2': { id: 'outline-2', kind: 'outline', text: '[2]' },
      },
      climate: NO_CLIMATE,
    },
  });
});

test.each([2, 3, 4, 5, 6, 7, 8, 9])(
  'the frozen case of schema %i is a case of the present one',
  (schema) => {
    const path = `core/casefile/fixtures/case-v${schema}.json`;
    const migrated = migrate(JSON.parse(readFileSync(path, 'utf8')) as unknown);
    if (migrated.kind !== 'document') throw new Error('refused');
    expect(validateCaseFile(migrated.document).kind).toBe('valid');
  },
);

test('a document goes out with the attachments that something in it names', () => {
  const file = newCase('x', '2027-10-04');
  const [used, tried] = ['used', 'tried'].map((id) => ({ id, kind: 'outline' as const, text: '' }));
  const { lawn } = file.areas;
  if (!lawn || !used || !tried) throw new Error('no lawn');
  const areas = { lawn: { ...lawn, shape: { ...lawn.shape, outline: 'used' } } };
  expect(withUsedOnly({ ...file, areas, attachments: { used, tried } }).attachments).toEqual({
    used,
  });
});

test('a document passes each step from its schema to the present one', () => {
  const steps: Migration[] = [
    { from: 1, up: (document) => ({ ...document, title: `${String(document['title'])}!` }) },
    { from: 2, up: (document) => ({ ...document, note: '' }) },
  ];
  expect(migrate(frozen, steps, 3)).toMatchObject({
    kind: 'document',
    document: { schema: 3, title: 'Weir Cottage!', note: '' },
  });
  expect(() => migrate(frozen, [], 2)).toThrow('no migration from schema 1');
});

test.each([
  ['a newer schema', { format: 'agrologos-case', schema: 99 }, 'refused.newer'],
  ['no schema', { format: 'agrologos-case' }, 'refused.noSchema'],
  ['another format', { format: 'x', schema: 1 }, 'refused.notACase'],
  ['no object', [], 'refused.notACase'],
])('refused whole: %s', (_name, raw, id) => {
  expect(migrate(raw)).toMatchObject({ kind: 'refused', reason: { id } });
});

test.each<[string, (file: Record<string, unknown>) => void, string]>([
  ['a number where text is kept as typed', (file) => (file['title'] = 5), 'title'],
  [
    'an unknown shape',
    (file) => ((file['areas'] as { lawn: { shape: { kind: string } } }).lawn.shape.kind = 'star'),
    'areas/lawn/shape/kind',
  ],
  ['a missing part', (file) => delete file['client'], 'client'],
  ['a part too many', (file) => (file['extra'] = 1), 'extra'],
])('the shape is checked at its place: %s', (_name, damage, path) => {
  const file = structuredClone(newCase('x', '2027-10-04')) as unknown as Record<string, unknown>;
  expect(validateCaseFile(file).kind).toBe('valid');
  damage(file);
  expect(validateCaseFile(file)).toMatchObject({ kind: 'invalid', path });
});
