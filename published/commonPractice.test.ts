/** Values of common practice, by their numbers in the list of the trade; no published source. */
import { scheduleDoses } from '../core/calendar/schedule';
import { bagsFor, splitDoses } from '../core/dosing/doses';
import {
  nutrientToProduct,
  percentToShare,
  perThousandToTotal,
  tonsPerAcreByShortCut,
  tonsPerAcreToPerThousand,
  totalToPerThousand,
} from '../core/units/convert';
import { quantity } from '../core/units/quantity';
import { PlanContext } from '../core/working/context';
import { msg } from '../core/working/msg';
import { valueOf } from '../core/working/working';

const ALL_YEAR = [{ from: '01-01', to: '12-31' }];

/** Dressings of a rate under a cap on one thousand square feet. */
function dressings(rate: number, cap: number): number {
  const ctx = new PlanContext();
  const figure = (id: string, value: number) =>
    ctx.constant({ id, label: msg(id) }, value, 'lb/1000ft2', 'product');
  const set = splitDoses(ctx, 'x', figure('rate', rate), figure('cap', cap), {
    extent: ctx.constant({ id: 'extent', label: msg('extent') }, 1, '1000ft2', 'ground'),
    bag: ctx.constant({ id: 'bag', label: msg('bag') }, 40, 'lb/bag', 'product'),
  });
  return set.doses.length;
}

test('no. 1: 50 lb/1000 ft² on 10,000 ft² is 500 lb, ten 50-lb bags', () => {
  const ctx = new PlanContext();
  const pounds = perThousandToTotal(
    quantity(50, 'lb/1000ft2', 'product'),
    quantity(10, '1000ft2', 'ground'),
  );
  expect(pounds.value).toBe(500);
  const bags = bagsFor(
    ctx,
    'bags',
    ctx.constant({ id: 'lb', label: msg('lb') }, 500, 'lb', 'product'),
    ctx.constant({ id: 'bag', label: msg('bag') }, 50, 'lb/bag', 'product'),
  );
  expect(valueOf(bags)?.value).toBe(10);
});

test('no. 5: 225 lb/1000 ft², 50 at most, every 6 months: 5 dressings over 24 months', () => {
  expect(dressings(225, 50)).toBe(5);
  const dates = scheduleDoses({
    earliest: '2027-10-04',
    count: 5,
    seasons: ALL_YEAR,
    interval: { months: 6 },
  });
  expect(dates).toEqual(['2027-10-04', '2028-04-04', '2028-10-04', '2029-04-04', '2029-10-04']);
});

test('no. 6: 1.5 tons/acre is 75 lb/1000 ft² by the short-cut, exactly 68.9', () => {
  const tons = quantity(1.5, 'ton/acre', 'limestone');
  expect(tonsPerAcreByShortCut(tons).value).toBe(75);
  expect(tonsPerAcreToPerThousand(tons).value).toBeCloseTo(68.87, 2); // 3000 ÷ 43.56
});

test('no. 8: 1 lb N from 34-0-0 is 2.94 lb', () => {
  const share = percentToShare(quantity(34, '%', 'N'));
  expect(nutrientToProduct(quantity(1, 'lb/1000ft2', 'N'), share).value).toBeCloseTo(2.94, 2);
});

test('no. 13: four 40-lb bags on 5,000 ft² are 32 lb/1000 ft²', () => {
  const rate = totalToPerThousand(quantity(160, 'lb', 'product'), quantity(5, '1000ft2', 'ground'));
  expect(rate.value).toBe(32);
});

test('no. 14: 100 lb/1000 ft² under new turf, 30 at a time: 4 dressings', () => {
  expect(dressings(100, 30)).toBe(4);
});
