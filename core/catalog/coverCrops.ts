import type { NamesIn } from '../kernel/messages/msg';
import type { SourceId } from '../kernel/sources';

/** Nitrogen that a crop leaves on an acre, lb: in all of its tops, or as it counts for the next crop. */
interface CoverCrop {
  readonly id: NamesIn<'cover'>;
  readonly kind: 'legume' | 'scavenger' | 'former';
  readonly perAcre: { readonly from: number; readonly to: number };
  readonly source: SourceId;
}

function legume(id: CoverCrop['id'], from: number, to: number): CoverCrop {
  return { id, kind: 'legume', perAcre: { from, to }, source: 'cover-crops' };
}

/** Grasses and cabbages hold what was there already: ripe they tie nitrogen up for weeks. */
function scavenger(id: CoverCrop['id']): CoverCrop {
  return { id, kind: 'scavenger', perAcre: { from: 0, to: 0 }, source: 'cover-crops' };
}

function former(id: CoverCrop['id'], from: number, to: number): CoverCrop {
  return { id, kind: 'former', perAcre: { from, to }, source: 'former-crops' };
}

/**
 * Cover crops and former crops. Tops of legumes: Managing Cover Crops Profitably (SARE), charts; what former crops leave: state N
 * credits. Recalled.
 */
export const COVER_CROPS: readonly CoverCrop[] = [
  legume('hairy-vetch', 90, 200),
  legume('crimson-clover', 70, 130),
  legume('red-clover', 70, 150),
  legume('white-clover', 80, 200),
  legume('berseem-clover', 75, 220),
  legume('field-pea', 90, 150),
  legume('cowpea', 100, 150),
  legume('sweetclover', 90, 170),
  legume('medic', 50, 120),
  scavenger('rye'),
  scavenger('oats'),
  scavenger('ryegrass'),
  scavenger('buckwheat'),
  scavenger('sudangrass'),
  scavenger('mustard'),
  scavenger('radish'),
  former('alfalfa-sod', 100, 150),
  former('thin-alfalfa', 60, 100),
  former('clover-lawn', 40, 60),
  former('grass-sod', 0, 0),
  former('peas-beans', 10, 20),
  former('soybeans', 30, 40),
];

export const COVER_CROP_IDS: readonly string[] = COVER_CROPS.map(({ id }) => id);
