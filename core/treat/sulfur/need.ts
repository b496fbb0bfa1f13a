import { acidShare, ADAMS_EVANS } from '../../tables/lime/adamsEvans';
import {
  CEC_ESTIMATE,
  GARDEN_RULE,
  PER_TENTH,
  SULFUR_ROWS,
  SULFUR_SOILS,
  TO_SIX_FIVE_ROWS,
  TO_SIX_FIVE_SOILS,
  WATER_LIME,
  type SulfurSoil,
} from '../../tables/sulfur';
import { perAcreToPerThousand, perHundredToPerThousand } from '../../kernel/units/convert';
import { quantity, type Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg, type Msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';

type Ph = Figure<Quantity<'pH', 'water'>>;
type SulfurRate = Figure<Quantity<'lb/1000ft2', 'S'>>;
type Rows = readonly (readonly [number, ...number[]])[];

export const SULFUR_SCHOOLS = [
  'table',
  'clay-high',
  'to-six-five',
  'garden',
  'per-tenth',
  'cec',
] as const;
export type SulfurSchool = (typeof SULFUR_SCHOOLS)[number];

/** What a school asks for in all: never one dose. */
export interface SulfurOption {
  readonly id: SulfurSchool;
  readonly gross: SulfurRate;
}

interface NeedInput {
  readonly soil: Exclude<SulfurSoil, 'clay-high'>;
  readonly ph: Ph;
  readonly target: Ph;
  readonly cec: Figure<Quantity<'meq/100g', 'CEC'>>;
}

/** Why a pair of pH has no answer between two ends. */
function outside(
  { ph, target }: Pick<NeedInput, 'ph' | 'target'>,
  { min, max }: { readonly min: number; readonly max: number },
): Msg | undefined {
  const beyond = [ph, target].some(
    (each) =>
      !('absent' in each) && (each.value.value < min - 1e-9 || each.value.value > max + 1e-9),
  );
  return beyond ? msg('absent.sulfurOutside', { min, max }) : undefined;
}

/** The end rows of a table. */
function endsOf(rows: Rows): { readonly min: number; readonly max: number } {
  const phs = rows.map(([ph]) => ph);
  return { min: Math.min(...phs), max: Math.max(...phs) };
}

/** The cell of a column at a pH: the row, or the line between two. */
function cellAt(rows: Rows, column: number, ph: number): number {
  const below = rows.findIndex(([row]) => row <= ph + 1e-9);
  const [lower, upper] = [rows[below], rows[Math.max(0, below - 1)]];
  const [low, high] = [lower?.[column] ?? NaN, upper?.[column] ?? NaN];
  const [at, next] = [lower?.[0] ?? NaN, upper?.[0] ?? NaN];
  const way = next === at ? 0 : (ph - at) / (next - at);
  return low + way * (high - low);
}

interface SulfurTable<U extends 'lb/100ft2' | 'lb/acre'> {
  readonly id: SulfurSchool;
  readonly rows: Rows;
  readonly column: number;
  readonly equation: string;
  readonly soil: SulfurSoil;
  readonly label: 'sulfur.toLowest' | 'sulfur.toSixFive';
  readonly source: 'sulfur-table' | 'western-handbook';
  readonly unit: U;
  readonly toRate: (need: Quantity<U, 'S'>) => Quantity<'lb/1000ft2', 'S'>;
}

/** From a pH to a target: the difference of two cells of a table. */
function byTable<U extends 'lb/100ft2' | 'lb/acre'>(
  ctx: PlanContext,
  areaId: string,
  { ph, target }: NeedInput,
  table: SulfurTable<U>,
): SulfurOption {
  const prefix = `${areaId}/sulfur/${table.id}`;
  const entry = { id: `${prefix}/gross`, label: msg('sulfur.gross') };
  const refused = outside({ ph, target }, endsOf(table.rows));
  if (refused) {
    return { id: table.id, gross: ctx.sheet.absent(entry, refused, [ph.id, target.id]) };
  }
  const cell = (id: string, at: Ph): Figure<Quantity<U, 'S'>> =>
    ctx.sheet.derive(
      'equation',
      {
        id: `${prefix}/${id}`,
        label: msg(table.label, { soil: msg(`sulfurSoil.${table.soil}`) }),
        source: table.source,
        standing: 'recalled',
        detail: { equation: table.equation },
      },
      [at],
      ({ value }) => quantity(cellAt(table.rows, table.column, value), table.unit, 'S'),
    );
  const need = ctx.sheet.deduct({ id: `${prefix}/need`, label: msg('sulfur.need') }, [
    cell('now', ph),
    cell('then', target),
  ]);
  return {
    id: table.id,
    gross: ctx.sheet.derive('convert', entry, [need], (q) => table.toRate(q)),
  };
}

function toFourFive(id: 'table' | 'clay-high', soil: SulfurSoil): SulfurTable<'lb/100ft2'> {
  return {
    id,
    rows: SULFUR_ROWS,
    column: SULFUR_SOILS.indexOf(soil) + 1,
    equation: `sulfur-${soil}`,
    soil,
    label: 'sulfur.toLowest',
    source: 'sulfur-table',
    unit: 'lb/100ft2',
    toRate: (q) => perHundredToPerThousand(q),
  };
}

function toSixFive(soil: (typeof TO_SIX_FIVE_SOILS)[number]): SulfurTable<'lb/acre'> {
  return {
    id: 'to-six-five',
    rows: TO_SIX_FIVE_ROWS,
    column: TO_SIX_FIVE_SOILS.indexOf(soil) + 1,
    equation: `sulfur-to-6.5-${soil}`,
    soil,
    label: 'sulfur.toSixFive',
    source: 'western-handbook',
    unit: 'lb/acre',
    toRate: (q) => perAcreToPerThousand(q),
  };
}

/** The trade's rule, a loam figure: nothing where the pH is under its foot. */
function perTenth(ctx: PlanContext, areaId: string, { ph }: NeedInput): SulfurOption {
  const prefix = `${areaId}/sulfur/per-tenth`;
  const entry = { id: `${prefix}/gross`, label: msg('sulfur.gross') };
  const need = ctx.sheet.derive(
    'equation',
    {
      id: `${prefix}/need`,
      label: msg('sulfur.perTenth', PER_TENTH),
      source: 'practice',
      detail: { equation: 'sulfur-per-tenth' },
    },
    [ph],
    ({ value }) =>
      quantity(Math.max(0, (value - PER_TENTH.above) / 0.1) * PER_TENTH.pounds, 'lb/100ft2', 'S'),
  );
  const gross = ctx.sheet.derive('convert', entry, [need], perHundredToPerThousand);
  return { id: 'per-tenth', gross };
}

/** The other printed family: so much for every pH, on one texture. */
function garden(ctx: PlanContext, areaId: string, { ph, target }: NeedInput): SulfurOption {
  const prefix = `${areaId}/sulfur/garden`;
  const entry = { id: `${prefix}/gross`, label: msg('sulfur.gross') };
  const refused = outside({ ph, target }, { min: GARDEN_RULE.to, max: GARDEN_RULE.from });
  if (refused) {
    return { id: 'garden', gross: ctx.sheet.absent(entry, refused, [ph.id, target.id]) };
  }
  const need = ctx.sheet.derive(
    'equation',
    {
      id: `${prefix}/need`,
      label: msg('sulfur.garden', { pounds: GARDEN_RULE.poundsPerPh }),
      source: 'garden-sulfur',
      standing: 'recalled',
      detail: { equation: 'sulfur-garden' },
    },
    [ph, target],
    (now, then) =>
      quantity(Math.max(0, now.value - then.value) * GARDEN_RULE.poundsPerPh, 'lb/100ft2', 'S'),
  );
  const gross = ctx.sheet.derive('convert', entry, [need], perHundredToPerThousand);
  return { id: 'garden', gross };
}

/**
 * From the exchange capacity: acid that more of its sites have to take up by the curve of Adams & Evans, in lb of CaCO3 on
 * 2,000,000 lb of soil, and a pound of sulfur for each 3.12 of them. An estimate.
 */
function fromCec(ctx: PlanContext, areaId: string, { ph, target, cec }: NeedInput): SulfurOption {
  const prefix = `${areaId}/sulfur/cec`;
  const entry = { id: `${prefix}/gross`, label: msg('sulfur.gross') };
  const refused = outside({ ph, target }, { min: CEC_ESTIMATE.to, max: CEC_ESTIMATE.from });
  if (refused) return { id: 'cec', gross: ctx.sheet.absent(entry, refused, [ph.id, target.id]) };
  const lime = ctx.sheet.derive(
    'equation',
    {
      id: `${prefix}/lime`,
      label: msg('sulfur.cecLime'),
      source: 'adams-evans',
      standing: 'recalled',
      detail: { equation: 'sulfur-cec' },
    },
    [ph, target, cec],
    (now, then, capacity) => {
      const more = Math.max(0, acidShare(then.value) - acidShare(now.value));
      return quantity(more * capacity.value * ADAMS_EVANS.poundsPerMeq, 'lb/acre', 'CaCO3');
    },
  );
  const undone = { id: `${prefix}/undone`, label: msg('sulfur.undone'), source: 'aapfco' } as const;
  const each = ctx.constant(undone, WATER_LIME.undoneByPound, 'ratio', 'CaCO3');
  const perAcre = ctx.sheet.divide(
    { id: `${prefix}/need`, label: msg('sulfur.need') },
    [lime, each],
    'lb/acre',
    'S',
  );
  return {
    id: 'cec',
    gross: ctx.sheet.derive('convert', entry, [perAcre], perAcreToPerThousand),
  };
}

/**
 * Elemental sulfur in all by every school that fits the soil and the target, lb/1000 ft². The first is dosed from: to 6.5
 * and above the table that is made for it, below the table of the blueberry bulletins.
 * Domain: pH and target 4.5 to 7.5, or 6.5 to 8.5; by the exchange capacity 4.5 to 7.7.
 */
export function sulfurOptions(ctx: PlanContext, areaId: string, input: NeedInput): SulfurOption[] {
  const { soil, target } = input;
  const mild = !('absent' in target) && target.value.value >= endsOf(TO_SIX_FIVE_ROWS).min - 1e-9;
  return [
    ...(mild ? [byTable(ctx, areaId, input, toSixFive(soil))] : []),
    byTable(ctx, areaId, input, toFourFive('table', soil)),
    ...(soil === 'clay' ? [byTable(ctx, areaId, input, toFourFive('clay-high', 'clay-high'))] : []),
    ...(soil === 'loam' ? [garden(ctx, areaId, input)] : []),
    ...(soil === 'loam' && !mild ? [perTenth(ctx, areaId, input)] : []),
    fromCec(ctx, areaId, input),
  ];
}
