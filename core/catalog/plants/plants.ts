import type { SourceId } from '../../kernel/sources';
import type { NamesIn } from '../../kernel/messages/msg';
import profiles from './profiles.json';

/** A plant that the catalogue has a name for; a test holds the profiles against it. */
export type PlantId = NamesIn<'plant'>;

/** What the ground of a plant is: lawns are walked over, beds dug, woody plants have roots to keep, plots are fields. */
export type PlantForm = 'lawn' | 'bed' | 'woody' | 'plot';

/** Where a plant stands among the others when one is chosen. */
export const PLANT_GROUPS = [
  'lawns',
  'vegetables',
  'herbs',
  'fruit',
  'shrubs',
  'trees',
  'flowers',
  'plots',
  'mixes',
] as const;
type PlantGroup = (typeof PLANT_GROUPS)[number];

/** How much of a nutrient a plant asks for beside others of its form. */
export const NEED_CLASSES = ['none', 'light', 'medium', 'heavy'] as const;
export type NeedClass = (typeof NEED_CLASSES)[number];

/** Micronutrients that a plant may be short of so that it shows. */
export const MICRONUTRIENTS = ['zn', 'fe', 'mn', 'cu', 'b'] as const;
export type Micronutrient = (typeof MICRONUTRIENTS)[number];

/**
 * What is particular about a plant: aluminum poisons its roots, ash makes it scab or burn, it is cut so close that sulfur
 * burns it soonest, what is eaten of it stands clear of the soil. Common practice.
 */
type PlantTrait = 'no-aluminum' | 'no-ash' | 'close-cut' | 'stands-clear';

/** A range of water pH with the two numbers that lime goes by: only below the one, then to the other. */
export interface PhGoal {
  readonly window: { readonly low: number; readonly high: number };
  readonly limeBelow: number;
  readonly limeTo: number;
  readonly source: SourceId;
}

/** What another school holds of a plant's range. */
interface OtherWindow {
  readonly school: string;
  readonly low: number;
  readonly high: number;
  readonly limeBelow: number;
  readonly limeTo: number;
  readonly source: SourceId;
}

/** What the plan knows of a plant. pH is water pH. */
export interface Plant extends PhGoal {
  readonly id: PlantId;
  readonly group: PlantGroup;
  readonly form: PlantForm;
  readonly otherWindows: readonly OtherWindow[];
  readonly needs: Readonly<Record<'N' | 'P2O5' | 'K2O', NeedClass>>;
  readonly salt: 'sensitive' | 'moderate' | 'tolerant';
  /** Salts of the saturated paste at which yields begin to fall, dS/m. */
  readonly saltAt: number;
  readonly chloride: 'sensitive' | 'tolerant';
  readonly season: 'cool' | 'warm' | 'perennial' | 'woody';
  /** Inches to sample. */
  readonly depth: number;
  readonly responds: readonly Micronutrient[];
  /** Ids of sentences that hold for it. */
  readonly rules: readonly NamesIn<'plantRule'>[];
  readonly hazards: readonly NamesIn<'plantHazard'>[];
  readonly traits?: readonly PlantTrait[];
}

const ALL = profiles as unknown as readonly Plant[];

/** Every plant by its id, in the order of their groups. */
export const PLANTS: Readonly<Record<string, Plant>> = Object.fromEntries(
  ALL.map((plant) => [plant.id, plant]),
);

const first = PLANTS['cool-season-lawn'];
if (!first) throw new Error('plants: the lawn of a new case is missing');

/** What stands in for a plant that is not known. */
export const COOL_SEASON_LAWN: Plant = first;

/** Whether a plant wants a acidic soil, so that lime is no routine on it. */
export function isAcidLover({ rules }: Pick<Plant, 'rules'>): boolean {
  return rules.includes('acid-lover');
}

/** Whether something particular holds of a plant. */
export function isSo({ traits }: Pick<Plant, 'traits'>, trait: PlantTrait): boolean {
  return !!traits?.includes(trait);
}

/** Whether a plant is grown to be eaten by people. */
export function isEaten({ group }: Pick<Plant, 'group'>): boolean {
  return group === 'vegetables' || group === 'herbs' || group === 'fruit';
}

/** Whether an analyte is a micronutrient, of which only some plants show the want. */
export function isMicronutrient(analyte: string): analyte is Micronutrient {
  return MICRONUTRIENTS.some((each) => each === analyte);
}
