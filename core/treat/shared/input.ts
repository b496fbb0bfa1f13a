import type { Area } from '../../casefile/parts/area';
import type { AreaSlice } from '../../casefile/slice';
import type { ClimateCard } from '../../catalog/climate/card';
import type { Materials } from '../../catalog/materials/materials';
import type { Pack } from '../../catalog/packs/pack';
import type { Plant } from '../../catalog/plants/plants';
import type { IsoDate } from '../../kernel/typed/date';
import type { LearnedHere } from '../../reading/learned';
import type { AreaGoal } from '../../site/goal';
import type { Ground } from '../../site/ground/ground';
import type { Readings } from '../../site/report/types';

/** What every planner of a treatment sees of a piece of ground. */
export interface TreatInput {
  readonly file: AreaSlice;
  readonly area: Area;
  readonly plant: Plant;
  /** What pH all that grows there wants. */
  readonly goal: AreaGoal;
  readonly pack: Pack;
  readonly materials: Materials;
  readonly ground: Ground;
  readonly readings: Readings;
  readonly planFrom: IsoDate | undefined;
  /** How this ground itself answered to what went on it before. */
  readonly learned: LearnedHere;
  /** The climate that the days of a plant's year follow from; nothing where none is chosen. */
  readonly climate: ClimateCard | undefined;
}
