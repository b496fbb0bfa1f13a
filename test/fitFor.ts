import { COOL_SEASON_LAWN } from '../core/catalog/plants/plants';
import { msg } from '../core/kernel/messages/msg';
import { PlanContext } from '../core/kernel/working/context';
import type { FitFor } from '../core/treat/fertilizer/fit';

/** A lawn that is short of phosphate too: anything without a pesticide may go on it. */
export const LAWN_SHORT_OF_ALL: FitFor = {
  plant: COOL_SEASON_LAWN,
  organicOnly: false,
  mustBeSlow: false,
  pottingMix: false,
  phosphate: new PlanContext().constant(
    { id: 'p', label: msg('feed.stillNeed'), source: 'practice' },
    1,
    'lb/1000ft2',
    'P2O5',
  ),
};
