import type { Area, CaseFile } from '../casefile/casefile';
import type { AreaGoal } from '../plants/goal';
import type { Plant } from '../plants/plants';
import type { Readings } from '../report/types';
import type { Msg } from '../working/msg';
import type { Pack } from '../yardsticks/pack';
import type { SoilTest } from './soilTest';

/** What a reading is made from. */
export interface ReadingInput {
  readonly file: CaseFile;
  readonly area: Area;
  readonly plant: Plant;
  readonly goal: AreaGoal;
  readonly pack: Pack;
  readonly readings: Readings;
  readonly soilTest: SoilTest;
  readonly clues: readonly Msg[];
}
