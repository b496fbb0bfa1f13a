import type { LimeBrings } from './types';
import type { ProductRate } from '../shared/amounts';
import type { TreatInput } from '../shared/input';
import { isSo } from '../../catalog/plants/plants';
import type { LimeMaterial } from '../../catalog/materials/types';
import type { Readings } from '../../site/report/types';
import { perThousandToTonsPerAcre } from '../../kernel/units/convert';
import type { Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg, type Msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import { furtherBands, furtherClass } from '../../catalog/packs/supplementaryBands';
import { percentOf } from '../../equations/shares';

/** Whether the soil is short of magnesium by the thresholds of its extractant. */
export function magnesiumIsShort({ more, k, texture }: Readings): boolean {
  const { mg } = more;
  const bands = furtherBands('mg', k.method, texture);
  return !!mg && !('absent' in mg) && !!bands && furtherClass(bands, mg.value.value) === 'low';
}

/** Why a material is not for this ground, if so. */
export function refusedBecause(
  { limit }: LimeMaterial,
  { area, goal }: Pick<TreatInput, 'area' | 'goal'>,
): Msg | undefined {
  if (limit === 'never') return msg('lime.refused.burnt');
  const woody = goal.plants.some(({ form }) => form === 'woody');
  if (limit === 'bare-only' && (area.situation !== 'tilled' || woody)) {
    return msg('lime.refused.planted');
  }
  const scabs = goal.plants.some((plant) => isSo(plant, 'no-ash'));
  return limit === 'ash' && (goal.acid || scabs) ? msg('lime.refused.ash') : undefined;
}

export interface ChosenMaterial {
  readonly material: LimeMaterial;
  /** Why nothing of it is dosed until the advisor gives a reason, or at all. */
  readonly held: Msg | undefined;
  /** The reason with which the advisor passes the advice against it. */
  readonly passedBy: string | undefined;
}

/**
 * The material of the lime: the advisor's, else dolomitic where magnesium is short, else the first. One
 * that is advised against takes a reason; burnt lime is refused with any.
 */
export function chosenMaterial(input: TreatInput): ChosenMaterial {
  const { file, materials, readings } = input;
  const decision = file.decisions['lime-material'];
  const decided = materials.lime.find(({ id }) => id === decision?.value);
  const short = magnesiumIsShort(readings);
  const usual = materials.lime.find(({ forMagnesium }) => short && forMagnesium);
  const material = decided ?? usual ?? materials.lime[0];
  if (!material) throw new Error('chosenMaterial: the materials hold no lime');
  const refused = refusedBecause(material, input);
  if (!refused) return { material, held: undefined, passedBy: undefined };
  const reason = decision?.reason.trim() ?? '';
  return reason === '' || material.limit === 'never'
    ? { material, held: refused, passedBy: undefined }
    : { material, held: undefined, passedBy: reason };
}

/** What the lime of a rate brings of an element besides, lb/1000 ft². */
function brought<S extends 'Ca' | 'Mg'>(
  ctx: PlanContext,
  prefix: string,
  { standing, source }: LimeMaterial,
  rate: ProductRate,
  percent: number,
  of: S,
): Figure<Quantity<'lb/1000ft2', S>> {
  const label = msg(`lime.holds${of as 'Ca' | 'Mg'}`);
  const share = ctx.constant({ id: `${prefix}/holds`, label, standing, source }, percent, '%', of);
  return ctx.sheet.equation(
    { id: prefix, label: msg(`lime.brings${of as 'Ca' | 'Mg'}`) },
    percentOf(of),
    [rate, share],
  );
}

/** What the whole rate of a material brings with it, and the same in a farmer's unit. */
export function limeBrings(
  ctx: PlanContext,
  areaId: string,
  material: LimeMaterial,
  rate: ProductRate,
): LimeBrings {
  const at = `${areaId}/lime/brings`;
  return {
    ca: brought(ctx, `${at}/ca`, material, rate, material.ca, 'Ca'),
    mg: brought(ctx, `${at}/mg`, material, rate, material.mg, 'Mg'),
    tonsPerAcre: ctx.sheet.derive(
      'convert',
      { id: `${at}/tons`, label: msg('lime.tonsPerAcre'), source: 'definition' },
      [rate],
      perThousandToTonsPerAcre,
    ),
  };
}
