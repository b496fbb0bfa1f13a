import { perAcreToPerThousand } from '../kernel/units/convert';
import { quantity, type Quantity } from '../kernel/units/quantity';
import { msg } from '../kernel/messages/msg';
import type { PlanContext } from '../kernel/working/context';
import { valueOf, type Figure } from '../kernel/working/working';
import { limeOfAnInch, undoneByPound } from '../treat/sulfur/water';
import type { JudgedArea } from './input';

/** Lime of a season's watering, and the sulfur that undoes it. */
interface WaterLime {
  readonly lime: Figure<Quantity<'lb/1000ft2', 'CaCO3'>>;
  readonly sulfur: Figure<Quantity<'lb/1000ft2', 'S'>>;
}

/** Nobody waters more in a season. */
const MOST_INCHES = 120;

/**
 * Lime that a season's watering brings to 1000 ft², by the alkalinity of the water and the inches that were typed, with the
 * sulfur that it takes to undo it; nothing where either is not known.
 */
export function limeOfWater(
  ctx: PlanContext,
  { area, readings }: JudgedArea,
): WaterLime | undefined {
  const alkalinity = readings.others['water-alkalinity'];
  if (area.growing.inches.trim() === '') return undefined;
  const id = `${area.id}/water-lime`;
  const entry = { id: `${id}/inches`, label: msg('judge.water.inches') };
  const inches = ctx.number(
    { ...entry, at: `areas/${area.id}/growing/inches` },
    area.growing.inches,
    { above: 0, max: MOST_INCHES },
    'in',
    'water',
  );
  if (!alkalinity || 'absent' in alkalinity || 'absent' in inches) return undefined;
  const each = limeOfAnInch(ctx, `${id}/each`, alkalinity);
  const perAcre = ctx.sheet.derive(
    'multiply',
    { id: `${id}/per-acre`, label: msg('judge.water.perAcre') },
    [each, inches],
    (lime, depth) => quantity(lime.value * depth.value, 'lb/acre', 'CaCO3'),
  );
  const lime = ctx.sheet.derive(
    'convert',
    { id, label: msg('judge.water.total'), source: 'definition' },
    [perAcre],
    perAcreToPerThousand,
  );
  const pound = undoneByPound(ctx, `${id}/undone`);
  const sulfur = ctx.sheet.divide(
    { id: `${id}/sulfur`, label: msg('judge.water.sulfur') },
    [lime, pound],
    'lb/1000ft2',
    'S',
  );
  return { lime: told(ctx, `${id}/told`, lime), sulfur: told(ctx, `${id}/sulfur/told`, sulfur) };
}

/** Nobody knows a season's water to hundredths of a pound: to the half, below one to the tenth. */
function told<S extends 'CaCO3' | 'S'>(
  ctx: PlanContext,
  id: string,
  figure: Figure<Quantity<'lb/1000ft2', S>>,
): Figure<Quantity<'lb/1000ft2', S>> {
  const step = (valueOf(figure)?.value ?? 0) >= 1 ? 0.5 : 0.1;
  const entry = { id, label: msg('dose.printed'), detail: { step } };
  return ctx.sheet.derive('round', entry, [figure], ({ value, unit, of }) =>
    quantity(Math.round(value / step) * step, unit, of),
  );
}
