import type { Pack } from '../pack';
import first from './lakeStates1995.v1.json';
import second from './lakeStates1995.v2.json';

/**
 * "Lake States 1995": a plausible composite, recalled from Tri-State E-2567 and the Michigan and
 * Minnesota garden literature. Where the sources give a range of amounts, the smaller end stands.
 * Version 1 knows the lawn's nitrogen only; version 2 adds soil-test bands, phosphate and potash,
 * and mixed vegetables. `files/` checks every pack against its schema.
 */
const LAKE_STATES_1995_V1 = first as Pack;
const LAKE_STATES_1995_V2 = second as Pack;

/** The pack that new cases are pinned to. */
export const SHIPPED_PACK: Pack = LAKE_STATES_1995_V2;

/** All packs of this version; old ones are kept so that old cases compute as they did. */
export const SHIPPED_PACKS: readonly Pack[] = [LAKE_STATES_1995_V1, LAKE_STATES_1995_V2];
