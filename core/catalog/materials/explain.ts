import { NUTRIENTS, type Nutrient } from '../nutrients';
import type { Grade } from '../../kernel/typed/grade';
import {
  percentToShare,
  phosphateToPhosphorus,
  potashToPotassium,
  squareFeetToThousands,
} from '../../kernel/units/convert';
import { coatedDays, LASTS_WEEKS, type SlowKind } from '../../tables/fertilizer/duration';
import { quantity, type Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg, type Msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import { ALSO, type Fertilizer } from './types';

/**
 * The ratio of a grade: its numbers over the smallest of them that is not zero.
 * @example gradeRatio({ N: 15, P2O5: 5, K2O: 10 }) // '3-1-2'
 */
export function gradeRatio(grade: Grade): string {
  const numbers = NUTRIENTS.map((nutrient) => grade[nutrient]);
  const least = Math.min(...numbers.filter((number) => number > 0));
  return numbers.map((number) => String(Math.round((number / least) * 10) / 10)).join('-');
}

/** Pounds of a nutrient in one bag. */
function inBag<S extends Nutrient>(
  ctx: PlanContext,
  { id, grade, source, standing }: Fertilizer,
  bag: Figure<Quantity<'lb/bag', 'product'>>,
  nutrient: S,
): Figure<Quantity<'lb', S>> {
  const prefix = `${id}/${nutrient}`;
  const percent = ctx.constant(
    { id: `${prefix}/grade`, label: msg(`feed.grade.${nutrient as Nutrient}`), source, standing },
    grade[nutrient],
    '%',
    nutrient,
  );
  const share = ctx.sheet.derive(
    'convert',
    { id: `${prefix}/share`, label: msg('feed.share') },
    [percent],
    percentToShare,
  );
  return ctx.sheet.derive(
    'multiply',
    { id: `${prefix}/in-bag`, label: msg('shed.inBag') },
    [bag, share],
    (size, fraction) => quantity(size.value * fraction.value, 'lb', nutrient),
  );
}

/** What is in the bag besides the three numbers: what carries them, and filler. */
function filler(
  ctx: PlanContext,
  { id }: Fertilizer,
  bag: Figure<Quantity<'lb/bag', 'product'>>,
  nutrients: readonly Figure[],
): Figure<Quantity<'lb', 'filler'>> {
  return ctx.sheet.derive(
    'deduct',
    { id: `${id}/rest`, label: msg('shed.rest') },
    [bag as Figure, ...nutrients],
    (all, ...parts: readonly Quantity[]) =>
      quantity(
        parts.reduce((rest, { value }) => rest - value, all?.value ?? 0),
        'lb',
        'filler',
      ),
  );
}

function asElements(
  ctx: PlanContext,
  { id, grade }: Fertilizer,
  P2O5: Figure<Quantity<'lb', 'P2O5'>>,
  K2O: Figure<Quantity<'lb', 'K2O'>>,
): Msg[] {
  const named = (what: 'P' | 'K') => ({
    id: `${id}/${what}/element`,
    label: msg(`shed.element.${what}`),
    source: 'aapfco' as const,
  });
  const phosphorus = ctx.sheet.derive('convert', named('P'), [P2O5], phosphateToPhosphorus);
  const potassium = ctx.sheet.derive('convert', named('K'), [K2O], potashToPotassium);
  const said = (name: 'P' | 'K', oxide: Figure, element: Figure): Msg =>
    msg(`shed.oxide.${name}`, { oxide: { working: oxide.id }, element: { working: element.id } });
  return [
    ...(grade.P2O5 > 0 ? [said('P', P2O5, phosphorus)] : []),
    ...(grade.K2O > 0 ? [said('K', K2O, potassium)] : []),
  ];
}

/** What a bag puts on 1000 ft² of a lawn if it is spread as far as its label says. */
function onLawn(
  ctx: PlanContext,
  { id, grade }: Fertilizer,
  inAll: { readonly [S in Nutrient]: Figure<Quantity<'lb', S>> },
  covers: number,
): Msg[] {
  const feet = ctx.sheet.leaf(
    'typed',
    { id: `${id}/covers`, label: msg('shed.covers'), at: `materials/${id}/printed/covers` },
    quantity(covers, 'ft2', 'ground'),
  );
  const thousands = ctx.sheet.derive(
    'convert',
    { id: `${id}/covers/thousands`, label: msg('shed.covers'), source: 'definition' },
    [feet],
    squareFeetToThousands,
  );
  const rate = <S extends Nutrient>(nutrient: S): { readonly working: string } => {
    const pounds = inAll[nutrient] as Figure<Quantity<'lb', S>>;
    const figure = ctx.sheet.derive(
      'divide',
      { id: `${id}/on-lawn/${nutrient}`, label: msg('shed.onLawnOf') },
      [pounds, thousands],
      (lb, area) => quantity(lb.value / area.value, 'lb/1000ft2', nutrient),
    );
    return { working: figure.id };
  };
  const rates = { N: rate('N'), P2O5: rate('P2O5'), K2O: rate('K2O') };
  const said = NUTRIENTS.filter((nutrient) => grade[nutrient] > 0);
  return [
    msg('shed.onLawn', { covers: { working: feet.id } }),
    ...said.map((nutrient) =>
      msg('shed.onLawnRate', { rate: rates[nutrient], nutrient: msg(`nutrient.${nutrient}`) }),
    ),
  ];
}

/** Summer soil under a lawn, °F: a coat rated at 70 °F lasts so much less. */
const SUMMER = 80;

/** How long a slow nitrogen lasts, and a coat that goes by warmth alone in summer. */
function lasting(by: SlowKind): Msg[] {
  const { from, to } = LASTS_WEEKS[by];
  const lasts = msg('shed.lasts', { from, to, by: msg(`slowBy.${by}`) });
  if (by !== 'polymer-coat') return [lasts];
  const days = Math.round(coatedDays(90, SUMMER));
  return [lasts, msg('shed.coatInSummer', { days, degrees: quantity(SUMMER, 'degF', 'air') })];
}

/** Complete or not, quick or slow, organic or not, and what else there is to say. */
function nature(ctx: PlanContext, material: Fertilizer): Msg[] {
  const { id, grade, release, organic, firstSeasonN, also, pesticide } = material;
  const slowBy = organic && grade.N > 0 ? 'organic' : material.slowBy;
  const missing = NUTRIENTS.filter((nutrient) => grade[nutrient] === 0);
  const count = NUTRIENTS.length - missing.length;
  const others = ALSO.flatMap((element): Msg[] => {
    const percent = also[element];
    if (percent === undefined) return [];
    const figure = ctx.constant(
      { id: `${id}/also/${element}`, label: msg(`element.${element}`), source: 'practice' },
      percent,
      '%',
      'share',
    );
    const named = { element: msg(`element.${element}`), percent: { working: figure.id } };
    return [msg('shed.also', named)];
  });
  const freed = (): Msg => {
    const entry = { id: `${id}/first-season`, label: msg('feed.firstSeason') };
    const part = ctx.constant({ ...entry, source: 'n-release' }, firstSeasonN * 100, '%', 'share');
    return msg('shed.organic', { part: { working: part.id } });
  };
  return [
    count === NUTRIENTS.length ? msg('shed.complete') : msg('shed.incomplete', { count }),
    ...(count > 1 ? [msg('shed.ratio', { ratio: gradeRatio(grade) })] : []),
    ...(grade.N > 0 ? [msg(`shed.release.${release}`)] : []),
    ...(slowBy ? lasting(slowBy) : []),
    organic ? freed() : msg('shed.mineral'),
    ...others,
    ...(pesticide ? [msg('shed.pesticide')] : []),
  ];
}

/**
 * A grade explained for one usual bag: what the three numbers are in pounds, the rest, the oxides as
 * elements, complete or not, the ratio, quick or slow, organic or not. Of a pesticide combination
 * nothing is worked out.
 * @param covers square feet that the label says the bag covers: what that puts on a lawn is told too
 */
export function explainMaterial(
  ctx: PlanContext,
  material: Fertilizer,
  covers?: number,
): readonly Msg[] {
  if (material.pesticide) return nature(ctx, material);
  const bag = ctx.constant(
    { id: `${material.id}/bag`, label: msg('lime.bagSizeTypical'), source: material.source },
    material.bagsLb[0],
    'lb/bag',
    'product',
  );
  const N = inBag(ctx, material, bag, 'N');
  const P2O5 = inBag(ctx, material, bag, 'P2O5');
  const K2O = inBag(ctx, material, bag, 'K2O');
  const rest = filler(ctx, material, bag, [N, P2O5, K2O]);
  const holds = msg('shed.holds', {
    bag: { working: bag.id },
    N: { working: N.id },
    P2O5: { working: P2O5.id },
    K2O: { working: K2O.id },
    rest: { working: rest.id },
  });
  const lawn = covers === undefined ? [] : onLawn(ctx, material, { N, P2O5, K2O }, covers);
  return [holds, ...lawn, ...asElements(ctx, material, P2O5, K2O), ...nature(ctx, material)];
}
