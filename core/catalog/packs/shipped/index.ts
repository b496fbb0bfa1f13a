import { own } from '../../../kernel/typed/own';
import type { Pack } from '../pack';
import { PACK_VERSIONS } from '../versions';
import deltaV1 from './deltaMehlich3.v1.json';
import deltaV2 from './deltaMehlich3.v2.json';
import lakeStatesV1 from './lakeStates1995.v1.json';
import lakeStatesV2 from './lakeStates1995.v2.json';
import lakeStatesV3 from './lakeStates1995.v3.json';
import midAtlantic from './midAtlanticVegetables.v1.json';
import northeastV1 from './northeastMorgan.v1.json';
import northeastV2 from './northeastMorgan.v2.json';
import plainsV1 from './plainsOlsen.v1.json';
import plainsV2 from './plainsOlsen.v2.json';
import pottingMix from './pottingMixExtract.v1.json';
import southeast from './southeastMehlich1.v1.json';
import tidewaterV1 from './tidewaterMehlich1.v1.json';
import tidewaterV2 from './tidewaterMehlich1.v2.json';
import upperSouthV1 from './upperSouthMehlich1.v1.json';
import upperSouthV2 from './upperSouthMehlich1.v2.json';

/**
 * All packs of this version; old ones are kept so that old cases compute as they did.
 *
 * "Lake States 1995" is a plausible composite, recalled from Tri-State E-2567 and the Michigan and
 * Minnesota garden literature; where the sources give a range of amounts, the smaller end stands. Version 1
 * knows the lawn's nitrogen only, version 2 adds bands and mixed vegetables, version 3 rates for every
 * plant by its class. The other packs have their bands from the literature that each cites; lime and
 * dates are as in the first. `files/` checks every pack against its schema.
 */
export const SHIPPED_PACKS = [
  lakeStatesV1,
  lakeStatesV2,
  lakeStatesV3,
  deltaV1,
  deltaV2,
  upperSouthV1,
  upperSouthV2,
  tidewaterV1,
  tidewaterV2,
  southeast,
  northeastV1,
  northeastV2,
  plainsV1,
  plainsV2,
  midAtlantic,
  pottingMix,
] as readonly Pack[];

/** Each pack in its newest version. */
export const NEWEST_PACKS: readonly Pack[] = SHIPPED_PACKS.filter(
  ({ id, version }) => own(PACK_VERSIONS, id) === version,
);

const usual = NEWEST_PACKS[0];
if (!usual) throw new Error('packs: none is shipped');

/** The pack that new cases are pinned to. */
export const SHIPPED_PACK: Pack = usual;
