import type { ClimateCard } from '../../catalog/climate/card';
import type { Fertilizer } from '../../catalog/materials/types';
import { anchorIn } from '../../schedule/climate/anchors';
import type { Materials } from '../../catalog/materials/materials';
import type { Figure } from '../../kernel/working/working';
import { fitFor, type FitFertilizer } from './fit';
import type { NeedInput } from './needInput';

/** Where soil is warm for so many days and more a season sets more of an organic product free. */
const LONG_SEASON_DAYS = 210;

function isLongSeason(climate: ClimateCard | undefined): boolean {
  const warm = climate && anchorIn(climate, 'warm-soil');
  return !!warm && warm.to - warm.from >= LONG_SEASON_DAYS;
}

/** What the choice of fertilizers rests on. */
interface Offering extends Pick<NeedInput, 'file' | 'climate' | 'allowed' | 'plant' | 'ground'> {
  readonly materials: Materials;
}

/** Whether only what is organic or mined may go on here. */
export function isOrganicOnly({ file }: Pick<NeedInput, 'file'>): boolean {
  return file.decisions.organic?.value === 'yes';
}

/** The fertilizers of this place: of organic ones as much nitrogen counts as a season of its climate sets free. */
function hereabouts({ materials, climate }: Offering): readonly Fertilizer[] {
  const isLong = isLongSeason(climate);
  return materials.fertilizers.map((material) => {
    const { longSeasonN } = material;
    return isLong && longSeasonN !== undefined
      ? { ...material, firstSeasonN: longSeasonN }
      : material;
  });
}

/** What may go on this ground: the one list that every way of choosing chooses from. */
export function offeredHere(input: Offering, phosphate: Figure): readonly FitFertilizer[] {
  const { plant, ground, allowed } = input;
  return fitFor(hereabouts(input), {
    plant,
    organicOnly: isOrganicOnly(input),
    mustBeSlow: (allowed.slowShare?.value ?? 0) > 0,
    pottingMix: ground.parts?.kind === 'container',
    phosphate,
  });
}
