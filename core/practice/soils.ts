import type { Texture } from '../tables/lime/byTexture';

/** From where to where a value usually lies. */
type Span = readonly [low: number, high: number];

/** A soil as reports of a region show it: values that go together. */
export interface PracticeSoil {
  readonly id: string;
  readonly texture: Texture;
  readonly cec: Span;
  readonly om: Span;
  /** Where it was never limed, and where it was limed for long. */
  readonly acid: Span;
  readonly limed: Span;
  /** Bray-1 phosphorus and potassium by ammonium acetate, ppm. */
  readonly p: Span;
  readonly k: Span;
}

/**
 * Soils by region and texture. What goes with what is from memory of county summaries of soil tests (leached sands are poor and
 * sour, old lake clays rich in potassium, old gardens full of phosphorus); recalled, and for practice only.
 */
export const PRACTICE_SOILS: readonly PracticeSoil[] = [
  {
    id: 'outwash-sand',
    texture: 'sand',
    cec: [3, 6],
    om: [0.8, 2],
    acid: [4.8, 5.7],
    limed: [6, 6.7],
    p: [12, 45],
    k: [35, 90],
  },
  {
    id: 'coastal-loam',
    texture: 'sandy-loam',
    cec: [5, 9],
    om: [1.2, 2.8],
    acid: [4.9, 5.8],
    limed: [6, 6.8],
    p: [8, 60],
    k: [50, 120],
  },
  {
    id: 'till-loam',
    texture: 'loam',
    cec: [9, 15],
    om: [2, 4],
    acid: [5.1, 5.9],
    limed: [6.3, 7],
    p: [6, 40],
    k: [70, 170],
  },
  {
    id: 'loess-silt',
    texture: 'silt-loam',
    cec: [10, 18],
    om: [2, 4.2],
    acid: [5.2, 5.9],
    limed: [6.2, 7],
    p: [5, 35],
    k: [90, 220],
  },
  {
    id: 'lake-clay',
    texture: 'clay-loam',
    cec: [16, 26],
    om: [2.5, 4.6],
    acid: [5.4, 6],
    limed: [6.5, 7.1],
    p: [4, 30],
    k: [140, 300],
  },
  {
    id: 'old-garden',
    texture: 'loam',
    cec: [10, 18],
    om: [4, 8],
    acid: [5.3, 5.9],
    limed: [6.4, 7],
    p: [60, 180],
    k: [120, 320],
  },
];

/**
 * An SMP buffer pH that goes with a pH and an exchange capacity: the more sour and the heavier the soil, the lower it falls from 7.
 * A plausible line for practice, no method.
 */
export function plausibleBuffer(ph: number, cec: number): number {
  const fallen = 7 - Math.max(0, 6.9 - ph) * (0.22 + cec / 70);
  return Math.min(7, Math.max(5.6, fallen));
}
