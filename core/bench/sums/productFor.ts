import type { Nutrient } from '../../catalog/nutrients';
import {
  nutrientToProduct,
  percentToShare,
  perThousandToTotal,
  squareFeetToThousands,
} from '../../kernel/units/convert';
import { msg } from '../../kernel/messages/msg';
import type { Product, ProductRate } from '../../treat/shared/amounts';
import type { BenchSheet } from '../benchSheet';

/**
 * Product for the rate of a nutrient on the ground, by the grade of a bag.
 * @param prefix sets the figures of one bag off from those of another
 */
export function productFor(
  sheet: BenchSheet,
  prefix: string,
  grade: 'grade' | 'otherGrade',
  nutrient: Nutrient,
): { readonly rate: ProductRate; readonly total: Product } {
  const { sheet: writes } = sheet.ctx;
  const id = (name: string): string => sheet.id(`${prefix}/${name}`);
  const share = writes.derive(
    'convert',
    { id: id('share'), label: msg('feed.share') },
    [sheet.percentOf(grade, nutrient)],
    percentToShare,
  );
  const rate = writes.derive(
    'divide',
    { id: id('rate'), label: msg('bench.answer.rate') },
    [sheet.measureOf('nutrientRate', nutrient), share],
    nutrientToProduct,
  );
  const extent = writes.derive(
    'convert',
    { id: id('extent'), label: msg('ground.thousands'), source: 'definition' },
    [sheet.measure('ground')],
    squareFeetToThousands,
  );
  const total = writes.derive(
    'multiply',
    { id: id('total'), label: msg('dose.total') },
    [rate, extent],
    perThousandToTotal,
  );
  return { rate, total };
}
