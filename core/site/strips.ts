import type { Area } from '../casefile/parts/area';
import { msg } from '../kernel/messages/msg';
import type { PlanContext } from '../kernel/working/context';
import type { Allowed, LocalRule } from './localRules';

/** Ground beside water or a well that a local rule keeps free of fertilizer. */
export interface Strip {
  readonly rule: LocalRule;
  readonly beside: 'water' | 'well';
  /** So wide is it here, with what is spread with, ft. */
  readonly feet: number;
  /** Whether it lies on this piece of ground, as far as somebody said how far off that is. */
  readonly isHere: boolean | undefined;
}

const FAR = { min: 0, max: 100_000 };

function feetOf({ numbers: { rotary, drop, feet } }: LocalRule, isDrop: boolean): number {
  return (isDrop ? drop : rotary) ?? feet ?? 0;
}

/** The strips of the local rules on a piece of ground. A distance that cannot be read is among the problems. */
export function stripsOn(
  ctx: PlanContext,
  { id, site }: Pick<Area, 'id' | 'site'>,
  { rules }: Pick<Allowed, 'rules'>,
): Strip[] {
  const far = (beside: Strip['beside']): number | undefined => {
    const at = `areas/${id}/site/${beside}`;
    const entry = { id: `${id}/site/${beside}`, label: msg(`sample.${beside}`), at };
    const read = ctx.length(entry, site[beside], FAR, 'ground');
    return 'absent' in read ? undefined : read.value.value;
  };
  const distance = { water: far('water'), well: far('well') };
  const isDrop = site.spreader === 'drop';
  return rules.flatMap((rule): Strip[] => {
    const feet = feetOf(rule, isDrop);
    if (feet <= 0) return [];
    const beside = rule.kind === 'well-strip' ? 'well' : 'water';
    const off = distance[beside];
    return [{ rule, beside, feet, isHere: off === undefined ? undefined : off < feet }];
  });
}
