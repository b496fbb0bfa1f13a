import type { Quantity } from '../kernel/units/quantity';
import { msg } from '../kernel/messages/msg';
import type { PlanContext } from '../kernel/working/context';
import { valueOf, type Figure } from '../kernel/working/working';
import { LEACHING } from '../tables/soil/leaching';
import type { JudgedArea } from './input';

/**
 * Water that brings the salts of a saturated paste down to what the most sensitive plant of the ground bears, inches; by
 * another method, whose figures stand on no plant's scale, what takes half of them away.
 */
export function leachingWater(
  ctx: PlanContext,
  { area, plant, readings }: JudgedArea,
): Figure<Quantity<'in', 'water'>> | undefined {
  const { ec } = readings.others;
  const salts = ec && valueOf(ec)?.value;
  if (!ec || salts === undefined) return undefined;
  const paste = readings.methods.ec === 'saturated-paste';
  const wanted = paste ? plant.saltAt / salts : 1;
  const id = `${area.id}/leaching`;
  const steps = LEACHING.map(({ inches, stays }) => ({
    stays,
    water: ctx.constant(
      { id: `${id}/${inches}`, label: msg('judge.leaching.stays', { stays }), source: 'practice' },
      inches,
      'in',
      'water',
    ),
  }));
  const chosen = steps.find(({ stays }) => stays <= wanted) ?? steps[steps.length - 1];
  if (!chosen) return undefined;
  const others = steps.filter((step) => step !== chosen).map(({ water }) => water);
  return ctx.sheet.choose({ id, label: msg('judge.leaching') }, chosen.water, [...others, ec]);
}
