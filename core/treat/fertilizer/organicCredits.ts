import type { Nutrient } from '../../catalog/nutrients';
import type { Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import type { CoverRead } from '../../site/covers';
import type { LoadRead } from '../../site/loads';

type Rate<S extends Nutrient> = Figure<Quantity<'lb/1000ft2', S>>;

/**
 * What compost, manure and cover crops bring of a nutrient this season: all of the phosphate and potash of this year's loads, and of
 * nitrogen what the season sets free. The middle of what is known counts; the ends are how far it may be off. Nothing where
 * nothing is there.
 */
export function organicCredit<S extends Nutrient>(
  ctx: PlanContext,
  areaId: string,
  nutrient: S,
  { loads, covers }: { readonly loads: readonly LoadRead[]; readonly covers: readonly CoverRead[] },
): Rate<S> | undefined {
  const fromLoads =
    nutrient === 'N'
      ? loads.map(({ seasonN }) => seasonN)
      : loads.filter(({ when }) => when !== 'earlier').map(({ holds }) => holds[nutrient]);
  const fromCovers = nutrient === 'N' ? covers.map(({ leaves }) => leaves) : [];
  const all = [...fromLoads, ...fromCovers] as Rate<S>[];
  if (all.length === 0) return undefined;
  const id = `${areaId}/feed/${nutrient}/organic`;
  const label = msg(`feed.organic.${nutrient as Nutrient}`);
  const sum = ctx.sheet.add({ id: `${id}/sum`, label }, all, 'lb/1000ft2', nutrient);
  return ctx.sheet.middle({ id, label }, sum);
}
