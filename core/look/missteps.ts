import {
  K2O_PER_K,
  KILOGRAMS_PER_POUND,
  OUNCES_PER_POUND,
  P2O5_PER_P,
  SHORT_CUT_POUNDS_PER_THOUSAND_PER_TON,
  SQUARE_FEET_PER_ACRE,
  SQUARE_FEET_PER_THOUSAND,
  POUNDS_PER_ACRE_PER_PPM_INCH,
  POUNDS_PER_TON,
} from '../kernel/units/factors';
import { PER_TENTH } from '../tables/sulfur';
import type { Quantity } from '../kernel/units/quantity';
import type { NamesIn } from '../kernel/messages/msg';
import type { Node } from './tree';

export type MisstepId = NamesIn<'misstep'>;

/** One way in which a sum goes wrong by a factor. */
export interface Misstep {
  readonly id: MisstepId;
  /** How usual it is, from 0 to 1: from memory of what help desks see. Common practice. */
  readonly usual: number;
  /** What it turns the right amount into: that times this. */
  readonly factor: number;
  /** Too much of a guess to be one of two. */
  readonly alone?: true;
  /** What was counted in place of what, where the misstep is about a number. */
  readonly counted?: { readonly said: number; readonly right: number };
}

/** What somebody knows of a sum that does not stand in it. */
export interface Beside {
  /** The answer at other targets. */
  readonly atTarget?: readonly number[];
  /** The other numbers of the grade, by their share of the one that counts. */
  readonly gradeNumbers?: readonly number[];
  /** Pounds in a bag. */
  readonly bag?: number;
  /** Plants, rows or beds that share the amount, where the sum does not say. */
  readonly plants?: number;
}

const THOUSANDS_PER_ACRE = SQUARE_FEET_PER_ACRE / SQUARE_FEET_PER_THOUSAND;
const TONS_EXACT = POUNDS_PER_TON / THOUSANDS_PER_ACRE;
const NUTRIENTS = new Set(['N', 'P2O5', 'K2O']);
/** Nobody miscounts by more tenths than this. */
const TENTHS_OFF = 10;

const valueOf = (all: readonly { readonly value: Quantity }[], at: number): number =>
  all[at]?.value.value ?? NaN;

/** Both ways round: what is left out, and what is done twice. */
function bothWays(
  [left, twice]: readonly [MisstepId, MisstepId],
  usual: readonly [number, number],
  factor: number,
): Misstep[] {
  return [
    { id: left, usual: usual[0], factor },
    { id: twice, usual: usual[1], factor: 1 / factor },
  ];
}

/** A percentage of a label that a sum divides by. */
function percentages({ working, inputs }: Node): Misstep[] {
  const [, share] = inputs;
  if (working.op !== 'divide' || share?.value.unit !== 'ratio') return [];
  const { value, of } = share.value;
  if (value >= 1 || !['N', 'P2O5', 'K2O', 'S'].includes(of)) return [];
  return of === 'S'
    ? bothWays(['purity', 'purityTwice'], [0.9, 0.4], value)
    : bothWays(['nutrientForProduct', 'percentTwice'], [0.9, 0.4], value);
}

/** The worth of a limestone, and the depth that a table is for. */
function proportions({ working, inputs }: Node): Misstep[] {
  if (working.op !== 'proportion') return [];
  const [, over, under] = inputs;
  const factor = valueOf(inputs, 1) / valueOf(inputs, 2);
  if (over?.value.unit === '%' && under?.value.unit === '%') {
    return bothWays(['worthLeftOut', 'worthTwice'], [0.6, 0.4], 1 / factor);
  }
  if (over?.value.unit === 'in' && under?.value.unit === 'in') {
    return bothWays(['depthLeftOut', 'depthTwice'], [0.5, 0.2], 1 / factor);
  }
  return [];
}

/** Areas by a circle, a triangle, or a thing that is there several times. */
function areas({ working, inputs }: Node): Misstep[] {
  const equation =
    working.detail && 'equation' in working.detail ? working.detail.equation : undefined;
  const round = equation === 'circle-by-diameter' || equation === 'ring-by-diameters';
  if (round) {
    return [
      { id: 'diameterAsRadius', usual: 0.8, factor: 4 },
      { id: 'radiusAsDiameter', usual: 0.3, factor: 1 / 4 },
      { id: 'squareForCircle', usual: 0.4, factor: 4 / Math.PI },
    ];
  }
  if (equation === 'triangle-by-height' || equation === 'heron') {
    return [{ id: 'halfForgotten', usual: 0.6, factor: 2 }];
  }
  if (equation === 'ellipse-by-axes') {
    return [{ id: 'squareForCircle', usual: 0.5, factor: 4 / Math.PI }];
  }
  const count = inputs.find(({ value }) => value.unit === 'ratio' && value.of === 'count');
  if (working.op === 'multiply' && count && count.value.value > 1) {
    return [{ id: 'oneForAll', usual: 0.5, factor: 1 / count.value.value }];
  }
  if (working.op === 'divide' && count && count.value.value > 1) {
    return [{ id: 'allForEach', usual: 0.5, factor: count.value.value }];
  }
  return [];
}

/** What is given in several doses, or held under a limit, all at once. */
function atOnce({ working, inputs }: Node): Misstep[] {
  if (working.op === 'divide' && inputs[1]?.value.unit === 'doses' && valueOf(inputs, 1) > 1) {
    return [{ id: 'allAtOnce', usual: 0.8, factor: valueOf(inputs, 1) }];
  }
  if (working.op === 'cap' && working.value.value > 0) {
    const most = Math.max(...inputs.map(({ value }) => value.value));
    const factor = most / working.value.value;
    return factor > 1.05 ? [{ id: 'allAtOnce', usual: 0.8, factor }] : [];
  }
  return [];
}

/** Tenths of pH that were counted on the fingers. */
function tenths({ working, inputs }: Node): Misstep[] {
  const equation =
    working.detail && 'equation' in working.detail ? working.detail.equation : undefined;
  if (equation !== 'sulfur-per-tenth' && equation !== 'sulfur-garden') return [];
  const foot = equation === 'sulfur-per-tenth' ? PER_TENTH.above : valueOf(inputs, 1);
  const right = Math.round((valueOf(inputs, 0) - foot) * 10);
  if (right < 1) return [];
  const counts = Array.from({ length: 2 * TENTHS_OFF + 1 }, (_, at) => right - TENTHS_OFF + at);
  return counts
    .filter((said) => said > 0 && said !== right)
    .map((said) => ({
      id: 'tenthsMiscounted',
      usual: 0.5 / (1 + Math.abs(said - right) / 4),
      factor: said / right,
      counted: { said, right },
    }));
}

/** Elements and oxides, tons by the short-cut, ppm and pounds. */
function conversions({ working, inputs }: Node): Misstep[] {
  const from = inputs[0]?.value;
  const to = working.value;
  const equation =
    working.detail && 'equation' in working.detail ? working.detail.equation : undefined;
  if (equation === 'ppm-to-lb-per-acre') {
    const factor = POUNDS_PER_ACRE_PER_PPM_INCH * valueOf(inputs, 1);
    return [
      { id: 'timesTwo', usual: Math.abs(factor - 2) > 0.05 ? 0.7 : 0, factor: 2 / factor },
      { id: 'ppmForPounds', usual: 0.6, factor: 1 / factor },
    ];
  }
  if (equation === 'lb-per-acre-to-ppm') {
    const factor = POUNDS_PER_ACRE_PER_PPM_INCH * valueOf(inputs, 1);
    return [
      { id: 'timesTwo', usual: Math.abs(factor - 2) > 0.05 ? 0.7 : 0, factor: factor / 2 },
      { id: 'ppmForPounds', usual: 0.6, factor },
    ];
  }
  if (equation === 'lb-to-cups') {
    return [{ id: 'pintIsPound', usual: 0.7, factor: (2 * valueOf(inputs, 0)) / to.value }];
  }
  if (!from || working.op !== 'convert') return [];
  if (from.of !== to.of && /^(P|K|P2O5|K2O)$/.test(from.of)) {
    return bothWays(['oxideLeftOut', 'oxideTwice'], [0.8, 0.4], from.value / to.value);
  }
  if (from.unit === 'ton/acre' && to.unit === 'lb/1000ft2') {
    return [
      { id: 'shortCut', usual: 0.7, factor: SHORT_CUT_POUNDS_PER_THOUSAND_PER_TON / TONS_EXACT },
    ];
  }
  return [];
}

/** What may happen to any amount that is spread over ground. */
function overGround(nodes: readonly Node[]): Misstep[] {
  const units = new Set<string>(nodes.map(({ working }) => working.value.unit));
  const of = new Set<string>(nodes.map(({ working }) => working.value.of));
  const spread = units.has('lb/1000ft2') || units.has('1000ft2');
  const acres = units.has('lb/acre') || units.has('ton/acre') || units.has('acre');
  const converted = nodes.some((node) => conversions(node).some(({ id }) => id === 'oxideLeftOut'));
  return [
    ...(spread
      ? [
          ...bothWays(['hundredForThousand', 'thousandForHundred'], [0.6, 0.6], 10),
          ...bothWays(
            ['thousandForAcre', 'acreForThousand'],
            acres ? [0.5, 0.6] : [0.2, 0.2],
            THOUSANDS_PER_ACRE,
          ),
        ]
      : []),
    ...(of.has('P2O5') && !converted
      ? bothWays(['phosphorusForPhosphate', 'phosphateForPhosphorus'], [0.5, 0.3], P2O5_PER_P)
      : []),
    ...(of.has('K2O') && !converted
      ? bothWays(['potassiumForPotash', 'potashForPotassium'], [0.4, 0.25], K2O_PER_K)
      : []),
  ];
}

/** What may happen to an amount on the scale. */
function onTheScale({ unit }: Quantity): Misstep[] {
  if (unit !== 'lb' && unit !== 'oz') return [];
  const [pounds, ounces] = [0.2, 0.3];
  return [
    unit === 'lb'
      ? { id: 'ouncesForPounds', usual: ounces, factor: OUNCES_PER_POUND }
      : { id: 'poundsForOunces', usual: ounces, factor: 1 / OUNCES_PER_POUND },
    { id: 'kilogramsForPounds', usual: pounds, factor: KILOGRAMS_PER_POUND },
    { id: 'poundsForKilograms', usual: pounds, factor: 1 / KILOGRAMS_PER_POUND },
  ];
}

/** Bags that most things are sold in, lb: where nobody says which. */
const USUAL_BAGS = [40, 50] as const;

function inBags(bag: number): Misstep {
  return { id: 'bagsForPounds', usual: 0.1, factor: 1 / bag, alone: true };
}

/** What is known beside the sum. */
function knownBeside(right: Quantity, { atTarget, gradeNumbers, bag, plants }: Beside): Misstep[] {
  return [
    ...(atTarget ?? []).map((value): Misstep => ({
      id: 'otherTarget',
      usual: 0.5,
      factor: value / right.value,
    })),
    ...(gradeNumbers ?? []).map((share): Misstep => ({
      id: 'otherNumber',
      usual: 0.4,
      factor: 1 / share,
    })),
    ...(!bag && right.unit === 'lb' && right.of === 'product' ? USUAL_BAGS.map(inBags) : []),
    ...(bag && right.unit === 'lb'
      ? [{ id: 'bagsForPounds', usual: 0.4, factor: 1 / bag } as const]
      : []),
    ...(bag && right.unit === 'bags'
      ? [{ id: 'poundsForBags', usual: 0.4, factor: bag } as const]
      : []),
    ...(plants && plants > 1 ? bothWays(['oneForAll', 'allForEach'], [0.5, 0.4], 1 / plants) : []),
  ];
}

const READERS = [percentages, proportions, areas, atOnce, tenths, conversions] as const;

/** Factors that are as good as one explain nothing. */
const NOTHING = 0.04;

/**
 * Every misstep that this very sum offers: read from its steps, so that a sum that divides by no percentage has nobody who
 * could have left one out.
 */
export function misstepsOf(
  nodes: readonly Node[],
  right: Quantity,
  beside: Beside = {},
): Misstep[] {
  const found = [
    ...nodes.flatMap((node) => READERS.flatMap((read) => read(node))),
    ...overGround(nodes),
    ...onTheScale(right),
    ...knownBeside(right, beside),
  ];
  const known = new Set<string>();
  return found.filter(({ id, factor, usual }) => {
    const key = `${id}:${factor.toFixed(4)}`;
    const counts =
      usual > 0 && Number.isFinite(factor) && factor > 0 && Math.abs(Math.log(factor)) > NOTHING;
    if (!counts || known.has(key)) return false;
    known.add(key);
    return true;
  });
}

/** Whether a substance is one that a grade promises. */
export function isNutrient(of: string): boolean {
  return NUTRIENTS.has(of);
}
