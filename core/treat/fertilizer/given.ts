import type { PastApplication } from '../../site/past';
import { parseGrade } from '../../kernel/typed/grade';
import { percentToShare, productToNutrient } from '../../kernel/units/convert';
import type { Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import type { Fertilizer } from '../../catalog/materials/types';
import type { Nutrient } from '../../catalog/nutrients';

type Rate<S extends Nutrient> = Figure<Quantity<'lb/1000ft2', S>>;

function brought<S extends Nutrient>(
  ctx: PlanContext,
  { prefix, rate }: PastApplication,
  percent: Figure<Quantity<'%', S>>,
  nutrient: S,
): Rate<S> {
  const share = ctx.sheet.derive(
    'convert',
    { id: `${prefix}/${nutrient}/share`, label: msg('feed.share') },
    [percent],
    percentToShare,
  );
  return ctx.sheet.derive(
    'multiply',
    { id: `${prefix}/${nutrient}/given`, label: msg(`past.given.${nutrient as Nutrient}`) },
    [rate, share],
    productToNutrient,
  );
}

/**
 * What a past dressing brought. Its percentage is its N, or its whole grade (`10-10-10`); nutrients that a lone percentage says
 * nothing of are not counted. Where none is typed, its material's grade counts.
 */
export function nutrientGiven(
  ctx: PlanContext,
  dressing: PastApplication,
  fertilizers: readonly Fertilizer[],
): { readonly [S in Nutrient]?: Rate<S> } {
  const { entry, prefix } = dressing;
  const at = `past/${entry.id}/percent`;
  const material = fertilizers.find(({ id }) => id === entry.material);
  if (entry.percent.trim() === '' && material) {
    const sold = <S extends Nutrient>(nutrient: S): Rate<S> => {
      const { source, standing } = material;
      const named = {
        id: `${prefix}/${nutrient}/sold`,
        label: msg('feed.grade'),
        source,
        standing,
      };
      const percent = ctx.constant(named, material.grade[nutrient], '%', nutrient);
      return brought(ctx, dressing, percent, nutrient);
    };
    return { N: sold('N'), P2O5: sold('P2O5'), K2O: sold('K2O') };
  }
  const grade = entry.percent.includes('-') ? parseGrade(entry.percent) : undefined;
  if (grade?.kind !== 'value') {
    const named = { id: `${prefix}/n`, label: msg('past.nitrogen'), at };
    const percent = ctx.number(named, entry.percent, { above: 0, max: 82 }, '%', 'N');
    return { N: brought(ctx, dressing, percent, 'N') };
  }
  const part = <S extends Nutrient>(nutrient: S): Rate<S> => {
    const named = { id: `${prefix}/${nutrient}/grade`, label: msg('feed.grade'), at };
    const percent = ctx.sheet.leaf('typed', named, {
      value: grade.value[nutrient],
      unit: '%',
      of: nutrient,
    } as Quantity<'%', S>);
    return brought(ctx, dressing, percent, nutrient);
  };
  return { N: part('N'), P2O5: part('P2O5'), K2O: part('K2O') };
}
