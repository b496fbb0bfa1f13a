import type { SourceId, Standing } from '../../kernel/sources';
import type { Grade } from '../../kernel/typed/grade';
import type { NamesIn } from '../../kernel/messages/msg';

/** A material that the catalogue has a name for. */
export type MaterialId = NamesIn<'material'>;

/** Dangers of a material itself; the words of each stand in the cautions. */
export type Hazard = 'oxidizer' | 'pets';

interface Material {
  readonly id: MaterialId;
  readonly standing: Standing;
  readonly source: SourceId;
  /** Loose bulk density, lb/ft³; within about 15 %. */
  readonly density: number;
  /** Bags that it is usually sold in, lb; the first one is counted with. */
  readonly bagsLb: readonly [number, ...number[]];
}

/** Where a liming material does not belong: in no garden at all, on planted ground, by ash's own rule. */
export type LimeLimit = 'never' | 'bare-only' | 'ash';

/** A liming material as generally sold. */
export interface LimeMaterial extends Material {
  /** Typical CCE, %; the bag's own label goes before it. */
  readonly typicalCce: number;
  /** The most that a label of it can say, %. */
  readonly mostCce: number;
  /** Calcium and magnesium that it usually holds, % by weight. */
  readonly ca: number;
  readonly mg: number;
  /** Sold nearly everywhere: offered before the others are asked for. */
  readonly isUsual?: boolean;
  /** It is the one to take where the soil is short of magnesium. */
  readonly forMagnesium?: boolean;
  readonly limit?: LimeLimit;
  /** Most of it on one date, lb/1000 ft², where that is less than the ground bears of limestone. */
  readonly cap?: number;
  /** Months from one date to the next, where they are more than those of limestone. */
  readonly intervalMonths?: number;
}

/** A sulfur product as generally sold. */
export interface SulfurMaterial extends Material {
  /** Elemental sulfur that its label usually says, %; the bag's own label goes before it. */
  readonly typicalS: number;
  /** Whether it is mixed with something else, so that the label has to say what of its sulfur is elemental. */
  readonly mixed: boolean;
  /** A sulfate: so many pounds of it acidify as much as a pound of sulfur, by the garden rule. */
  readonly forPound?: number;
  /** Most of it at once, lb/100 ft². */
  readonly most?: number;
  /** It poisons the roots of blueberries and their kin. */
  readonly aluminum?: boolean;
}

/** What a fertilizer may hold besides the three numbers of its grade. */
export const ALSO = ['S', 'Ca', 'Mg', 'Cl'] as const;

/** A fertilizer as generally sold, by its grade. */
export interface Fertilizer extends Material {
  readonly grade: Grade;
  /** What else is in it, % by weight. */
  readonly also: Readonly<Partial<Record<(typeof ALSO)[number], number>>>;
  readonly release: 'quick' | 'slow';
  /** From this pH up it is the first choice for acid-loving plants, since it keeps their soil acidic. */
  readonly firstForAcidLoversFromPh?: number;
  /** Above this pH its phosphate is nearly idle. */
  readonly idleAbovePh?: number;
  /** Whether it holds nitrate. */
  readonly nitrate: boolean;
  readonly organic: boolean;
  /**
   * Share of the label's N that a first warm season sets free. Sources give a range; its upper end
   * stands, so that the smaller amount is advised.
   */
  readonly firstSeasonN: number;
  /** The same where soil is warm for seven months and more. */
  readonly longSeasonN?: number;
  /** A salt that is mined and not made, so that organic growers may use it. */
  readonly mined?: true;
  readonly hazards: readonly Hazard[];
  /** A pesticide in it: its label's rate is ceiling and floor, and nothing is computed. */
  readonly pesticide: boolean;
}
