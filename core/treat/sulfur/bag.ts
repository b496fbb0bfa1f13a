import { nameOf } from '../../catalog/materials/named';
import type { SulfurBag, SulfurMaterialRow, SulfurTreatment } from './types';
import type { ProductRate } from '../shared/amounts';
import type { TreatInput } from '../shared/input';
import type { AreaSlice } from '../../casefile/slice';
import { bagsFor } from '../../schedule/dosing/doses';
import { isSo } from '../../catalog/plants/plants';
import type { SulfurMaterial } from '../../catalog/materials/types';
import {
  nutrientToProduct,
  percentToShare,
  perHundredToPerThousand,
  perThousandToTotal,
} from '../../kernel/units/convert';
import type { Quantity } from '../../kernel/units/quantity';
import type { Figure } from '../../kernel/working/working';
import type { PlanContext } from '../../kernel/working/context';
import { msg, type Msg } from '../../kernel/messages/msg';
import { bagSize, isTyped } from '../shared/bagSize';
import { packFor } from '../shared/packs';
import { AS_SULFUR } from '../../equations/shares';

const PERCENT = { min: 5, max: 100 };

/** What a pound of it does: the sulfur in it, or how many pounds do as much as one of sulfur. */
function worthOf(
  ctx: PlanContext,
  file: AreaSlice,
  prefix: string,
  { id, typicalS, forPound, standing, source }: SulfurMaterial,
): Pick<SulfurBag, 'worth' | 'share'> {
  const usual = { standing, source };
  if (forPound !== undefined) {
    const entry = { id: `${prefix}/for-pound`, label: msg('sulfur.forPound'), ...usual };
    const each = ctx.constant(entry, forPound, 'ratio', 'product');
    const named = { id: `${prefix}/share`, label: msg('sulfur.asSulfur') };
    const share = ctx.sheet.equation(named, AS_SULFUR, [each]);
    return { worth: each, share };
  }
  const label = file.labels[id];
  const percent = isTyped(label?.percent)
    ? ctx.number(
        { id: `${prefix}/percent`, label: msg('sulfur.labelS'), at: `labels/${id}/percent` },
        label.percent,
        PERCENT,
        '%',
        'S',
      )
    : ctx.constant(
        { id: `${prefix}/percent`, label: msg('sulfur.typicalS'), ...usual },
        typicalS,
        '%',
        'S',
      );
  const share = ctx.sheet.derive(
    'convert',
    { id: `${prefix}/share`, label: msg('feed.share') },
    [percent],
    percentToShare,
  );
  return { worth: percent, share };
}

/** The smallest bag that a job needs, of those that the material is sold in; the usual one where nobody knows the size. */
function bagFor({ bagsLb }: SulfurMaterial, total: Figure<Quantity<'lb', 'product'>>): number {
  const pounds = 'absent' in total ? Infinity : total.value.value;
  const sizes = [...bagsLb].sort((a, b) => a - b);
  return packFor(pounds, bagsLb[0], sizes);
}

/** Most of a material itself at once, lb/1000 ft²; nothing where only its sulfur is limited. */
function mostOf(
  ctx: PlanContext,
  prefix: string,
  { most, standing, source }: SulfurMaterial,
): ProductRate | undefined {
  if (most === undefined) return undefined;
  const limit = { id: `${prefix}/most`, label: msg('sulfur.mostProduct'), standing, source };
  const perHundred = ctx.constant(limit, most, 'lb/100ft2', 'product');
  const entry = { id: `${prefix}/most-rate`, label: msg('sulfur.mostProduct') };
  return ctx.sheet.derive('convert', entry, [perHundred], perHundredToPerThousand);
}

/** Product for an amount of sulfur: no more than the material itself may go on at once. */
export function sulfurProduct(
  ctx: PlanContext,
  entry: { readonly id: string; readonly label: Msg },
  sulfur: SulfurTreatment['first'],
  { share }: Pick<SulfurBag, 'share'>,
  most: ProductRate | undefined,
): ProductRate {
  const divided = most ? { ...entry, id: `${entry.id}/uncapped` } : entry;
  const rate = ctx.sheet.derive('divide', divided, [sulfur, share], nutrientToProduct);
  if (!most) return rate;
  return ctx.sheet.cap(entry, [rate, most]);
}

/** Whether a material is poison to what grows there. */
export function poisons({ aluminum }: SulfurMaterial, { plants }: TreatInput['goal']): boolean {
  return !!aluminum && plants.some((plant) => isSo(plant, 'no-aluminum'));
}

/** The first dose by every material, and the bags that it takes. */
export function sulfurMaterials(
  ctx: PlanContext,
  { area, file, goal, ground, materials }: TreatInput,
  first: SulfurTreatment['first'],
  chosen: string,
): SulfurMaterialRow[] {
  return materials.sulfur.map((material): SulfurMaterialRow => {
    const { id, mixed, forPound } = material;
    const prefix = `${area.id}/sulfur/material/${id}`;
    const worth = worthOf(ctx, file, prefix, material);
    const most = mostOf(ctx, prefix, material);
    const entry = { id: `${prefix}/rate`, label: msg('sulfur.product') };
    const rate = sulfurProduct(ctx, entry, first, worth, most);
    const total = ctx.sheet.derive(
      'multiply',
      { id: `${prefix}/total`, label: msg('dose.total') },
      [rate, ground.extent],
      perThousandToTotal,
    );
    const label = file.labels[id];
    // What is sold in small bags is not sent home by the sack.
    const bag: SulfurBag = {
      ...worth,
      ...bagSize(ctx, prefix, material, label, bagFor(material, total)),
      fromLabel: forPound === undefined && isTyped(label?.percent),
    };
    const bags = bagsFor(ctx, `${prefix}/bags`, total, bag.size);
    return {
      ...nameOf(material),
      mixed,
      sulfate: forPound !== undefined,
      refused: poisons(material, goal),
      chosen: id === chosen,
      bag,
      most,
      rate,
      total,
      bags,
    };
  });
}
