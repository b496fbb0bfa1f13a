import type { TreatmentProduct } from './shared/treated';
import type { NamedMaterial } from '../catalog/materials/types';
import { perThousandToTotal } from '../kernel/units/convert';
import type { Quantity } from '../kernel/units/quantity';
import type { PlanContext } from '../kernel/working/context';
import { msg } from '../kernel/messages/msg';
import type { Figure, Range } from '../kernel/working/working';
import type { Ground } from '../site/ground/ground';
import type { ProductRate } from './shared/amounts';
import { treatmentsIn, type Treatment, type Treatments } from './treatments';

/** What a product comes to between the smaller and the larger end of its ground, lb. */
export interface UnsureAmount {
  readonly step: Treatment['step'];
  readonly role: Exclude<TreatmentProduct['role'], 'row'>;
  readonly key: string;
  readonly material: NamedMaterial;
  readonly total: Figure<Quantity<'lb', 'product'>>;
  readonly range: Range;
}

/** What is put on over the whole range of ground that is not surely measured; nothing where it is. */
export function unsureAmounts(
  ctx: PlanContext,
  areaId: string,
  { unsure }: Ground,
  treatments: Treatments,
): UnsureAmount[] {
  if (!unsure) return [];
  const dosed = treatmentsIn(treatments).filter(({ isDosed }) => isDosed);
  return dosed.flatMap(({ step, products }) =>
    products.flatMap(({ role, key, rate, material }): UnsureAmount[] => {
      if (role === 'row') return [];
      const total = ctx.sheet.derive(
        'multiply',
        { id: `${areaId}/ground/range/${key}`, label: msg('dose.overRange') },
        [rate as ProductRate, unsure],
        perThousandToTotal,
      );
      if ('absent' in total || !total.range) return [];
      return [{ step, role, key, material, total, range: total.range }];
    }),
  );
}
