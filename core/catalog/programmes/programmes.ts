import type { Plant } from '../plants/plants';
import { own } from '../../kernel/typed/own';
import { IN_SEVERE_HEAT, LAWNS, SOWN_LAWN } from './lawns';
import { FRUIT, ORNAMENTALS } from './perennials';
import type { Programme } from './programme';
import { PLOTS, VEGETABLES } from './vegetables';

const ALL: Readonly<Record<string, Programme>> = {
  ...LAWNS,
  ...VEGETABLES,
  ...FRUIT,
  ...ORNAMENTALS,
  ...PLOTS,
};

/** Where and how a plant grows, as far as its programme goes by it. */
interface Growing {
  /** Summers are so hot that cool-season grass is at risk. */
  readonly severe: boolean;
  /** Ground that is being made ready for a lawn. */
  readonly isNewLawn: boolean;
}

/**
 * The programme of a plant that stands, or that is planted or sown; nothing of a mix in a container, which is fed by its
 * extract.
 */
export function programmeOf(
  { id, rules }: Pick<Plant, 'id' | 'rules'>,
  { severe, isNewLawn }: Growing,
): Programme | undefined {
  if (isNewLawn) return rules.includes('warm-grass') ? SOWN_LAWN.warm : SOWN_LAWN.cool;
  const programme = own(ALL, id);
  return (severe && programme && own(IN_SEVERE_HEAT, programme.id)) || programme;
}
