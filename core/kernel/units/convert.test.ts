import fc from 'fast-check';
import {
  nutrientToProduct,
  percentToShare,
  perThousandToTotal,
  productToNutrient,
  squareFeetToThousands,
  thousandsToSquareFeet,
  totalToPerThousand,
} from './convert';
import { quantity } from './quantity';

const amount = fc.double({ min: 0.001, max: 1e6, noNaN: true });

test('there and back: pounds over an extent, nutrient through a grade, area in thousands', () => {
  fc.assert(
    fc.property(amount, amount, fc.integer({ min: 1, max: 100 }), (value, size, percent) => {
      const extent = quantity(size, '1000ft2', 'ground');
      const rate = quantity(value, 'lb/1000ft2', 'N');
      expect(
        totalToPerThousand(perThousandToTotal(rate, extent), extent).value / value,
      ).toBeCloseTo(1, 9);
      const share = percentToShare(quantity(percent, '%', 'N'));
      expect(productToNutrient(nutrientToProduct(rate, share), share).value / value).toBeCloseTo(
        1,
        9,
      );
      expect(squareFeetToThousands(thousandsToSquareFeet(extent)).value / size).toBeCloseTo(1, 9);
    }),
  );
});

test('a quantity that is no number is a fault of the program', () => {
  expect(() => quantity(NaN, 'lb', 'product')).toThrow('must be finite');
});
