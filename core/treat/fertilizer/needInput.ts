import type { Area } from '../../casefile/parts/area';
import type { AreaSlice } from '../../casefile/slice';
import type { CoverRead } from '../../site/covers';
import type { LoadRead } from '../../site/loads';
import type { Ground } from '../../site/ground/ground';
import type { Allowed } from '../../site/localRules';
import type { Distances } from '../../site/strips';
import type { AreaGoal } from '../../site/goal';
import type { ClimateCard } from '../../catalog/climate/card';
import type { Form } from '../../catalog/programmes/growing';
import type { Materials } from '../../catalog/materials/materials';
import type { Plant } from '../../catalog/plants/plants';
import type { SoilTest } from '../../reading/soilTest';
import type { Readings } from '../../site/report/types';
import type { IsoDate } from '../../kernel/typed/date';
import type { Pack } from '../../catalog/packs/pack';

/** What the needs of an area are worked out from. */
export interface NeedInput {
  readonly file: AreaSlice;
  readonly area: Area;
  readonly plant: Plant;
  /** How it is grown. */
  readonly form: Form;
  readonly goal: AreaGoal;
  readonly pack: Pack;
  readonly readings: Readings;
  readonly soilTest: SoilTest;
  readonly ground: Ground;
  readonly planFrom: IsoDate | undefined;
  readonly climate: ClimateCard | undefined;
  readonly materials: Materials;
  /** Compost, manure and cover crops that this season still has something of. */
  readonly loads: readonly LoadRead[];
  readonly covers: readonly CoverRead[];
  /** What the local rules allow here. */
  readonly allowed: Allowed;
  /** How far off open water is. */
  readonly distances: Distances;
}
