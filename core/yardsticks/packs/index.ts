import type { Pack } from '../pack';
import { LAKE_STATES_1995_V1 } from './lakeStates1995';

/** The pack that new cases are pinned to. */
export const SHIPPED_PACK: Pack = LAKE_STATES_1995_V1;

/** All packs of this version; old ones are kept so that old cases compute as they did. */
export const SHIPPED_PACKS: readonly Pack[] = [LAKE_STATES_1995_V1];
