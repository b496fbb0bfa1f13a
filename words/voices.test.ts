/** Numbers, units and days as each voice writes them. */
import { quantity, type Unit } from '../core/kernel/units/quantity';
import { createEnglish } from './english';
import { createSpanish } from './spanish';

const VOICES = {
  us: createEnglish(),
  metric: createEnglish('metric'),
  spanish: createSpanish(),
  spanishMetric: createSpanish('metric'),
} as const;

test.each<[number, Unit, string, string, string, string]>([
  [236, 'lb', '236 lb', '107 kg', '236 libras', '107 kilogramos'],
  [1, 'lb', '1 lb', '454 g', '1 libra', '454 gramos'],
  [9.5, 'lb', '9.5 lb', '4.3 kg', '9.5 libras', '4.3 kilogramos'],
  [
    40,
    'lb/bag',
    '40 lb a bag',
    '18.1 kg a bag',
    '40 libras por bolsa',
    '18.1 kilogramos por bolsa',
  ],
  [
    6200,
    'ft2',
    '6,200 square feet',
    '576 square meters',
    '6,200 pies cuadrados',
    '576 metros cuadrados',
  ],
  [6, 'in', '6 inches', '15.2 cm', '6 pulgadas', '15.2 centímetros'],
  [1, 'in', '1 inch', '2.5 cm', '1 pulgada', '2.5 centímetros'],
  [0.75, 'cups', '¾ cup', '177 mL', '¾ taza', '177 mL'],
  [2, 'tbsp', '2 tablespoons', '30 mL', '2 cucharadas', '30 mL'],
  [1, 'bags', '1 bag', '1 bag', '1 bolsa', '1 bolsa'],
  [12, 'bags', '12 bags', '12 bags', '12 bolsas', '12 bolsas'],
  [5.4, 'pH', 'pH 5.4', 'pH 5.4', 'pH 5.4', 'pH 5.4'],
  [1.5, 'ton/acre', '1.5 tons/acre', '3.36 t/ha', '1.5 toneladas por acre', '3.36 t/ha'],
  [
    2,
    'lb/1000ft2',
    '2 lb on each 1000 square feet',
    '0.98 kg on each 100 square meters',
    '2 libras por cada 1,000 pies cuadrados',
    '0.98 kg por cada 100 metros cuadrados',
  ],
])('%d %s', (value, unit, us, metric, spanish, spanishMetric) => {
  const written = Object.values(VOICES).map((voice) =>
    voice.quantity(quantity(value, unit, 'product'), true),
  );
  expect(written).toEqual([us, metric, spanish, spanishMetric]);
});

test('a day is written so that nobody takes it for another, in each language', () => {
  expect(VOICES.us.date('2027-04-12')).toBe('12 Apr 2027');
  expect(VOICES.spanish.date('2027-04-12')).toBe('12 de abril de 2027');
  // A day of any year has none.
  const day = quantity(102, 'day', 'time');
  expect(VOICES.us.quantity(day)).toBe('12 Apr');
  expect(VOICES.spanish.quantity(day)).toBe('12 de abril');
});

test('what nobody has words for stands as it is, in quotes', () => {
  expect(VOICES.us.name('plant', 'triffid')).toBe('“triffid”, not known here');
  expect(VOICES.spanish.name('plant', 'triffid')).toBe('“triffid”');
});
