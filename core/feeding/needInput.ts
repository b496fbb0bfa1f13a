import type { Area, CaseFile } from '../casefile/casefile';
import type { Ground } from '../ground/ground';
import type { AreaGoal } from '../plants/goal';
import type { Plant } from '../plants/plants';
import type { SoilTest } from '../reading/soilTest';
import type { Readings } from '../report/types';
import type { IsoDate } from '../typed/date';
import type { Pack } from '../yardsticks/pack';

/** What the needs of an area are worked out from. */
export interface NeedInput {
  readonly file: CaseFile;
  readonly area: Area;
  readonly plant: Plant;
  readonly goal: AreaGoal;
  readonly pack: Pack;
  readonly readings: Readings;
  readonly soilTest: SoilTest;
  readonly ground: Ground;
  readonly planFrom: IsoDate | undefined;
}
