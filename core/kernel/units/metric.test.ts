/**
 * Metric units against NIST Special Publication 811 (2008), appendix B.8, whose factors are copied here by hand; nothing is
 * converted twice, and nothing that is metric or has no unit is touched.
 */
import { metricOf, metricShown } from './metric';
import { quantity, type Unit } from './quantity';

/** What one of a unit is, by NIST SP 811 B.8, in the unit that stands in its place. */
const NIST: readonly (readonly [Unit, Unit, number])[] = [
  ['in', 'cm', 2.54],
  ['ft', 'm', 0.3048],
  ['ft2', 'm2', 0.09290304],
  ['1000ft2', 'm2', 92.90304],
  ['ft3', 'L', 28.316846592],
  ['yd3', 'm3', 0.764554857984],
  ['gal', 'L', 3.785411784],
  ['lb', 'kg', 0.45359237],
  ['oz', 'g', 28.349523125],
  ['cups', 'mL', 236.5882365],
  ['tbsp', 'mL', 14.78676478125],
  ['lb/ft3', 'kg/m3', 16.01846337396014],
  // A pound an acre is 1.120851 kg/ha, a short ton an acre 2.241702 t/ha.
  ['lb/acre', 'kg/ha', 1.1208511561],
  ['ton/acre', 't/ha', 2.2417023122],
  // A pound a square foot is 4.882428 kg/m2.
  ['lb/1000ft2', 'kg/100m2', 0.4882427637],
  ['lb/100ft2', 'kg/100m2', 4.882427637],
  ['oz/100ft2', 'g/m2', 3.0515172729],
  ['lb/100ft', 'g/m', 14.8816394357],
  ['lb/bag', 'kg/bag', 0.45359237],
  ['lb/ton', 'kg/t', 0.5],
];

test.each(NIST)('one %s in %s', (unit, to, factor) => {
  const metric = metricOf(quantity(1, unit, 'product'));
  expect(metric.unit).toBe(to);
  expect(metric.value).toBeCloseTo(factor, 8);
  // What was converted is converted no more.
  expect(metricOf(metric)).toEqual(metric);
});

test.each([
  [32, 0],
  [45, 7.2222],
  [212, 100],
])('%d °F', (fahrenheit, celsius) => {
  const { value, unit } = metricOf(quantity(fahrenheit, 'degF', 'air'));
  expect(unit).toBe('degC');
  expect(value).toBeCloseTo(celsius, 3);
});

test('a kitchen scale shows grams', () => {
  expect(metricShown(quantity(2, 'lb', 'product'))).toMatchObject({ unit: 'g' });
  expect(metricShown(quantity(2, 'lb', 'product')).value).toBeCloseTo(907.18474, 5);
  expect(metricShown(quantity(40, 'lb', 'product'))).toMatchObject({ unit: 'kg' });
});

test.each(['pH', '%', 'ppm', 'bags', 'usd', 'months', 'day'] as const)('%s stays', (unit) => {
  expect(metricOf(quantity(5.4, unit, 'water'))).toEqual(quantity(5.4, unit, 'water'));
});
