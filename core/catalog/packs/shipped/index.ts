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

/** Limestone that is worked in at once, lb/1000 ft². Common practice: 150 to 200. */
const WORKED_IN_AT_ONCE = 200;

/**
 * The next version of a pack: without rates by class, since what it does not speak of is fed by the literature on the
 * plant; and with more limestone worked in at once.
 */
function withoutClasses({ classes: _gone, ...pack }: Pack): Pack {
  const { bySituation } = pack.lime;
  const tilled = {
    ...bySituation.tilled,
    cap: { ...bySituation.tilled.cap, value: WORKED_IN_AT_ONCE },
  };
  const lime = { ...pack.lime, bySituation: { ...bySituation, tilled } };
  return { ...pack, version: pack.version + 1, lime };
}

/** Potassium is very high from about twice the critical level of most soils, 100 ppm above it. Common practice. */
function withHighPotassium(pack: Pack): Pack {
  const { k } = pack.soilTest;
  if (!k || !('critical' in k)) return pack;
  return { ...pack, soilTest: { ...pack.soilTest, k: { ...k, highUpToAbove: 100 } } };
}

/**
 * All packs of this version; old ones are kept so that old cases compute as they did.
 *
 * "Lake States 1995" is a plausible composite, recalled from Tri-State E-2567 and the Michigan and
 * Minnesota garden literature; where the sources give a range of amounts, the smaller end stands. Version 1
 * knows the lawn's nitrogen only, version 2 adds bands and mixed vegetables, version 3 rates for every
 * plant by its class; with version 4, as with the newest of the others, those classes go: what a pack does not know of is
 * fed by the literature on it, and 200 lb of lime are worked in at once. The other packs have their bands from the literature that each cites; lime and
 * dates are as in the first. `files/` checks every pack against its schema.
 */
export const SHIPPED_PACKS = [
  lakeStatesV1,
  lakeStatesV2,
  lakeStatesV3,
  withHighPotassium(withoutClasses(lakeStatesV3 as unknown as Pack)),
  deltaV1,
  deltaV2,
  withoutClasses(deltaV2 as unknown as Pack),
  upperSouthV1,
  upperSouthV2,
  withoutClasses(upperSouthV2 as unknown as Pack),
  tidewaterV1,
  tidewaterV2,
  withoutClasses(tidewaterV2 as unknown as Pack),
  southeast,
  withoutClasses(southeast as unknown as Pack),
  northeastV1,
  northeastV2,
  withoutClasses(northeastV2 as unknown as Pack),
  plainsV1,
  plainsV2,
  withoutClasses(plainsV2 as unknown as Pack),
  midAtlantic,
  withoutClasses(midAtlantic as unknown as Pack),
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
