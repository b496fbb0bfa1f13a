import { SCHEMA } from '../core/casefile/casefile';
import { readFileSync } from 'node:fs';
import { newCase } from '../core/casefile/newCase';
import { USUAL_OFFICE } from '../core/casefile/office';
import { houseCopy, withValue } from '../core/catalog/packs/house';
import { SHIPPED_PACK } from '../core/catalog/packs/shipped';
import { backupOf } from '../test/backups';
import { BACKUP_END, backupCase, backupStart } from './backup';
import { readCases, writeCase } from './caseJson';

const first = newCase('case-1', '2027-10-04');
const second = newCase('case-2', '2027-10-05');
const frozen = readFileSync('core/casefile/fixtures/case-v1.json', 'utf8');

test('a case that is written is read as it was', () => {
  expect(readCases(writeCase(first))).toEqual({
    kind: 'cases',
    cases: [{ file: first, states: [] }],
    gone: [],
    backup: false,
    archive: false,
  });
});

test('a backup that is written is read as it was; an empty one too', () => {
  const states = [
    { id: 's1', at: 5, by: 'Ines', patches: [], includes: [] },
    { id: 's2', at: 9, by: '', patches: [{ path: 'title', was: 'a', value: '' }], includes: ['x'] },
  ];
  const gone = [{ id: 'case-9', title: 'Old', at: 7, by: 'Ines', states: ['s9'] }];
  const cases = [
    { file: first, states },
    { file: second, states: [] },
  ];
  const text = [
    backupStart('2027-10-06T08:00:00Z', { gone }),
    ...cases.map((each, at) => backupCase(each, at === 0)),
    BACKUP_END,
  ].join('');
  expect(readCases(text)).toEqual({
    kind: 'cases',
    cases,
    gone,
    backup: true,
    archive: false,
  });
  const archive = backupOf([first], { archive: true });
  expect(readCases(archive)).toMatchObject({ archive: true });
  expect(readCases(backupOf([]))).toMatchObject({ cases: [], gone: [], backup: true });
});

test('a backup of the first schema has documents alone', () => {
  const text = JSON.stringify({ format: 'agrologos-backup', schema: 1, cases: [first] });
  expect(readCases(text)).toMatchObject({ cases: [{ file: first, states: [] }], gone: [] });
});

test('states that cannot be are refused at their place', () => {
  const text = backupOf([first, second]).replace('"states":[]', '"states":[{"id":5}]');
  const read = readCases(text);
  expect(read.kind === 'refused' && read.faults[0]).toMatchObject({
    line: 2,
    path: 'cases/0/states/0/id',
  });
});

test('a backup takes the office along', () => {
  const office = { ...USUAL_OFFICE, signature: 'Ines Odera' };
  const text = backupOf([first], { office });
  expect(readCases(text)).toMatchObject({ kind: 'cases', office });
});

test('a backup takes the packs of the office along; one that is wrong refuses it at its place', () => {
  const pack = houseCopy(SHIPPED_PACK, 'house-1', 'Ouzel county');
  const text = backupOf([first], { packs: [pack] });
  expect(readCases(text)).toMatchObject({ kind: 'cases', packs: [pack] });
  const bad = backupOf([first], { packs: [withValue(pack, 'soilTest/p/upTo/1', 8)] });
  const read = readCases(bad);
  expect(read.kind === 'refused' && read.faults.map(({ path }) => path)).toEqual([
    'packs/0/soilTest/p/upTo/1',
  ]);
});

test('a case of an older schema is brought to the present one', () => {
  const read = readCases(`\uFEFF${frozen}`);
  expect(read.kind === 'cases' && read.cases[0]?.file.schema).toBe(SCHEMA);
});

const backup = backupOf([first, second]);

test.each<[string, string, number, number, string]>([
  ['no JSON', 'case', 1, 1, 'file.notJson'],
  ['cut off', '{\n  "format": "agrologos-case",\n  "schema": ', 3, 13, 'file.notJson'],
  ['a comma too many', '{\n  "format": "x",\n}', 3, 1, 'file.notJson'],
  ['another format', '{"format": "x"}', 1, 1, 'refused.notACase'],
  ['a newer case', '{"format": "agrologos-case", "schema": 99}', 1, 1, 'refused.newer'],
  [
    'a newer backup',
    '{"format": "agrologos-backup", "schema": 10, "cases": []}',
    1,
    1,
    'refused.newerBackup',
  ],
  ['a backup without cases', '{"format": "agrologos-backup", "schema": 1}', 1, 1, 'file.fault'],
  ['a number for text', writeCase(first).replace('"title": ""', '"title": 5'), 6, 12, 'file.fault'],
  [
    'the second case of a backup',
    backup.replace('"id":"case-2","createdOn":"2027-10-05"', '"id":"case-2","createdOn":"soon"'),
    3,
    74,
    'file.fault',
  ],
  [
    'an office on paper that nobody has',
    '{"format": "agrologos-backup", "schema": 1, "office": {"paper": "slate"}, "cases": []}',
    1,
    65,
    'file.fault',
  ],
  ['a case twice', backup.replaceAll('case-2', 'case-1'), 3, 53, 'file.fault'],
])('refused whole at its place: %s', (_name, text, line, column, id) => {
  const read = readCases(text);
  if (read.kind !== 'refused') throw new Error('read');
  expect(read.faults[0]).toMatchObject({ line, column, reason: { id } });
});

test('an entry under another key than its own is refused', () => {
  const file = { ...first, areas: { meadow: first.areas['lawn'] } };
  const read = readCases(JSON.stringify(file, null, 2));
  expect(read).toMatchObject({ kind: 'refused', faults: [{ path: 'areas/meadow/id' }] });
});
