import {
  newSpreader,
  newTrial,
  SPREADER_KINDS,
  type Spreader,
  type Trial,
} from '../core/casefile/parts/spreader';
import { Dice } from './dice';

/** What is put on often, so that trials meet a product. */
const OFTEN = ['urea-46-0-0', 'ammonium-sulfate-21-0-0', 'ground-limestone'];

function trialOf(dice: Dice, id: string, materialIds: readonly string[]): Trial {
  return {
    ...newTrial(id, dice.one([1, 1, 2]), dice.one([...OFTEN, dice.one(materialIds)])),
    dial: dice.one(['', '4', '6', '6', 'M', '0']),
    length: dice.one(['50', '50', '20 paces', 'x', '0']),
    before: dice.one(['10', '10', '3', '6.']),
    after: dice.one(['9', '9.6', '9.5', '3', '11', '']),
  };
}

/** Spreaders with half-typed trials and pans. */
export function spreadersFor(
  dice: Dice,
  materialIds: readonly string[],
): Readonly<Record<string, Spreader>> {
  const some = dice.some(['a', 'b', 'toString'], 0.15).map((id, at): Spreader => ({
    ...newSpreader(id, dice.one([at, 1])),
    kind: dice.one(SPREADER_KINDS),
    name: dice.one(['', 'Old one', '{name}']),
    swath: dice.one(['', '6', '22 in', '2 paces', 'wide', '0']),
    hopper: dice.one(['', '20', '-1', '0']),
    zero: dice.one(['', '2', '9', 'x']),
    pans: dice.one(['', '', '1 3 6 10 12 10 6 3 1', '0 0 0 0 0 0', '1 2', '5 5 5 5 5 5', '9 8 x']),
    panFeet: dice.one(['1', '0.5', '', '99']),
    trials: Object.fromEntries(
      ['t1', 't2', 't3', 't4']
        .filter(() => dice.chance(0.6))
        .map((trial) => [trial, trialOf(dice, trial, materialIds)]),
    ),
  }));
  return Object.fromEntries(some.map((each) => [each.id, each]));
}
