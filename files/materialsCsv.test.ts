import { newMaterial, type OwnMaterial } from '../core/casefile/parts/material';
import { readMaterialsCsv, writeMaterialsCsv } from './materialsCsv';

const BAG: OwnMaterial = {
  ...newMaterial('m1', 1),
  name: 'Bag, "old"',
  printed: { grade: '12-4-8', slowN: '3', bag: '40' },
  also: { S: '6' },
  flags: { organic: 'no', chloride: 'yes' },
  note: '=HYPERLINK("x")',
};

test('a table that is written is read again as it was, but for ids', () => {
  const read = readMaterialsCsv(writeMaterialsCsv([BAG]));
  if (read.kind !== 'materials') throw new Error('refused');
  const [back] = read.materials;
  expect(back).toMatchObject({
    name: BAG.name,
    kind: 'fertilizer',
    printed: BAG.printed,
    also: BAG.also,
    note: BAG.note,
  });
  expect(back?.flags).toMatchObject({ organic: 'no', chloride: 'yes', nitrate: '' });
});

test.each(['=1+1', '+1', '-1', '@x', '\tx'])('%j is no formula in a spreadsheet', (note) => {
  const text = writeMaterialsCsv([{ ...BAG, note }]);
  for (const line of text.split('\n').slice(1)) {
    for (const cell of line.split(',')) expect(cell).not.toMatch(/^"?[=+\-@\t]/);
  }
});

test.each([
  ['no columns', 'a,b\n1,2\n', [1, 'name']],
  ['a kind that is none', 'name,kind,grade\nX,manure,1-1-1\n', [2, 'kind']],
  [
    'a grade over 100',
    'name,kind,grade\nA,fertilizer,10-10-10\nX,fertilizer,60-60-60\n',
    [3, 'grade'],
  ],
  ['a zero pack', 'name,kind,grade,bag\nX,fertilizer,1-1-1,0\n', [2, 'bag']],
  ['more than 300', `name,kind,grade\n${'X,fertilizer,1-1-1\n'.repeat(301)}`, [302, '']],
])('%s: refused whole, at row and column', (_what, text, [row, column]) => {
  const read = readMaterialsCsv(text);
  expect(read).toMatchObject({ kind: 'refused' });
  if (read.kind === 'refused') expect(read.faults[0]).toMatchObject({ row, column });
});

test('names from a table that every object has are nothing special', () => {
  const read = readMaterialsCsv('name,kind,grade,constructor\n__proto__,fertilizer,1-1-1,x\n');
  expect(read).toMatchObject({ kind: 'materials', materials: [{ name: '__proto__' }] });
});
