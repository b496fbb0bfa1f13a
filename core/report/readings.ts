import type { Analyte, CaseFile, Report, Sample, Typed } from '../casefile/casefile';
import { SMP_BUFFER_START } from '../tables/smp';
import { TEXTURES, type Texture } from '../tables/limeByTexture';
import type { IsoDate } from '../typed/date';
import type { Quantity } from '../units/quantity';
import type { PlanContext } from '../working/context';
import { msg } from '../working/msg';
import type { Figure } from '../working/working';
import type { Pack } from '../yardsticks/pack';

/** A sample's results in normal form. */
export interface Readings {
  readonly waterPh: Figure<Quantity<'pH', 'water'>>;
  readonly phUncertainty: Figure<Quantity<'pH', 'water'>>;
  readonly bufferPh: Figure<Quantity<'pH', 'SMP'>>;
  readonly organicMatter: Figure<Quantity<'%', 'OM'>>;
  readonly cec: Figure<Quantity<'meq/100g', 'CEC'>>;
  readonly texture: Texture | undefined;
  /** More organic matter than a mineral soil has: other lime rules. */
  readonly organic: boolean;
  /** The laboratory's lime recommendation as printed, and where it stands. */
  readonly limeRecommendation: { readonly at: string; readonly typed: Typed };
  /** Inches of soil that the report speaks for. */
  readonly reportDepth: Figure<Quantity<'in', 'depth'>>;
  /** When the soil was taken, else the report's date. */
  readonly sampledOn: IsoDate | undefined;
  /** Whether anything at all was typed. */
  readonly begun: boolean;
}

/** The first sample of an area with the report that holds its results. */
function reportFor(file: CaseFile, areaId: string): { sample: Sample; report: Report } | undefined {
  const sample = Object.values(file.samples).find(({ areaIds }) => areaIds.includes(areaId));
  const report = Object.values(file.reports).find(({ results }) => sample && results[sample.id]);
  return sample && report ? { sample, report } : undefined;
}

const BLANK: Typed = { text: '', unit: '', method: '' };

/** pH bounds that a soil in the field stays within; outside them a value is a slip of the pen. */
const SOIL_PH = { min: 3, max: 10 };

function question(ctx: PlanContext, areaId: string, readings: Readings): void {
  const { waterPh, bufferPh } = readings;
  if ('absent' in waterPh || 'absent' in bufferPh) return;
  if (waterPh.value.value > 7 && bufferPh.value.value < 6.8) {
    ctx.find(
      areaId,
      'results',
      'decide',
      'bufferAgainstPh',
      { buffer: { working: bufferPh.id }, ph: { working: waterPh.id } },
      [waterPh, bufferPh],
    );
  }
}

/** Reads the report of an area: values as typed into figures, slips of the pen into problems. */
export function readReport(ctx: PlanContext, file: CaseFile, areaId: string, pack: Pack): Readings {
  const found = reportFor(file, areaId);
  const results = found ? (found.report.results[found.sample.id] ?? {}) : {};
  const base = found ? `reports/${found.report.id}/results/${found.sample.id}` : 'reports';
  const typed = (analyte: Analyte): Typed => results[analyte] ?? BLANK;
  const entry = (analyte: Analyte) => ({
    id: `${areaId}/report/${analyte}`,
    label: msg(`analyte.${analyte}`),
    standing: 'report' as const,
    at: `${base}/${analyte}/text`,
  });
  const texture = TEXTURES.find((known) => known === typed('texture').text);
  const organicMatter = ctx.number(entry('om'), typed('om').text, { min: 0, max: 100 }, '%', 'OM');
  const reportDate = found && ctx.date(`reports/${found.report.id}/date`, found.report.date);
  const takenOn = found && ctx.date(`samples/${found.sample.id}/takenOn`, found.sample.takenOn);
  const readings: Readings = {
    waterPh: ctx.number(entry('ph-water'), typed('ph-water').text, SOIL_PH, 'pH', 'water'),
    phUncertainty: ctx.constant(
      {
        id: `${areaId}/report/ph-uncertainty`,
        label: msg('analyte.ph-uncertainty'),
        source: 'practice',
        standing: pack.phUncertainty.standing,
      },
      pack.phUncertainty.value,
      'pH',
      'water',
    ),
    bufferPh: ctx.number(
      entry('ph-smp'),
      typed('ph-smp').text,
      { min: 4, max: SMP_BUFFER_START },
      'pH',
      'SMP',
    ),
    organicMatter,
    cec: ctx.number(entry('cec'), typed('cec').text, { above: 0, max: 200 }, 'meq/100g', 'CEC'),
    texture,
    organic: !('absent' in organicMatter) && organicMatter.value.value > pack.organicAbove,
    limeRecommendation: { at: `${base}/lime-rec/text`, typed: typed('lime-rec') },
    reportDepth: ctx.number(
      {
        id: `${areaId}/report/depth`,
        label: msg('report.depth'),
        standing: 'report',
        at: `reports/${found?.report.id ?? ''}/depth`,
      },
      found?.report.depth ?? '',
      { above: 0, max: 24 },
      'in',
      'depth',
    ),
    sampledOn: takenOn ?? reportDate,
    begun: Object.values(results).some((value) => value.text.trim() !== ''),
  };
  question(ctx, areaId, readings);
  return readings;
}
