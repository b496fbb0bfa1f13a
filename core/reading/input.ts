import type { Area } from '../casefile/parts/area';
import type { AreaSlice } from '../casefile/slice';
import type { AreaGoal } from '../site/goal';
import type { Plant } from '../catalog/plants/plants';
import type { Readings } from '../site/report/types';
import type { Msg } from '../kernel/messages/msg';
import type { Pack } from '../catalog/packs/pack';
import type { SoilTest } from './soilTest';

/** What a reading is made from. */
export interface ReadingInput {
  readonly file: AreaSlice;
  readonly area: Area;
  readonly plant: Plant;
  readonly goal: AreaGoal;
  readonly pack: Pack;
  readonly readings: Readings;
  readonly soilTest: SoilTest;
  readonly clues: readonly Msg[];
}
