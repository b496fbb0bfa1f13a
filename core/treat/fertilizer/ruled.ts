import { addMonths } from '../../kernel/typed/date';
import type { Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import type { ApplicationLimits } from '../../catalog/packs/pack';
import type { Nutrient } from '../../catalog/nutrients';
import type { LocalRule, RuleLimit } from '../../site/localRules';
import type { NeedInput } from './needInput';

type Rate<S extends Nutrient> = Figure<Quantity<'lb/1000ft2', S>>;

/** How fertilizer goes on on the ground of a plant: lawns by the lawn's rules, all else as beds; never over a local rule. */
export function applicationLimits({
  pack,
  plant,
  allowed,
}: Pick<NeedInput, 'pack' | 'plant' | 'allowed'>): ApplicationLimits {
  const limits = pack.dressing[plant.form === 'lawn' ? 'lawn' : 'bed'];
  return {
    ...limits,
    quickN: atMost(limits.quickN, [allowed.totalN, allowed.solubleN]),
    slowN: atMost(limits.slowN, [allowed.totalN]),
  };
}

/** A limit of the pack under those of local rules. */
function atMost(
  { value, standing }: ApplicationLimits['quickN'],
  rules: readonly (RuleLimit | undefined)[],
): ApplicationLimits['quickN'] {
  return { value: Math.min(value, ...rules.flatMap((rule) => rule?.value ?? [])), standing };
}

/** A rate of a year under what a local rule allows. */
function under<S extends Nutrient>(
  ctx: PlanContext,
  id: string,
  nutrient: S,
  rate: Rate<S>,
  by: 'p-by-test' | 'n-year' | 'new-lawn',
  { value, rule }: { readonly value: number; readonly rule: LocalRule },
): Rate<S> {
  const most = ctx.constant(
    { id: `${id}/most`, label: msg(`ruled.${by}`, { name: rule.name }), source: 'local-rule' },
    value,
    'lb/1000ft2',
    nutrient,
  );
  const label = msg(`feed.year.${nutrient as Nutrient}`);
  return ctx.sheet.cap({ id, label }, [rate, most]);
}

/** Whether a test is there that finds phosphorus low and is no older than a rule asks for. */
function isShown({ soilTest, readings, planFrom }: NeedInput, months: number): boolean {
  const { sampledOn } = readings;
  if (soilTest.p.rating !== 'low' || !sampledOn || !planFrom) return false;
  return addMonths(sampledOn, months) >= planFrom;
}

/** The year's rate of a nutrient as far as the local rules allow it. */
export function asRuled<S extends Nutrient>(
  ctx: PlanContext,
  input: NeedInput,
  nutrient: S,
  year: Rate<S>,
): Rate<S> {
  const { area, allowed, plant, form } = input;
  const id = `${area.id}/feed/${nutrient}/ruled`;
  if ('absent' in year) return year;
  if (nutrient === 'N' && allowed.yearN)
    return under(ctx, id, nutrient, year, 'n-year', allowed.yearN);
  if (nutrient !== 'P2O5' || plant.form !== 'lawn') return year;
  if (form !== 'established') {
    return allowed.newLawnP2O5
      ? under(ctx, id, nutrient, year, 'new-lawn', allowed.newLawnP2O5)
      : year;
  }
  const { phosphateByTest } = allowed;
  if (!phosphateByTest || isShown(input, phosphateByTest.value)) return year;
  const none = { value: 0, rule: phosphateByTest.rule };
  return under(ctx, id, nutrient, year, 'p-by-test', none);
}
