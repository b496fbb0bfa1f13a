import type { AreaPlan } from '../../area/areaPlan';
import { isNeeded } from '../../treat/fertilizer/isNeeded';
import { sentence, type SlipBlock } from './document';

/** Phosphorus and potassium with a word each, and what that means for the fertilizer. */
export function foundBlocks(plan: AreaPlan): SlipBlock[] {
  const { soilTest, judgements, treatments, plant, readings } = plan;
  // An extract of a mix is read by its label and its salts.
  if (plant.group === 'mixes') return [];
  const isJudged = (id: string): boolean => judgements.some((each) => each.id === id);
  return (['p', 'k'] as const).flatMap((analyte) => {
    const { rating, sentence: read } = soilTest[analyte];
    const { rows, source } = treatments.fertilizer.needs;
    const { need, organic, year, by } = rows[analyte === 'p' ? 'P2O5' : 'K2O'];
    if (!rating) {
      // What lime makes unbelievable says so itself.
      const isOpen = readings[analyte].typed && read.id !== 'reading.brayOnLimy';
      return isOpen && !isNeeded(need) ? [sentence('slip.unrated', { analyte })] : [];
    }
    // Very high is judged, in more words.
    if (isJudged(analyte === 'p' ? 'phosphorusStop' : 'potassiumStop')) return [];
    const fed = treatments.fertilizer.isDosed && isNeeded(need);
    const without = isNeeded(by[source]) && !isNeeded(year) ? 'ruled' : 'none';
    const needs = fed ? 'some' : organic && isNeeded(organic) ? 'organic' : without;
    return [sentence(`slip.found.${analyte}`, { rating, needs })];
  });
}
