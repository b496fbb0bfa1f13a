/**
 * Salt index by equal weight, sodium nitrate 100 (Rader, White & Whittaker 1943, Soil Sci. 55:201–218; the slow ones and blends from
 * later lists, Mortvedt 2001). Recalled; what is not here has none that is remembered.
 */
export const SALT_INDEX: Readonly<Record<string, number>> = {
  'urea-46-0-0': 75,
  'ammonium-nitrate-34-0-0': 105,
  'ammonium-sulfate-21-0-0': 69,
  'calcium-nitrate-15.5-0-0': 53,
  'sodium-nitrate-16-0-0': 100,
  'potassium-nitrate-13-0-44': 74,
  'methylene-urea-40-0-0': 24,
  'ureaform-38-0-0': 10,
  'ibdu-31-0-0': 5,
  'monoammonium-phosphate-11-52-0': 27,
  'diammonium-phosphate-18-46-0': 29,
  'triple-superphosphate-0-46-0': 10,
  'superphosphate-0-20-0': 8,
  'monopotassium-phosphate-0-52-34': 8,
  'muriate-of-potash-0-0-60': 116,
  'sulfate-of-potash-0-0-50': 46,
  'potassium-magnesium-sulfate-0-0-22': 43,
  'fertilizer-10-10-10': 80,
  'heat-dried-biosolids-6-4-0': 3.5,
};
