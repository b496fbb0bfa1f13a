import { trialsOf, type Spreader, type Trial } from '../../casefile/parts/spreader';
import { DIAL_BETWEEN, DIAL_IN_PROPORTION, type Dial } from '../../equations/spreader/dial';
import { percentMore } from '../../equations/shares';
import { squareFeetToThousands, totalToPerThousand } from '../../kernel/units/convert';
import { quantity, type Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import type { ProductRate } from '../shared/amounts';
import type { Feet } from './pans';

export type DialFigure = Figure<Dial>;

/** A strip that was walked: what went out on it, as a rate. */
interface TriedStrip {
  readonly trial: Trial;
  readonly dial: DialFigure;
  readonly rate: ProductRate;
}

/** All runs at one dial: their mean, with the least and the most of them. */
interface TriedDial {
  readonly dial: DialFigure;
  readonly rate: ProductRate;
  /** The mean without its range: what the next dial goes by. */
  readonly middle: ProductRate;
  readonly runs: number;
  /** The most is over the least by so much; nothing where there was one run. */
  readonly apart: Figure<Quantity<'%', 'share'>> | undefined;
}

/** What was tried of a material with a spreader. */
export interface Tried {
  readonly strips: readonly TriedStrip[];
  readonly dials: readonly TriedDial[];
}

/** The dial for a rate: one that was tried and gives it, or the next to try. */
export interface NextDial {
  readonly dial: DialFigure;
  readonly is: 'settled' | 'next' | 'unknown';
}

export const DIAL = { min: 0, max: 200 };
const STRIP = { above: 0, max: 2000 };
const POUNDS = { min: 0, max: 2000 };
/** A dial that gives what is wanted within this share is left as it is. Common practice: a pass is within 10 to 15 %. */
const NEAR = 0.1;

function triedStrip(
  ctx: PlanContext,
  prefix: string,
  spreader: Spreader,
  swath: Feet,
  trial: Trial,
): TriedStrip {
  const at = `spreaders/${spreader.id}/trials/${trial.id}`;
  const name = `${prefix}/trial-${trial.id}`;
  const entry = (part: 'dial' | 'length' | 'before' | 'after') => ({
    id: `${name}/${part}`,
    label: msg(`spread.trial.${part}`),
    at: `${at}/${part}`,
  });
  const dial = ctx.number(entry('dial'), trial.dial, DIAL, 'dial', 'dial');
  const length = ctx.length(entry('length'), trial.length, STRIP, 'ground');
  const before = ctx.number(entry('before'), trial.before, POUNDS, 'lb', 'product');
  const after = ctx.number(entry('after'), trial.after, POUNDS, 'lb', 'product');
  const used = { id: `${name}/used`, label: msg('spread.used') };
  const more =
    !('absent' in before) && !('absent' in after) && after.value.value >= before.value.value;
  if (more) ctx.problems[`${at}/after`] = msg('problem.nothingWentOut');
  const out = more
    ? ctx.sheet.absent(used, msg('problem.nothingWentOut'), [before.id, after.id])
    : ctx.sheet.subtract(used, [before, after]);
  const ground = ctx.sheet.multiply(
    { id: `${name}/ground`, label: msg('spread.strip') },
    [length, swath],
    'ft2',
    'ground',
  );
  const thousands = ctx.sheet.derive(
    'convert',
    { id: `${name}/thousands`, label: msg('ground.thousands'), source: 'definition' },
    [ground],
    squareFeetToThousands,
  );
  const rate = ctx.sheet.derive(
    'divide',
    { id: `${name}/rate`, label: msg('spread.rate') },
    [out, thousands],
    totalToPerThousand,
  );
  return { trial, dial, rate };
}

/** The runs at one dial put together. */
function atDial(ctx: PlanContext, prefix: string, runs: readonly TriedStrip[]): TriedDial[] {
  const [first] = runs;
  if (!first) return [];
  const sorted = [...runs].sort((a, b) => valueIn(a.rate) - valueIn(b.rate));
  const [least, most] = [sorted[0], sorted.at(-1)];
  const rate = ctx.sheet.mean(
    { id: `${prefix}/mean-${first.trial.id}`, label: msg('spread.mean') },
    runs.map((each) => each.rate),
    0,
  );
  const middle = ctx.sheet.middle(
    { id: `${prefix}/middle-${first.trial.id}`, label: msg('spread.mean') },
    rate,
  );
  const spread = { id: `${prefix}/apart-${first.trial.id}`, label: msg('spread.runsApart') };
  const apart =
    least && most && least !== most
      ? ctx.sheet.equation(spread, percentMore<'product'>(), [most.rate, least.rate])
      : undefined;
  return [{ dial: first.dial, rate, middle, runs: runs.length, apart }];
}

/** What was tried of a material, strip by strip and dial by dial. */
export function triedOf(
  ctx: PlanContext,
  prefix: string,
  spreader: Spreader,
  swath: Feet,
  materialId: string,
): Tried {
  const strips = trialsOf(spreader, materialId).map((trial) =>
    triedStrip(ctx, prefix, spreader, swath, trial),
  );
  const byDial = new Map<number, TriedStrip[]>();
  for (const strip of strips) {
    if ('absent' in strip.dial || 'absent' in strip.rate) continue;
    const { value } = strip.dial.value;
    byDial.set(value, [...(byDial.get(value) ?? []), strip]);
  }
  const dials = [...byDial.values()].flatMap((runs) => atDial(ctx, prefix, runs));
  return { strips, dials };
}

const valueIn = (figure: Figure<Quantity>): number =>
  'absent' in figure ? NaN : figure.value.value;

/** The two of several dials whose rates lie around what is wanted, or the two nearest to it. */
function around(dials: readonly TriedDial[], wanted: number): [TriedDial, TriedDial] | undefined {
  const sorted = [...dials].sort((a, b) => valueIn(a.dial) - valueIn(b.dial));
  const above = sorted.findIndex(({ rate }) => valueIn(rate) >= wanted);
  const second = above === -1 ? sorted.length - 1 : Math.max(1, above);
  const [low, high] = [sorted[second - 1], sorted[second]];
  return low && high && [low, high];
}

/**
 * The dial for what is wanted in one pass: one that gives it within a tenth; else by the line between two that were tried, or about
 * in proportion to one.
 */
export function nextDial(
  ctx: PlanContext,
  id: string,
  { dials }: Tried,
  wanted: ProductRate,
  begins: () => DialFigure,
): NextDial {
  const want = valueIn(wanted);
  const off = (each: TriedDial): number => Math.abs(valueIn(each.rate) / want - 1);
  const [nearest] = [...dials].sort((a, b) => off(a) - off(b));
  if (!nearest || !(want > 0)) {
    const entry = { id, label: msg('spread.dial') };
    return { dial: ctx.sheet.absent(entry, msg('absent.noTrial')), is: 'unknown' };
  }
  if (off(nearest) <= NEAR) {
    const entry = { id, label: msg('spread.dialThatGives') };
    return { dial: ctx.sheet.choose(entry, nearest.dial, []), is: 'settled' };
  }
  const dial = rounded(ctx, id, dialBy(ctx, id, dials, nearest, wanted, begins));
  return { dial, is: 'absent' in dial ? 'unknown' : 'next' };
}

/** A dial as it can be set: to a tenth of a mark. */
function rounded(ctx: PlanContext, id: string, dial: DialFigure): DialFigure {
  const entry = { id, label: msg('spread.dialToSet'), detail: { step: 0.1 } };
  return ctx.sheet.derive('round', entry, [dial], ({ value }) =>
    quantity(Math.round(value * 10) / 10, 'dial', 'dial'),
  );
}

/** The next dial: on the line between two that were tried, or in proportion to the one. */
function dialBy(
  ctx: PlanContext,
  id: string,
  dials: readonly TriedDial[],
  nearest: TriedDial,
  wanted: ProductRate,
  begins: () => DialFigure,
): DialFigure {
  const exact = `${id}/exact`;
  const pair = around(dials, valueIn(wanted));
  if (pair) {
    const [low, high] = pair;
    const entry = { id: exact, label: msg('spread.dialBetween'), source: 'geometry' as const };
    if (valueIn(high.middle) <= valueIn(low.middle)) {
      return ctx.sheet.absent(entry, msg('absent.dialsDisagree'), [low.middle.id, high.middle.id]);
    }
    const inputs = [low.dial, low.middle, high.dial, high.middle, wanted] as const;
    return ctx.sheet.equation(entry, DIAL_BETWEEN, inputs);
  }
  const entry = { id: exact, label: msg('spread.dialInProportion'), source: 'practice' as const };
  const inputs = [nearest.dial, begins(), nearest.middle, wanted] as const;
  return ctx.sheet.equation(entry, DIAL_IN_PROPORTION, inputs);
}
