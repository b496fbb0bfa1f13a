import { PLANTS } from '../../catalog/plants/plants';
import { own } from '../../kernel/typed/own';
import { doubtfulMeasures } from '../../site/ground/measureQuestions';
import type { FindInput, Finder } from './finder';

/** What there is to say of what grows on a piece of ground and how large it is. */
export function groundFindings(finder: Finder, { plan: { area, goal, ground } }: FindInput): void {
  if (!own(PLANTS, area.plant)) {
    finder.find('ground', 'decide', 'plantUnknown', { plant: area.plant });
  }
  const { low, high } = goal.edges;
  if (goal.conflict) {
    finder.find('ground', 'decide', 'plantsInConflict', { why: goal.conflict }, [goal.limeTo]);
  } else if (goal.plants.length > 1 && !goal.governs) {
    const params = { low: { working: low.id }, high: { working: high.id } };
    finder.find('ground', 'note', 'plantsOverlap', params, [low, high]);
  }
  finder.ask(doubtfulMeasures(area, ground));
  if (ground.parts?.kind === 'container') finder.find('ground', 'note', 'containerMix');
  if (ground.unsure) {
    const params = { area: { working: ground.area.id } };
    finder.find('ground', 'note', 'areaUnsure', params, [ground.area]);
  }
}
