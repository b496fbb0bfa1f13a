import { BUFFERS, SATURATIONS } from '../../catalog/analytes';
import type { Base } from '../../tables/molarMass';
import { parseDate } from '../../kernel/typed/date';
import type { Quantity, Substance } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import { valueOf, type Figure } from '../../kernel/working/working';
import { equivalentFigure } from './extracted';
import { asking, type Asked } from '../questions';
import { parseNumber } from '../../kernel/typed/number';
import { BUFFER_START } from '../../tables/lime/buffers';
import type { Seen } from './seen';
import { typedSlips } from './typedSlips';
import { ppmAsCharge } from '../../equations/soil/milliequivalents';

/** ppm of P and K above which lb/acre was more likely printed; from memory, an order of size. */
const MORE_LIKELY_PER_ACRE = { p: 250, k: 800 } as const;
/** Bases may pass the CEC by this before they are asked about; common practice. */
const BASES_OVER_CEC = 1.1;
/** A buffer pulled down below this does not go with a sweet soil. */
const BUFFER_BELOW = 6.8;
const ALKALINE_ABOVE = 7;

/** Where a question about a report stands. */
function at({ areaId }: Pick<Seen, 'areaId'>) {
  return { areaId, step: 'results' } as const;
}

function perAcre(seen: Seen): Asked[] {
  const { base, typed } = seen;
  return (['p', 'k'] as const).flatMap((analyte) => {
    const { text, unit } = typed(analyte);
    const parsed = parseNumber(text, { min: 0 });
    if (unit !== 'ppm' || parsed.kind !== 'value') return [];
    const { value } = parsed;
    if (value <= MORE_LIKELY_PER_ACRE[analyte]) return [];
    const repair = {
      label: msg('repair.perAcre', { text: text.trim() }),
      path: `${base}/${analyte}/unit`,
      value: 'lb/acre',
    };
    const question = { token: `${analyte}:${value}`, repair };
    return [asking(at(seen), question, `perAcre.${analyte}`, { text: text.trim() })];
  });
}

function buffer(seen: Seen): Asked[] {
  const { waterPh, bufferPh } = seen.readings;
  const [ph, buffered] = [valueOf(waterPh)?.value ?? 0, valueOf(bufferPh)?.value ?? 14];
  if (ph <= ALKALINE_ABOVE || buffered >= BUFFER_BELOW) return [];
  const params = { buffer: { working: bufferPh.id }, ph: { working: waterPh.id } };
  const question = { token: `buffer:${ph}:${buffered}` };
  return [asking(at(seen), question, 'bufferAgainstPh', params, [waterPh, bufferPh])];
}

/** A base in meq/100 g. */
function charge(
  ctx: PlanContext,
  areaId: string,
  base: Base,
  ppm: Figure<Quantity<'ppm', Substance>>,
): Figure<Quantity<'meq/100g', Substance>> {
  const id = `${areaId}/report/bases/${base}`;
  return ctx.sheet.equation(
    { id, label: msg('report.ppmToMeq'), source: 'aapfco' },
    ppmAsCharge<Substance>(),
    [ppm, equivalentFigure(ctx, `${id}/equivalent`, base)],
  );
}

/** Ca, Mg, K and Na in meq/100 g against the CEC. */
function bases(ctx: PlanContext, { areaId, readings: { cec, k, more } }: Seen): Asked[] {
  const { ca, mg, na } = more;
  if ('absent' in cec || !ca || !mg || 'absent' in ca || 'absent' in mg) return [];
  const found = [
    charge(ctx, areaId, 'Ca', ca),
    charge(ctx, areaId, 'Mg', mg),
    ...('absent' in k.figure ? [] : [charge(ctx, areaId, 'K', k.figure)]),
    ...(na && !('absent' in na) ? [charge(ctx, areaId, 'Na', na)] : []),
  ];
  const entry = { id: `${areaId}/report/bases`, label: msg('report.bases') };
  const sum = ctx.sheet.add(entry, found, 'meq/100g', 'bases');
  if ('absent' in sum || sum.value.value <= cec.value.value * BASES_OVER_CEC) return [];
  const params = { sum: { working: sum.id }, cec: { working: cec.id } };
  const question = { token: `bases:${sum.value.value.toFixed(1)}` };
  return [asking(at({ areaId }), question, 'basesOverCec', params, [sum, cec])];
}

function media(seen: Seen): Asked[] {
  const { typedWaterPh, cacl2Ph } = seen.readings;
  const [water, salt] = [valueOf(typedWaterPh)?.value, cacl2Ph && valueOf(cacl2Ph)?.value];
  if (water === undefined || salt === undefined || salt <= water) return [];
  const question = { token: `media:${water}:${salt}` };
  return [asking(at(seen), question, 'saltPhAboveWater', {}, [typedWaterPh])];
}

function dates(seen: Seen): Asked[] {
  const {
    file,
    dates: { reported, taken },
  } = seen;
  const from = parseDate(file.planFrom);
  const planned = from.kind === 'value' ? from.value : undefined;
  const late = reported && planned && reported > planned;
  const early = reported && taken && taken > reported;
  return [
    ...(late ? [asking(at(seen), { token: `future:${reported}` }, 'reportInFuture')] : []),
    ...(early ? [asking(at(seen), { token: `taken:${taken}` }, 'takenAfterReport')] : []),
  ];
}

/** A fresh buffer solution has a pH of its own, which soil can only pull down. */
function otherBuffers(ctx: PlanContext, { areaId, readings: { others } }: Seen): Asked[] {
  return BUFFERS.flatMap((buffer) => {
    const figure = others[buffer];
    if (!figure || 'absent' in figure || figure.value.value <= BUFFER_START[buffer]) return [];
    const entry = {
      id: `${areaId}/report/${buffer}/start`,
      label: msg('report.bufferStart'),
      source: 'buffers' as const,
    };
    const start = ctx.constant(entry, BUFFER_START[buffer], 'pH', figure.value.of);
    const params = {
      buffer: msg(`analyte.${buffer}`),
      value: { working: figure.id },
      start: { working: start.id },
    };
    const question = { token: `${buffer}:${figure.value.value}` };
    const more = { subject: buffer };
    return [asking(at({ areaId }), question, 'bufferAboveStart', params, [figure], more)];
  });
}

/** Without its method a value of salts or of lead cannot be judged at all. */
function methodMissing(seen: Seen): Asked[] {
  const {
    typed,
    readings: { more, others },
  } = seen;
  return (['ec', 'pb'] as const).flatMap((analyte) => {
    const figure = analyte === 'ec' ? others.ec : more.pb;
    if (!figure || 'absent' in figure || typed(analyte).method !== '') return [];
    const question = { token: `${analyte}-method` };
    return [asking(at(seen), question, `methodMissing.${analyte}`, {}, [figure])];
  });
}

/** Shares of the exchange capacity must make the whole of it. */
const WHOLE = { low: 97, high: 103 } as const;
const BASES_ALONE = 105;

function saturations(ctx: PlanContext, { areaId, readings: { others } }: Seen): Asked[] {
  const shares = SATURATIONS.flatMap((analyte) => {
    // All of them are percent of the exchange capacity.
    const figure = others[analyte] as Figure<Quantity<'%'>> | undefined;
    return figure && !('absent' in figure) ? [{ analyte, figure }] : [];
  });
  // Calcium and magnesium make most of it: without them nothing can be said of the sum.
  if (!others['sat-ca'] || !others['sat-mg']) return [];
  const restsOn = shares.map(({ figure }) => figure);
  const entry = { id: `${areaId}/report/saturation`, label: msg('report.saturation') };
  const figure = ctx.sheet.add(entry, restsOn, '%', 'CEC');
  const sum = valueOf(figure)?.value ?? 0;
  const withHydrogen = shares.some(({ analyte }) => analyte === 'sat-h');
  const off = withHydrogen ? sum < WHOLE.low || sum > WHOLE.high : sum > BASES_ALONE;
  if (!off) return [];
  const question = { token: `saturation:${sum.toFixed(1)}` };
  const params = { sum: { working: figure.id } };
  return [asking(at({ areaId }), question, 'saturationSum', params, restsOn)];
}

/** Organic matter of an organic soil that nothing else of the report shows. */
const ORGANIC_ABOVE = 20;
const CEC_OF_ORGANIC = 20;

function organicMatter(seen: Seen): Asked[] {
  const { base, readings } = seen;
  const { organicMatter: om, cec, texture } = readings;
  if ('absent' in om || om.value.value <= ORGANIC_ABOVE) return [];
  const exchange = valueOf(cec)?.value;
  const mineral = texture !== undefined || (exchange !== undefined && exchange < CEC_OF_ORGANIC);
  if (!mineral) return [];
  const tenth = String(Number((om.value.value / 10).toFixed(2)));
  const repair = { label: msg('repair.percent', { tenth }), path: `${base}/om/text`, value: tenth };
  const question = { token: `om:${om.value.value}`, repair };
  return [asking(at(seen), question, 'organicMatter', { om: { working: om.id } }, [om])];
}

/** What changes more than this between two reports is looked at twice; from memory. */
const JUMP = { 'ph-water': 1, factor: 2.5 } as const;

function jump(seen: Seen): Asked[] {
  return (seen.earlier?.changes ?? []).flatMap(({ analyte, before, now, change }) => {
    if ('absent' in change || 'absent' in before || 'absent' in now) return [];
    const [was, is] = [before.value.value, now.value.value];
    const far =
      analyte === 'ph-water'
        ? Math.abs(change.value.value) > JUMP['ph-water'] + 1e-9
        : Math.max(was, is) > JUMP.factor * Math.max(Math.min(was, is), 1);
    if (!far) return [];
    const params = {
      what: msg(`analyte.${analyte}`),
      before: { working: before.id },
      now: { working: now.id },
    };
    const question = { token: `jump:${analyte}:${was}:${is}` };
    return [asking(at(seen), question, 'jump', params, [now, before], { subject: analyte })];
  });
}

/** Readings that no one soil gives. */
function apart(seen: Seen): Asked[] {
  return seen.readings.fieldTests.flatMap((test) => {
    if (!test.apart || 'absent' in test.ph) return [];
    const { low, high } = test.extremes;
    const question = { token: `apart:${test.report.id}:${low}:${high}` };
    const more = { subject: test.report.id };
    const params = { low, high };
    return [asking(at(seen), question, `readingsApart.${test.source}`, params, [test.ph], more)];
  });
}

const RULES: readonly ((seen: Seen) => Asked[])[] = [
  buffer,
  perAcre,
  media,
  methodMissing,
  organicMatter,
  jump,
  apart,
  dates,
];

/** What of a report is more likely a slip than a fact: asked, never mended silently. */
export function implausible(ctx: PlanContext, seen: Seen): Asked[] {
  const summed = [bases, otherBuffers, saturations].flatMap((rule) => rule(ctx, seen));
  return [...RULES.flatMap((rule) => rule(seen)), ...summed, ...typedSlips(seen)];
}
