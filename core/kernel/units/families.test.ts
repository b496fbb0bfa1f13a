import { unitsOf, BASES, inUnit, isOfFamily, toBase, unitNamed, type UnitFamily } from './families';
import { quantity } from './quantity';

const FAMILIES = Object.keys(BASES) as UnitFamily[];

test.each(FAMILIES)('%s: there and back is the same, from every unit to every other', (family) => {
  const units = unitsOf(family);
  expect(units).toContain(BASES[family]);
  for (const from of units) {
    for (const to of units) {
      const there = inUnit(family, quantity(7.3, from, 'product'), to);
      expect([from, to, there.unit]).toEqual([from, to, to]);
      expect(inUnit(family, there, from).value).toBeCloseTo(7.3, 9);
    }
  }
});

// NIST Handbook 44, Appendix C; SP 811 (2008), appendix B.
test.each([
  ['ground', 1, 'ha', 107_639.104],
  ['ground', 1, 'acre', 43_560],
  ['weight', 1, 'kg', 2.20462],
  ['rate', 1, 'kg/ha', 0.020482],
  ['rate', 1, 'ton/acre', 45.9137],
  ['deep', 10, 'cm', 3.937],
  ['volume', 1, 'm3', 1.30795],
] as const)('%s: %f %s', (family, value, unit, expected) => {
  expect(toBase(family, quantity(value, unit, 'product')).value).toBeCloseTo(expected, 3);
});

test('units are known as people write them, and what is none is none', () => {
  const named = [
    'sq. ft',
    'Acres',
    'lbs',
    'lb per acre',
    'tons/acre',
    'lb/1000',
    'cu yd',
    'furlongs',
    '',
  ];
  expect(named.map(unitNamed)).toEqual([
    ...['ft2', 'acre', 'lb', 'lb/acre', 'ton/acre', 'lb/1000ft2', 'yd3'],
    ...[undefined, undefined],
  ]);
  expect([isOfFamily('ground', 'acre'), isOfFamily('ground', 'lb')]).toEqual([true, false]);
  expect(() => inUnit('ground', quantity(1, 'lb', 'product'), 'acre')).toThrow(/no unit of ground/);
});
