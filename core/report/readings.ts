import {
  MORE_ANALYTES,
  sampleOf,
  type Analyte,
  type CaseFile,
  type MoreAnalyte,
  type Report,
  type Sample,
  type Typed,
} from '../casefile/casefile';
import { WATER_ABOVE_CACL2 } from '../tables/phMedia';
import { SMP_BUFFER_START } from '../tables/smp';
import { TEXTURES } from '../tables/limeByTexture';
import { quantity, type SoilElement } from '../units/quantity';
import type { PlanContext } from '../working/context';
import { msg } from '../working/msg';
import type { Entry } from '../working/sheet';
import type { Pack } from '../yardsticks/pack';
import { readExtracted } from './extracted';
import { implausible } from './plausible';
import { ask } from '../questions';
import type { Readings } from './types';

/** The first sample of an area with the report that holds its results. */
function reportFor(file: CaseFile, areaId: string): { sample: Sample; report: Report } | undefined {
  const sample = sampleOf(file, areaId);
  const report = Object.values(file.reports).find(({ results }) => sample && results[sample.id]);
  return sample && report ? { sample, report } : undefined;
}

const BLANK: Typed = { text: '', unit: '', method: '' };

/** pH bounds that a soil in the field stays within; outside them a value is a slip of the pen. */
const SOIL_PH = { min: 3, max: 10 };

const ELEMENTS: Readonly<Record<MoreAnalyte, SoilElement>> = {
  ca: 'Ca',
  mg: 'Mg',
  na: 'Na',
  s: 'S',
  no3: 'N',
  zn: 'Zn',
  fe: 'Fe',
  mn: 'Mn',
  cu: 'Cu',
  b: 'B',
};

type WaterPh = Readings['waterPh'];

/**
 * The water pH: as typed, else from the pH in CaCl2, about 0.6 higher and uncertain by 0.2. A value that
 * the laboratory has converted already is a water pH as it stands.
 */
function waterPhOf(
  ctx: PlanContext,
  areaId: string,
  typedWaterPh: WaterPh,
  cacl2: Typed,
  entry: Entry & { readonly at: string },
): Pick<Readings, 'waterPh' | 'cacl2Ph'> {
  if (cacl2.text.trim() === '') return { waterPh: typedWaterPh, cacl2Ph: undefined };
  if (cacl2.method === 'converted') {
    const converted = ctx.number(entry, cacl2.text, SOIL_PH, 'pH', 'water');
    const waterPh = 'absent' in typedWaterPh ? converted : typedWaterPh;
    return { waterPh, cacl2Ph: undefined };
  }
  const cacl2Ph = ctx.number(entry, cacl2.text, SOIL_PH, 'pH', 'CaCl2');
  if (!('absent' in typedWaterPh)) return { waterPh: typedWaterPh, cacl2Ph };
  const { value, low, high } = WATER_ABOVE_CACL2;
  const above = ctx.sheet.leaf(
    'constant',
    {
      id: `${areaId}/report/cacl2-to-water`,
      label: msg('report.cacl2ToWater'),
      source: 'practice',
    },
    quantity(value, 'pH', 'water'),
    { low, high },
  );
  const waterPh = ctx.sheet.derive(
    'add',
    { id: `${areaId}/report/ph-from-cacl2`, label: msg('report.phFromCacl2') },
    [cacl2Ph, above],
    (salt, more) => quantity(salt.value + more.value, 'pH', 'water'),
  );
  return { waterPh, cacl2Ph };
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
  const reportDepth = ctx.number(
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
  );
  const typedWaterPh = ctx.number(
    entry('ph-water'),
    typed('ph-water').text,
    SOIL_PH,
    'pH',
    'water',
  );
  const more = MORE_ANALYTES.filter((analyte) => typed(analyte).text.trim() !== '').map(
    (analyte) =>
      [
        analyte,
        readExtracted(ctx, entry(analyte), typed(analyte), reportDepth, ELEMENTS[analyte]).figure,
      ] as const,
  );
  const ph = waterPhOf(ctx, areaId, typedWaterPh, typed('ph-cacl2'), entry('ph-cacl2'));
  const converted = !('absent' in ph.waterPh) && ph.waterPh.range !== undefined;
  const readings: Readings = {
    ...ph,
    typedWaterPh,
    more: Object.fromEntries(more),
    phUncertainty: ctx.constant(
      {
        id: `${areaId}/report/ph-uncertainty`,
        label: msg('analyte.ph-uncertainty'),
        source: 'practice',
        standing: pack.phUncertainty.standing,
      },
      converted ? WATER_ABOVE_CACL2.uncertainty : pack.phUncertainty.value,
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
    p: readExtracted(ctx, entry('p'), typed('p'), reportDepth, 'P'),
    k: readExtracted(ctx, entry('k'), typed('k'), reportDepth, 'K'),
    organic: !('absent' in organicMatter) && organicMatter.value.value > pack.organicAbove,
    limeRecommendation: { at: `${base}/lime-rec/text`, typed: typed('lime-rec') },
    recommended: {
      base,
      typed: {
        'rec-n': typed('rec-n'),
        'rec-p': typed('rec-p'),
        'rec-k': typed('rec-k'),
        'rec-product': typed('rec-product'),
      },
    },
    reportDepth,
    sampledOn: takenOn ?? reportDate,
    untested: sampleOf(file, areaId) === undefined,
    begun: Object.values(results).some((value) => value.text.trim() !== ''),
  };
  const dates = {
    ...(reportDate ? { reported: reportDate } : {}),
    ...(takenOn ? { taken: takenOn } : {}),
  };
  ask(
    ctx,
    file,
    areaId,
    'results',
    implausible(ctx, { file, areaId, readings, base, typed, dates }),
  );
  return readings;
}
