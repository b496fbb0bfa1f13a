import type { PastEntry } from '../../casefile/parts/past';
import type { Report } from '../../casefile/parts/report';
import type { Typed } from '../../casefile/parts/typed';
import type { MoreAnalyte, OtherAnalyte } from '../../catalog/analytes';
import type { Texture } from '../../tables/lime/byTexture';
import type { IsoDate } from '../../kernel/typed/date';
import type { Quantity } from '../../kernel/units/quantity';
import type { Figure } from '../../kernel/working/working';
import type { Extracted } from './extracted';
import type { FieldTest } from './fieldTests';
import type { Asked } from '../questions';
import type { Recommended } from './recommendation';

/** What is held against the report before. */
export type Compared = 'ph-water' | 'om' | 'p' | 'k';

/** One analyte of the last report beside the present one. */
export interface Change {
  readonly analyte: Compared;
  readonly before: Figure;
  readonly now: Figure;
  /** Now less before; absent where the two cannot be compared. */
  readonly change: Figure;
}

/** The report before the present one, and what was put on between the two. */
export interface Earlier {
  readonly report: Report;
  readonly on: IsoDate | undefined;
  readonly changes: readonly Change[];
  readonly between: readonly PastEntry[];
}

/** A sample's results in normal form. */
export interface Readings {
  /** As typed, else from the pH in CaCl2, else from a kit or probe; the last two with a range. */
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
  /** What was found in a saturated extract of a mix, which is no content of soil. */
  readonly inExtract: Readonly<Partial<Record<MoreAnalyte, Figure<Quantity<'mg/L'>>>>>;
  /** Extractant or method as typed, of what was typed. */
  readonly methods: Readonly<Partial<Record<MoreAnalyte | OtherAnalyte, string>>>;
  /** The rest of the report in its own normal units: the analytes that were typed. */
  readonly others: Readonly<Partial<Record<OtherAnalyte, Figure>>>;
  /** What kits and probes have told of the sample, and which of them the pH comes from. */
  readonly fieldTests: readonly FieldTest[];
  readonly phFromField: FieldTest | undefined;
  /** The report before this one, where there is one. */
  readonly earlier?: Earlier;
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

/** The readings of an area, and what in them is more likely a slip than a fact. */
export interface AskedReadings extends Readings {
  readonly questions: readonly Asked[];
}
