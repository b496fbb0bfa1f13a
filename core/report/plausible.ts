import type { CaseFile, Typed } from '../casefile/casefile';
import type { Base } from '../tables/molarMass';
import { parseDate } from '../typed/date';
import { ppmToMilliequivalents } from '../units/convert';
import { quantity, type Quantity, type Substance } from '../units/quantity';
import type { PlanContext } from '../working/context';
import { msg } from '../working/msg';
import { valueOf, type Figure } from '../working/working';
import { equivalentFigure } from './extracted';
import type { Asked } from '../questions';
import type { Readings } from './types';

/** ppm of P and K above which lb/acre was more likely printed; from memory, an order of size. */
const MORE_LIKELY_PER_ACRE = { p: 250, k: 800 } as const;
/** Bases may pass the CEC by this before they are asked about; common practice. */
const BASES_OVER_CEC = 1.1;
/** A buffer pulled down below this does not go with a sweet soil. */
const BUFFER_BELOW = 6.8;
const SWEET_ABOVE = 7;

/** What a rule sees of an area's report. */
interface Seen {
  readonly file: CaseFile;
  readonly areaId: string;
  readonly readings: Readings;
  /** Where the results of the sample stand. */
  readonly base: string;
  readonly typed: (analyte: 'p' | 'k') => Typed;
  readonly dates: { readonly reported?: string; readonly taken?: string };
}

function perAcre({ base, typed }: Seen): Asked[] {
  return (['p', 'k'] as const).flatMap((analyte) => {
    const { text, unit } = typed(analyte);
    const value = Number(text);
    if (unit !== 'ppm' || !(value > MORE_LIKELY_PER_ACRE[analyte])) return [];
    const repair = {
      label: msg('repair.perAcre', { text: text.trim() }),
      path: `${base}/${analyte}/unit`,
      value: 'lb/acre',
    };
    const params = { text: text.trim() };
    return [
      { name: `perAcre.${analyte}`, params, question: { token: `${analyte}:${value}`, repair } },
    ];
  });
}

function buffer({ readings: { waterPh, bufferPh } }: Seen): Asked[] {
  const [ph, buffered] = [valueOf(waterPh)?.value ?? 0, valueOf(bufferPh)?.value ?? 14];
  if (ph <= SWEET_ABOVE || buffered >= BUFFER_BELOW) return [];
  const params = { buffer: { working: bufferPh.id }, ph: { working: waterPh.id } };
  const question = { token: `buffer:${ph}:${buffered}` };
  return [{ name: 'bufferAgainstPh', params, restsOn: [waterPh, bufferPh], question }];
}

/** A base in meq/100 g. */
function charge(
  ctx: PlanContext,
  areaId: string,
  base: Base,
  ppm: Figure<Quantity<'ppm', Substance>>,
): Figure<Quantity<'meq/100g', Substance>> {
  const id = `${areaId}/report/bases/${base}`;
  const detail = { equation: 'ppm-to-meq' };
  return ctx.sheet.derive(
    'equation',
    { id, label: msg('report.ppmToMeq'), source: 'aapfco', detail },
    [ppm, equivalentFigure(ctx, `${id}/equivalent`, base)],
    (amount, mass) => ppmToMilliequivalents(amount, { ...mass, of: amount.of }),
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
  const sum = ctx.sheet.derive('add', entry, found, (...parts: readonly Quantity[]) =>
    quantity(
      parts.reduce((all, { value }) => all + value, 0),
      'meq/100g',
      'bases',
    ),
  );
  if ('absent' in sum || sum.value.value <= cec.value.value * BASES_OVER_CEC) return [];
  const params = { sum: { working: sum.id }, cec: { working: cec.id } };
  const question = { token: `bases:${sum.value.value.toFixed(1)}` };
  return [{ name: 'basesOverCec', params, restsOn: [sum, cec], question }];
}

function media({ readings: { typedWaterPh, cacl2Ph } }: Seen): Asked[] {
  const [water, salt] = [valueOf(typedWaterPh)?.value, cacl2Ph && valueOf(cacl2Ph)?.value];
  if (water === undefined || salt === undefined || salt <= water) return [];
  const question = { token: `media:${water}:${salt}` };
  return [{ name: 'saltPhAboveWater', restsOn: [typedWaterPh], question }];
}

function dates({ file, dates: { reported, taken } }: Seen): Asked[] {
  const from = parseDate(file.planFrom);
  const planned = from.kind === 'value' ? from.value : undefined;
  const late = reported && planned && reported > planned;
  const early = reported && taken && taken > reported;
  return [
    ...(late ? [{ name: 'reportInFuture', question: { token: `future:${reported}` } }] : []),
    ...(early ? [{ name: 'takenAfterReport', question: { token: `taken:${taken}` } }] : []),
  ];
}

const RULES: readonly ((seen: Seen) => Asked[])[] = [buffer, perAcre, media, dates];

/** What of a report is more likely a slip than a fact: asked, never mended silently. */
export function implausible(ctx: PlanContext, seen: Seen): Asked[] {
  return [...RULES.flatMap((rule) => rule(seen)), ...bases(ctx, seen)];
}
