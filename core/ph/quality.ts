import type { CaseFile } from '../casefile/casefile';
import type { LimeMaterial } from '../materials/types';
import { LIMESTONE_CCE_MAX, LIMESTONE_CCE_MIN } from '../tables/limeQuality';
import { limestoneToProduct, poundForPound } from '../units/convert';
import type { Quantity } from '../units/quantity';
import type { PlanContext } from '../working/context';
import { msg } from '../working/msg';
import type { Figure } from '../working/working';
import type { Basis } from './basis';

/** What a bag is worth, by the measure that its label gives. */
export type Effectiveness =
  | { readonly kind: 'CCE'; readonly figure: Figure<Quantity<'%', 'CCE'>> }
  | { readonly kind: 'ECCE'; readonly figure: Figure<Quantity<'%', 'ECCE'>> };

export interface Bag {
  readonly effectiveness: Effectiveness;
  readonly size: Figure<Quantity<'lb/bag', 'product'>>;
  readonly density: Figure<Quantity<'lb/ft3', 'density'>>;
  /** The percentage stands on the bag at hand, not only in the table of materials. */
  readonly fromLabel: boolean;
}

type LimestoneRate = Figure<Quantity<'lb/1000ft2', 'limestone'>>;

const PERCENT = { min: LIMESTONE_CCE_MIN, max: LIMESTONE_CCE_MAX };

/** A bag of a material: what its own label says, else what such bags usually say. */
export function readBag(
  ctx: PlanContext,
  file: CaseFile,
  areaId: string,
  material: LimeMaterial,
): Bag {
  const label = file.labels[material.id];
  const prefix = `${areaId}/lime/material/${material.id}`;
  const at = `labels/${material.id}/percent`;
  const id = `${prefix}/effectiveness`;
  const { standing, source } = material;
  const density = ctx.constant(
    { id: `${prefix}/density`, label: msg('dose.density'), standing, source },
    material.density,
    'lb/ft3',
    'density',
  );
  const size =
    label && label.bag.trim() !== ''
      ? ctx.number(
          { id: `${prefix}/bag`, label: msg('lime.bagSize'), at: `labels/${material.id}/bag` },
          label.bag,
          { min: 1, max: 4000 },
          'lb/bag',
          'product',
        )
      : ctx.constant(
          { id: `${prefix}/bag`, label: msg('lime.bagSizeTypical'), standing, source },
          material.bagsLb[0],
          'lb/bag',
          'product',
        );
  if (!label || label.percent.trim() === '') {
    const figure = ctx.constant(
      { id, label: msg('lime.typicalCce'), standing, source },
      material.typicalCce,
      '%',
      'CCE',
    );
    return { effectiveness: { kind: 'CCE', figure }, size, density, fromLabel: false };
  }
  const entry = { id, label: msg(`lime.label${label.kind}`), at };
  const effectiveness: Effectiveness =
    label.kind === 'CCE'
      ? { kind: 'CCE', figure: ctx.number(entry, label.percent, PERCENT, '%', 'CCE') }
      : { kind: 'ECCE', figure: ctx.number(entry, label.percent, PERCENT, '%', 'ECCE') };
  return { effectiveness, size, density, fromLabel: true };
}

/**
 * A requirement as pounds of the product in the bag. Quality is counted once: CCE against CCE, or
 * ECCE (which already contains CCE) against ECCE by the 8/20/60 mesh scheme. Where the basis does
 * not state its quality, a pound is a pound.
 */
export function toProduct(
  ctx: PlanContext,
  id: string,
  requirement: LimestoneRate,
  basis: Basis,
  effectiveness: Effectiveness,
): Figure<Quantity<'lb/1000ft2', 'product'>> {
  if (basis.kind === 'unstated') {
    const entry = { id, label: msg('lime.poundForPound') };
    return ctx.sheet.derive('convert', entry, [requirement], poundForPound);
  }
  const table = `${id}/basis`;
  const standing = 'recalled' as const;
  const entry = { id, label: msg('lime.toProduct') };
  if (effectiveness.kind === 'CCE') {
    const label = msg('lime.basisCce');
    const named = { id: table, label, source: basis.source, standing };
    const of = ctx.constant(named, basis.cce, '%', 'CCE');
    return ctx.sheet.derive(
      'proportion',
      entry,
      [requirement, of, effectiveness.figure],
      (r, b, l) => limestoneToProduct(r, b, l),
    );
  }
  const label = msg('lime.basisEcce');
  const named = { id: table, label, source: 'mesh-8-20-60' as const, standing };
  const of = ctx.constant(named, basis.ecce, '%', 'ECCE');
  return ctx.sheet.derive('proportion', entry, [requirement, of, effectiveness.figure], (r, b, l) =>
    limestoneToProduct(r, b, l),
  );
}
