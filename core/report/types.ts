import type { MoreAnalyte, Typed } from '../casefile/casefile';
import type { Texture } from '../tables/limeByTexture';
import type { IsoDate } from '../typed/date';
import type { Quantity } from '../units/quantity';
import type { Figure } from '../working/working';
import type { Extracted } from './extracted';
import type { Recommended } from './recommendation';

/** A sample's results in normal form. */
export interface Readings {
  /** As typed, else from the pH in CaCl2, then with a range. */
  readonly waterPh: Figure<Quantity<'pH', 'water'>>;
  readonly typedWaterPh: Figure<Quantity<'pH', 'water'>>;
  /** Nothing where none is typed, or where the laboratory has converted it. */
  readonly cacl2Ph: Figure<Quantity<'pH', 'CaCl2'>> | undefined;
  readonly phUncertainty: Figure<Quantity<'pH', 'water'>>;
  readonly bufferPh: Figure<Quantity<'pH', 'SMP'>>;
  readonly organicMatter: Figure<Quantity<'%', 'OM'>>;
  readonly cec: Figure<Quantity<'meq/100g', 'CEC'>>;
  readonly texture: Texture | undefined;
  readonly p: Extracted<'P'>;
  readonly k: Extracted<'K'>;
  /** What else is on the report, in ppm of the element: the analytes that were typed. */
  readonly more: Readonly<Partial<Record<MoreAnalyte, Extracted['figure']>>>;
  /** More organic matter than a mineral soil has: other lime rules. */
  readonly organic: boolean;
  /** The laboratory's lime recommendation as printed, and where it stands. */
  readonly limeRecommendation: { readonly at: string; readonly typed: Typed };
  /** The laboratory's own feeding, as printed. */
  readonly recommended: Recommended;
  /** Inches of soil that the report speaks for. */
  readonly reportDepth: Figure<Quantity<'in', 'depth'>>;
  /** When the soil was taken, else the report's date. */
  readonly sampledOn: IsoDate | undefined;
  /** No sample speaks for this area: it is fed without a test. */
  readonly untested: boolean;
  /** Whether anything at all was typed. */
  readonly begun: boolean;
}
