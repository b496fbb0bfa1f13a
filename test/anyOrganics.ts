import { COVER_ENDS, LOAD_MEASURES, type Cover, type Load } from '../core/casefile/parts/organic';
import { COVER_CROP_IDS } from '../core/catalog/coverCrops';
import { SHIPPED_OTHERS } from '../core/catalog/materials/others';
import { Dice } from './dice';

/** A day as somebody types it, or does not. */
type DayOf = (dice: Dice) => string;

const BULK_IDS = SHIPPED_OTHERS.bulk.map(({ id }) => id);

function loadOf(dice: Dice, id: string, areaIds: readonly string[], day: DayOf): Load {
  return {
    id,
    areaId: dice.one([...areaIds, 'gone']),
    order: dice.one([1, 2]),
    material: dice.one([...BULK_IDS, 'gone', 'toString']),
    measure: dice.one(LOAD_MEASURES),
    amount: dice.one(['', '1', '0.25', '12', '6.', '1e9', '-1']),
    bag: dice.one(['', '0.75', 'x', '0']),
    on: day(dice),
    outcome: dice.one(['', '', 'done', 'left']),
  };
}

function coverOf(dice: Dice, id: string, areaIds: readonly string[], day: DayOf): Cover {
  return {
    id,
    areaId: dice.one([...areaIds, 'gone']),
    order: dice.one([1, 2]),
    crop: dice.one([...COVER_CROP_IDS, 'gone']),
    ended: dice.one(COVER_ENDS),
    on: day(dice),
    dry: dice.one(['', '1.9', 'x']),
    cut: dice.one(['', '16', '0']),
    percent: dice.one(['', '3.8', '99']),
  };
}

/** Compost, manure and cover crops, half typed and of what is gone. */
export function organicsOf(
  dice: Dice,
  areaIds: readonly string[],
  day: DayOf,
): { readonly loads: readonly Load[]; readonly covers: readonly Cover[] } {
  return {
    loads: dice.some(['l1', 'l2'], 0.15).map((id) => loadOf(dice, id, areaIds, day)),
    covers: dice.some(['v1', 'v2'], 0.1).map((id) => coverOf(dice, id, areaIds, day)),
  };
}
