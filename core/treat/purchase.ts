import type { CaseFile } from '../casefile/casefile';
import type { NamedMaterial } from '../catalog/materials/types';
import { bagsToCost } from '../kernel/units/convert';
import { quantity, type Quantity } from '../kernel/units/quantity';
import type { PlanContext } from '../kernel/working/context';
import { msg } from '../kernel/messages/msg';
import { valueOf, type Figure } from '../kernel/working/working';
import { isTyped } from './shared/bagSize';
import { own } from '../kernel/typed/own';
import {
  cheapestPacks,
  listedPacks,
  packFor,
  packsOf,
  STOCK_RULES,
  type ListedPack,
  type PackCount,
} from './shared/packs';
import { bagsFor } from '../schedule/dosing/doses';
import { addPounds } from '../schedule/dosing/oneDose';

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
  /** What lies there already; nothing where nobody says so. */
  readonly onHand: Pounds | undefined;
  /** The packs to buy, of one size or of several; none where what lies there is enough. */
  readonly packs: readonly BoughtPack[];
  /** The packs are those that somebody listed, and not one usual size. */
  readonly listed: boolean;
  readonly leftOver: Pounds;
  /** Absent until every price is typed. */
  readonly cost: Money;
}

/** So many packs of one size. */
interface BoughtPack {
  readonly bag: Use['bag'];
  readonly bags: Figure<Quantity<'bags', 'product'>>;
  /** What they hold. */
  readonly held: Pounds;
  readonly cost: Money;
}

export interface Purchase {
  readonly rows: readonly PurchaseRow[];
  /** Absent where any price is missing. */
  readonly cost: Money;
}

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

/** What lies in the client's shed of a material, where somebody said so. */
function onHandOf(ctx: PlanContext, { stock }: CaseFile, id: string): Pounds | undefined {
  const typed = own(stock, id)?.onHand ?? '';
  if (typed.trim() === '') return undefined;
  const entry = { id: `job/buy/${id}/on-hand`, label: msg('buy.onHand'), at: `stock/${id}/onHand` };
  const onHand = ctx.number(entry, typed, STOCK_RULES.onHand, 'lb', 'product');
  // What cannot be read is a problem at its place, and no reason to buy nothing.
  return 'absent' in onHand ? undefined : onHand;
}

/** Packs of one size with what they cost. */
function boughtPack(
  ctx: PlanContext,
  prefix: string,
  bag: Use['bag'],
  bags: BoughtPack['bags'],
  price: { readonly at: string; readonly typed: string },
): BoughtPack {
  const each = ctx.number(
    { id: `${prefix}/price`, label: msg('buy.price'), at: price.at },
    price.typed,
    STOCK_RULES.price,
    'usd/bag',
    'money',
  );
  const cost = ctx.sheet.derive(
    'multiply',
    { id: `${prefix}/cost`, label: msg('buy.cost') },
    [bags, each],
    bagsToCost,
  );
  const held = ctx.sheet.multiply(
    { id: `${prefix}/held`, label: msg('buy.inBags') },
    [bags, bag],
    'lb',
    'product',
  );
  return { bag, bags, held, cost };
}

/** The cheapest packs of those that somebody listed. */
function fromList(
  ctx: PlanContext,
  prefix: string,
  counts: readonly PackCount<ListedPack>[],
  toBuy: Pounds,
): BoughtPack[] {
  let left = toBuy;
  return counts.map(({ pack: { lb, at, price }, count }, index) => {
    const id = `${prefix}/pack-${index + 1}`;
    const named = { id: `${id}/bag`, label: msg('lime.bagSize'), at: `${at}/pounds` };
    const bag = ctx.sheet.leaf('typed', named, quantity(lb, 'lb/bag', 'product'));
    const isLast = index === counts.length - 1;
    const bags = isLast
      ? bagsFor(ctx, `${id}/bags`, left, bag)
      : ctx.sheet.leaf(
          'decided',
          { id: `${id}/bags`, label: msg('buy.cheapestPacks') },
          quantity(count, 'bags', 'product'),
        );
    const pack = boughtPack(ctx, id, bag, bags, { at: `${at}/price`, typed: price });
    const after = { id: `${id}/left`, label: msg('buy.stillToBuy') };
    left = ctx.sheet.deduct(after, [left, pack.held]);
    return pack;
  });
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
  const onHand = onHandOf(ctx, file, material.id);
  const toBuy = onHand
    ? ctx.sheet.deduct({ id: `${prefix}/to-buy`, label: msg('buy.stillToBuy') }, [pounds, onHand])
    : pounds;
  const wanted = valueOf(toBuy)?.value ?? 0;
  const listed = listedPacks(file, material.id);
  const packs = (): BoughtPack[] => {
    if (onHand && wanted === 0 && !('absent' in toBuy)) return [];
    if (listed.length > 0) {
      return fromList(ctx, prefix, cheapestPacks(listed, wanted), toBuy);
    }
    const bag = bagOfAll(ctx, `${prefix}/bag`, file, uses, wanted);
    const price = file.labels[material.id]?.price ?? '';
    const at = `labels/${material.id}/price`;
    const bags = bagsFor(ctx, `${prefix}/bags`, toBuy, bag);
    return [boughtPack(ctx, prefix, bag, bags, { at, typed: price })];
  };
  const bought = packs();
  const [only, ...besides] = [...(onHand ? [onHand] : []), ...bought.map(({ held }) => held)];
  const there =
    only && besides.length === 0
      ? only
      : addPounds(ctx, { id: `${prefix}/there`, label: msg('buy.there') }, [
          ...(only ? [only] : []),
          ...besides,
        ]);
  const leftOver = ctx.sheet.subtract({ id: `${prefix}/left-over`, label: msg('buy.leftOver') }, [
    there,
    pounds,
  ]);
  const [one, ...more] = bought;
  const entry = { id: `${prefix}/cost-in-all`, label: msg('buy.cost') };
  const cost =
    one && more.length === 0
      ? one.cost
      : ctx.sheet.add(
          entry,
          bought.map((each) => each.cost),
          'usd',
          'money',
        );
  return [{ material, pounds, onHand, packs: bought, listed: listed.length > 0, leftOver, cost }];
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
