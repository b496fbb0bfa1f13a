import type { SoilReading } from '../../../reading/soilTest';
import {
  perAcreToPerThousand,
  phosphorusToPhosphate,
  potassiumToPotash,
} from '../../../kernel/units/convert';
import { quantity, type Quantity, type Substance } from '../../../kernel/units/quantity';
import type { PlanContext } from '../../../kernel/working/context';
import { msg, type Msg } from '../../../kernel/messages/msg';
import type { Figure } from '../../../kernel/working/working';
import { ppmAsPoundsPerAcre } from '../../../equations/soil/ppmToPoundsPerAcre';

export type Oxide = 'P2O5' | 'K2O';
export type Rate<S extends Oxide> = Figure<Quantity<'lb/1000ft2', S>>;
export type Ppm<S extends 'P' | 'K'> = Figure<Quantity<'ppm', S>>;

export const NAMES = { P2O5: 'p', K2O: 'k' } as const;

/** An amount on an acre as one on a thousand square feet. */
export function perThousand<S extends Substance>(
  ctx: PlanContext,
  id: string,
  perAcre: Figure<Quantity<'lb/acre', S>>,
): Figure<Quantity<'lb/1000ft2', S>> {
  return ctx.sheet.derive(
    'convert',
    { id: `${id}/per-thousand`, label: msg('school.perThousand'), source: 'definition' },
    [perAcre],
    perAcreToPerThousand,
  );
}

/** A content of soil as the oxide that would make it, over a thousand square feet of so many inches. */
export function asOxide<S extends Oxide>(
  ctx: PlanContext,
  id: string,
  content: Ppm<'P' | 'K'>,
  depth: Figure<Quantity<'in', 'depth'>>,
  nutrient: S,
): Rate<S> {
  const perAcre = ctx.sheet.equation(
    { id: `${id}/per-acre`, label: msg('school.perAcre'), source: 'practice' },
    ppmAsPoundsPerAcre<'P' | 'K'>(),
    [content, depth],
  );
  const rate = perThousand(ctx, id, perAcre);
  return ctx.sheet.derive(
    'convert',
    { id, label: msg('feed.asOxide'), source: 'aapfco' },
    [rate],
    (q) =>
      nutrient === 'P2O5'
        ? quantity(phosphorusToPhosphate({ ...q, of: 'P' }).value, 'lb/1000ft2', nutrient)
        : quantity(potassiumToPotash({ ...q, of: 'K' }).value, 'lb/1000ft2', nutrient),
  );
}

/** The value in ppm that a school reckons from; none where the test is a word, a limit, or of an extract. */
export function tested({ value, rating }: SoilReading): Ppm<'P' | 'K'> | undefined {
  if ('absent' in value || value.value.unit !== 'ppm' || value.range || !rating) return undefined;
  return { id: value.id, value: quantity(value.value.value, 'ppm', value.value.of as 'P' | 'K') };
}

/** A rate that a school cannot tell, with why, and the reading that it would have rested on. */
export function absentRate<S extends Oxide>(
  ctx: PlanContext,
  id: string,
  nutrient: S,
  why: Msg,
  reading: SoilReading,
): Rate<S> {
  return ctx.sheet.absent({ id, label: msg(`school.rate.${nutrient as Oxide}`) }, why, [
    reading.value.id,
  ]);
}
