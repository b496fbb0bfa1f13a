import {
  TURF_MINIMUMS,
  TURF_MINIMUMS_BY,
  TURF_ROOT_DEPTH_IN,
} from '../../../tables/fertilizer/turfMinimums';
import { quantity } from '../../../kernel/units/quantity';
import { msg, type Msg } from '../../../kernel/messages/msg';
import { cropRemoval } from '../../../reading/cropRemoval';
import type { NeedInput } from '../needInput';
import type { FertilizerSchool } from './school';
import { absentRate, asOxide, NAMES, type Oxide, type Ppm, type Rate } from './shared';
import type { PlanContext } from '../../../kernel/working/context';

/** The minimum of turf and what the year carries off, less what the test finds in the roots' depth. */
function rateOf<S extends Oxide>(ctx: PlanContext, input: NeedInput, nutrient: S): Rate<S> {
  const name = NAMES[nutrient];
  const reading = input.soilTest[name];
  const id = `${input.area.id}/feed/${nutrient}/minimums`;
  const none = (why: Msg): Rate<S> => absentRate(ctx, id, nutrient, why, reading);
  if (input.plant.form !== 'lawn') return none(msg('absent.minimumsTurfOnly'));
  const { value } = reading;
  const { method, word } = input.readings[name];
  if (method !== TURF_MINIMUMS_BY || word) return none(msg('absent.minimumsMehlich'));
  if ('absent' in value || value.value.unit !== 'ppm' || value.range) {
    return none(msg('absent.schoolUnrated'));
  }
  const found: Ppm<'P' | 'K'> = {
    id: value.id,
    value: quantity(value.value.value, 'ppm', value.value.of as 'P' | 'K'),
  };
  const depth = ctx.constant(
    { id: `${id}/depth`, label: msg('school.rootDepth'), source: 'practice' },
    TURF_ROOT_DEPTH_IN,
    'in',
    'depth',
  );
  const least = ctx.constant(
    { id: `${id}/least`, label: msg('school.least'), source: 'turf-minimums' },
    TURF_MINIMUMS[name],
    'ppm',
    nutrient === 'P2O5' ? 'P' : 'K',
  );
  const keep = asOxide(ctx, `${id}/keep`, least, depth, nutrient);
  const wanted = ctx.sheet.add(
    { id: `${id}/wanted`, label: msg('school.wanted') },
    [keep, cropRemoval(ctx, input, `${id}/carried-off`, nutrient)],
    'lb/1000ft2',
    nutrient,
  );
  return ctx.sheet.deduct({ id, label: msg(`school.rate.${nutrient as Oxide}`) }, [
    wanted,
    asOxide(ctx, `${id}/there`, found, depth, nutrient),
  ]);
}

/** Minimum levels of turf, whatever grows the most. */
export const minimums: FertilizerSchool = {
  id: 'minimums',
  rates: (ctx, input, { pack }) => ({
    N: pack.N,
    P2O5: rateOf(ctx, input, 'P2O5'),
    K2O: rateOf(ctx, input, 'K2O'),
  }),
};
