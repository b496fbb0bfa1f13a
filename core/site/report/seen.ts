import type { Report } from '../../casefile/parts/report';
import type { Typed } from '../../casefile/parts/typed';
import type { Analyte } from '../../catalog/analytes';
import type { AreaSlice } from '../../casefile/slice';
import type { Earlier, Readings } from './types';

/** What a question about an area's report sees of it. */
export interface Seen {
  readonly file: AreaSlice;
  readonly areaId: string;
  readonly readings: Readings;
  /** The report that counts. */
  readonly report: Report | undefined;
  /** Where the results of the sample stand. */
  readonly base: string;
  readonly typed: (analyte: Analyte) => Typed;
  readonly earlier: Earlier | undefined;
  readonly dates: { readonly reported?: string; readonly taken?: string };
}
