import { asBought } from './asBought';
import { byNeed } from './byNeed';
import { fromTheShed } from './fromTheShed';
import { inOneTrip } from './inOneTrip';
import { organically } from './organically';
import type { FertilizerWay } from './way';

/** The way that stands where nobody chose another: it is there for any ground. */
export const USUAL_WAY = byNeed;

/** The way that always stands beside it. */
export const BESIDE_WAY: FertilizerWay = inOneTrip;

/** The ways that are worked out where they are chosen, in the order in which they are offered. */
export const OTHER_WAYS: readonly FertilizerWay[] = [organically, fromTheShed, asBought];
