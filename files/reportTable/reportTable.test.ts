import { guessColumn } from './columns';
import { decodeText } from './decode';
import { bySample } from './result';
import { ReportTable } from './reportTable';
import type { NamedSample } from './sampleIndex';

const SAMPLES: readonly NamedSample[] = [
  { id: 's1', names: ['Front', 'Main lawn'] },
  { id: 's2', names: ['Beds'] },
];
const HEAD = 'sample,analyte,value,unit,method';
const file = (...lines: string[]): string => [HEAD, ...lines].join('\n');

function entries(text: string): string[] {
  return [...bySample(new ReportTable(text, SAMPLES).result())].flatMap(([sample, values]) =>
    values.map(({ analyte, typed }) =>
      [sample, analyte, typed.text, typed.unit, typed.method].join('|'),
    ),
  );
}

/** The values of a sample by their analyte. */
function said(table: ReportTable, sampleId: string): unknown {
  const values = bySample(table.result()).get(sampleId) ?? [];
  return Object.fromEntries(values.map(({ analyte, typed }) => [analyte, typed]));
}

test('long form: samples by name, names and units as laboratories write them', () => {
  const text = file(
    'Front,pH,5.7,,',
    'front,Buffer pH,6.5,pH,SMP',
    'Main lawn,Organic Matter,3.4,%,',
    'Beds,P,<5,ppm,Bray-1',
    'Beds,Potassium,150,lb/acre,Ammonium acetate',
    'Beds,texture,Silt loam,,',
    'Beds,Rec P2O5,40,lb/acre,',
    '',
    'Beds,rec-k,2,lb/1000 ft²,K',
    'Beds,Salts,0.4,mmhos/cm,1:2',
  );
  expect(entries(text)).toEqual([
    's1|ph-water|5.7|pH|',
    's1|ph-smp|6.5|pH|',
    's1|om|3.4|%|',
    's2|p|<5|ppm|bray-1',
    's2|k|150|lb/acre|ammonium-acetate',
    's2|texture|silt-loam||',
    's2|rec-p|40|lb/acre|P2O5',
    's2|rec-k|2|lb/1000ft2|K',
    's2|ec|0.4|mmho/cm|1:2',
  ]);
});

test('wide form: a column an analyte, unit and method in its head, empty cells not tested', () => {
  const text = [
    'Sample ID,pH,Mehlich 3 P (lb/acre),K ppm,Ca meq/100 g,Notes',
    'Front,5.7,24,,5.1,wet',
    'Beds,6.4,<10,150,,',
  ].join('\n');
  expect(entries(text)).toEqual([
    's1|ph-water|5.7|pH|',
    's1|p|24|lb/acre|mehlich-3',
    's1|ca|5.1|meq/100g|',
    's2|ph-water|6.4|pH|',
    's2|p|<10|lb/acre|mehlich-3',
    's2|k|150|ppm|',
  ]);
});

test.each([
  ['P Bray-1 lb per acre', 'p', 'lb/acre', 'bray-1'],
  ['Phosphorus_Olsen_ppm', 'p', 'ppm', 'olsen'],
  ['K (ammonium acetate), mg/kg', 'k', 'mg/kg', 'ammonium-acetate'],
  ['NO3-N', 'no3', 'ppm', 'N'],
  ['OM %', 'om', '%', ''],
  ['pH 1:1', 'ph-water', 'pH', '1:1'],
  ['EC 1:2 µS/cm', 'ec', 'uS/cm', '1:2'],
  ['%Ca', 'sat-ca', '%', ''],
])('the head “%s”', (head, analyte, unit, method) => {
  expect(guessColumn(head)).toEqual({ role: 'result', analyte, unit, method });
});

const TWO = ['s1|ph-water|5.7|pH|', 's2|cec|10|meq/100g|'];

test.each([
  ['semicolons', 'sample;analyte;value;unit;method\nFront;pH;5.7;;\nBeds;CEC;10;;'],
  ['tabs, as pasted from a sheet', 'sample\tanalyte\tvalue\nFront\tpH\t5.7\nBeds\tCEC\t10'],
  ['Windows, a mark at the start', '\uFEFFSample,Analyte,Value\r\nFront,pH,5.7\r\nBeds,CEC,10\r\n'],
  ['other order', 'value,sample,analyte\n5.7,Front,pH\n10,Beds,CEC'],
  ['decimal commas', 'sample;analyte;value\nFront;pH;5,7\nBeds;CEC;10'],
])('%s', (_name, text) => {
  expect(entries(text)).toEqual(TWO);
});

function utf16(text: string, little: boolean, mark: boolean): Uint8Array {
  const all = (mark ? '\uFEFF' : '') + text;
  return Uint8Array.from(
    Array.from(all).flatMap((letter) => {
      const code = letter.charCodeAt(0);
      const [high, low] = [code >> 8, code & 255];
      return little ? [low, high] : [high, low];
    }),
  );
}

const PLAIN = 'sample,analyte,value\nFront,pH,5.7\nBeds,CEC,10';

test.each<[string, Uint8Array]>([
  ['UTF-8', new TextEncoder().encode(PLAIN)],
  ['UTF-8 with its mark', new TextEncoder().encode(`\uFEFF${PLAIN}`)],
  ['UTF-16, little end first', utf16(PLAIN, true, true)],
  ['UTF-16, big end first', utf16(PLAIN, false, true)],
  ['UTF-16 without a mark', utf16(PLAIN, true, false)],
])('bytes: %s', (_name, bytes) => {
  expect(entries(decodeText(bytes))).toEqual(TWO);
});

test('the old code page of Windows keeps its signs', () => {
  expect(decodeText(Uint8Array.from([0x6c, 0x62, 0x20, 0xb2, 0xb5]))).toBe('lb ²µ');
});

const GOOD = ['Front,pH,5.7,,', 'Front,OM,3,,', 'Front,CEC,9,,', 'Beds,pH,6.1,,', 'Beds,OM,4,,'];

test.each<[string, string, number, string]>([
  ['words for a number', 'Beds,P,low,ppm,Bray-1', 2, 'problem.notANumber'],
  ['no value', 'Beds,P,,ppm,Bray-1', 2, 'csv.noValue'],
  ['an analyte that nobody reads', 'Beds,Helium,8,ppm,', 1, 'csv.noAnalyte'],
  ['a unit that is none of its own', 'Beds,P,8,dS/m,Bray-1', 3, 'csv.noUnit'],
  ['an unknown extractant', 'Beds,P,8,ppm,vinegar', 4, 'csv.noMethod'],
  ['another buffer', 'Beds,buffer pH,6.5,,Sikora', 4, 'csv.noMethod'],
  ['a texture that is none', 'Beds,texture,mud,,', 2, 'csv.noTexture'],
  ['a value twice', 'Beds,pH,6.2,,', 1, 'csv.twice'],
  ['a formula', 'Beds,P,=1+1,ppm,Bray-1', 2, 'problem.notANumber'],
  ['a cell too many', 'Beds,P,8,ppm,Bray-1,extra', 4, 'csv.moreCells'],
])('on line 7: %s; nothing is given until it is mended', (_name, bad, column, id) => {
  const table = new ReportTable(file(...GOOD, bad, 'Beds,CEC,12,,'), SAMPLES);
  const { rows, total } = table.page(0, 10, true);
  expect(total).toBe(1);
  expect(rows[0]).toMatchObject({ line: 7, faults: [{ column, reason: { id } }] });
  expect(() => table.result()).toThrow('not whole');
  table.setCell(6, 0, 'Beds');
  ['Beds', 'Mn', '3', 'ppm', '', ''].forEach((cell, at) => table.setCell(6, at, cell));
  expect(said(table, 's2')).toMatchObject({ mn: { text: '3' }, cec: { text: '12' } });
});

test('a decimal comma among points is a fault, and by itself the table’s own way', () => {
  const mixed = new ReportTable('sample;pH;P\nFront;5,7;3.1\nBeds;6.1;4', SAMPLES);
  expect(mixed.page(0, 9, true).rows[0]).toMatchObject({
    line: 2,
    faults: [{ column: 1, reason: { id: 'problem.decimalComma' } }],
  });
  mixed.setMapping({ ...mixed.summary().mapping, decimalComma: true });
  expect(said(mixed, 's1')).toMatchObject({ 'ph-water': { text: '5.7' } });
});

test('a row of another separator is told', () => {
  const table = new ReportTable('sample,pH,OM\nFront,5.7,3\nBeds;6.1;4', SAMPLES);
  expect(table.page(0, 9, true).rows[0]).toMatchObject({
    line: 3,
    faults: [{ column: 0, reason: { id: 'csv.otherSeparator' } }],
  });
});

test('without a head the columns are named by hand, and the mapping is remembered by its signature', () => {
  const text = 'Front,5.7,24\nBeds,6.4,12';
  const table = new ReportTable(text, SAMPLES);
  expect(table.summary()).toMatchObject({ refusal: { id: 'csv.noResultColumn' }, rows: 2 });
  const columns = [
    { role: 'sample' as const },
    { role: 'result' as const, analyte: 'ph-water' as const, unit: 'pH', method: '' },
    { role: 'result' as const, analyte: 'p' as const, unit: 'lb/acre', method: 'bray-1' },
  ];
  const mapping = { header: false, decimalComma: false, columns };
  table.setMapping(mapping);
  expect(said(table, 's2')).toMatchObject({ p: { text: '12', unit: 'lb/acre' } });
  const { signature } = table.summary();
  const again = new ReportTable(text, SAMPLES, { [signature]: mapping });
  expect(again.summary().refusal).toBeUndefined();
});

test.each([
  ['nothing', '', 'csv.empty'],
  ['a head alone', HEAD, 'csv.empty'],
  ['an open quotation mark', file('Front,pH,"5.7'), 'csv.quotes'],
  ['no sample', 'analyte,value\npH,5', 'csv.noSampleColumn'],
])('refused: %s', (_name, text, id) => {
  expect(new ReportTable(text, SAMPLES).summary().refusal?.id).toBe(id);
});

test('a name that is one letter off is asked about, never guessed; a break in quotes counts', () => {
  const table = new ReportTable(file('"Fr\nnt",OM,2,,', 'Frnt,pH,5.7,,', 'Beds,pH,6.1,,'), SAMPLES);
  const { unknown, unknownNames } = table.summary();
  expect(unknownNames).toBe(2);
  expect(unknown[1]).toMatchObject({ key: 'frnt', near: [{ sampleId: 's1', name: 'Front' }] });
  expect(table.page(1, 1, false).rows[0]?.line).toBe(4);
  table.answer('frnt', 's1');
  table.answer('fr\nnt', '');
  expect(said(table, 's1')).toMatchObject({ 'ph-water': { text: '5.7' } });
});

test('of several near names the nearest comes first; a name that two have is asked about', () => {
  const samples = [
    { id: 'a', names: ['27-0014'] },
    { id: 'b', names: ['27-0041'] },
    { id: 'c', names: ['26-0099', 'Lawn'] },
    { id: 'd', names: ['Lawn'] },
  ];
  const { unknown } = new ReportTable('sample,pH\n27-041,6\nLawn,5', samples).summary();
  expect(unknown.map(({ near }) => near.map(({ sampleId }) => sampleId))).toEqual([
    ['b'],
    ['c', 'd'],
  ]);
});

test('five hundred samples in one table, most of them nobody’s', () => {
  const rows = Array.from({ length: 500 }, (_none, at) => `No ${at},6.${at % 9}`);
  const text = ['sample,pH', ...rows, 'Front,5.5'].join('\n');
  const table = new ReportTable(text, SAMPLES);
  expect(table.summary()).toMatchObject({ rows: 501, unknownNames: 500, samples: 1 });
  expect(table.summary().unknown).toHaveLength(50);
  table.leaveUnknownOut(true);
  expect([...bySample(table.result()).keys()]).toEqual(['s1']);
  expect(said(table, 's1')).toEqual({ 'ph-water': { text: '5.5', unit: 'pH', method: '' } });
});
