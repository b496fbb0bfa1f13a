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

/** How far off open water and the nearest well, spring or sinkhole are, ft; nothing where nobody said it. */
export interface Distances {
  readonly water: number | undefined;
  readonly well: number | undefined;
}

/** What was said of the water near a piece of ground. A distance that cannot be read is among the problems. */
export function distancesOf(ctx: PlanContext, { id, site }: Pick<Area, 'id' | 'site'>): Distances {
  const far = (beside: Strip['beside']): number | undefined => {
    const at = `areas/${id}/site/${beside}`;
    const entry = { id: `${id}/site/${beside}`, label: msg(`sample.${beside}`), at };
    const read = ctx.length(entry, site[beside], FAR, 'ground');
    return 'absent' in read ? undefined : read.value.value;
  };
  return { water: far('water'), well: far('well') };
}

/** The strips of the local rules on a piece of ground. */
export function stripsOn(
  { site }: Pick<Area, 'site'>,
  { rules }: Pick<Allowed, 'rules'>,
  distances: Distances,
): Strip[] {
  const isDrop = site.spreader === 'drop';
  return rules.flatMap((rule): Strip[] => {
    const feet = feetOf(rule, isDrop);
    if (feet <= 0) return [];
    const beside = rule.kind === 'well-strip' ? 'well' : 'water';
    const off = distances[beside];
    return [{ rule, beside, feet, isHere: off === undefined ? undefined : off < feet }];
  });
}
