import { object, oneOf, some, text, type Of } from '../../kernel/typed/spec';
import { MESHES, SCHEME_IDS } from '../../tables/lime/fineness';

/** What a bag at hand says, where it differs from the typical material. */
export const LABEL = object({
  /** CCE alone, or a score in which CCE and fineness are counted already. */
  kind: oneOf(['CCE', 'ECCE']),
  percent: text,
  /** How fineness is weighed, or whose score it is; '' is the usual one. */
  scheme: oneOf(['', ...SCHEME_IDS]),
  /** Percent by weight that passes a sieve, as typed. */
  sieves: some(MESHES, text),
  /** Water in it, in percent. */
  moisture: text,
  bag: text,
  /** US dollars for one bag. */
  price: text,
});
export interface Label extends Of<typeof LABEL> {}

/** A label on which nothing is said yet. */
export const EMPTY_LABEL: Label = {
  kind: 'CCE',
  percent: '',
  scheme: '',
  sieves: {},
  moisture: '',
  bag: '',
  price: '',
};
