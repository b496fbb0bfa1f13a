import type { PlantId } from '../catalog/plants/plants';
import type { Situation } from '../catalog/situations';
import type { Shape } from '../casefile/parts/shape';
import type { NamesIn } from '../kernel/messages/msg';
import type { Dice } from './dice';

/** A client: what grows there, how the ground is told, and in whose words. */
export interface PracticeStage {
  readonly id: NamesIn<'voice'>;
  readonly plant: PlantId;
  readonly situation: Situation;
  /** It wants acidic soil: sulfur is the question there. */
  readonly acid?: true;
  readonly shape: (dice: Dice) => Partial<Shape>;
}

const feet = (dice: Dice, low: number, high: number, step = 1): string =>
  String(low + step * dice.below(Math.floor((high - low) / step) + 1));

/** Who calls, and about what. */
export const STAGES: readonly PracticeStage[] = [
  {
    id: 'lawn',
    plant: 'cool-season-lawn',
    situation: 'established',
    shape: (dice) => ({
      kind: 'rectangle',
      length: feet(dice, 40, 120, 5),
      width: feet(dice, 25, 80, 5),
    }),
  },
  {
    id: 'roundLawn',
    plant: 'tall-fescue',
    situation: 'established',
    shape: (dice) => ({ kind: 'circle', diameter: feet(dice, 30, 90, 2) }),
  },
  {
    id: 'garden',
    plant: 'mixed-vegetables',
    situation: 'tilled',
    shape: (dice) => ({
      kind: 'rectangle',
      length: feet(dice, 20, 60, 5),
      width: feet(dice, 12, 40, 2),
    }),
  },
  {
    id: 'corner',
    plant: 'kentucky-bluegrass',
    situation: 'established',
    shape: (dice) => ({
      kind: 'triangle-height',
      length: feet(dice, 40, 110, 5),
      height: feet(dice, 30, 80, 5),
    }),
  },
  {
    id: 'beds',
    plant: 'mixed-vegetables',
    situation: 'tilled',
    shape: (dice) => ({
      kind: 'raised-beds',
      number: feet(dice, 4, 12),
      length: feet(dice, 8, 16, 2),
      width: '4',
    }),
  },
  {
    id: 'roses',
    plant: 'rose',
    situation: 'established',
    shape: (dice) => ({
      kind: 'rectangle',
      length: feet(dice, 30, 80, 5),
      width: feet(dice, 10, 24, 2),
    }),
  },
  {
    id: 'plot',
    plant: 'food-plot',
    situation: 'tilled',
    shape: (dice) => ({
      kind: 'rectangle',
      length: feet(dice, 150, 400, 10),
      width: feet(dice, 80, 200, 10),
    }),
  },
  {
    id: 'bushes',
    plant: 'blueberry',
    situation: 'established',
    acid: true,
    shape: (dice) => ({
      kind: 'plants',
      number: feet(dice, 3, 14),
      diameter: feet(dice, 3, 6),
    }),
  },
];
