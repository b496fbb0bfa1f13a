/** A number as it was typed, and what stands behind it. */
export interface TypedAmount {
  readonly number: string;
  /** The unit, or whatever else was written; '' is nothing. */
  readonly word: string;
}

const OF_A_NUMBER = new Set('0123456789.,');

/**
 * Parts what was typed into its number and its unit; what begins with no number is all number, so that whoever reads it says
 * so.
 * @example splitAmount('1.5 tons/acre') // { number: '1.5', word: 'tons/acre' }
 */
export function splitAmount(typed: string): TypedAmount {
  const text = typed.trim();
  const signed = text.startsWith('-') ? 1 : 0;
  let end = signed;
  while (OF_A_NUMBER.has(text.charAt(end)) && end < text.length) end += 1;
  if (end === signed) return { number: text, word: '' };
  return { number: text.slice(0, end), word: text.slice(end).trim() };
}
