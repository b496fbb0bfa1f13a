import { readReportCsv, type NamedSample } from './reportCsv';

const SAMPLES: readonly NamedSample[] = [
  { id: 's1', names: ['Front', 'Main lawn'] },
  { id: 's2', names: ['Beds'] },
];
const HEAD = 'sample,analyte,value,unit,method';
const file = (...lines: string[]): string => [HEAD, ...lines].join('\n');

function entries(text: string): string[] {
  const read = readReportCsv(text, SAMPLES);
  if (read.kind !== 'report') throw new Error(JSON.stringify(read));
  return read.entries.map(({ sampleId, analyte, typed }) =>
    [sampleId, analyte, typed.text, typed.unit, typed.method].join('|'),
  );
}

test('a report in long form, samples by name, names and units as laboratories write them', () => {
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
  ]);
});

test.each([
  ['semicolons', 'sample;analyte;value;unit;method\nFront;pH;5.7;;\nBeds;CEC;10;;'],
  ['tabs', 'sample\tanalyte\tvalue\nFront\tpH\t5.7\nBeds\tCEC\t10'],
  ['Windows, a mark at the start', '\uFEFFSample,Analyte,Value\r\nFront,pH,5.7\r\nBeds,CEC,10\r\n'],
  ['other order', 'value,sample,analyte\n5.7,Front,pH\n10,Beds,CEC'],
])('%s', (_name, text) => {
  expect(entries(text)).toEqual(['s1|ph-water|5.7|pH|', 's2|cec|10|meq/100g|']);
});

const GOOD = ['Front,pH,5.7,,', 'Front,OM,3,,', 'Front,CEC,9,,', 'Beds,pH,6.1,,', 'Beds,OM,4,,'];

test.each<[string, string, number, number, string]>([
  ['a decimal comma', 'Beds,P,"6,1",ppm,Bray-1', 7, 3, 'problem.decimalComma'],
  ['words for a number', 'Beds,P,low,ppm,Bray-1', 7, 3, 'problem.notANumber'],
  ['no value', 'Beds,P,,ppm,Bray-1', 7, 3, 'csv.noValue'],
  ['a sample that nobody knows', 'Orchard,P,8,ppm,Bray-1', 7, 1, 'csv.noSample'],
  ['an analyte that nobody reads', 'Beds,Helium,8,ppm,', 7, 2, 'csv.noAnalyte'],
  ['per volume', 'Beds,P,8,mg/dm³,Bray-1', 7, 4, 'csv.noUnit'],
  ['an unknown extractant', 'Beds,P,8,ppm,vinegar', 7, 5, 'csv.noMethod'],
  ['another buffer', 'Beds,buffer pH,6.5,,Sikora', 7, 5, 'csv.noMethod'],
  ['a texture that is none', 'Beds,texture,mud,,', 7, 3, 'csv.noTexture'],
  ['a value twice', 'Beds,pH,6.2,,', 7, 2, 'csv.twice'],
])('refused whole, on line 7: %s', (_name, bad, line, column, id) => {
  const read = readReportCsv(file(...GOOD, bad, 'Beds,CEC,12,,'), SAMPLES);
  if (read.kind !== 'refused') throw new Error('read');
  expect(read.faults).toHaveLength(1);
  expect(read.faults[0]).toMatchObject({ line, column, reason: { id } });
});

test('all faults are told, each at its line; a break inside quotes counts', () => {
  const read = readReportCsv(file('"Or\nchard",pH,5,,', 'Front,pH,5,,', 'Beds,pH,x,,'), SAMPLES);
  expect(read.kind === 'refused' && read.faults.map(({ line }) => line)).toEqual([2, 5]);
});

test.each([
  ['nothing', '', 'csv.noColumn'],
  ['no head', 'Front,pH,5.7', 'csv.noColumn'],
  ['a head alone', HEAD, 'csv.empty'],
  ['an open quotation mark', file('Front,pH,"5.7'), 'csv.quotes'],
])('refused: %s', (_name, text, id) => {
  const read = readReportCsv(text, SAMPLES);
  expect(read.kind === 'refused' && read.faults.map(({ reason }) => reason.id)).toContain(id);
});

test('a name that is one letter off is asked about, never guessed', () => {
  const text = file('Frnt,pH,5.7,,', 'Beds,pH,6.1,,', 'frnt,OM,3,,');
  expect(readReportCsv(text, SAMPLES)).toEqual({
    kind: 'asks',
    names: [{ name: 'frnt', key: 'frnt', near: [{ sampleId: 's1', name: 'Front' }] }],
  });
  const read = readReportCsv(text, SAMPLES, new Map([['frnt', 's1']]));
  expect(read.kind === 'report' && read.entries.map(({ sampleId }) => sampleId)).toEqual([
    's1',
    's2',
    's1',
  ]);
});

test('of several near names the nearest comes first, and a fault elsewhere still refuses the whole', () => {
  const samples = [
    { id: 'a', names: ['27-0014'] },
    { id: 'b', names: ['27-0041'] },
    { id: 'c', names: ['26-0099'] },
  ];
  const asked = readReportCsv(file('27-041,pH,6,,'), samples);
  expect(asked).toMatchObject({
    kind: 'asks',
    names: [{ near: [{ name: '27-0041' }] }],
  });
  const bad = readReportCsv(file('27-041,pH,6,,', '27-0014,pH,"6,1",,'), samples);
  expect(bad).toMatchObject({ kind: 'refused', faults: [{ line: 3 }] });
});
