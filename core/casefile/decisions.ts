import { OPINION_VALUES, OPINIONS, RETEST_YEARS, type OpinionId } from '../catalog/packs/opinions';
import { msg, type Msg } from '../kernel/messages/msg';
import { own } from '../kernel/typed/own';
import { object, oneOf, text, type Of } from '../kernel/typed/spec';
import type { StepId } from '../kernel/working/finding';
import { CONFIDENCE, VARIATION } from '../tables/ground/sampling';

/** Lists of which a decision takes one, and that only the materials, methods, pack and plants at hand can tell. */
export interface Vocabularies {
  readonly limeMethods: readonly string[];
  readonly limes: readonly string[];
  readonly sulfurs: readonly string[];
  readonly fertilizers: readonly string[];
  readonly fertilizerSchools: readonly string[];
  readonly fertilizerWays: readonly string[];
  readonly samplingSchools: readonly string[];
  readonly soilGroups: readonly string[];
  readonly windows: readonly string[];
  readonly plantsHere: readonly string[];
  readonly spreaders: readonly string[];
  readonly feedsInWater: readonly string[];
}

/** A kind of decision, registered: what may be decided, for what, and at which step it is shown. */
interface DecisionSpec {
  /** For a piece of ground, or for the case. */
  readonly scope: 'area' | 'case';
  readonly step: StepId;
  /** One of these, or of a vocabulary; or something that is typed, or that stands for what was settled. */
  readonly takes: readonly string[] | { readonly of: keyof Vocabularies } | 'typed' | 'settled';
}

const onArea = (step: StepId, takes: DecisionSpec['takes']): DecisionSpec => ({
  scope: 'area',
  step,
  takes,
});

const opinion = (id: OpinionId): DecisionSpec =>
  onArea(
    'reading',
    OPINION_VALUES[id].others.map((other) => other.id),
  );

/** Every kind of decision that a case may hold. A kind that is added needs nothing else to be read, checked and kept. */
const SPECS = {
  'lime-method': onArea('ph', { of: 'limeMethods' }),
  'lime-target': onArea('ph', 'typed'),
  'lime-depth': onArea('ph', 'typed'),
  'lime-material': onArea('ph', { of: 'limes' }),
  'lime-own': onArea('ph', 'typed'),
  'lab-rescale': onArea('ph', ['yes']),
  'ph-settled': onArea('ph', 'settled'),
  'sulfur-settled': onArea('ph', 'settled'),
  'sulfur-wanted': onArea('ph', ['yes']),
  'sulfur-by': onArea('ph', ['learned']),
  'sulfur-own': onArea('ph', 'typed'),
  'sulfur-material': onArea('ph', { of: 'sulfurs' }),
  fizz: onArea('ph', ['yes', 'no']),
  'soil-group': onArea('reading', { of: 'soilGroups' }),
  window: onArea('ground', { of: 'windows' }),
  governs: onArea('ground', { of: 'plantsHere' }),
  'opinion-k': opinion('opinion-k'),
  'opinion-p': opinion('opinion-p'),
  'opinion-cu': opinion('opinion-cu'),
  'opinion-mn': opinion('opinion-mn'),
  retest: onArea('reading', RETEST_YEARS),
  'feed-source': onArea('feeding', { of: 'fertilizerSchools' }),
  'feed-way': onArea('feeding', { of: 'fertilizerWays' }),
  'n-by': onArea('feeding', ['plant', 'area']),
  'late-n': onArea('feeding', ['classic', 'earlier', 'none']),
  'corn-side': onArea('feeding', ['one', 'two']),
  organic: onArea('feeding', ['yes']),
  'feed-n': onArea('feeding', { of: 'fertilizers' }),
  'feed-p': onArea('feeding', { of: 'fertilizers' }),
  'feed-k': onArea('feeding', { of: 'fertilizers' }),
  'feed-one': onArea('feeding', { of: 'fertilizers' }),
  'feeding-settled': onArea('feeding', 'settled'),
  habit: onArea('feeding', { of: 'fertilizers' }),
  liquid: onArea('feeding', { of: 'feedsInWater' }),
  'liquid-ppm': onArea('feeding', 'typed'),
  'liquid-gallons': onArea('feeding', 'typed'),
  'liquid-ratio': onArea('feeding', 'typed'),
  'habit-years': onArea('feeding', 'typed'),
  'spread-with': onArea('calendar', { of: 'spreaders' }),
  'slip-sent': { scope: 'case', step: 'slip', takes: 'settled' },
  'slip-answer': { scope: 'case', step: 'slip', takes: 'typed' },
  'slip-spreader': { scope: 'case', step: 'slip', takes: ['yes'] },
  'slip-unnamed': { scope: 'case', step: 'slip', takes: ['yes'] },
  checked: onArea('results', 'settled'),
  'sampling-school': onArea('sample', { of: 'samplingSchools' }),
  'cores-for': onArea('sample', Object.keys(VARIATION)),
  'cores-error': onArea('sample', 'typed'),
  'cores-confidence': onArea('sample', Object.keys(CONFIDENCE)),
} as const satisfies Record<string, DecisionSpec> & Record<(typeof OPINIONS)[number], DecisionSpec>;

export type DecisionKind = keyof typeof SPECS;
export const DECISIONS = Object.keys(SPECS) as readonly DecisionKind[];

/** What the advisor chose, with the moment and, where it passes guidance, the reason. */
export const DECISION = object({ what: oneOf(DECISIONS), value: text, reason: text, at: text });
export interface Decision extends Of<typeof DECISION> {}

/** Everything decided in a case, by `areaId:what`. */
type Decided = Readonly<Record<string, Decision>>;

/**
 * The key of a decision in the document.
 * @example decisionKey('lawn', 'lime-target') // 'lawn:lime-target'
 */
export function decisionKey(areaId: string, what: DecisionKind): string {
  return `${areaId}:${what}`;
}

/** The decision taken for an area (or the `case`), if any, as it stands in the document. */
export function decisionOf(
  { decisions }: { readonly decisions: Decided },
  areaId: string,
  what: DecisionKind,
): Decision | undefined {
  return own(decisions, decisionKey(areaId, what));
}

/**
 * The step at which a decision is shown, by its key in the document.
 * @example stepOfDecision('lawn:feed-n') // 'feeding'
 */
export function stepOfDecision(key: string): StepId | undefined {
  const spec: DecisionSpec | undefined = own(SPECS, key.slice(key.lastIndexOf(':') + 1));
  return spec?.step;
}

/**
 * What each settlement writes down as it stood, so that a later default cannot change it behind a settled sum.
 */
export const PINNED = {
  'ph-settled': ['lime-method', 'lime-material'],
  'sulfur-settled': ['sulfur-material'],
  'feeding-settled': ['feed-source', 'feed-way', 'feed-n', 'feed-p', 'feed-k', 'feed-one'],
} as const satisfies Partial<Record<DecisionKind, readonly DecisionKind[]>>;
export type Settlement = keyof typeof PINNED;

/** What a decision is called; a kind without a name does not compile. */
export function labelOfDecision(what: DecisionKind): Msg {
  return msg(`decision.${what}`);
}

/** What was decided for one area, by kind: only what is one of its choices. */
export type AreaDecisions = { readonly [Kind in DecisionKind]?: Decision };

/** A value that is none of the choices there are: it is not followed, and that is said. */
export interface UnknownDecision {
  readonly what: DecisionKind;
  readonly step: StepId;
  readonly value: string;
}

function isKnown({ takes }: DecisionSpec, value: string, vocabularies: Vocabularies): boolean {
  if (typeof takes === 'string' || value === '') return true;
  return ('of' in takes ? vocabularies[takes.of] : takes).includes(value);
}

/** Reads what was decided for an area once, and sorts out what nobody here knows. */
export function readDecisions(
  file: { readonly decisions: Decided },
  areaId: string,
  vocabularies: Vocabularies,
): { readonly decisions: AreaDecisions; readonly unknown: readonly UnknownDecision[] } {
  const decisions: { [Kind in DecisionKind]?: Decision } = {};
  const unknown: UnknownDecision[] = [];
  for (const what of DECISIONS) {
    const spec: DecisionSpec = SPECS[what];
    const decision = spec.scope === 'area' ? decisionOf(file, areaId, what) : undefined;
    if (!decision) continue;
    const value = decision.value.trim();
    if (isKnown(spec, value, vocabularies)) decisions[what] = decision;
    else unknown.push({ what, step: spec.step, value });
  }
  return { decisions, unknown };
}
