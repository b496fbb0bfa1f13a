import type { SulfurInstead } from './types';
import type { TreatInput } from '../shared/input';
import { PLANTS, type Plant, type PlantId } from '../../catalog/plants/plants';
import { MIX_DEPTH_IN } from '../../tables/sulfur';
import { cubicFeetToYards, lengthToFeet } from '../../kernel/units/convert';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';

/** So many plants are named. */
const MOST_NAMED = 6;

/** How far a range reaches from a pH to its nearer end: the plant with the most room comes first. */
function room({ window }: Plant, ph: number): number {
  return Math.min(ph - window.low, window.high - ph);
}

/** Plants whose range holds a pH, those of the same group before others of the same form, most room first. */
function plantsThatFit({ group, form }: Plant, ph: number): PlantId[] {
  const far = (plant: Plant): number => (plant.group === group ? 0 : 1);
  return Object.values(PLANTS)
    .filter((plant) => plant.form === form && room(plant, ph) >= 0)
    .sort((a, b) => far(a) - far(b) || room(b, ph) - room(a, ph))
    .slice(0, MOST_NAMED)
    .map(({ id }) => id);
}

/** What can be done where a soil cannot be soured: a bed of its own mix, or plants that like it as it is. */
export function insteadOf(
  ctx: PlanContext,
  { area, ground, plant, readings }: TreatInput,
): SulfurInstead {
  const at = `${area.id}/sulfur/mix`;
  const { waterPh } = readings;
  const deep = ctx.constant(
    { id: `${at}/depth-inches`, label: msg('sulfur.mixDepth'), source: 'practice' },
    MIX_DEPTH_IN,
    'in',
    'depth',
  );
  const depth = ctx.sheet.derive(
    'convert',
    { id: `${at}/depth`, label: msg('ground.inFeet'), source: 'definition' },
    [deep],
    lengthToFeet,
  );
  const mixCubicFeet = ctx.sheet.multiply(
    { id: at, label: msg('sulfur.mixVolume') },
    [ground.area, depth],
    'ft3',
    'ground',
  );
  const mixCubicYards = ctx.sheet.derive(
    'convert',
    { id: `${at}/yards`, label: msg('sulfur.mixYards'), source: 'definition' },
    [mixCubicFeet],
    cubicFeetToYards,
  );
  const plants = 'absent' in waterPh ? [] : plantsThatFit(plant, waterPh.value.value);
  return { mixCubicFeet, mixCubicYards, plants };
}
