import type { ClimateCard } from '../../catalog/climate/card';
import type { Fertilizer } from '../../catalog/materials/types';
import { anchorIn } from '../../schedule/climate/anchors';
import type { Materials } from '../../catalog/materials/materials';
import type { NeedInput } from './needInput';

/** Where soil is warm for so many days and more a season sets more of an organic product free. */
const LONG_SEASON_DAYS = 210;

function isLongSeason(climate: ClimateCard | undefined): boolean {
  const warm = climate && anchorIn(climate, 'warm-soil');
  return !!warm && warm.to - warm.from >= LONG_SEASON_DAYS;
}

/** What the choice of fertilizers rests on. */
interface Offering extends Pick<NeedInput, 'file' | 'climate' | 'allowed'> {
  readonly materials: Materials;
}

/** Whether only what is organic or mined may go on here. */
export function isOrganicOnly({ file }: Pick<NeedInput, 'file'>): boolean {
  return file.decisions.organic?.value === 'yes';
}

/**
 * The fertilizers that may be chosen from on this ground, before anything is asked of them: all, or those that an organic
 * grower may use; none without slow nitrogen where a local rule asks for a share of it. Of organic ones as much nitrogen counts as a season of this climate sets free.
 */
export function offeredHere(input: Offering): readonly Fertilizer[] {
  const { materials, climate, allowed } = input;
  const isLong = isLongSeason(climate);
  const onlyOrganic = isOrganicOnly(input);
  const mustBeSlow = (allowed.slowShare?.value ?? 0) > 0;
  return materials.fertilizers
    .filter(({ organic, mined }) => !onlyOrganic || organic || mined)
    .filter(({ grade, release }) => !mustBeSlow || grade.N === 0 || release === 'slow')
    .map((material) => {
      const { longSeasonN } = material;
      return isLong && longSeasonN !== undefined
        ? { ...material, firstSeasonN: longSeasonN }
        : material;
    });
}
