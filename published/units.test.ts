/** NIST SP 811 and Handbook 44: the conversions in SI. */
import {
  perAcreToPerThousand,
  perHundredToPerThousand,
  squareFeetToThousands,
  tonsPerAcreToPerThousand,
} from '../core/kernel/units/convert';
import { quantity } from '../core/kernel/units/quantity';
import { readFixture } from './csv';

const si = new Map(
  readFixture('nist-units.csv').map(([unit = '', value]) => [unit, Number(value)]),
);
const one = (unit: string): number => si.get(unit) ?? NaN;

/** lb/1000 ft² in kg/m². */
const perThousandInSi = one('pound') / (1000 * one('square foot'));

test.each([
  [
    'ton/acre',
    tonsPerAcreToPerThousand(quantity(1, 'ton/acre', 'limestone')),
    one('short ton') / one('acre'),
  ],
  ['lb/acre', perAcreToPerThousand(quantity(1, 'lb/acre', 'N')), one('pound') / one('acre')],
  [
    'lb/100 ft²',
    perHundredToPerThousand(quantity(1, 'lb/100ft2', 'N')),
    one('pound') / (100 * one('square foot')),
  ],
])('%s in kg/m² is what NIST’s units make it', (_unit, rate, expected) => {
  expect((rate.value * perThousandInSi) / expected).toBeCloseTo(1, 12);
});

test('an acre is 43.56 thousand square feet of 0.3048 m', () => {
  const acre = squareFeetToThousands(quantity(43_560, 'ft2', 'ground'));
  expect(acre.value * 1000 * one('foot') ** 2).toBeCloseTo(one('acre'), 7);
});
