import type { Pack } from '../pack';
import delta from './deltaMehlich3.v1.json';
import first from './lakeStates1995.v1.json';
import second from './lakeStates1995.v2.json';
import northeast from './northeastMorgan.v1.json';
import plains from './plainsOlsen.v1.json';
import tidewater from './tidewaterMehlich1.v1.json';
import upperSouth from './upperSouthMehlich1.v1.json';

/**
 * "Lake States 1995": a plausible composite, recalled from Tri-State E-2567 and the Michigan and
 * Minnesota garden literature. Where the sources give a range of amounts, the smaller end stands.
 * Version 1 knows the lawn's nitrogen only; version 2 adds soil-test bands, phosphate and potash,
 * and mixed vegetables. `files/` checks every pack against its schema.
 */
const LAKE_STATES_1995_V1 = first as Pack;
const LAKE_STATES_1995_V2 = second as Pack;

/**
 * Packs for other extractants: their bands are recalled from the literature that each cites; rates are
 * one composite of home-garden ranges, the smaller ends, and say so; lime and dates are as in the first.
 */
const BY_EXTRACTANT = [delta, upperSouth, tidewater, northeast, plains] as readonly Pack[];

/** The pack that new cases are pinned to. */
export const SHIPPED_PACK: Pack = LAKE_STATES_1995_V2;

/** All packs of this version; old ones are kept so that old cases compute as they did. */
export const SHIPPED_PACKS: readonly Pack[] = [
  LAKE_STATES_1995_V1,
  LAKE_STATES_1995_V2,
  ...BY_EXTRACTANT,
];

/** Each pack in its newest version. */
export const NEWEST_PACKS: readonly Pack[] = SHIPPED_PACKS.filter(
  ({ id, version }) => !SHIPPED_PACKS.some((other) => other.id === id && other.version > version),
);
