import { FORMS, LEVELS } from '../../catalog/programmes/growing';
import { object, oneOf, text, type Of } from '../../kernel/typed/spec';

export const YES_OR_NO = ['', 'yes', 'no'] as const;

/** How a plant is grown, as far as its year goes by it; '' is not said. */
export const GROWING = object({
  form: oneOf(['', ...FORMS]),
  level: oneOf(['', ...LEVELS]),
  /** Whether it is watered in a dry summer. */
  watered: oneOf(YES_OR_NO),
  /** Whether it has less than four or five hours of sun. */
  shade: oneOf(YES_OR_NO),
  /** How many years it has stood there, and inches of its trunk; as typed. */
  years: text,
  trunk: text,
  /** Inches of water that it is given in a season; as typed. */
  inches: text,
});
export interface Growing extends Of<typeof GROWING> {}

/** Nothing is said of how it is grown. */
export const EMPTY_GROWING: Growing = {
  form: '',
  level: '',
  watered: '',
  shade: '',
  years: '',
  trunk: '',
  inches: '',
};
