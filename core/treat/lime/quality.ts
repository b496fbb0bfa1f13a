import { type Label, EMPTY_LABEL } from '../../casefile/parts/label';
import type { AreaSlice } from '../../casefile/slice';
import type { LimeMaterial } from '../../catalog/materials/types';
import { schemeOf, type FinenessScheme } from '../../tables/lime/fineness';
import {
  LIMESTONE_CCE_MAX,
  LIMESTONE_CCE_MIN,
  TABLE_LIMESTONE_CCE,
} from '../../tables/lime/quality';
import { own } from '../../kernel/typed/own';
import { limestoneToProduct, poundForPound } from '../../kernel/units/convert';
import { quantity, type Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import { bagSize, isTyped } from '../shared/bagSize';
import { effectiveCce, type Basis } from './basis';
import { DRY_SHARE, fineness, PER_TON_TO_PERCENT } from '../../equations/lime/quality';

/** What a bag is worth: by CCE alone, or with its fineness by the scheme that its label goes by. */
type Effectiveness =
  | { readonly kind: 'CCE'; readonly figure: Figure<Quantity<'%', 'CCE'>> }
  | {
      readonly kind: 'ECCE';
      readonly figure: Figure<Quantity<'%', 'ECCE'>>;
      readonly scheme: FinenessScheme;
    };

export interface Bag {
  readonly effectiveness: Effectiveness;
  readonly size: Figure<Quantity<'lb/bag', 'product'>>;
  readonly density: Figure<Quantity<'lb/ft3', 'density'>>;
  /** What a bag costs, where that is typed. */
  readonly price: Figure<Quantity<'usd/bag', 'money'>> | undefined;
  /** The percentage stands on the bag at hand, not only in the table of materials. */
  readonly fromLabel: boolean;
}

type LimestoneRate = Figure<Quantity<'lb/1000ft2', 'limestone'>>;
type Percent = Figure<Quantity<'%', 'CCE'>>;

/** More water than this is a slurry, %. */
const MOST_MOISTURE = 60;
const PRICE = { min: 0, max: 10_000 };

/** What passes each sieve of a scheme; a finer one passes no more than a coarser. */
function passingOf(
  ctx: PlanContext,
  prefix: string,
  at: string,
  { sieves }: FinenessScheme,
  label: Label,
): Figure<Quantity<'%', 'share'>>[] {
  let most = 100;
  return sieves.map((mesh) => {
    const entry = { id: `${prefix}/passing/${mesh}`, label: msg('lime.passing', { mesh }) };
    const place = `${at}/sieves/${mesh}`;
    const figure = ctx.number(
      { ...entry, at: place },
      label.sieves[mesh] ?? '',
      { min: 0, max: most },
      '%',
      'share',
    );
    if (!('absent' in figure)) most = figure.value.value;
    else if (most < 100 && own(ctx.problems, place)?.id === 'problem.between') {
      ctx.problems[place] = msg('problem.sieveOrder', { most });
    }
    return figure;
  });
}

/** The share of it that is dry, where its water was told. */
function dryShare(
  ctx: PlanContext,
  prefix: string,
  at: string,
  { moisture }: Label,
): Figure<Quantity<'ratio', 'share'>> | undefined {
  if (!isTyped(moisture)) return undefined;
  const water = ctx.number(
    { id: `${prefix}/moisture`, label: msg('lime.moisture'), at: `${at}/moisture` },
    moisture,
    { min: 0, max: MOST_MOISTURE },
    '%',
    'share',
  );
  return ctx.sheet.equation({ id: `${prefix}/dry`, label: msg('lime.dry') }, DRY_SHARE, [water]);
}

/** CCE as it comes out of the bag, its water counted. */
function asDelivered(
  ctx: PlanContext,
  prefix: string,
  at: string,
  cce: Percent,
  label: Label,
): Percent {
  const dry = dryShare(ctx, prefix, at, label);
  if (!dry) return cce;
  return ctx.sheet.multiply(
    { id: `${prefix}/delivered`, label: msg('lime.delivered') },
    [cce, dry],
    '%',
    'CCE',
  );
}

/** CCE with the fineness that the sieves tell, by a scheme. */
function bySieves(
  ctx: PlanContext,
  prefix: string,
  at: string,
  cce: Percent,
  label: Label,
): Effectiveness {
  const scheme = schemeOf(label.scheme);
  const passing = passingOf(ctx, prefix, at, scheme, label);
  const factor = ctx.sheet.equation(
    {
      id: `${prefix}/fineness`,
      label: msg('lime.fineness', { scheme: msg(`scheme.${scheme.id}`) }),
      source: 'fineness',
      standing: 'recalled',
    },
    fineness(scheme),
    passing,
  );
  const figure = ctx.sheet.multiply(
    { id: `${prefix}/effectiveness`, label: msg('lime.effective') },
    [cce, factor],
    '%',
    'ECCE',
  );
  return { kind: 'ECCE', figure, scheme };
}

/** A score as printed: CCE, fineness and water are in it already. */
function asScored(
  ctx: PlanContext,
  prefix: string,
  at: string,
  label: Label,
  most: number,
): Effectiveness {
  const scheme = schemeOf(label.scheme);
  const name = msg('lime.score', { scheme: msg(`scheme.${scheme.id}`) });
  const entry = { id: `${prefix}/effectiveness`, label: name, at: `${at}/percent` };
  const { poundsPerTon } = scheme;
  if (poundsPerTon === undefined) {
    const rule = { min: LIMESTONE_CCE_MIN, max: most };
    return { kind: 'ECCE', figure: ctx.number(entry, label.percent, rule, '%', 'ECCE'), scheme };
  }
  const each = poundsPerTon / 100;
  const rule = { min: LIMESTONE_CCE_MIN * each, max: most * each };
  const typed = { ...entry, id: `${prefix}/score` };
  const score = ctx.number(typed, label.percent, rule, 'lb/ton', 'ECCE');
  const pure = ctx.constant(
    { id: `${prefix}/pure`, label: msg('lime.pureTon'), source: 'fineness', standing: 'recalled' },
    poundsPerTon,
    'lb/ton',
    'ECCE',
  );
  const percent = { id: `${prefix}/effectiveness`, label: msg('lime.ofPure') };
  const figure = ctx.sheet.equation(percent, PER_TON_TO_PERCENT, [score, pure]);
  return { kind: 'ECCE', figure, scheme };
}

/** The worth of a material: what its label says, else what such bags usually say. */
function effectivenessOf(
  ctx: PlanContext,
  prefix: string,
  material: LimeMaterial,
  label: Label,
): Effectiveness {
  const { standing, source, mostCce } = material;
  const at = `labels/${material.id}`;
  if (label.kind === 'ECCE' && isTyped(label.percent)) {
    return asScored(ctx, prefix, at, label, mostCce);
  }
  const sieved = label.kind === 'CCE' && Object.values(label.sieves).some(isTyped);
  const id = sieved || isTyped(label.moisture) ? `${prefix}/cce` : `${prefix}/effectiveness`;
  const rule = { min: LIMESTONE_CCE_MIN, max: mostCce };
  const cce = isTyped(label.percent)
    ? ctx.number(
        { id, label: msg('lime.labelCCE'), at: `${at}/percent` },
        label.percent,
        rule,
        '%',
        'CCE',
      )
    : ctx.constant(
        { id, label: msg('lime.typicalCce'), standing, source },
        material.typicalCce,
        '%',
        'CCE',
      );
  const delivered = label.kind === 'CCE' ? asDelivered(ctx, prefix, at, cce, label) : cce;
  return sieved ? bySieves(ctx, prefix, at, delivered, label) : { kind: 'CCE', figure: delivered };
}

/** A bag of a material: what its own label says, else what such bags usually say. */
export function readBag(
  ctx: PlanContext,
  file: AreaSlice,
  areaId: string,
  material: LimeMaterial,
): Bag {
  const label = file.labels[material.id] ?? EMPTY_LABEL;
  const prefix = `${areaId}/lime/material/${material.id}`;
  const at = `labels/${material.id}`;
  const paid = { id: `${prefix}/price`, label: msg('buy.price'), at: `${at}/price` };
  const price = isTyped(label.price)
    ? ctx.number(paid, label.price, PRICE, 'usd/bag', 'money')
    : undefined;
  return {
    ...bagSize(ctx, prefix, material, label),
    effectiveness: effectivenessOf(ctx, prefix, material, label),
    price,
    fromLabel: isTyped(label.percent),
  };
}

/**
 * A requirement as pounds of the product in the bag. Quality is counted once: CCE against CCE, or a
 * score (which already contains CCE) against that of the basis by the same scheme of fineness. Where
 * the basis does not state its quality a pound is a pound of any limestone, but not of what is stronger. A factor
 * that stands for limestone as sold gives way to what the label says.
 */
export function toProduct(
  ctx: PlanContext,
  id: string,
  requirement: LimestoneRate,
  basis: Basis,
  { effectiveness, fromLabel }: Pick<Bag, 'effectiveness' | 'fromLabel'>,
): Figure<Quantity<'lb/1000ft2', 'product'>> {
  const table = `${id}/basis`;
  const standing = 'recalled' as const;
  const entry = { id, label: msg('lime.toProduct') };
  if (basis.kind === 'asSold' && fromLabel) {
    const named = { id: table, label: msg('lime.basisAsSold'), source: basis.source } as const;
    const of = ctx.constant(named, basis.effective, '%', 'ECCE');
    return ctx.sheet.derive(
      'proportion',
      entry,
      [requirement, of, effectiveness.figure],
      (r, b, l) => quantity((r.value * b.value) / l.value, 'lb/1000ft2', 'product'),
    );
  }
  if (basis.kind !== 'limestone') {
    const { figure } = effectiveness;
    const strong = 'value' in figure && figure.value.value > LIMESTONE_CCE_MAX;
    if (basis.kind === 'product' || !strong) {
      const plain = { id, label: msg('lime.poundForPound') };
      return ctx.sheet.derive('convert', plain, [requirement], poundForPound);
    }
    const named = { id: table, label: msg('lime.basisUsual'), source: 'practice' } as const;
    const usual = ctx.constant(named, TABLE_LIMESTONE_CCE, '%', 'CCE');
    return ctx.sheet.derive('proportion', entry, [requirement, usual, figure], (r, b, l) =>
      quantity((r.value * b.value) / l.value, 'lb/1000ft2', 'product'),
    );
  }
  if (effectiveness.kind === 'CCE') {
    const label = msg('lime.basisCce');
    const named = { id: table, label, source: basis.source, standing };
    const of = ctx.constant(named, basis.cce, '%', 'CCE');
    return ctx.sheet.derive(
      'proportion',
      entry,
      [requirement, of, effectiveness.figure],
      limestoneToProduct,
    );
  }
  const { scheme } = effectiveness;
  const label = msg('lime.basisEcce', { scheme: msg(`scheme.${scheme.id}`) });
  const named = { id: table, label, source: 'fineness' as const, standing };
  const of = ctx.constant(named, effectiveCce(basis, scheme.id), '%', 'ECCE');
  return ctx.sheet.derive(
    'proportion',
    entry,
    [requirement, of, effectiveness.figure],
    limestoneToProduct,
  );
}
