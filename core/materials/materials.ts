import type { SourceId, Standing } from '../tables/sources';

/** A liming material as generally sold. */
export interface LimeMaterial {
  readonly id: string;
  /** Typical CCE, %; the bag's own label goes before it. */
  readonly typicalCce: number;
  readonly bagLb: number;
  readonly standing: Standing;
  readonly source: SourceId;
}

/** A nitrogen fertilizer without phosphorus or potassium. */
export interface NitrogenMaterial {
  readonly id: string;
  /** N in the grade, %, all of it soluble. */
  readonly nitrogen: number;
  readonly bagLb: number;
  readonly standing: Standing;
  readonly source: SourceId;
}

const usual = { standing: 'practice', source: 'practice' } as const;
const byGrade = { standing: 'practice', source: 'grade' } as const;

/** Commercial CCE ranges: calcitic 85 to 100, dolomitic 95 to 108, pelletized 80 to 100. Recalled. */
const LIME_MATERIALS: readonly LimeMaterial[] = [
  { id: 'calcitic-pelletized', typicalCce: 90, bagLb: 40, ...usual },
  { id: 'calcitic-ground', typicalCce: 92, bagLb: 50, ...usual },
  { id: 'dolomitic-ground', typicalCce: 100, bagLb: 50, ...usual },
];

/** Single-nutrient nitrogen materials for lawns. */
const NITROGEN_MATERIALS: readonly NitrogenMaterial[] = [
  { id: 'urea-46-0-0', nitrogen: 46, bagLb: 50, ...byGrade },
  { id: 'ammonium-nitrate-34-0-0', nitrogen: 34, bagLb: 50, ...byGrade },
  { id: 'ammonium-sulfate-21-0-0', nitrogen: 21, bagLb: 50, ...byGrade },
];

export interface Materials {
  readonly lime: readonly LimeMaterial[];
  readonly nitrogen: readonly NitrogenMaterial[];
}

export const SHIPPED_MATERIALS: Materials = { lime: LIME_MATERIALS, nitrogen: NITROGEN_MATERIALS };
