import { id, number, object, oneOf, record, text, type Of } from '../../kernel/typed/spec';

export const SPREADER_KINDS = ['rotary', 'drop', 'hand'] as const;

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
export interface Trial extends Of<typeof TRIAL> {}

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
export interface Spreader extends Of<typeof SPREADER> {}

/** A spreader of which nothing is known. */
export function newSpreader(spreaderId: string, order: number): Spreader {
  return {
    id: spreaderId,
    order,
    kind: 'rotary',
    name: '',
    swath: '',
    hopper: '',
    zero: '',
    trials: {},
    pans: '',
    panFeet: '',
  };
}

/** A trial of which nothing is written down yet. */
export function newTrial(trialId: string, order: number, materialId: string): Trial {
  return { id: trialId, order, materialId, dial: '', length: '', before: '', after: '' };
}

/** The spreaders in their order. */
export function spreadersOf(spreaders: Readonly<Record<string, Spreader>>): Spreader[] {
  return Object.values(spreaders).sort((a, b) => a.order - b.order);
}

/** The trials of a material in their order. */
export function trialsOf({ trials }: Spreader, materialId: string): Trial[] {
  return Object.values(trials)
    .filter((trial) => trial.materialId === materialId)
    .sort((a, b) => a.order - b.order);
}
