import type { Area } from '../../casefile/parts/area';
import { asking, type Asked } from '../questions';
import { parseLength } from '../../kernel/typed/length';
import { parseNumber } from '../../kernel/typed/number';
import { SQUARE_FEET_PER_ACRE } from '../../kernel/units/factors';
import { quantity } from '../../kernel/units/quantity';
import { msg } from '../../kernel/messages/msg';
import type { Ground } from './ground';

/** Square feet under which a piece of ground was more likely typed in acres. */
const ACRES_BELOW = 10;
/** A raised bed, or the distance across a shrub's roots, that is wider was more likely typed in inches. */
const BED_WIDER_THAN_FT = 12;
const ROOTS_WIDER_THAN_FT = 60;
/** An area may pass what its perimeter holds by this, for corners that were cut. */
const PERIMETER_SLACK = 1.02;

/** The feet of a length that was typed without a unit. */
function bareFeet(typed: string): number | undefined {
  const parsed = parseNumber(typed, { above: 0 });
  return parsed.kind === 'value' ? parsed.value : undefined;
}

/** Acres typed where square feet are asked for. */
function acres({ id, shape }: Area, area: Ground['area']): Asked[] {
  const typed = bareFeet(shape.squareFeet);
  if (shape.kind !== 'square-feet' || typed === undefined || typed >= ACRES_BELOW) return [];
  const value = Math.round(typed * SQUARE_FEET_PER_ACRE);
  const label = { typed: shape.squareFeet.trim(), area: quantity(value, 'ft2', 'ground') };
  const repair = {
    label: msg('repair.acres', label),
    path: `areas/${id}/shape/squareFeet`,
    value: String(value),
  };
  const at = { areaId: id, step: 'ground' } as const;
  return [asking(at, { token: `small:${typed}`, repair }, 'smallArea', {}, [area])];
}

/** Inches typed where a number alone is feet. */
function inches({ id, shape }: Area, area: Ground['area']): Asked[] {
  const suspects = [
    ['raised-beds', 'width', BED_WIDER_THAN_FT],
    ['plants', 'diameter', ROOTS_WIDER_THAN_FT],
  ] as const;
  return suspects.flatMap(([kind, measure, most]) => {
    const typed = bareFeet(shape[measure]);
    if (shape.kind !== kind || typed === undefined || typed <= most) return [];
    const repair = {
      label: msg('repair.inches', { typed: shape[measure].trim() }),
      path: `areas/${id}/shape/${measure}`,
      value: `${shape[measure].trim()} in`,
    };
    const feet = quantity(typed, 'ft', 'ground');
    const question = { token: `${measure}:${typed}`, repair };
    const at = { areaId: id, step: 'ground' } as const;
    return [asking(at, question, `wide.${measure}`, { feet }, [area])];
  });
}

/** More square feet than the perimeter can hold: a circle holds the most. */
function perimeter({ id, shape }: Area, size: Ground['area']): Asked[] {
  const area = bareFeet(shape.squareFeet);
  const around = parseLength(shape.perimeter, { above: 0, max: 100_000 });
  if (shape.kind !== 'square-feet' || !area || around.kind !== 'value') return [];
  if (around.value.unit !== 'ft') return [];
  const held = (feet: number): number => (feet * feet) / (4 * Math.PI);
  const feet = around.value.value;
  if (area <= held(feet) * PERIMETER_SLACK) return [];
  const inYards = area <= held(feet * 3) * PERIMETER_SLACK;
  const most = quantity(held(feet), 'ft2', 'ground');
  const repair = {
    label: msg('repair.yards', { typed: shape.perimeter.trim() }),
    path: `areas/${id}/shape/perimeter`,
    value: String(feet * 3),
  };
  const token = `perimeter:${area}:${feet}`;
  const question = { token, ...(inYards ? { repair } : {}) };
  return [asking({ areaId: id, step: 'ground' }, question, 'perimeter', { most }, [size])];
}

/**
 * What of the measures of a piece of ground is more likely a slip than a fact. Each can be mended by one act or said
 * to be right.
 */
export function doubtfulMeasures(area: Area, ground: Ground): Asked[] {
  return [acres, inches, perimeter].flatMap((rule) => rule(area, ground.area));
}
