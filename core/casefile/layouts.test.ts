import { newReport } from './parts/report';
import type { Analyte } from '../catalog/analytes';
import { newCase } from './newCase';
import { caseStart, USUAL_OFFICE, type Office } from './office';
import { applyLayout, layoutFrom, layoutOf, linesOf, LINE_ANALYTES, type Layout } from './layouts';

const OWN: Layout = {
  id: 'fen',
  name: 'Fen Soils',
  rows: [
    { analyte: 'ph-water', unit: 'pH', method: '1:1' },
    { analyte: 'k', unit: 'lb/acre', method: 'mehlich-1' },
    { analyte: 'pb', unit: 'mg/kg', method: 'total' },
  ],
};
const OFFICE: Office = { ...USUAL_OFFICE, layouts: { fen: OWN }, layout: 'fen' };

test('a layout of the office goes before a generic one, and a lost one is the usual', () => {
  expect(layoutOf('fen', { fen: OWN })).toBe(OWN);
  expect(layoutOf('olsen', {}).rows.map(({ analyte }) => analyte)).toContain('ec');
  expect(layoutOf('gone', {}).id).toBe('');
});

test('a new case of an office is typed in its layout, in its units and methods', () => {
  const { reports } = newCase('c', '2027-10-04', caseStart(OFFICE));
  expect(reports['r1']?.layout).toBe('fen');
  expect(reports['r1']?.results['s1']).toMatchObject({
    'ph-water': { text: '', unit: 'pH', method: '1:1' },
    k: { text: '', unit: 'lb/acre', method: 'mehlich-1' },
    pb: { text: '', unit: 'mg/kg', method: 'total' },
  });
});

test('the usual layout leaves the units to what the office says of P and K', () => {
  const office = { ...OFFICE, layout: '', soilUnit: 'kg/ha', pMethod: 'olsen' };
  const { results } = caseStart(office);
  expect(results.p).toEqual({ unit: 'kg/ha', method: 'olsen' });
  expect(results.pb).toBeUndefined();
});

test('what stands on the paper becomes a layout, and back', () => {
  const lines: Analyte[] = ['ph-water', 'k', 'pb'];
  const column = Object.fromEntries(
    OWN.rows.map(({ analyte, unit, method }) => [analyte, { text: '7', unit, method }]),
  );
  const layout = layoutFrom('fen', 'Fen Soils', lines, column);
  expect(layout).toEqual(OWN);
  const report = newReport('r1', { results: { s1: {} } });
  const [named, ...edits] = applyLayout(report, layout);
  expect(named).toEqual({ path: 'reports/r1/layout', value: 'fen' });
  expect(edits.map(({ value }) => value)).toEqual(
    OWN.rows.map(({ unit, method }) => ({ text: '', unit, method })),
  );
});

test('a line that holds a value stays to be seen in every layout, in each once', () => {
  const typed = { text: '12', unit: 'ppm', method: '' };
  const report = newReport('r1', { results: { s1: { zn: typed }, s2: { k: typed } } });
  const lines = linesOf(OWN, report);
  expect(lines).toEqual(['ph-water', 'k', 'pb', 'zn']);
});

test('a recommendation is no line of a paper', () => {
  expect(LINE_ANALYTES.filter((analyte) => /^(rec|lime)-/.test(analyte))).toEqual([]);
  expect(LINE_ANALYTES).toContain('water-alkalinity');
});
