import type { CaseFile } from '../core/casefile/casefile';
import { sameValue } from '../core/kernel/typed/sameValue';
import { replan, type Run } from '../core/plan/replan';
import type { Plan } from '../core/plan/types';
import { anyCase } from './anyCase';
import { Dice } from './dice';

type Node = Record<string, unknown>;

function isNode(value: unknown): value is Node {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** Every place of a document that holds a text, as keys. */
function leaves(node: Node, at: readonly string[] = []): string[][] {
  return Object.entries(node).flatMap(([key, value]) => {
    if (typeof value === 'string') return [[...at, key]];
    return isNode(value) ? leaves(value, [...at, key]) : [];
  });
}

/** What may not be changed: a document is known by it, and its entries by their keys. */
const FIXED = new Set(['format', 'id', 'createdOn', 'what']);

/** The document with another value at a place, and everything beside it the very same. */
function withValue(node: Node, [key = '', ...rest]: readonly string[], value: unknown): Node {
  if (rest.length === 0) return { ...node, [key]: value };
  return { ...node, [key]: withValue(node[key] as Node, rest, value) };
}

function valueIn(node: unknown, path: readonly string[]): unknown {
  return path.reduce<unknown>((at, key) => (isNode(at) ? at[key] : undefined), node);
}

/** Another text at some place: what stands under the same name in another case. */
function otherText(dice: Dice, file: Node, other: Node): Node {
  const places = leaves(file).filter((path) => !FIXED.has(path.at(-1) ?? ''));
  const path = dice.one(places);
  const name = path.at(-1);
  const same = leaves(other).filter(
    (each) => each.at(-1) === name && each.length === path.length && each[0] === path[0],
  );
  if (same.length === 0) return file;
  return withValue(file, path, valueIn(other, dice.one(same)));
}

const RECORDS = ['areas', 'samples', 'reports', 'past', 'labels', 'decisions', 'paragraphs'];

/** An entry taken out, or taken over from another case. */
function otherEntry(dice: Dice, file: Node, other: Node): Node {
  const name = dice.one(RECORDS);
  const [here, there] = [file[name] as Node, other[name] as Node];
  if (dice.chance(0.5) && Object.keys(here).length > (name === 'areas' ? 1 : 0)) {
    const { [dice.one(Object.keys(here))]: _gone, ...rest } = here;
    return { ...file, [name]: rest };
  }
  if (Object.keys(there).length === 0) return file;
  const key = dice.one(Object.keys(there));
  return { ...file, [name]: { ...here, [key]: there[key] } };
}

/** A case after one more change of any kind. */
function editedOnce(dice: Dice, file: CaseFile, other: CaseFile): CaseFile {
  const [from, to] = [file, other].map((each) => each as unknown as Node) as [Node, Node];
  const change = dice.chance(0.6) ? otherText : otherEntry;
  const next = change(dice, from, to) as unknown as CaseFile;
  // What was stored comes back as another object with the same values in it.
  return dice.chance(0.2) ? structuredClone(next) : next;
}

/** A case after so many seeded changes. */
export function edited(file: CaseFile, seed: number, times: number): CaseFile {
  const dice = new Dice(seed);
  let next = file;
  for (let time = 0; time < times; time += 1) {
    next = editedOnce(dice, next, anyCase(dice.below(10_000)));
  }
  return next;
}

/** Whether two plans are the same in all that they say, the workings and the order of findings too. */
function samePlan(a: Plan, b: Plan): boolean {
  const [left, right] = [a, b].map((plan) => ({ ...plan, workings: plan.workings.byId() }));
  return sameValue(left, right);
}

const EDITS = 10;

/**
 * The seeds of a span whose case, changed step by step, is planned in another way from an earlier plan than from
 * scratch; empty where both are always the same.
 */
export function unequalPlans(from: number, to: number): number[] {
  const unequal: number[] = [];
  for (let seed = from; seed < to; seed += 1) {
    const dice = new Dice(seed);
    let file = anyCase(seed);
    let run: Run = replan(file);
    for (let step = 0; step < EDITS; step += 1) {
      file = editedOnce(dice, file, anyCase(dice.below(10_000)));
      run = replan(file, run);
      if (samePlan(run.plan, replan(file).plan)) continue;
      unequal.push(seed);
      break;
    }
  }
  return unequal;
}
