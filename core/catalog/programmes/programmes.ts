import type { Plant } from '../plants/plants';
import { own } from '../../kernel/typed/own';
import { IN_SEVERE_HEAT, LAWNS } from './lawns';
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

/**
 * The programme of a plant that stands, or that is planted into a bed; nothing of a mix in a container, which is fed by its
 * extract.
 * @param severe whether summers are so hot that cool-season grass is at risk
 */
export function programmeOf({ id }: Pick<Plant, 'id'>, severe: boolean): Programme | undefined {
  const programme = own(ALL, id);
  return (severe && programme && own(IN_SEVERE_HEAT, programme.id)) || programme;
}
