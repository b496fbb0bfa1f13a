/**
 * Sums that must not compile, each with the figure that it would have given. `npm run types` fails when one of them
 * begins to compile.
 */
import type { Quantity } from '../units/quantity';
import type { Entry, Sheet } from './sheet';
import type { Figure } from './working';

declare const sheet: Sheet;
declare const entry: Entry;
declare const pounds: Figure<Quantity<'lb', 'product'>>;
declare const perThousand: Figure<Quantity<'lb/1000ft2', 'product'>>;
declare const perAcre: Figure<Quantity<'lb/acre', 'product'>>;
declare const thousands: Figure<Quantity<'1000ft2', 'ground'>>;
declare const squareFeet: Figure<Quantity<'ft2', 'ground'>>;
declare const share: Figure<Quantity<'ratio', 'share'>>;
declare const nitrogen: Figure<Quantity<'lb/1000ft2', 'N'>>;
declare const phosphate: Figure<Quantity<'lb/1000ft2', 'P2O5'>>;

sheet.multiply(entry, [perThousand, thousands], 'lb', 'product');
sheet.multiply(entry, [perThousand, share], 'lb/1000ft2', 'product');
sheet.divide(entry, [pounds, thousands], 'lb/1000ft2', 'product');
sheet.subtract(entry, [nitrogen, nitrogen]);

// @ts-expect-error a rate for a thousand square feet times square feet is a thousand times too much
sheet.multiply(entry, [perThousand, squareFeet], 'lb', 'product');
// @ts-expect-error a rate for an acre does not go by thousands of square feet
sheet.multiply(entry, [perAcre, thousands], 'lb', 'product');
// @ts-expect-error a share of a rate is a rate, not pounds
sheet.multiply(entry, [perThousand, share], 'lb', 'product');
// @ts-expect-error pounds over square feet are not pounds over a thousand of them
sheet.divide(entry, [pounds, squareFeet], 'lb/1000ft2', 'product');
// @ts-expect-error nitrogen less phosphate is nothing
sheet.subtract(entry, [nitrogen, phosphate]);
// @ts-expect-error pounds and pounds per thousand square feet have no smaller one
sheet.cap(entry, [pounds, perThousand]);
// @ts-expect-error rates of two units have no sum
sheet.add(entry, [perThousand, perAcre], 'lb/1000ft2', 'product');
