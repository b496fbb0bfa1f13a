import { perThousandToTotal, poundsToOunces } from '../kernel/units/convert';
import { quantity, type Quantity } from '../kernel/units/quantity';
import { msg } from '../kernel/messages/msg';
import type { PlanContext } from '../kernel/working/context';
import { valueOf, type Figure } from '../kernel/working/working';
import { roundUnder } from '../schedule/dosing/inHands';
import { CARRIERS, OUNCES_PER_TABLESPOON, type Carried } from '../tables/fertilizer/carriers';
import type { JudgedArea } from './input';

/**
 * Whether the ground is short of an element where its plant shows it, and gets no lime that could bring it. A mix is
 * fed by its label.
 */
export function isShort(
  { plant, reading, treatments }: JudgedArea,
  analyte: Carried | 's',
): boolean {
  const line = reading.lines.find((each) => each.analyte === analyte);
  // Too much of boron stands in the way as well.
  const short = (line?.limits ?? 0) > 0 && line?.then?.id === `reading.then.${analyte}`;
  const limed = (analyte === 'mg' || analyte === 'ca') && treatments.lime.isDosed;
  return short && !limed && plant.group !== 'mixes';
}

/**
 * The product that carries an element to ground that is short of it: so much for the whole of it, or for 1000 ft² where
 * nobody knows its size; nothing where the element is enough.
 */
export function carrier(
  ctx: PlanContext,
  judged: JudgedArea,
  analyte: Carried,
): Figure<Quantity<'lb', 'product'>> | undefined {
  if (!isShort(judged, analyte)) return undefined;
  const { area, ground } = judged;
  const { of, perThousand, percent } = CARRIERS[analyte];
  const id = `${area.id}/carrier/${analyte}`;
  const what = msg(`read.${analyte}`);
  const source = 'practice';
  const need = ctx.constant(
    { id: `${id}/need`, label: msg('judge.carrier.need', { what }), source },
    perThousand,
    'lb/1000ft2',
    of,
  );
  const share = ctx.constant(
    { id: `${id}/share`, label: msg('judge.carrier.share', { what }), source: 'aapfco' },
    percent,
    '%',
    of,
  );
  const rate = ctx.sheet.derive(
    'divide',
    { id: `${id}/rate`, label: msg('judge.carrier.rate') },
    [need, share],
    (lb, part) => quantity(lb.value / (part.value / 100), 'lb/1000ft2', 'product'),
  );
  return ctx.sheet.derive(
    'multiply',
    { id, label: msg('judge.carrier.total') },
    [rate, ground.extent],
    perThousandToTotal,
  );
}

/** Quarters are the smallest that a scale shows and a spoon has. */
const STEP = 0.25;

/** An amount in spoons: quarters of a tablespoon, rounded down, since more of it poisons. */
interface Spooned {
  readonly ounces: Figure<Quantity<'oz', 'product'>>;
  readonly spoons: Figure<Quantity<'tbsp', 'product'>>;
}

/** The same of what goes on by the spoon; nothing where it is less than anybody can measure. */
export function spooned(
  ctx: PlanContext,
  judged: JudgedArea,
  analyte: keyof typeof OUNCES_PER_TABLESPOON,
): Spooned | undefined {
  const pounds = carrier(ctx, judged, analyte);
  if (!pounds) return undefined;
  const id = `${judged.area.id}/carrier/${analyte}`;
  const exact = ctx.sheet.derive(
    'convert',
    { id: `${id}/oz-exact`, label: msg('judge.carrier.ounces'), source: 'definition' },
    [pounds],
    poundsToOunces,
  );
  // To what a scale shows, and never over: the limit is the amount itself.
  const ounces = ctx.sheet.derive(
    'round',
    { id: `${id}/oz`, label: msg('judge.carrier.ouncesDown'), detail: { step: STEP } },
    [exact, exact],
    (oz, most) => quantity(roundUnder(oz.value, most.value, STEP), 'oz', 'product'),
  );
  const each = ctx.constant(
    { id: `${id}/spoon`, label: msg('judge.carrier.spoon'), source: 'practice' },
    OUNCES_PER_TABLESPOON[analyte],
    'oz',
    'product',
  );
  const level = ctx.sheet.derive(
    'divide',
    { id: `${id}/tbsp-exact`, label: msg('judge.carrier.spoonsExact') },
    [exact, each],
    (oz, spoon) => quantity(oz.value / spoon.value, 'tbsp', 'product'),
  );
  const spoons = ctx.sheet.derive(
    'round',
    { id: `${id}/tbsp`, label: msg('judge.carrier.spoons'), detail: { step: STEP } },
    [level, level],
    (tbsp, most) => quantity(roundUnder(tbsp.value, most.value, STEP), 'tbsp', 'product'),
  );
  const measurable = (valueOf(spoons)?.value ?? 0) > 0 && (valueOf(ounces)?.value ?? 0) > 0;
  return measurable ? { ounces, spoons } : undefined;
}
