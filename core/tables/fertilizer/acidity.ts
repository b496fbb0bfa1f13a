/**
 * Pounds of CaCO3 that undo the acid of a pound of N, by material; below zero it sweetens (Pierre 1933, Ind. Eng. Chem. Anal.
 * Ed. 5:229–234: half of the acid that the N could make, all of sulfur's and chlorine's, less the bases). Recalled; of
 * diammonium phosphate the older, smaller figure. What is not here has none that is surely remembered.
 */
export const LIME_FOR_POUND_OF_N: Readonly<Record<string, number>> = {
  'urea-46-0-0': 1.8,
  'ammonium-nitrate-34-0-0': 1.8,
  'ammonium-sulfate-21-0-0': 5.35,
  'calcium-nitrate-15.5-0-0': -1.35,
  'potassium-nitrate-13-0-44': -2,
  'polymer-coated-urea-43-0-0': 1.8,
  'methylene-urea-40-0-0': 1.8,
  'ureaform-38-0-0': 1.8,
  'ibdu-31-0-0': 1.8,
  'monoammonium-phosphate-11-52-0': 5,
  'diammonium-phosphate-18-46-0': 3.6,
  'blood-meal-12-0-0': 1.8,
  'cottonseed-meal-6-2-1': 1.4,
};
