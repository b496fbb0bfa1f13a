import { TO_SIX_FIVE_ROWS, type SulfurSoil } from '../../../tables/sulfur';
import type { PhUnit } from '../../../reading/phUnit';
import type { Quantity } from '../../../kernel/units/quantity';
import type { PlanContext } from '../../../kernel/working/context';
import { msg, type Msg } from '../../../kernel/messages/msg';
import type { Figure } from '../../../kernel/working/working';
import { type Rows } from '../../../equations/sulfur/byTable';

export type Ph = Figure<Quantity<'pH', 'water'>>;
type SulfurRate = Figure<Quantity<'lb/1000ft2', 'S'>>;

export type SulfurSchool =
  'table' | 'clay-high' | 'to-six-five' | 'garden' | 'per-tenth' | 'cec' | 'learned';

/** What a school asks for in all: never one dose. */
export interface SulfurOption {
  readonly id: SulfurSchool;
  readonly gross: SulfurRate;
}

/** What a school reckons from. */
export interface SulfurNeed {
  readonly soil: Exclude<SulfurSoil, 'clay-high'>;
  readonly ph: Ph;
  readonly target: Ph;
  readonly cec: Figure<Quantity<'meq/100g', 'CEC'>>;
  /** What this ground's own tests took for a whole unit of pH; nothing where they teach nothing. */
  readonly learned: PhUnit | undefined;
}

/** A way to reckon the sulfur of a change of pH: one file, one object. */
export interface SulfurMethod {
  readonly id: SulfurSchool;
  /** It counts only where the advisor decides for it, with a reason. */
  readonly byDecision?: true;
  /** Whether it speaks of such a soil and such a target at all. */
  readonly fits: (input: SulfurNeed) => boolean;
  readonly gross: (ctx: PlanContext, areaId: string, input: SulfurNeed) => SulfurOption['gross'];
}

/** Why a pair of pH has no answer between two ends. */
export function outside(
  { ph, target }: Pick<SulfurNeed, 'ph' | 'target'>,
  { min, max }: { readonly min: number; readonly max: number },
): Msg | undefined {
  const beyond = [ph, target].some(
    (each) =>
      !('absent' in each) && (each.value.value < min - 1e-9 || each.value.value > max + 1e-9),
  );
  return beyond ? msg('absent.sulfurOutside', { min, max }) : undefined;
}

/** The end rows of a table. */
export function endsOf(rows: Rows): { readonly min: number; readonly max: number } {
  const phs = rows.map(([ph]) => ph);
  return { min: Math.min(...phs), max: Math.max(...phs) };
}

/** Whether the target is so high that the table to 6.5 is the one that is made for it. */
export function isMild({ target }: SulfurNeed): boolean {
  return !('absent' in target) && target.value.value >= endsOf(TO_SIX_FIVE_ROWS).min - 1e-9;
}
