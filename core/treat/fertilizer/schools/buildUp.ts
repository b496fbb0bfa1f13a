import { BUILD_UP } from '../../../tables/fertilizer/buildUp';
import type { SourceId } from '../../../kernel/sources';
import { quantity, type Quantity } from '../../../kernel/units/quantity';
import { msg } from '../../../kernel/messages/msg';
import type { Figure } from '../../../kernel/working/working';
import { cropRemoval } from '../../../reading/cropRemoval';
import type { NeedInput } from '../needInput';
import type { FertilizerSchool } from './school';
import { absentRate, NAMES, perThousand, tested, type Oxide, type Rate } from './shared';
import type { PlanContext } from '../../../kernel/working/context';
import { BUILD_UP_FACTOR } from '../../../equations/soil/byExchangeCapacity';

/** Pounds per acre and year for each ppm below the critical level. */
function buildFactor<S extends Oxide>(
  ctx: PlanContext,
  { readings }: NeedInput,
  id: string,
  nutrient: S,
): Figure<Quantity<'ratio', 'share'>> {
  const entry = { id, label: msg('school.factor'), source: 'e-2567' as SourceId };
  if (nutrient === 'P2O5') return ctx.constant(entry, BUILD_UP.p2o5PerPpm, 'ratio', 'share');
  const { base, perCec } = BUILD_UP.k2oPerPpm;
  const label = msg('school.factorByCec');
  return ctx.sheet.equation({ ...entry, label }, BUILD_UP_FACTOR, [
    ctx.constant({ ...entry, id: `${id}/base` }, base, 'ratio', 'share'),
    ctx.constant({ ...entry, id: `${id}/per-cec` }, perCec, 'ratio', 'CEC'),
    readings.cec,
  ]);
}

/** Up to the critical level in four years, then what is carried off; nothing where the soil is very high. */
function rateOf<S extends Oxide>(ctx: PlanContext, input: NeedInput, nutrient: S): Rate<S> {
  const reading = input.soilTest[NAMES[nutrient]];
  const id = `${input.area.id}/feed/${nutrient}/build`;
  const value = tested(reading);
  if (!value) return absentRate(ctx, id, nutrient, msg('absent.schoolUnrated'), reading);
  const methods: readonly string[] = BUILD_UP.methods;
  if (!methods.includes(reading.bands?.method ?? '')) {
    return absentRate(ctx, id, nutrient, msg('absent.noBuildUp'), reading);
  }
  if (reading.rating === 'very-high') {
    const label = msg('school.drawDown');
    return ctx.constant({ id, label, source: 'e-2567' }, 0, 'lb/1000ft2', nutrient);
  }
  const level =
    reading.critical ??
    ctx.constant(
      { id: `${id}/critical`, label: msg('school.critical'), source: input.pack.source },
      reading.ends[1] ?? 0,
      'ppm',
      nutrient === 'P2O5' ? 'P' : 'K',
    );
  const short = ctx.sheet.deduct({ id: `${id}/short`, label: msg('school.short') }, [level, value]);
  const perAcre = ctx.sheet.derive(
    'multiply',
    { id: `${id}/per-acre`, label: msg('school.buildPerAcre'), source: 'e-2567' },
    [short, buildFactor(ctx, input, `${id}/factor`, nutrient)],
    (ppm, factor) => quantity(ppm.value * factor.value, 'lb/acre', nutrient),
  );
  const rate = perThousand(ctx, id, perAcre);
  return ctx.sheet.add(
    { id, label: msg(`school.rate.${nutrient as Oxide}`) },
    [rate, cropRemoval(ctx, input, `${id}/carried-off`, nutrient)],
    'lb/1000ft2',
    nutrient,
  );
}

/** Build-up and maintenance: to the critical level, then held there. */
export const buildUp: FertilizerSchool = {
  id: 'build',
  rates: (ctx, input, { pack }) => ({
    N: pack.N,
    P2O5: rateOf(ctx, input, 'P2O5'),
    K2O: rateOf(ctx, input, 'K2O'),
  }),
};
