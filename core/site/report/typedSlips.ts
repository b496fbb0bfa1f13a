/**
 * Slips of typing a report that are known to happen: a unit taken for another, two values exchanged, a point where the
 * paper has a comma. The limits are orders of size, from memory.
 */
import type { Analyte } from '../../catalog/analytes';
import { parseNumber } from '../../kernel/typed/number';
import { own } from '../../kernel/typed/own';
import { msg } from '../../kernel/messages/msg';
import { valueOf } from '../../kernel/working/working';
import { asking, type Asked } from '../questions';
import type { Seen } from './seen';

const at = ({ areaId }: Pick<Seen, 'areaId'>) => ({ areaId, step: 'results' }) as const;

/** Fewer ppm of a base than any soil that grows something holds: milliequivalents were more likely printed. */
const FEWER_THAN_ANY_PPM = { ca: 60, mg: 12, k: 3 } as const;

function milliequivalents(seen: Seen): Asked[] {
  const { base, typed } = seen;
  return (['ca', 'mg', 'k'] as const).flatMap((analyte) => {
    const { text, unit } = typed(analyte);
    const parsed = parseNumber(text, { above: 0 });
    if (unit !== 'ppm' || parsed.kind !== 'value') return [];
    if (parsed.value >= FEWER_THAN_ANY_PPM[analyte] || thousands(text)) return [];
    const repair = {
      label: msg('repair.milliequivalents', { text: text.trim() }),
      path: `${base}/${analyte}/unit`,
      value: 'meq/100g',
    };
    const question = { token: `meq:${analyte}:${parsed.value}`, repair };
    const params = { what: msg(`analyte.${analyte}`), text: text.trim() };
    return [asking(at(seen), question, 'milliequivalents', params, [], { subject: analyte })];
  });
}

/** A number with a point before exactly three digits, as other countries part thousands. */
function thousands(text: string): string | undefined {
  const [, whole, rest] = /^\s*([1-9]\d?)\.(\d{3})\s*$/.exec(text) ?? [];
  return whole && rest && whole + rest;
}

function pointForComma(seen: Seen): Asked[] {
  const { base, typed } = seen;
  return (['ca', 'mg', 'k', 'p', 'lime-rec'] as const).flatMap((analyte) => {
    const { text, unit } = typed(analyte);
    const value = thousands(text);
    if (!value || (unit !== 'ppm' && unit !== 'lb/acre')) return [];
    const label = msg('repair.thousands', { value: value.replace(/(\d{3})$/, ',$1') });
    const repair = { label, path: `${base}/${analyte}/text`, value };
    const question = { token: `thousands:${analyte}:${text.trim()}`, repair };
    const params = { what: msg(`analyte.${analyte}`), text: text.trim() };
    return [asking(at(seen), question, 'thousands', params, [], { subject: analyte })];
  });
}

/** A soil that is not alkaline leaves its buffer at or above its own pH; this much below, they were likely exchanged. */
const BUFFER_UNDER_PH = 0.4;
const [SWAP_FROM, SWAP_TO] = [6, 7];

function exchanged(seen: Seen): Asked[] {
  const { waterPh, bufferPh } = seen.readings;
  const [ph, buffer] = [valueOf(waterPh)?.value, valueOf(bufferPh)?.value];
  if (ph === undefined || buffer === undefined || ph < SWAP_FROM || ph > SWAP_TO) return [];
  if (buffer > ph - BUFFER_UNDER_PH + 1e-9) return [];
  const params = { buffer: { working: bufferPh.id }, ph: { working: waterPh.id } };
  const question = { token: `exchanged:${ph}:${buffer}` };
  return [asking(at(seen), question, 'phExchanged', params, [waterPh, bufferPh])];
}

/** Acid that the SMP buffer finds, meq/100 g for each pH that it falls below 7: laboratories in the Great Lakes reckon so. */
const ACID_PER_PH = 12;
/** More acid than so many times all that the soil can hold is not believed. */
const ACID_OVER_CEC = 1.6;

function bufferOverCec(seen: Seen): Asked[] {
  const { bufferPh, cec } = seen.readings;
  const [buffer, holds] = [valueOf(bufferPh)?.value, valueOf(cec)?.value];
  if (buffer === undefined || holds === undefined) return [];
  if (ACID_PER_PH * (7 - buffer) <= ACID_OVER_CEC * holds) return [];
  const params = { buffer: { working: bufferPh.id }, cec: { working: cec.id } };
  const question = { token: `acid:${buffer}:${holds}` };
  return [asking(at(seen), question, 'bufferOverCec', params, [bufferPh, cec])];
}

/** Two samples of one ground that are further apart than one soil is. */
const SAMPLES_APART = 0.8;

/** The water pH that was typed for each sample of the ground, by the report that counts. */
function samplesApart(seen: Seen): Asked[] {
  const { file, areaId, report } = seen;
  const samples = Object.values(file.samples).filter(({ areaIds }) => areaIds.includes(areaId));
  const typed = samples.flatMap(({ id }) => {
    const water: Analyte = 'ph-water';
    const parsed = parseNumber(own(report?.results ?? {}, id)?.[water]?.text ?? '', {
      min: 2,
      max: 12,
    });
    return parsed.kind === 'value' ? parsed.value : [];
  });
  const [low, high] = [Math.min(...typed), Math.max(...typed)];
  if (typed.length < 2 || high - low <= SAMPLES_APART + 1e-9) return [];
  const question = { token: `samples-apart:${low}:${high}` };
  return [asking(at(seen), question, 'samplesApart', { low: String(low), high: String(high) })];
}

/** What was more likely mistyped than found: each can be mended, or said to be right. */
export function typedSlips(seen: Seen): Asked[] {
  return [milliequivalents, pointForComma, exchanged, bufferOverCec, samplesApart].flatMap((rule) =>
    rule(seen),
  );
}
