import { byNeed } from './byNeed';
import { inOneTrip } from './inOneTrip';
import type { FertilizerWay } from './way';

/** The way that stands where nobody chose another: it is there for any ground. */
export const USUAL_WAY = byNeed;

/** The ways beside it, in the order in which they are offered. */
export const OTHER_WAYS: readonly FertilizerWay[] = [inOneTrip];
