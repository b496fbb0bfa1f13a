import type { Spreader } from '../../casefile/parts/spreader';
import { ROUND_AND_ROUND, UP_AND_DOWN } from '../../equations/spreader/overlap';
import { parseNumber } from '../../kernel/typed/number';
import { quantity, type Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';

export type Feet = Figure<Quantity<'ft', 'ground'>>;
type Uneven = Figure<Quantity<'%', 'share'>>;

/** Strips so far apart, and how uneven the ground is then. */
interface PanRow {
  readonly apart: Feet;
  readonly upAndDown: Uneven;
  readonly roundAndRound: Uneven;
  readonly is: 'good' | 'fair' | 'stripes' | 'bad';
}

/** What pans in a line across the path tell of a spreader. */
export interface PanTest {
  readonly rows: readonly PanRow[];
  /** The widest strips that lie evenly. */
  readonly widest: Feet | undefined;
  /** It throws to one side by more than a twentieth of its throw. */
  readonly skewed: 'left' | 'right' | undefined;
}

/**
 * How uneven an even lawn may be, %: up to the first it is good, to the second fair, beyond the third it is refused. ASABE S341 and
 * extension sheets (recalled): 15 for lawn fertilizer, 20 acceptable, stripes show from 20 to 30.
 */
const UNEVEN = { good: 15, fair: 20, stripes: 30 } as const;
/** Pans that are worth a test, and more than anybody lays out. */
const PANS = { least: 5, most: 40 } as const;
/** Off the middle by more than this share of the throw it is skewed. */
const SKEWED = 0.05;

const CAUGHT = { min: 0, max: 100_000 };
const PAN_FEET = { above: 0, max: 10 };

/** The catches as typed, in order; nothing where one of them cannot be read, which is a problem at their place. */
function caughtBy(ctx: PlanContext, at: string, typed: string): readonly number[] {
  const words = typed.split(/[\s;]+/).filter((word) => word !== '');
  if (words.length === 0) return [];
  const read = words.map((word) => parseNumber(word.replace(/,$/, ''), CAUGHT));
  const wrong = read.find(({ kind }) => kind !== 'value');
  if (wrong) {
    ctx.problems[at] = wrong.kind === 'error' ? wrong.error : msg('problem.pans', PANS);
    return [];
  }
  const caught = read.flatMap((each) => (each.kind === 'value' ? [each.value] : []));
  const nothing = caught.every((each) => each === 0);
  if (caught.length < PANS.least || caught.length > PANS.most || nothing) {
    ctx.problems[at] = msg('problem.pans', PANS);
    return [];
  }
  return caught;
}

function skewOf(caught: readonly number[]): PanTest['skewed'] {
  const sum = caught.reduce((all, each) => all + each, 0);
  const centre = caught.reduce((all, each, at) => all + each * at, 0) / sum;
  const first = caught.findIndex((each) => each > 0);
  const throwTrays = caught.findLastIndex((each) => each > 0) - first + 1;
  const off = centre - (caught.length - 1) / 2;
  if (Math.abs(off) <= SKEWED * throwTrays) return undefined;
  return off < 0 ? 'left' : 'right';
}

function verdictOn(upAndDown: Uneven): PanRow['is'] {
  const uneven = 'absent' in upAndDown ? Infinity : upAndDown.value.value;
  if (uneven <= UNEVEN.good) return 'good';
  if (uneven <= UNEVEN.fair) return 'fair';
  return uneven <= UNEVEN.stripes ? 'stripes' : 'bad';
}

/** What the pans tell, where somebody laid them out. */
export function panTest(
  ctx: PlanContext,
  prefix: string,
  { id, pans, panFeet }: Spreader,
): PanTest | undefined {
  const at = `spreaders/${id}/pans`;
  const caught = caughtBy(ctx, at, pans);
  const each = ctx.length(
    { id: `${prefix}/pan-feet`, label: msg('spread.panFeet'), at: `spreaders/${id}/panFeet` },
    panFeet,
    PAN_FEET,
    'ground',
  );
  if (caught.length === 0 || 'absent' in each) return undefined;
  const leaves = caught.map((value, tray) =>
    ctx.sheet.leaf(
      'typed',
      { id: `${prefix}/pan-${tray + 1}`, label: msg('spread.pan', { n: tray + 1 }), at },
      quantity(value, 'ratio', 'catch'),
    ),
  );
  const trays = Array.from({ length: caught.length - 2 }, (_, more) => more + 2);
  const rows = trays.map((count): PanRow => {
    const name = `${prefix}/strips-${count}`;
    const counted = { id: `${name}/trays`, label: msg('spread.trays') };
    const apartTrays = ctx.constant(counted, count, 'ratio', 'count');
    const apart = ctx.sheet.multiply(
      { id: `${name}/apart`, label: msg('spread.apart') },
      [each, apartTrays],
      'ft',
      'ground',
    );
    const uneven = (way: 'up-and-down' | 'round-and-round'): Uneven =>
      ctx.sheet.equation(
        { id: `${name}/${way}`, label: msg(`spread.${way}`), source: 's341' },
        way === 'up-and-down' ? UP_AND_DOWN : ROUND_AND_ROUND,
        [apartTrays, ...leaves],
      );
    const upAndDown = uneven('up-and-down');
    const roundAndRound = uneven('round-and-round');
    return { apart, upAndDown, roundAndRound, is: verdictOn(upAndDown) };
  });
  return {
    rows,
    widest: rows.findLast(({ is }) => is === 'good')?.apart,
    skewed: skewOf(caught),
  };
}
