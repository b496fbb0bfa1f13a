import type { Area } from '../casefile/parts/area';
import type { Form } from '../catalog/programmes/growing';
import type { Plant } from '../catalog/plants/plants';
import type { Habit } from '../outlook/habit';
import type { SoilTest } from '../reading/soilTest';
import type { AreaReading } from '../reading/types';
import type { Ground } from '../site/ground/ground';
import type { Readings } from '../site/report/types';
import type { Strip } from '../site/strips';
import type { Treatments } from '../treat/treatments';

/** What is judged of a piece of ground: everything that was found out and worked out for it. */
export interface JudgedArea {
  readonly area: Area;
  readonly plant: Plant;
  readonly form: Form;
  readonly ground: Ground;
  readonly readings: Readings;
  readonly reading: AreaReading;
  readonly soilTest: SoilTest;
  readonly treatments: Treatments;
  readonly strips: readonly Strip[];
  readonly habit: Habit | undefined;
  readonly mixedSample: boolean;
}
