import { BASE_SATURATION_RATIO } from '../../../tables/soil/baseSaturationRatio';
import { FURROW_SLICE_IN } from '../../../tables/ground/measuring';
import { equivalentMass } from '../../../tables/molarMass';
import { quantity } from '../../../kernel/units/quantity';
import { msg, type Msg } from '../../../kernel/messages/msg';
import type { NeedInput } from '../needInput';
import type { FertilizerSchool } from './school';
import { absentRate, asOxide, type Ppm, type Rate } from './shared';
import type { PlanContext } from '../../../kernel/working/context';
import { chargeAsPpm } from '../../../equations/soil/milliequivalents';

/** Potash up to the lower share of the exchange capacity that the balance of the bases asks for. */
function potash(ctx: PlanContext, input: NeedInput): Rate<'K2O'> {
  const reading = input.soilTest.k;
  const id = `${input.area.id}/feed/K2O/balance`;
  const { value } = reading;
  const { cec } = input.readings;
  const none = (why: Msg): Rate<'K2O'> => absentRate(ctx, id, 'K2O', why, reading);
  if ('absent' in cec) return none(msg('absent.balanceCec'));
  if ('absent' in value || value.value.unit !== 'ppm' || value.range) {
    return none(msg('absent.schoolUnrated'));
  }
  const share = ctx.constant(
    { id: `${id}/share`, label: msg('school.share'), source: 'base-balance' },
    BASE_SATURATION_RATIO.k.low / 100,
    'ratio',
    'share',
  );
  const charge = ctx.sheet.multiply(
    { id: `${id}/charge`, label: msg('school.charge') },
    [cec, share],
    'meq/100g',
    'K',
  );
  const mass = ctx.constant(
    { id: `${id}/equivalent`, label: msg('report.equivalent.K'), source: 'aapfco' },
    equivalentMass('K'),
    'g/eq',
    'K',
  );
  const level = ctx.sheet.equation(
    { id: `${id}/level`, label: msg('school.level') },
    chargeAsPpm<'K'>(),
    [charge, mass],
  );
  const found: Ppm<'K'> = { id: value.id, value: quantity(value.value.value, 'ppm', 'K') };
  const short = ctx.sheet.deduct({ id: `${id}/short`, label: msg('school.short') }, [level, found]);
  const depth = ctx.constant(
    { id: `${id}/depth`, label: msg('report.furrowSlice'), source: 'practice' },
    FURROW_SLICE_IN,
    'in',
    'depth',
  );
  return asOxide(ctx, id, short, depth, 'K2O');
}

/** The base saturation ratio: potash by its share of the exchange capacity. */
export const baseSaturation: FertilizerSchool = {
  id: 'balance',
  rates: (ctx, input, { pack }) => ({ N: pack.N, P2O5: pack.P2O5, K2O: potash(ctx, input) }),
};
