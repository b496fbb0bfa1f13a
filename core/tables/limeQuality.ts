/**
 * The quality of the limestone that the lime tables already count on, and the one fineness scheme
 * by which an ECCE label is compared with it. Standing: recalled.
 */
import { pureCce } from './molarMass';

/** CCE of the tables' agricultural ground limestone, % (NCR-221: "90 % or more"). */
export const TABLE_LIMESTONE_CCE = 90;

/**
 * Fineness of that limestone by weight: 95 % passes 8 mesh, 70 % passes 20, 50 % passes 60
 * (NCR-221). Classes from coarse to fine with the factors 0, 0.2, 0.6, 1 at 8, 20 and 60 mesh.
 */
const TABLE_LIMESTONE_CLASSES = [
  { share: 0.05, factor: 0 },
  { share: 0.25, factor: 0.2 },
  { share: 0.2, factor: 0.6 },
  { share: 0.5, factor: 1 },
] as const;

/** Effective CCE of the tables' limestone, %: 90 × 0.67 = 60.3. */
export const TABLE_LIMESTONE_ECCE =
  TABLE_LIMESTONE_CCE *
  TABLE_LIMESTONE_CLASSES.reduce((sum, { share, factor }) => sum + share * factor, 0);

/** Pure calcium carbonate, fully effective, %. */
export const PURE_CARBONATE = 100;

/** No limestone neutralizes more than pure dolomite, %; a higher label is burnt or hydrated lime. */
export const LIMESTONE_CCE_MAX = Math.ceil(pureCce('dolomite'));

/** Below this a material is not sold as lime, %. */
export const LIMESTONE_CCE_MIN = 10;
