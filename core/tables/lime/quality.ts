/**
 * The quality of the limestone that the lime tables already count on, by every scheme of fineness,
 * and what a label of lime can say. Standing: recalled.
 */
import { finenessFactor, passingAt, schemeOf, type SchemeId } from './fineness';
import { pureCce } from '../molarMass';

/** CCE of the tables' agricultural ground limestone, % (NCR-221: "90 % or more"). */
export const TABLE_LIMESTONE_CCE = 90;

/** Fineness of that limestone: percent by weight that passes each sieve (NCR-221). */
const TABLE_LIMESTONE_PASSING = { '8': 95, '20': 70, '60': 50, '100': 40 } as const;

/**
 * Effective CCE of the tables’ limestone by a scheme of fineness, %.
 * @example Math.round(tableLimestoneBy('wisconsin')) // 60
 */
export function tableLimestoneBy(scheme: SchemeId | ''): number {
  const by = schemeOf(scheme);
  const passing = by.sieves.map((mesh) => passingAt(mesh, TABLE_LIMESTONE_PASSING));
  return TABLE_LIMESTONE_CCE * finenessFactor(by, passing);
}

/** Pure calcium carbonate, fully effective, %. */
export const PURE_CARBONATE = 100;

/** No limestone neutralizes more than pure dolomite, %; a higher label is burnt or hydrated lime. */
export const LIMESTONE_CCE_MAX = Math.ceil(pureCce('dolomite'));

/** The most that calcitic hydrated and burnt lime can neutralize, %. */
export const MOST_CCE = {
  hydrated: Math.ceil(pureCce('hydratedLime')),
  burnt: Math.ceil(pureCce('burntLime')),
} as const;

/** Below this a material is not sold as lime, %. */
export const LIMESTONE_CCE_MIN = 10;
