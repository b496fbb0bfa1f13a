import { RATINGS } from '../../catalog/packs/pack';
import { NEW_LAWN } from '../../tables/fertilizer/establishment';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { NutrientRates } from '../../catalog/nutrients';
import type { NeedInput } from './needInput';
import type { Figure } from '../../kernel/working/working';
import type { Quantity } from '../../kernel/units/quantity';

/** Whether ground is being made ready for a lawn: packs speak of lawns that stand. */
export function isNewLawn({ area, plant }: Pick<NeedInput, 'area' | 'plant'>): boolean {
  return plant.form === 'lawn' && area.situation === 'tilled';
}

const SOURCE = { source: 'lawn-establishment', standing: 'recalled' } as const;

/** What a lawn is given in the season in which it is sown; phosphate and potash only by a test. */
export function newLawnRates(ctx: PlanContext, input: NeedInput): NutrientRates {
  const { area, soilTest, readings } = input;
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
    const rate = NEW_LAWN.byRating[RATINGS.indexOf(reading.rating)] ?? 0;
    return ctx.constant({ ...entry, ...SOURCE }, rate, 'lb/1000ft2', nutrient);
  };
  const N = ctx.constant(
    { id: `${area.id}/feed/N/pack`, label: msg('feed.newLawn.N'), ...SOURCE },
    NEW_LAWN.atSowing + NEW_LAWN.afterMowing,
    'lb/1000ft2',
    'N',
  );
  return { N, P2O5: byTest('P2O5'), K2O: byTest('K2O') };
}
