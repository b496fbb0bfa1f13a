import { lengthToFeet } from '../units/convert';
import { INCHES_PER_FOOT } from '../units/factors';
import { quantity } from '../units/quantity';
import { msg } from '../messages/msg';
import { parseNumber, type NumberRule, type Parsed } from './number';

/** A length as it was typed: how much of which unit. Feet and inches come as inches. */
export interface TypedLength {
  readonly value: number;
  readonly unit: 'ft' | 'in' | 'm' | 'cm' | 'paces';
}

const FEET = String.raw`(?:'|′|’|ft\.?|feet|foot)`;
const INCHES = String.raw`(?:"|″|”|''|in\.?|inch(?:es)?)`;
const NUMBER = String.raw`(\d[\d,]*(?:\.\d+)?|\.\d+)`;
const INCH_COUNT = String.raw`(?:(\d+(?:\.\d+)?|\.\d+)(?:\s+(\d+)\/(\d+))?|(\d+)\/(\d+))`;

const FEET_AND_INCHES = new RegExp(`^${NUMBER}\\s*${FEET}[\\s-]*${INCH_COUNT}\\s*${INCHES}?$`, 'i');
const ONLY_FEET = new RegExp(`^${NUMBER}\\s*${FEET}$`, 'i');
const ONLY_INCHES = new RegExp(`^${INCH_COUNT}\\s*${INCHES}$`, 'i');
const METRIC = new RegExp(`^${NUMBER}\\s*(m|met(?:er|re)s?|cm)$`, 'i');

/** Inches from a whole or decimal count with a fraction, or a fraction alone. */
function inchesOf(groups: readonly (string | undefined)[]): number {
  const [count = '0', over = '0', under = '1', top = '0', bottom = '1'] = groups.map(
    (group) => group ?? undefined,
  );
  return Number(count) + Number(over) / Number(under) + Number(top) / Number(bottom);
}

const PACES = new RegExp(`^${NUMBER}\\s*(?:paces?|steps?)$`, 'i');

/** A pace of usual length, feet; only to tell whether a count of them is absurd. Common practice. */
const USUAL_PACE_FT = 2.5;

function split(text: string): TypedLength | undefined {
  const plain = (typed = ''): number => Number(typed.replaceAll(',', ''));
  let match = FEET_AND_INCHES.exec(text);
  if (match)
    return { value: plain(match[1]) * INCHES_PER_FOOT + inchesOf(match.slice(2)), unit: 'in' };
  match = ONLY_FEET.exec(text);
  if (match) return { value: plain(match[1]), unit: 'ft' };
  match = ONLY_INCHES.exec(text);
  if (match) return { value: inchesOf(match.slice(1)), unit: 'in' };
  match = METRIC.exec(text);
  if (match) return { value: plain(match[1]), unit: /^cm$/i.test(match[2] ?? '') ? 'cm' : 'm' };
  match = PACES.exec(text);
  if (match) return { value: plain(match[1]), unit: 'paces' };
  return undefined;
}

function feetOf({ value, unit }: TypedLength): number {
  if (unit === 'paces') return value * USUAL_PACE_FT;
  return unit === 'ft' ? value : lengthToFeet(quantity(value, unit, 'ground')).value;
}

/**
 * Reads a length as people type it: `12' 6"`, `12.5 ft`, `12 ft 6 in`, `30 in`, `6 1/2"`, `3.8 m`,
 * `380 cm`, `20 paces`; a number alone is feet. What cannot be read, and what lies outside the rule (in feet),
 * is an error.
 *
 * @example parseLength(`12' 6"`, { above: 0 }) // { kind: 'value', value: { value: 150, unit: 'in' } }
 */
export function parseLength(typed: string, rule: NumberRule): Parsed<TypedLength> {
  const text = typed.trim();
  const length = split(text);
  if (!length) {
    const feet = parseNumber(text, rule);
    if (feet.kind === 'value') return { kind: 'value', value: { value: feet.value, unit: 'ft' } };
    const words = /\p{L}|["'′″’”]/u.test(text);
    return feet.kind === 'error' && words
      ? { kind: 'error', error: msg('problem.notALength', { text }) }
      : feet;
  }
  if (!Number.isFinite(length.value)) {
    return { kind: 'error', error: msg('problem.notALength', { text }) };
  }
  const within = parseNumber(feetOf(length).toFixed(6), rule);
  return within.kind === 'error'
    ? { kind: 'error', error: msg('problem.lengthOutside', { text }) }
    : { kind: 'value', value: length };
}
