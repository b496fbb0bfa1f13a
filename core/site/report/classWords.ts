import type { Rating } from '../../catalog/packs/pack';

/**
 * What laboratories write for a class, without case, spaces and signs. Their words for "enough"
 * (sufficient, optimum, adequate) stand for the class in which there is enough. Common practice.
 */
const WORDS: Readonly<Record<Rating, readonly string[]>> = {
  low: ['l', 'vl', 'low', 'verylow', 'deficient', 'poor', 'belowoptimum'],
  medium: ['m', 'medium', 'moderate', 'fair', 'marginal'],
  high: ['h', 's', 'o', 'high', 'sufficient', 'optimum', 'optimal', 'adequate', 'good'],
  'very-high': ['vh', 'e', 'veryhigh', 'excessive', 'excess', 'aboveoptimum'],
};

/**
 * The class that a laboratory's own word stands for; none where it is no known word.
 * @example classOf('Very high') // 'very-high'
 */
export function classOf(word: string): Rating | undefined {
  const plain = word.toLowerCase().replace(/[^a-z]/g, '');
  return (Object.keys(WORDS) as Rating[]).find((rating) => WORDS[rating].includes(plain));
}
