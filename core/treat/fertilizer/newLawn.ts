import { RATINGS } from '../../catalog/packs/pack';
import { newLawnYear } from '../../catalog/programmes/newLawns';
import { NEW_LAWN_BY_RATING } from '../../tables/fertilizer/establishment';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { NutrientRates } from '../../catalog/nutrients';
import type { NeedInput } from './needInput';
import type { Figure } from '../../kernel/working/working';
import type { Quantity } from '../../kernel/units/quantity';

const SOURCE = { source: 'lawn-establishment', standing: 'recalled' } as const;

/**
 * What a lawn is given in the season in which it is begun: the nitrogen of its programme; phosphate and potash only by a
 * test.
 */
export function newLawnRates(ctx: PlanContext, input: NeedInput): NutrientRates {
  const { area, plant, form, soilTest, readings } = input;
  const byTest = <S extends 'P2O5' | 'K2O'>(nutrient: S): Figure<Quantity<'lb/1000ft2', S>> => {
    const reading = soilTest[nutrient === 'P2O5' ? 'p' : 'k'];
    const entry = {
      id: `${area.id}/feed/${nutrient}/pack`,
      label: msg(`feed.newLawn.${nutrient as 'P2O5' | 'K2O'}`),
    };
    if (!reading.rating) {
      const why = readings.untested ? msg('absent.untested') : reading.sentence;
      return ctx.sheet.absent(entry, why, [reading.value.id]);
    }
    const rate = NEW_LAWN_BY_RATING[RATINGS.indexOf(reading.rating)] ?? 0;
    return ctx.constant({ ...entry, ...SOURCE }, rate, 'lb/1000ft2', nutrient);
  };
  const N = ctx.constant(
    { id: `${area.id}/feed/N/pack`, label: msg('feed.newLawn.N'), ...SOURCE },
    newLawnYear(plant.id, form)?.yearN ?? 0,
    'lb/1000ft2',
    'N',
  );
  return { N, P2O5: byTest('P2O5'), K2O: byTest('K2O') };
}
