import type { SourceId, Standing } from '../../kernel/sources';
import type { Grade } from '../../kernel/typed/grade';
import type { SlowKind } from '../../tables/fertilizer/duration';
import type { NamesIn } from '../../kernel/messages/msg';

/** A material that the catalogue has a name for. */
type ShippedId = NamesIn<'material'>;
/** A material that somebody typed from its bag. */
export type OwnId = `own-${string}`;
export type MaterialId = ShippedId | OwnId;

/** A material and what it is called: the shipped ones by the catalogue, an own one as it was typed. */
export interface NamedMaterial {
  readonly id: MaterialId;
  readonly name?: string;
}

/** Dangers of a material itself; the words of each stand in the cautions. */
export type Hazard = 'oxidizer' | 'pets';

interface Material extends NamedMaterial {
  readonly standing: Standing;
  readonly source: SourceId;
  /** Bulk density, lb/ft³, within about 15 %; of a powder that is told loose apart, as it lies settled in the bag. */
  readonly density: number;
  /** It settles, so that a cup of it is within 25 %; or what a cubic foot weighs that is poured loosely. */
  readonly powder?: true | { readonly loose: number };
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
export const ALSO = ['S', 'Ca', 'Mg', 'Cl', 'Fe', 'Zn', 'Mn', 'Cu', 'B', 'Mo', 'Na'] as const;
export type Also = Readonly<Partial<Record<(typeof ALSO)[number], number>>>;

/** A fertilizer as generally sold, by its grade. */
export interface Fertilizer extends Material {
  readonly grade: Grade;
  /** What else is in it, % by weight. */
  readonly also: Also;
  /** Share of its nitrogen that comes slowly, where a label says it. */
  readonly slowShare?: number;
  /** Phosphate in all, available or not, %, where it is more than the grade's. */
  readonly totalP2O5?: number;
  readonly release: 'quick' | 'slow';
  /** By what its slow nitrogen comes, which says how long it lasts. */
  readonly slowBy?: SlowKind;
  /** From this pH up it is the first choice for acid-loving plants, since it keeps their soil acidic. */
  readonly firstForAcidLoversFromPh?: number;
  /** Above this pH its phosphate is nearly idle. */
  readonly idleAbovePh?: number;
  /** It holds chloride, or nobody says that it does not; of a shipped one its composition tells. */
  readonly chloride?: boolean;
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
  /** It dissolves clear, so that it can be fed in water. */
  readonly soluble?: true;
  /** A salt that is mined and not made, so that organic growers may use it. */
  readonly mined?: true;
  /** Sewage sludge: counted as organic, and no organic grower may use it. */
  readonly sludge?: true;
  /** Not in every shop: taken where it is asked for, or lies in the shed. */
  readonly rare?: true;
  readonly hazards: readonly Hazard[];
  /** A pesticide in it: its label's rate is ceiling and floor, and nothing is computed. */
  readonly pesticide: boolean;
}

/** A carrier of secondary nutrients or micronutrients. */
export interface Supplement extends Material {
  /** % by weight. */
  readonly elements: Also;
  /** Above this pH it works no more. */
  readonly worksToPh?: number;
}

/** A manure or compost, told by the ton and the cubic yard. */
export interface Bulk extends Pick<Material, 'id' | 'name' | 'standing' | 'source'> {
  readonly kind: 'manure' | 'compost';
  /** Water, % by weight. */
  readonly water: number;
  /** Pounds in a short ton, as it is spread. */
  readonly perTon: Grade;
  /** Pounds in a cubic yard, within a quarter. */
  readonly lbPerYd3: number;
  /** Share of its nitrogen that the first year sets free, %. */
  readonly firstYear: { readonly from: number; readonly to: number };
  /** Not composted: kept from harvests. */
  readonly raw: boolean;
  readonly salty?: true;
  /** Made of hay, straw or clippings, or of animals that eat them: weed killers may come with it. */
  readonly hay?: true;
  /** Of pigs: never where something is eaten, since their worms live in people too. */
  readonly pig?: true;
}

/** A fertilizer solution. */
export interface Liquid extends Pick<Material, 'id' | 'name' | 'standing' | 'source'> {
  readonly grade: Grade;
  readonly also: Also;
  readonly lbPerGal: number;
}
