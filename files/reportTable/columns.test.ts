import { ANALYTE_FACTS, type Analyte } from '../../core/catalog/analytes';
import { analyteOf, guessColumn, guessMapping, methodOf, signatureOf, unitOf } from './columns';

const ALL = Object.keys(ANALYTE_FACTS) as Analyte[];

test.each(ALL)('%s is found by its own id and by each of its names', (analyte) => {
  // "Water pH" is what soils are tested for; of a garden's water it is "irrigation pH".
  expect(analyteOf(analyte)).toBe(analyte === 'water-ph' ? 'ph-water' : analyte);
  for (const name of ANALYTE_FACTS[analyte].names) expect(analyteOf(name)).toBe(analyte);
});

test.each(ALL)(
  '%s: an empty unit and method are the usual ones, and its own are known',
  (analyte) => {
    const { units, methods } = ANALYTE_FACTS[analyte];
    expect(unitOf(analyte, '')).toBe(units[0]);
    expect(methodOf(analyte, ' ')).toBe(methods[0]);
    for (const unit of units.filter((each) =>
      /^(ppm|mg\/kg|lb\/acre|kg\/ha|dS\/m|%)$/.test(each),
    )) {
      expect(unitOf(analyte, unit)).toBe(unit);
    }
  },
);

test.each<[Analyte, string, string | undefined]>([
  ['k', 'lbs/acre', 'lb/acre'],
  ['k', 'meq/100 g', 'meq/100g'],
  ['p', 'meq/100 g', undefined], // phosphorus has no charge of a base
  ['ec', 'mmhos/cm', 'mmho/cm'],
  ['ec', 'µS/cm', 'uS/cm'],
  ['rec-n', 'lb per 1000 sq ft', undefined], // "per" is read in heads alone
  ['rec-n', 'lb/1000 sq ft', 'lb/1000ft2'],
  ['lime-rec', 't/ha', 't/ha'],
])('the unit of %s “%s” is %s', (analyte, name, unit) => {
  expect(unitOf(analyte, name)).toBe(unit);
});

test.each<[Analyte, string, string | undefined]>([
  ['p', 'Mehlich III', undefined],
  ['p', 'M3', 'mehlich-3'],
  ['p', 'Mehlich-3 colorimetric', 'mehlich-3-color'],
  ['k', 'Olsen', undefined], // an extractant of phosphorus alone
  ['no3', 'NO3', 'NO3'],
  ['s', 'SO4-S', 'S'],
  ['pb', 'total', 'total'],
  ['ph-smp', 'Sikora', undefined],
])('the method of %s “%s” is %s', (analyte, name, method) => {
  expect(methodOf(analyte, name)).toBe(method);
});

test.each(['Notes', 'Date received', 'Price', 'County', ''])('“%s” is left out', (head) => {
  expect(guessColumn(head)).toEqual({ role: 'ignore' });
});

test.each([
  [['6,1', '5,9'], true],
  [['6,1', '5.9'], false],
  [['6.1'], false],
  [['1,200'], false], // thousands
  [['<0,5'], true],
])('of %j the decimal comma is %s', (cells, comma) => {
  const table = [['sample', 'pH'], ...cells.map((cell) => ['Front', cell])];
  expect(guessMapping(table).decimalComma).toBe(comma);
});

test('a paper is known again however its heads are spaced and written', () => {
  expect(signatureOf(['Sample ID', ' P (ppm)'])).toBe(signatureOf(['SAMPLE-ID', 'p ppm']));
  expect(signatureOf(['Sample', 'P'])).not.toBe(signatureOf(['P', 'Sample']));
});
