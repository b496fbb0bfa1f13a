import type { CaseFile } from '../casefile/casefile';
import type { NamedMaterial } from '../catalog/materials/types';
import { bagsToCost } from '../kernel/units/convert';
import type { Quantity } from '../kernel/units/quantity';
import type { PlanContext } from '../kernel/working/context';
import { msg } from '../kernel/messages/msg';
import { valueOf, type Figure } from '../kernel/working/working';
import { isTyped } from './shared/bagSize';
import { packFor, packsOf } from './shared/packs';
import { addPounds, bagsFor } from '../schedule/dosing/doses';

type Pounds = Figure<Quantity<'lb', 'product'>>;
type Money = Figure<Quantity<'usd', 'money'>>;

/** What one part of the plan takes of a material. */
export interface Use {
  readonly material: NamedMaterial;
  readonly bag: Figure<Quantity<'lb/bag', 'product'>>;
  /** It comes in packs of many sizes: what is bought for several pieces of ground is one pack for all of them. */
  readonly inPacks: boolean;
  /** Amounts as printed, of the applications that are firm. */
  readonly pounds: readonly Pounds[];
}

/** One material to buy for the whole job, in whole bags. */
interface PurchaseRow {
  readonly material: NamedMaterial;
  readonly pounds: Pounds;
  readonly bag: Use['bag'];
  readonly bags: Figure<Quantity<'bags', 'product'>>;
  readonly leftOver: Pounds;
  /** Absent until a price is typed. */
  readonly cost: Money;
}

export interface Purchase {
  readonly rows: readonly PurchaseRow[];
  /** Absent where any price is missing. */
  readonly cost: Money;
}

const PRICE = { min: 0, max: 10_000 };

/** A usual sack of fertilizer, lb. Common practice. */
const USUAL_SACK_LB = 50;

/** The bag that is bought: that of the one piece of ground, or the pack for all of it together. */
function bagOfAll(
  ctx: PlanContext,
  id: string,
  { labels, shop }: CaseFile,
  uses: readonly [Use, ...Use[]],
  pounds: number,
): Use['bag'] {
  const [{ bag, inPacks, material }, ...others] = uses;
  const label = labels[material.id];
  const isOwn = isTyped(label?.bag) || isTyped(label?.price);
  if (!inPacks || others.length === 0 || isOwn) return bag;
  const entry = { id, label: msg('lime.bagSizeTypical'), source: 'practice' } as const;
  return ctx.constant(entry, packFor(pounds, USUAL_SACK_LB, packsOf(shop)), 'lb/bag', 'product');
}

function purchaseRow(ctx: PlanContext, file: CaseFile, all: readonly Use[]): PurchaseRow[] {
  const [first, ...others] = all;
  if (!first) return [];
  const uses = [first, ...others] as const;
  const { material } = first;
  const prefix = `job/buy/${material.id}`;
  const pounds = addPounds(
    ctx,
    { id: `${prefix}/pounds`, label: msg('buy.pounds') },
    uses.flatMap((use) => use.pounds),
  );
  const bag = bagOfAll(ctx, `${prefix}/bag`, file, uses, valueOf(pounds)?.value ?? 0);
  const bags = bagsFor(ctx, `${prefix}/bags`, pounds, bag);
  const held = ctx.sheet.multiply(
    { id: `${prefix}/held`, label: msg('buy.inBags') },
    [bags, bag],
    'lb',
    'product',
  );
  const leftOver = ctx.sheet.subtract({ id: `${prefix}/left-over`, label: msg('buy.leftOver') }, [
    held,
    pounds,
  ]);
  const price = ctx.number(
    { id: `${prefix}/price`, label: msg('buy.price'), at: `labels/${material.id}/price` },
    file.labels[material.id]?.price ?? '',
    PRICE,
    'usd/bag',
    'money',
  );
  const cost = ctx.sheet.derive(
    'multiply',
    { id: `${prefix}/cost`, label: msg('buy.cost') },
    [bags, price],
    bagsToCost,
  );
  return [{ material, pounds, bag, bags, leftOver, cost }];
}

/**
 * What to buy for the whole job: each material once over all areas, in whole bags, with what is left
 * over and, where every price is typed, what the job costs.
 */
export function purchaseFor(ctx: PlanContext, file: CaseFile, uses: readonly Use[]): Purchase {
  const wanted = uses.filter(({ pounds }) => pounds.length > 0);
  const ids = [...new Set(wanted.map(({ material }) => material.id))];
  const rows = ids.flatMap((id) =>
    purchaseRow(
      ctx,
      file,
      wanted.filter(({ material }) => material.id === id),
    ),
  );
  const entry = { id: 'job/buy/cost', label: msg('buy.jobCost') };
  const costs = rows.map(({ cost }) => cost);
  const cost =
    rows.length > 0
      ? ctx.sheet.add(entry, costs, 'usd', 'money')
      : ctx.sheet.absent(entry, msg('absent.nothingToBuy'));
  return { rows, cost };
}
