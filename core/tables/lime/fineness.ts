/**
 * How the fineness of a liming material is weighed where it is sold: factors of the classes between
 * sieves, from the coarsest to the finest. A score counts CCE × factors (× dry share). Recalled; both
 * recollections agree on all but New York, Pennsylvania and Alabama, which one of them doubts.
 */

/** Sieves, by meshes to the inch, from the coarsest. */
export const MESHES = ['4', '8', '10', '20', '30', '40', '50', '60', '100'] as const;
export type Mesh = (typeof MESHES)[number];

/** Openings of the sieves, mm (ASTM E11). */
const OPENING_MM: Readonly<Record<Mesh, number>> = {
  '4': 4.75,
  '8': 2.36,
  '10': 2,
  '20': 0.85,
  '30': 0.6,
  '40': 0.425,
  '50': 0.3,
  '60': 0.25,
  '100': 0.15,
};

export const SCHEME_IDS = [
  'wisconsin',
  'ohio',
  'iowa',
  'illinois-1',
  'illinois-4',
  'kansas',
  'kentucky',
  'missouri',
  'oregon',
  'new-york',
  'pennsylvania',
  'ontario',
  'alabama',
] as const;
export type SchemeId = (typeof SCHEME_IDS)[number];

/** A scheme: factors of the classes from what stays on the first sieve to what passes the last. */
export interface FinenessScheme {
  readonly id: SchemeId;
  readonly sieves: readonly Mesh[];
  readonly factors: readonly number[];
  /** The score of a ton of pure, fine lime where it is told in pounds a ton, else nothing. */
  readonly poundsPerTon?: number;
}

/** Texas weighs like Wisconsin, Minnesota like Ohio, Oklahoma like Kansas. */
const SCHEMES: readonly FinenessScheme[] = [
  { id: 'wisconsin', sieves: ['8', '20', '60'], factors: [0, 0.2, 0.6, 1] },
  { id: 'ohio', sieves: ['8', '20', '60'], factors: [0, 0.2, 0.6, 1], poundsPerTon: 2000 },
  { id: 'iowa', sieves: ['4', '8', '60'], factors: [0, 0.1, 0.4, 1] },
  { id: 'illinois-1', sieves: ['8', '30', '60'], factors: [0.05, 0.2, 0.5, 1] },
  { id: 'illinois-4', sieves: ['8', '30', '60'], factors: [0.15, 0.45, 1, 1] },
  { id: 'kansas', sieves: ['8', '60'], factors: [0, 0.5, 1] },
  { id: 'kentucky', sieves: ['10', '50'], factors: [0, 0.5, 1] },
  { id: 'missouri', sieves: ['8', '40', '60'], factors: [0, 0.25, 0.6, 1], poundsPerTon: 800 },
  { id: 'oregon', sieves: ['10', '20', '40'], factors: [0, 0.3, 0.6, 1] },
  { id: 'new-york', sieves: ['20', '100'], factors: [0, 0.6, 1] },
  { id: 'pennsylvania', sieves: ['20', '60', '100'], factors: [0, 0.4, 0.8, 1] },
  { id: 'ontario', sieves: ['10', '60'], factors: [0, 0.4, 1] },
  { id: 'alabama', sieves: ['10', '60'], factors: [0, 0.5, 1] },
];

/** A scheme by its id. The first stands where none is said: most states of the North weigh like it. */
export function schemeOf(id: SchemeId | ''): FinenessScheme {
  const scheme = SCHEMES.find((each) => each.id === id) ?? SCHEMES[0];
  if (!scheme) throw new Error('schemeOf: there is no scheme');
  return scheme;
}

/**
 * The share of a material that works, 0 to 1.
 * @param passing percent by weight that passes each sieve of the scheme, in its order
 * @example Math.round(100 * finenessFactor(schemeOf('wisconsin'), [95, 70, 50])) // 67
 */
export function finenessFactor({ factors }: FinenessScheme, passing: readonly number[]): number {
  const ends = [100, ...passing, 0];
  return factors.reduce(
    (sum, factor, at) => sum + (factor * ((ends[at] ?? 0) - (ends[at + 1] ?? 0))) / 100,
    0,
  );
}

/**
 * What passes a sieve that was not used, on the line between its neighbors over the logarithm of the
 * opening (common practice of sieve analysis). Coarser than the coarsest: as much as that one, finer
 * than the finest: nothing, the smaller figure both times.
 */
export function passingAt(mesh: Mesh, known: Readonly<Partial<Record<Mesh, number>>>): number {
  const size = OPENING_MM[mesh];
  const used = MESHES.filter((each) => known[each] !== undefined);
  const coarser = used.findLast((each) => OPENING_MM[each] >= size);
  const finer = used.find((each) => OPENING_MM[each] <= size);
  const low = finer ? (known[finer] ?? 0) : 0;
  if (!coarser || !finer || coarser === finer) return low;
  const way =
    Math.log(size / OPENING_MM[finer]) / Math.log(OPENING_MM[coarser] / OPENING_MM[finer]);
  return low + way * ((known[coarser] ?? low) - low);
}
