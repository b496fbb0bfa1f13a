import type { PastEntry } from '../casefile/parts/past';
import type { AreaSlice } from '../casefile/slice';
import type { Materials } from '../catalog/materials/materials';
import { asSulfurPercent } from '../catalog/materials/sulfur';
import { NUTRIENTS } from '../catalog/nutrients';
import { percentOf } from '../equations/shares';
import { parseGrade } from '../kernel/typed/grade';
import { parseNumber, type NumberRule } from '../kernel/typed/number';
import { quantity, type Quantity, type Substance } from '../kernel/units/quantity';
import type { PlanContext } from '../kernel/working/context';
import { msg } from '../kernel/messages/msg';
import type { Figure } from '../kernel/working/working';
import { LIMESTONE_CCE_MAX, LIMESTONE_CCE_MIN, TABLE_LIMESTONE_CCE } from '../tables/lime/quality';
import type { Ground } from './ground/ground';
import { PURE, readRate, SULFUR_PERCENT } from './past';

/** What is counted: lime as pure limestone, sulfur that acidifies, nitrogen, what of it comes slowly and what is organic, and what else feeds. */
export const LEDGER_COLUMNS = [
  'lime',
  'sulfur',
  'N',
  'slowN',
  'organicN',
  'P2O5',
  'K2O',
  'S',
  'Mg',
] as const;
export type LedgerColumn = (typeof LEDGER_COLUMNS)[number];

/** What each column is pounds of. */
export const SUBSTANCE_OF = {
  lime: 'CaCO3',
  sulfur: 'S',
  N: 'N',
  slowN: 'N',
  organicN: 'N',
  P2O5: 'P2O5',
  K2O: 'K2O',
  S: 'S',
  Mg: 'Mg',
} as const satisfies Readonly<Record<LedgerColumn, Substance>>;

type Rate = Figure<Quantity<'lb/1000ft2'>>;

interface RecordInput {
  readonly file: AreaSlice;
  readonly areaId: string;
  readonly ground: Ground;
  readonly materials: Materials;
}

/** So much of something is in a column. */
export interface Part {
  readonly year: string;
  readonly column: LedgerColumn;
  readonly rate: Rate;
}

/** What a record brings in one column. */
export interface RecordPart extends Part {
  readonly entry: PastEntry;
  readonly of: Substance;
}

/** What is counted of a record: its columns in percent of the product, as typed or as generally sold. */
type Percents = readonly (readonly [
  column: LedgerColumn,
  percent: number | { readonly typed: number },
])[];

/** The percentage of a record as it was typed; nothing where it was not, or cannot be read. */
function typedIn(ctx: PlanContext, id: string, text: string, rule: NumberRule): number | undefined {
  ctx.check(`past/${id}/percent`, text, rule);
  const parsed = parseNumber(text, rule);
  return parsed.kind === 'value' ? parsed.value : undefined;
}

const N_PERCENT = { above: 0, max: 82 };

function limePercents(
  ctx: PlanContext,
  { id, percent, material: name }: PastEntry,
  { lime }: Materials,
): Percents {
  const material = lime.find((each) => each.id === name);
  const rule = { min: LIMESTONE_CCE_MIN, max: LIMESTONE_CCE_MAX };
  const typed = typedIn(ctx, id, percent, rule);
  return [
    ['lime', typed === undefined ? (material?.typicalCce ?? TABLE_LIMESTONE_CCE) : { typed }],
    ['Mg', material?.mg ?? 0],
  ];
}

function sulfurPercents(
  ctx: PlanContext,
  { id, percent, material: name }: PastEntry,
  { sulfur }: Materials,
): Percents {
  const material = sulfur.find((each) => each.id === name);
  const typed = typedIn(ctx, id, percent, SULFUR_PERCENT);
  return [
    ['sulfur', typed === undefined ? (material ? asSulfurPercent(material) : PURE) : { typed }],
  ];
}

function feedPercents(
  ctx: PlanContext,
  { id, percent, material: name }: PastEntry,
  { fertilizers }: Materials,
): Percents {
  const grade = percent.includes('-') ? parseGrade(percent) : undefined;
  if (grade?.kind === 'value') {
    return NUTRIENTS.map((nutrient) => [nutrient, { typed: grade.value[nutrient] }] as const);
  }
  const typed = typedIn(ctx, id, percent, N_PERCENT);
  if (typed !== undefined) return [['N', { typed }]];
  const material = fertilizers.find((each) => each.id === name);
  if (!material) return [];
  const { grade: sold, also, release, slowShare } = material;
  const slow = slowShare ?? (release === 'slow' ? 1 : 0);
  return [
    ...NUTRIENTS.map((nutrient) => [nutrient, sold[nutrient]] as const),
    ['slowN', sold.N * slow],
    ['organicN', material.organic ? sold.N : 0],
    ['S', also.S ?? 0],
    ['Mg', also.Mg ?? 0],
  ];
}

const PERCENTS = {
  lime: limePercents,
  sulfur: sulfurPercents,
  fertilizer: feedPercents,
  // What is in compost nobody knows without its analysis; as a load it is counted.
  compost: (): Percents => [],
} satisfies Readonly<Record<PastEntry['kind'], unknown>>;

/** What one record brings. */
function partsOf(ctx: PlanContext, input: RecordInput, entry: PastEntry): RecordPart[] {
  const { areaId, ground, materials } = input;
  const on = ctx.date(`past/${entry.id}/on`, entry.on);
  if (!on) return [];
  const at = `${areaId}/ledger/${entry.id}`;
  const rate = readRate(ctx, entry, at, on, ground);
  return PERCENTS[entry.kind](ctx, entry, materials).flatMap(([column, percent]): RecordPart[] => {
    const value = typeof percent === 'number' ? percent : percent.typed;
    if (value === 0) return [];
    const of = SUBSTANCE_OF[column];
    const named = { id: `${at}/${column}/percent`, label: msg('ledger.percent') };
    const share =
      typeof percent === 'number'
        ? ctx.constant({ ...named, source: 'practice' }, value, '%', of)
        : ctx.sheet.leaf(
            'typed',
            { ...named, at: `past/${entry.id}/percent` },
            quantity(value, '%', of),
          );
    const label = msg(`ledger.${column}`);
    const brought = ctx.sheet.equation({ id: `${at}/${column}`, label }, percentOf<Substance>(of), [
      rate,
      share,
    ]);
    return [{ entry, year: on.slice(0, 4), column, rate: brought, of }];
  });
}

/** What each record of a piece of ground brings; what was left out brings nothing. */
export function readRecords(ctx: PlanContext, input: RecordInput): RecordPart[] {
  return Object.values(input.file.past)
    .filter(({ outcome }) => outcome !== 'left')
    .flatMap((entry) => partsOf(ctx, input, entry));
}
