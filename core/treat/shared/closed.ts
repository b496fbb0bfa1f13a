import type { ClimateCard } from '../../catalog/climate/card';
import type { Plant } from '../../catalog/plants/plants';
import type { Closed } from '../../schedule/constraints';
import { anchorIn } from '../../schedule/climate/anchors';
import { monthDay } from '../../schedule/climate/curve';
import type { Allowed } from '../../site/localRules';

/** Days on which ground is frozen: nothing goes on. */
export function frozenDays(climate: ClimateCard | undefined): Closed[] {
  const frozen = climate && anchorIn(climate, 'frozen');
  if (!frozen) return [];
  return [{ from: monthDay(frozen.from), to: monthDay(frozen.to), why: { kind: 'frozen' } }];
}

/** Days on which quick nitrogen harms cool-season grass: from the beginning of the heat until it gives way. */
export function hotDays(climate: ClimateCard | undefined, { form, season }: Plant): Closed[] {
  if (!climate || form !== 'lawn' || season !== 'cool') return [];
  const [heat, autumn] = [anchorIn(climate, 'heat'), anchorIn(climate, 'early-autumn')];
  if (!heat || !autumn || autumn.from <= heat.from) return [];
  return [{ from: monthDay(heat.from), to: monthDay(autumn.from - 1), why: { kind: 'heat' } }];
}

/** Days that local rules close to nitrogen and phosphate. */
export function ruledDays({ stops }: Allowed): Closed[] {
  return stops.map(({ id, days }) => ({ ...days, why: { kind: 'rule', rule: id } }));
}
