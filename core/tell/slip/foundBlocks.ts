import type { AreaPlan } from '../../area/areaPlan';
import { isNeeded } from '../../treat/fertilizer/isNeeded';
import { sentence, type SlipBlock } from './document';

/** Phosphorus and potassium with a word each, and what that means for the fertilizer. */
export function foundBlocks({ soilTest, judgements, treatments, plant }: AreaPlan): SlipBlock[] {
  // An extract of a mix is read by its label and its salts.
  if (plant.group === 'mixes') return [];
  const isJudged = (id: string): boolean => judgements.some((each) => each.id === id);
  return (['p', 'k'] as const).flatMap((analyte) => {
    const { rating } = soilTest[analyte];
    // Very high is judged, in more words.
    if (!rating || isJudged(analyte === 'p' ? 'phosphorusStop' : 'potassiumStop')) return [];
    const { rows, source } = treatments.fertilizer.needs;
    const { need, organic, year, by } = rows[analyte === 'p' ? 'P2O5' : 'K2O'];
    const fed = treatments.fertilizer.isDosed && isNeeded(need);
    const without = isNeeded(by[source]) && !isNeeded(year) ? 'ruled' : 'none';
    const needs = fed ? 'some' : organic && isNeeded(organic) ? 'organic' : without;
    return [sentence(`slip.found.${analyte}`, { rating, needs })];
  });
}
