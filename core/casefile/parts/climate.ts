import { object, some, text, type Of } from '../../kernel/typed/spec';

/** The months by their number. */
export const MONTHS = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '10', '11', '12'] as const;

/** The climate by which a case's days are told. */
export const CLIMATE = object({
  /** A card's id, or `own` where the numbers below count; '' is not chosen. */
  card: text,
  /** Mean air temperatures of months as typed, °F. */
  air: some(MONTHS, text),
  /** Mean last frost of spring and first of autumn as typed, such as `4/21` or `21 Apr`. */
  lastFrost: text,
  firstFrost: text,
});
export interface Climate extends Of<typeof CLIMATE> {}

/** No climate is chosen. */
export const NO_CLIMATE: Climate = { card: '', air: {}, lastFrost: '', firstFrost: '' };
