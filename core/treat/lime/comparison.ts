import { nameOf } from '../../catalog/materials/named';
import type { MaterialRow, MethodRow } from './types';
import type { TreatInput } from '../shared/input';
import { bagsFor } from '../../schedule/dosing/doses';
import { bagsToCost, perThousandToTotal } from '../../kernel/units/convert';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import { refusedBecause } from './material';
import type { RequirementOption } from './options';
import { readBag, toProduct, type Bag } from './quality';

/** The bag of each material, by its id. */
export function bagsOfMaterials(
  ctx: PlanContext,
  { file, area, materials }: TreatInput,
): Map<string, Bag> {
  return new Map(materials.lime.map((m) => [m.id, readBag(ctx, file, area.id, m)]));
}

function costOf(
  ctx: PlanContext,
  id: string,
  bags: MaterialRow['bags'],
  price: Bag['price'],
): MaterialRow['cost'] {
  if (!price) return undefined;
  return ctx.sheet.derive('multiply', { id, label: msg('buy.cost') }, [bags, price], bagsToCost);
}

/** A method's amount as product of the chosen bag, on this ground. */
function methodAmounts(
  ctx: PlanContext,
  { area, ground }: TreatInput,
  option: RequirementOption,
  bag: Bag,
): Pick<MethodRow, 'option' | 'rate' | 'total'> {
  const prefix = `${area.id}/lime/${option.id}`;
  const rate = toProduct(ctx, `${prefix}/product`, option.advised, option.basis, bag);
  const total = ctx.sheet.derive(
    'multiply',
    { id: `${prefix}/here`, label: msg('dose.total') },
    [rate, ground.extent],
    perThousandToTotal,
  );
  return { option, rate, total };
}

/** How far two methods are apart in money, by whole bags of the chosen material. */
function moneyApart(
  ctx: PlanContext,
  prefix: string,
  totals: readonly [MethodRow['total'], MethodRow['total']],
  { price, size }: Bag,
): MethodRow['costDifference'] {
  if (!price || totals.some((total) => 'absent' in total)) return undefined;
  const [own, chosen] = ['own', 'chosen'].map((which, at) => {
    const total = totals[at === 0 ? 0 : 1];
    const bags = bagsFor(ctx, `${prefix}/cost/${which}-bags`, total, size);
    return costOf(ctx, `${prefix}/cost/${which}`, bags, price);
  });
  if (!own || !chosen) return undefined;
  const entry = { id: `${prefix}/cost-difference`, label: msg('lime.costDifference') };
  return ctx.sheet.subtract(entry, [own, chosen]);
}

/** Every method’s amount as product of the chosen bag, and how far it is from the chosen method. */
export function methodRows(
  ctx: PlanContext,
  input: TreatInput,
  options: readonly RequirementOption[],
  chosen: RequirementOption,
  bag: Bag,
): MethodRow[] {
  const rows = options.map((option) => methodAmounts(ctx, input, option, bag));
  const reference = rows.find(({ option }) => option === chosen) ?? rows[0];
  return rows.map(({ option, rate, total }) => {
    const prefix = `${input.area.id}/lime/${option.id}`;
    const against = reference?.total ?? total;
    return {
      option,
      chosen: option === chosen,
      rate,
      total,
      difference: ctx.sheet.subtract(
        { id: `${prefix}/difference`, label: msg('lime.difference') },
        [total, against],
      ),
      costDifference:
        option === chosen ? undefined : moneyApart(ctx, prefix, [total, against], bag),
    };
  });
}

/** The chosen method’s amount in every material: weight, whole bags and money for this job. */
export function materialRows(
  ctx: PlanContext,
  input: TreatInput,
  option: RequirementOption,
  bags: ReadonlyMap<string, Bag>,
  chosen: string,
): MaterialRow[] {
  const { area, ground, materials } = input;
  const rows = materials.lime.flatMap((material) => {
    const { id } = material;
    const bag = bags.get(id);
    if (!bag) return [];
    const prefix = `${area.id}/lime/material/${id}`;
    const rate = toProduct(ctx, `${prefix}/rate`, option.advised, option.basis, bag);
    const total = ctx.sheet.derive(
      'multiply',
      { id: `${prefix}/total`, label: msg('dose.total') },
      [rate, ground.extent],
      perThousandToTotal,
    );
    const count = bagsFor(ctx, `${prefix}/bags`, total, bag.size);
    const cost = costOf(ctx, `${prefix}/cost`, count, bag.price);
    const refused = refusedBecause(material, input);
    const { isUsual = false, limit } = material;
    return [
      {
        ...nameOf(material),
        chosen: id === chosen,
        bag,
        rate,
        total,
        bags: count,
        cost,
        isUsual,
        limit,
        refused,
      },
    ];
  });
  const costs = rows.flatMap(({ cost, refused }) =>
    cost && !refused && !('absent' in cost) ? [cost.value.value] : [],
  );
  const least = costs.length > 1 ? Math.min(...costs) : undefined;
  return rows.map((row) => ({
    ...row,
    cheapest:
      !!row.cost && !row.refused && !('absent' in row.cost) && row.cost.value.value === least,
  }));
}
