import type { Plant } from '../plants/plants';
import { own } from '../../kernel/typed/own';
import type { Pack } from './pack';

/** The row of a pack that speaks of a whole kind of ground: gardens, or lawns. */
const GENERAL: Readonly<Partial<Record<Plant['group'], string>>> = {
  lawns: 'cool-season-lawn',
  vegetables: 'mixed-vegetables',
  herbs: 'mixed-vegetables',
};

/** The pack's rates for the kind of ground that a plant stands on. */
export function generalRow(
  pack: Pack,
  { group }: Pick<Plant, 'group'>,
): { readonly row: string; readonly rates: Pack['feeding'][string] } | undefined {
  const row = GENERAL[group] ?? '';
  const rates = own(pack.feeding, row);
  return rates && { row, rates };
}
