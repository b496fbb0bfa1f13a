import type { CaseFile } from '../casefile/casefile';
import type { Area } from '../casefile/parts/area';
import type { Vocabularies } from '../casefile/decisions';
import type { Materials } from '../catalog/materials/materials';
import type { Pack } from '../catalog/packs/pack';
import { PLANTS } from '../catalog/plants/plants';
import { own } from '../kernel/typed/own';
import { soilGroupsOf } from '../reading/soilTest';
import { SAMPLING_SCHOOLS } from '../site/sampling/samplingPlan';
import { SCHOOLS } from '../treat/fertilizer/schools';
import { FERTILIZER_WAYS } from '../treat/fertilizer/types';
import { feedsOf } from '../treat/liquid/liquidFeed';
import { WITHOUT_SPREADER } from '../treat/spread/spread';
import { LIME_OPTIONS } from '../treat/lime/options';

function idsOf(all: readonly { readonly id: string }[]): string[] {
  return all.map(({ id }) => id);
}

/** What an area's decisions may be of, with these materials and this pack. */
export function vocabulariesOf(
  { plant, sharing }: Area,
  materials: Materials,
  pack: Pack,
  spreaders: CaseFile['spreaders'],
): Vocabularies {
  const { lime, sulfur, fertilizers } = materials;
  return {
    limeMethods: LIME_OPTIONS,
    limes: idsOf(lime),
    sulfurs: idsOf(sulfur),
    fertilizers: idsOf(fertilizers),
    fertilizerSchools: SCHOOLS,
    fertilizerWays: FERTILIZER_WAYS,
    samplingSchools: SAMPLING_SCHOOLS,
    soilGroups: soilGroupsOf(pack),
    windows: (own(PLANTS, plant)?.otherWindows ?? []).map(({ school }) => school),
    plantsHere: [plant, ...sharing],
    feedsInWater: idsOf(feedsOf(materials)),
    spreaders: [...Object.keys(spreaders), WITHOUT_SPREADER],
  };
}
