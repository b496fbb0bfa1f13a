import type { SourceId, Standing } from '../../kernel/sources';
import type { Texture } from '../../tables/lime/byTexture';
import values from './supplementaryBands.v1.json';

/** What a class says, from too little to too much; those of salts from harmless to harmful. */
export const FURTHER_CLASSES = [
  'low',
  'medium',
  'marginal',
  'adequate',
  'high',
  'excess',
  'none',
  'slight',
  'moderate',
  'strong',
] as const;
export type FurtherClass = (typeof FURTHER_CLASSES)[number];

/** Analytes that are rated by thresholds of their own, whatever the pack. */
export const FURTHER_ANALYTES = [
  'no3',
  'ca',
  'mg',
  's',
  'zn',
  'fe',
  'mn',
  'cu',
  'b',
  'ec',
] as const;
export type FurtherAnalyte = (typeof FURTHER_ANALYTES)[number];

/** Texture classes that salts of a 1:1 extract are judged by. */
const TEXTURE_CLASS: Readonly<Record<Texture, string>> = {
  sand: 'coarse',
  'sandy-loam': 'medium',
  loam: 'medium',
  'silt-loam': 'fine',
  'clay-loam': 'fine',
};

/** Bands of one analyte by one extractant: half-open, in the unit that the value stands in. */
export interface FurtherBands {
  readonly analyte: FurtherAnalyte;
  readonly method: string;
  readonly unit: 'ppm' | 'mg/L' | 'dS/m';
  readonly decimals: number;
  readonly upTo: readonly number[];
  readonly classes: readonly FurtherClass[];
  readonly texture?: string;
  readonly source: SourceId;
  readonly locator: string;
  readonly year: number;
  readonly standing: Standing;
}

/** Thresholds of what is not P or K, each from the source that it names. */
export const FURTHER_BANDS = values as readonly FurtherBands[];

/**
 * The bands for an analyte by an extractant. Salts of a 1:1 extract turn on the texture; where that is not
 * known the lowest of the thresholds stand.
 */
export function furtherBands(
  analyte: FurtherAnalyte,
  method: string,
  texture?: Texture,
): FurtherBands | undefined {
  const found = FURTHER_BANDS.filter((each) => each.analyte === analyte && each.method === method);
  const by = texture ? TEXTURE_CLASS[texture] : 'coarse';
  return found.find((each) => each.texture === undefined || each.texture === by);
}

/** The class of a value, rounded to the printed decimals; each end belongs to the band under it. */
export function furtherClass(bands: FurtherBands, value: number): FurtherClass {
  const scale = 10 ** bands.decimals;
  const rounded = Math.round(value * scale + 1e-9) / scale;
  const index = bands.upTo.findIndex((end) => rounded <= end);
  const at = index < 0 ? bands.classes.length - 1 : index;
  return bands.classes[at] ?? 'adequate';
}
