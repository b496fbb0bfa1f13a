import type { Area } from '../../casefile/parts/area';
import {
  MORE_ANALYTES,
  OTHER_ANALYTES,
  type Analyte,
  type MoreAnalyte,
} from '../../catalog/analytes';
import type { AreaSlice } from '../../casefile/slice';
import { asking, type Asked } from '../questions';
import { TEXTURES } from '../../tables/lime/byTexture';
import { WATER_ABOVE_CACL2 } from '../../tables/soil/phMedia';
import { SMP_BUFFER_START } from '../../tables/lime/smp';
import { own } from '../../kernel/typed/own';
import { quantity, type SoilElement } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Pack } from '../../catalog/packs/pack';
import { compareWithEarlier } from './earlier';
import { columnOf, SOIL_PH, type Column } from './column';
import { readExtracted } from './extracted';
import { readFieldTests, surestOf, type FieldTest } from './fieldTests';
import { readOther } from './supplementaryAnalytes';
import { implausible } from './plausible';
import { reportFor } from './reports';
import type { AskedReadings, Readings } from './types';
import { HALF_RANGE } from '../../equations/soil/halfRange';

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
  al: 'Al',
  pb: 'Pb',
};

type WaterPh = Readings['waterPh'];
/**
 * The water pH: as typed, else from the pH in CaCl2, about 0.6 higher and uncertain by 0.2. A value that
 * the laboratory has converted already is a water pH as it stands.
 */
function fromPaper(
  ctx: PlanContext,
  { prefix, typed, entry }: Column,
): Pick<Readings, 'waterPh' | 'typedWaterPh' | 'cacl2Ph'> {
  const water = typed('ph-water');
  const typedWaterPh = ctx.number(entry('ph-water'), water.text, SOIL_PH, 'pH', 'water');
  const cacl2 = typed('ph-cacl2');
  const salt = entry('ph-cacl2');
  if (cacl2.text.trim() === '') {
    return { waterPh: typedWaterPh, typedWaterPh, cacl2Ph: undefined };
  }
  if (cacl2.method === 'converted') {
    const converted = ctx.number(salt, cacl2.text, SOIL_PH, 'pH', 'water');
    const waterPh = 'absent' in typedWaterPh ? converted : typedWaterPh;
    return { waterPh, typedWaterPh, cacl2Ph: undefined };
  }
  const cacl2Ph = ctx.number(salt, cacl2.text, SOIL_PH, 'pH', 'CaCl2');
  if (!('absent' in typedWaterPh)) return { waterPh: typedWaterPh, typedWaterPh, cacl2Ph };
  const { value, low, high } = WATER_ABOVE_CACL2;
  const above = ctx.sheet.leaf(
    'constant',
    { id: `${prefix}/cacl2-to-water`, label: msg('report.cacl2ToWater'), source: 'practice' },
    quantity(value, 'pH', 'water'),
    { low, high },
  );
  const waterPh = ctx.sheet.add(
    { id: `${prefix}/ph-from-cacl2`, label: msg('report.phFromCacl2') },
    [cacl2Ph, above],
    'pH',
    'water',
  );
  return { waterPh, typedWaterPh, cacl2Ph };
}

/**
 * Where no laboratory has told a pH, the surest reading of a kit or probe stands for it. A pH that was
 * typed and cannot be read is to be mended, not replaced.
 */
function withField(
  ctx: PlanContext,
  areaId: string,
  { typed }: Column,
  waterPh: WaterPh,
  tests: readonly FieldTest[],
): { readonly waterPh: WaterPh; readonly by: FieldTest | undefined } {
  const told = [typed('ph-water'), typed('ph-cacl2')].some(({ text }) => text.trim() !== '');
  const by = told ? undefined : surestOf(tests);
  if (!by) return { waterPh, by };
  const others = tests.filter((test) => test !== by).map(({ ph }) => ph);
  const entry = { id: `${areaId}/report/ph-field`, label: msg('field.chosen') };
  return { waterPh: ctx.sheet.choose(entry, by.ph, others), by };
}

/** What the pH may be off by: of a kit or probe its own range, of a converted one the conversion's. */
function uncertaintyOf(
  ctx: PlanContext,
  areaId: string,
  pack: Pack,
  waterPh: WaterPh,
  by: FieldTest | undefined,
): WaterPh {
  const entry = {
    id: `${areaId}/report/ph-uncertainty`,
    label: msg('analyte.ph-uncertainty'),
  };
  if (by) {
    const upper = { id: `${entry.id}/upper`, label: msg('field.upper') };
    const lower = { id: `${entry.id}/lower`, label: msg('field.lower') };
    return ctx.sheet.equation(entry, HALF_RANGE, [
      ctx.sheet.highEnd(upper, waterPh),
      ctx.sheet.lowEnd(lower, waterPh),
    ]);
  }
  const converted = !('absent' in waterPh) && waterPh.range !== undefined;
  return ctx.constant(
    { ...entry, source: 'practice', standing: pack.phUncertainty.standing },
    converted ? WATER_ABOVE_CACL2.uncertainty : pack.phUncertainty.value,
    'pH',
    'water',
  );
}

function isTyped({ typed }: Column): (analyte: Analyte) => boolean {
  return (analyte) => typed(analyte).text.trim() !== '';
}

/** What of a paper goes beyond pH, P and K: contents in ppm, and the rest in its own units. */
function furtherValues(
  ctx: PlanContext,
  column: Column,
): Pick<Readings, 'more' | 'others' | 'inExtract' | 'methods'> {
  const { typed, entry, body } = column;
  const more = MORE_ANALYTES.filter(isTyped(column)).map(
    (analyte) =>
      [
        analyte,
        readExtracted(ctx, entry(analyte), typed(analyte), body, ELEMENTS[analyte]),
      ] as const,
  );
  const others = OTHER_ANALYTES.filter(isTyped(column)).map((analyte) => {
    const figure =
      analyte === 'wv' ? body.weight() : readOther(ctx, entry(analyte), typed(analyte), analyte);
    return [analyte, figure] as const;
  });
  const methods = [...more, ...others].map(([analyte]) => [analyte, typed(analyte).method]);
  return {
    more: Object.fromEntries(more.map(([analyte, { figure }]) => [analyte, figure])),
    inExtract: Object.fromEntries(
      more.flatMap(([analyte, { inExtract }]) => (inExtract ? [[analyte, inExtract]] : [])),
    ),
    others: Object.fromEntries(others),
    methods: Object.fromEntries(methods) as Readings['methods'],
  };
}

/** Muck and peat hold more than this on their exchange, meq/100 g. Common practice. */
const MUCK_FROM_CEC = 20;
/** Beds and tubs that somebody has filled. */
const FILLED: readonly string[] = ['raised-beds', 'round-containers', 'box-containers'];

/**
 * Whether it is an organic soil: by its organic matter, unless it has a mineral soil's texture or exchange, or is a
 * bed or a tub that was filled with compost.
 */
function isOrganic(
  organicMatter: Readings['organicMatter'],
  { organicAbove }: Pack,
  cec: Readings['cec'],
  texture: Readings['texture'],
  area: Area | undefined,
): boolean {
  if ('absent' in organicMatter || organicMatter.value.value <= organicAbove) return false;
  if (texture || (area && FILLED.includes(area.shape.kind))) return false;
  return 'absent' in cec || cec.value.value >= MUCK_FROM_CEC;
}

/** Where more than one sample names the area, the first is taken, and that is asked. */
function severalSamples(file: AreaSlice, areaId: string): Asked[] {
  const all = Object.values(file.samples).filter(({ areaIds }) => areaIds.includes(areaId));
  const [first] = all;
  if (!first || all.length < 2) return [];
  const question = { token: `samples:${all.map(({ id }) => id).join('+')}` };
  const name = first.name.trim() === '' ? first.id : first.name.trim();
  const params = { count: all.length, name };
  return [asking({ areaId, step: 'results' }, question, 'severalSamples', params)];
}

/** Reads the report of an area: values as typed into figures, slips of the pen into problems. */
export function readReport(
  ctx: PlanContext,
  file: AreaSlice,
  areaId: string,
  pack: Pack,
): AskedReadings {
  const found = reportFor(file, areaId);
  const column = columnOf(ctx, `${areaId}/report`, found?.report, found?.sample.id ?? '');
  const { base, typed, entry, body } = column;
  const organicMatter = ctx.number(entry('om'), typed('om').text, { min: 0, max: 100 }, '%', 'OM');
  const reported = found?.report && ctx.date(`reports/${found.report.id}/date`, found.report.date);
  const taken = found && ctx.date(`samples/${found.sample.id}/takenOn`, found.sample.takenOn);
  const paper = fromPaper(ctx, column);
  const fieldTests = found ? readFieldTests(ctx, file, areaId, found.sample.id) : [];
  const { waterPh, by } = withField(ctx, areaId, column, paper.waterPh, fieldTests);
  const cec = ctx.number(
    entry('cec'),
    typed('cec').text,
    { above: 0, max: 200 },
    'meq/100g',
    'CEC',
  );
  const texture = TEXTURES.find((known) => known === typed('texture').text);
  const smp = { min: 4, max: SMP_BUFFER_START };
  const readings: Readings = {
    ...paper,
    waterPh,
    phFromField: by,
    fieldTests,
    ...furtherValues(ctx, column),
    phUncertainty: uncertaintyOf(ctx, areaId, pack, waterPh, by),
    bufferPh: ctx.number(entry('ph-smp'), typed('ph-smp').text, smp, 'pH', 'SMP'),
    organicMatter,
    cec,
    texture,
    p: readExtracted(ctx, entry('p'), typed('p'), body, 'P'),
    k: readExtracted(ctx, entry('k'), typed('k'), body, 'K'),
    organic: isOrganic(organicMatter, pack, cec, texture, file.area),
    limeRecommendation: { at: `${base}/lime-rec/text`, typed: typed('lime-rec') },
    recommended: {
      base,
      typed: {
        'rec-n': typed('rec-n'),
        'rec-p': typed('rec-p'),
        'rec-k': typed('rec-k'),
        'rec-product': typed('rec-product'),
        'rec-crop': typed('rec-crop'),
        'rec-per': typed('rec-per'),
        'rec-times': typed('rec-times'),
      },
    },
    reportDepth: body.depth,
    sampledOn: taken ?? reported,
    untested: found === undefined,
    begun:
      fieldTests.length > 0 ||
      Object.values((found?.report && own(found.report.results, found.sample.id)) ?? {}).some(
        (value) => value.text.trim() !== '',
      ),
  };
  const earlier = found ? compareWithEarlier(ctx, { file, areaId, readings, ...found }) : undefined;
  const dates = { ...(reported ? { reported } : {}), ...(taken ? { taken } : {}) };
  const seen = { file, areaId, readings, report: found?.report, base, typed, dates, earlier };
  const questions = [...severalSamples(file, areaId), ...implausible(ctx, seen)];
  return { ...readings, ...(earlier ? { earlier } : {}), questions };
}
