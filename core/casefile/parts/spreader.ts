import { id, number, object, oneOf, record, text } from '../../kernel/typed/spec';

const SPREADER_KINDS = ['drop', 'rotary', 'hand'] as const;

/** One trial: a strip that was walked, and what went out on it; everything as typed. */
const TRIAL = object({
  id,
  order: number,
  materialId: text,
  dial: text,
  /** Feet of the strip. */
  length: text,
  /** Pounds in the spreader before and after. */
  before: text,
  after: text,
});

/** A spreader of the client or the office, with what was tried with it. */
export const SPREADER = object({
  id,
  order: number,
  kind: oneOf(SPREADER_KINDS),
  name: text,
  /** Feet that one pass covers: the hopper of a drop spreader, else from wheel track to wheel track. */
  swath: text,
  /** Pounds that go into the hopper. */
  hopper: text,
  /** The dial at which the flow begins. */
  zero: text,
  trials: record(TRIAL, 200),
  /** Catches of pans in a line across the path, in order, as typed; feet from pan to pan. */
  pans: text,
  panFeet: text,
});
