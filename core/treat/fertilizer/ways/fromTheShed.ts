import { NUTRIENTS, type Nutrient } from '../../../catalog/nutrients';
import { own } from '../../../kernel/typed/own';
import { nutrientToProduct, totalToPerThousand } from '../../../kernel/units/convert';
import type { Quantity } from '../../../kernel/units/quantity';
import type { PlanContext } from '../../../kernel/working/context';
import { msg } from '../../../kernel/messages/msg';
import type { Figure } from '../../../kernel/working/working';
import type { FitFertilizer } from '../fit';
import { broughtBy, stillNeeded, type ProductPart } from '../handOrder';
import { isNeeded } from '../isNeeded';
import { smallestRate } from '../oneTrip';
import { sharesOf, type ProductRate } from '../products';
import { byHandOrder } from './byNeed';
import { isOnHand, type FertilizerWay, type WayInput } from './way';

const POUNDS = { min: 0, max: 100_000 };

/** What lies in the shed, the product that brings most of what is needed first. */
function onHand({ file, fit, needs }: WayInput): FitFertilizer[] {
  const brings = ({ grade }: FitFertilizer): number =>
    NUTRIENTS.filter((nutrient) => grade[nutrient] > 0 && isNeeded(needs.need[nutrient])).length;
  return fit
    .filter((material) => isOnHand({ file }, material) && brings(material) > 0)
    .sort((a, b) => brings(b) - brings(a));
}

/** As much of a product as lies there, and as no nutrient in it is more than is still needed. */
function asFarAsItGoes(
  ctx: PlanContext,
  { file, area, ground, needs }: WayInput,
  material: FitFertilizer,
  key: string,
  before: readonly ProductPart[],
): ProductPart | undefined {
  const id = `${area.id}/feed/${key}`;
  const shares = sharesOf(ctx, id, material);
  const at = `stock/${material.id}/onHand`;
  const named = { id: `${id}/stock`, label: msg('feed.onHand'), at };
  const pounds = ctx.number(
    named,
    own(file.stock, material.id)?.onHand ?? '',
    POUNDS,
    'lb',
    'product',
  );
  const all = ctx.sheet.derive(
    'divide',
    { id: `${id}/stock/rate`, label: msg('feed.onHandRate') },
    [pounds, ground.extent],
    totalToPerThousand,
  );
  const forNeed = <S extends Nutrient>(nutrient: S): ProductRate[] => {
    const share = shares[nutrient] as Figure<Quantity<'ratio', S>> | undefined;
    if (!share) return [];
    const need = needs.need[nutrient] as Figure<Quantity<'lb/1000ft2', S>>;
    const still = stillNeeded(ctx, `${id}/left/${nutrient}`, nutrient, need, before);
    return [
      ctx.sheet.derive(
        'divide',
        { id: `${id}/for/${nutrient}`, label: msg('feed.productRate') },
        [still, share],
        nutrientToProduct,
      ),
    ];
  };
  const rate = smallestRate(ctx, { id: `${id}/rate`, label: msg('feed.onHandUsed') }, [
    all,
    ...forNeed('N'),
    ...forNeed('P2O5'),
    ...forNeed('K2O'),
  ]);
  if (!isNeeded(rate)) return undefined;
  const role = material.grade.N > 0 ? 'n' : material.grade.P2O5 > 0 ? 'p' : 'k';
  return { role, key, material, shares, rate, delivers: broughtBy(ctx, id, rate, shares) };
}

/** First what lies in the shed, as far as it goes and harms nothing; what is then still needed by need. */
export const fromTheShed: FertilizerWay = {
  id: 'on-hand',
  isHere: (input) => input.isDosed && !input.ground.rows && onHand(input).length > 0,
  option: (ctx, input) =>
    byHandOrder(ctx, input, 'on-hand', () =>
      onHand(input).reduce<readonly ProductPart[]>((parts, material, at) => {
        const part = asFarAsItGoes(ctx, input, material, `on-hand-${at + 1}`, parts);
        return part ? [...parts, part] : parts;
      }, []),
    ),
};
