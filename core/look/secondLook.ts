import { percentMore } from '../equations/shares';
import { splitAmount } from '../kernel/typed/amount';
import { parseNumber } from '../kernel/typed/number';
import { BASES, inUnit, isOfFamily, unitNamed, type UnitFamily } from '../kernel/units/families';
import { quantity, type Quantity, type Unit } from '../kernel/units/quantity';
import { msg, type Msg, type NamesIn } from '../kernel/messages/msg';
import { PlanContext } from '../kernel/working/context';
import type { Figure, PresentWorking, Working, WorkingId } from '../kernel/working/working';
import { workingsOf, type Workings } from '../kernel/working/workings';
import { isNutrient, misstepsOf, type Beside, type Misstep } from './missteps';
import { stepsUnder, type Node } from './tree';

/** What an amount is of, by which too much or too little of it does harm. */
type Subject = NamesIn<'look.over'> | 'other';

/** One misstep, or two that came together. */
export interface Explanation {
  readonly missteps: readonly Misstep[];
  /** How well it fits and how usual it is, beside others. */
  readonly weight: number;
}

/** What a second look at somebody's amount comes to. */
export interface Look {
  /** It cannot be read; it is right; a misstep explains it; none does. */
  readonly verdict: 'unread' | 'right' | 'misstep' | 'unexplained';
  readonly problem: Msg | undefined;
  /** The likeliest first; several where they cannot be told apart. */
  readonly explanations: readonly Explanation[];
  readonly subject: Subject;
  readonly direction: 'over' | 'under';
  /** How much more than is right it is, %; less has its minus. */
  readonly more: Figure<Quantity<'%', 'share'>> | undefined;
  /** The sheet of the sum with what was looked at. */
  readonly workings: Workings;
}

/** What people round on the way, as a share; and the most that the rounding of what they say may excuse. */
const USUAL_ROUNDING = 0.03;
const MOST_ROUNDING = 0.1;
/** A misstep fits within so many times what rounding explains. */
const FITS_WITHIN = 2;
/** Two missteps in one sum are so much rarer than either. */
const BOTH = 0.12;
/** What is so much less likely than the best is not named beside it. */
const NAMED_FROM = 0.35;
const MOST_NAMED = 4;

/** To what a number is said: 5.2 to a tenth, 1600 to hundreds; two figures are meant at the least. */
function saidTo(number: string): number {
  const decimals = /\.(\d*)/.exec(number)?.[1]?.length;
  if (decimals !== undefined) return 10 ** -decimals;
  const digits = number.replace(/\D/g, '');
  const zeros = [...digits].reverse().findIndex((digit) => digit !== '0');
  return 10 ** Math.max(0, Math.min(zeros, digits.length - 2));
}

const FAMILIES = Object.keys(BASES) as UnitFamily[];

type Said = { readonly value: number; readonly rounding: number } | { readonly problem: Msg };

/** What somebody says, in the unit of what is right. */
function said(typed: string, unit: Unit): Said {
  const { number, word } = splitAmount(typed);
  const parsed = parseNumber(number, { above: 0, max: 1e9 });
  if (parsed.kind === 'error') return { problem: parsed.error };
  if (parsed.kind !== 'value') return { problem: msg('look.nothingSaid') };
  const half = saidTo(number) / 2;
  const named = word === '' ? unit : unitNamed(word);
  if (!named) return { problem: msg('problem.unitUnknown', { unit: word }) };
  const family = FAMILIES.find((each) => isOfFamily(each, named) && isOfFamily(each, unit));
  if (named !== unit && !family) return { problem: msg('look.otherThing', { unit: word }) };
  const at = (value: number): number =>
    family ? inUnit(family, quantity(value, named, 'product'), unit).value : value;
  return { value: at(parsed.value), rounding: at(half) };
}

/** What the amount is of: by the step that says it. */
function subjectOf(id: WorkingId, nodes: readonly Node[]): Subject {
  const of = new Set<string>(nodes.map(({ working }) => working.value.of));
  if (/\/sulfur\//.test(id) || of.has('S')) return 'sulfur';
  if (/\/lime\//.test(id) || of.has('limestone') || of.has('CCE') || of.has('ECCE')) return 'lime';
  const fed = nodes.find(
    ({ working }) => working.value.unit === 'ratio' && isNutrient(working.value.of),
  );
  const nutrient = fed?.working.value.of;
  if (nutrient === 'N') return 'nitrogen';
  if (nutrient === 'P2O5') return 'phosphate';
  if (nutrient === 'K2O') return 'potash';
  return 'other';
}

/** By how much rounding may part two amounts that are the same: what was said, and what was rounded on the way to it. */
function excused(claim: number, rounding: number): number {
  const share = rounding / claim + USUAL_ROUNDING / 2;
  return Math.min(MOST_ROUNDING, Math.max(USUAL_ROUNDING, share));
}

function rightWithin(right: PresentWorking, claim: number, rounding: number): boolean {
  const share = excused(claim, rounding);
  const { low, high } = right.range ?? { low: right.value.value, high: right.value.value };
  return claim >= low * (1 - share) && claim <= high * (1 + share);
}

/** How well a factor explains a claim, from 0 to 1. */
function fit(claim: number, right: number, factor: number, rounding: number): number {
  const within = Math.min(MOST_ROUNDING, Math.max(USUAL_ROUNDING / 2, rounding / claim));
  const off = Math.abs(Math.log(claim / (right * factor))) / within;
  return off > FITS_WITHIN ? 0 : Math.exp(-0.5 * off ** 2);
}

/** Two missteps cannot be the same one both ways round. */
function together(a: Misstep, b: Misstep): boolean {
  return a.id !== b.id && Math.abs(Math.log(a.factor * b.factor)) > USUAL_ROUNDING;
}

function ranked(
  missteps: readonly Misstep[],
  right: number,
  claim: number,
  rounding: number,
): Explanation[] {
  const weigh = (all: readonly Misstep[]): Explanation => {
    const factor = all.reduce((product, misstep) => product * misstep.factor, 1);
    const usual = all.reduce(
      (product, misstep) => product * misstep.usual,
      all.length > 1 ? BOTH : 1,
    );
    return { missteps: all, weight: usual * fit(claim, right, factor, rounding) };
  };
  const singles = missteps.map((misstep) => weigh([misstep]));
  const paired = missteps.filter(({ alone }) => !alone);
  const pairs = paired.flatMap((a, at) =>
    paired.slice(at + 1).flatMap((b) => (together(a, b) ? [weigh([a, b])] : [])),
  );
  const found = [...singles, ...pairs].filter(({ weight }) => weight > 0);
  return found.sort((a, b) => b.weight - a.weight);
}

function looked(
  claim: number,
  right: PresentWorking,
  workings: readonly Working[],
): Pick<Look, 'more' | 'workings'> {
  const ctx = new PlanContext();
  const { unit, of } = right.value;
  const theirs = ctx.sheet.leaf(
    'typed',
    { id: 'look/said', label: msg('look.said') },
    quantity(claim, unit, of),
  );
  const more = ctx.sheet.equation(
    { id: 'look/more', label: msg('look.more') },
    percentMore<typeof of, typeof unit>(),
    [theirs, { id: right.id, value: right.value }],
  );
  const entries = new Map<WorkingId, Working>(workings.map((each) => [each.id, each]));
  for (const [id, working] of ctx.sheet.workings) entries.set(id, working);
  return { more, workings: workingsOf(entries) };
}

/**
 * A second look at an amount that somebody says: whether it is right, and which misstep or which two explain it where it is not.
 * @param id of the right figure in the sheet
 * @param typed what is said, in the figure's unit or with its own
 */
export function secondLook(
  workings: Workings,
  id: WorkingId,
  typed: string,
  beside: Beside = {},
): Look {
  const right = workings.get(id);
  const nodes = stepsUnder(id, workings);
  const subject = subjectOf(id, nodes);
  const none = { explanations: [], subject, direction: 'over', more: undefined, workings } as const;
  if (typed.trim() === '') return { verdict: 'unread', problem: msg('look.nothingSaid'), ...none };
  if (!right || 'absent' in right || right.value.value <= 0) {
    return { verdict: 'unread', problem: msg('look.noRight'), ...none };
  }
  const claim = said(typed, right.value.unit);
  if ('problem' in claim) return { verdict: 'unread', problem: claim.problem, ...none };
  const { value, rounding } = claim;
  const direction = value > right.value.value ? 'over' : 'under';
  const known = nodes.map(({ working }) => working);
  const about = { problem: undefined, subject, direction, ...looked(value, right, known) } as const;
  if (rightWithin(right, value, rounding)) {
    return { verdict: 'right', explanations: [], ...about };
  }
  const missteps = misstepsOf(nodes, right.value, beside);
  const all = ranked(missteps, right.value.value, value, rounding);
  const best = all[0]?.weight ?? 0;
  const explanations = all.filter(({ weight }) => weight >= NAMED_FROM * best).slice(0, MOST_NAMED);
  return { verdict: explanations.length > 0 ? 'misstep' : 'unexplained', explanations, ...about };
}
