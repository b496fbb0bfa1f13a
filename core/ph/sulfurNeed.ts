import { PER_TENTH, SULFUR_ROWS, SULFUR_SOILS, type SulfurSoil } from '../tables/sulfur';
import { perHundredToPerThousand } from '../units/convert';
import { quantity, type Quantity } from '../units/quantity';
import type { PlanContext } from '../working/context';
import { msg, type Msg } from '../working/msg';
import type { Figure } from '../working/working';

type Ph = Figure<Quantity<'pH', 'water'>>;
type PerHundred = Figure<Quantity<'lb/100ft2', 'S'>>;
type SulfurRate = Figure<Quantity<'lb/1000ft2', 'S'>>;

type SulfurSchool = 'table' | 'clay-high' | 'per-tenth';

/** What a school asks for in all: never one dose. */
export interface SulfurOption {
  readonly id: SulfurSchool;
  readonly gross: SulfurRate;
}

const PHS = SULFUR_ROWS.map(([ph]) => ph);
const [LOWEST, HIGHEST] = [Math.min(...PHS), Math.max(...PHS)];

function outside(ph: number): Msg | undefined {
  return ph < LOWEST - 1e-9 || ph > HIGHEST + 1e-9
    ? msg('absent.sulfurOutside', { min: LOWEST, max: HIGHEST })
    : undefined;
}

/** Sulfur from a pH down to 4.5: the row, or the line between two. */
function toLowest(ctx: PlanContext, id: string, soil: SulfurSoil, ph: Ph): PerHundred {
  const column = SULFUR_SOILS.indexOf(soil) + 1;
  const entry = {
    id,
    label: msg('sulfur.toLowest', { soil: msg(`sulfurSoil.${soil}`) }),
    source: 'sulfur-table' as const,
    standing: 'recalled' as const,
    detail: { equation: `sulfur-${soil}` },
  };
  return ctx.sheet.derive('equation', entry, [ph], ({ value }) => {
    const below = SULFUR_ROWS.findIndex(([row]) => row <= value + 1e-9);
    const [lower, upper] = [SULFUR_ROWS[below], SULFUR_ROWS[Math.max(0, below - 1)]];
    const [low, high] = [lower?.[column] ?? NaN, upper?.[column] ?? NaN];
    const [at, next] = [lower?.[0] ?? NaN, upper?.[0] ?? NaN];
    const way = next === at ? 0 : (value - at) / (next - at);
    return quantity(low + way * (high - low), 'lb/100ft2', 'S');
  });
}

function byTable(
  ctx: PlanContext,
  prefix: string,
  soil: SulfurSoil,
  ph: Ph,
  target: Ph,
): SulfurRate {
  const refused =
    'absent' in ph || 'absent' in target
      ? undefined
      : (outside(ph.value.value) ?? outside(target.value.value));
  const entry = { id: `${prefix}/gross`, label: msg('sulfur.gross') };
  if (refused) return ctx.sheet.absent(entry, refused, [ph.id, target.id]);
  const need = ctx.sheet.derive(
    'deduct',
    { id: `${prefix}/need`, label: msg('sulfur.need') },
    [toLowest(ctx, `${prefix}/now`, soil, ph), toLowest(ctx, `${prefix}/then`, soil, target)],
    (now, then) => quantity(Math.max(0, now.value - then.value), 'lb/100ft2', 'S'),
  );
  return ctx.sheet.derive('convert', entry, [need], (q) => perHundredToPerThousand(q));
}

/** The trade's rule, a loam figure: nothing where the pH is under its foot. */
function perTenth(ctx: PlanContext, prefix: string, ph: Ph): SulfurRate {
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
  return ctx.sheet.derive('convert', entry, [need], (q) => perHundredToPerThousand(q));
}

/**
 * Elemental sulfur in all by every school that fits the soil, lb/1000 ft²; the table is dosed from.
 * Domain: pH and target 4.5 to 7.5.
 */
export function sulfurOptions(
  ctx: PlanContext,
  areaId: string,
  { soil, ph, target }: { readonly soil: SulfurSoil; readonly ph: Ph; readonly target: Ph },
): SulfurOption[] {
  const at = (id: SulfurSchool): string => `${areaId}/sulfur/${id}`;
  return [
    { id: 'table', gross: byTable(ctx, at('table'), soil, ph, target) },
    ...(soil === 'clay'
      ? [
          {
            id: 'clay-high' as const,
            gross: byTable(ctx, at('clay-high'), 'clay-high', ph, target),
          },
        ]
      : []),
    ...(soil === 'loam'
      ? [{ id: 'per-tenth' as const, gross: perTenth(ctx, at('per-tenth'), ph) }]
      : []),
  ];
}
