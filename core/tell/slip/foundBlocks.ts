import type { AreaPlan } from '../../area/areaPlan';
import { isNeeded } from '../../treat/fertilizer/isNeeded';
import { sentence, type SlipBlock } from './document';

/** What a laboratory's report leaves out; a kit's has none of it, and where nothing is known that is said of both. */
function untestedBlocks({ readings, treatments: { fertilizer } }: AreaPlan): SlipBlock[] {
  const { begun, untested, phFromField, waterPh, p, k } = readings;
  const isReport = begun && !untested && !phFromField && !('absent' in waterPh);
  const isAsked = isReport && fertilizer.verdict !== 'none-known' && !fertilizer.hold;
  if (!isAsked || (p.typed && k.typed)) return [];
  const which = p.typed ? 'k' : k.typed ? 'p' : 'both';
  return [sentence('slip.notTested', { which })];
}

/** Phosphorus and potassium with a word each, and what that means for the fertilizer. */
export function foundBlocks(plan: AreaPlan): SlipBlock[] {
  const { soilTest, judgements, treatments, plant, readings } = plan;
  // An extract of a mix is read by its label and its salts.
  if (plant.group === 'mixes') return [];
  const isJudged = (id: string): boolean => judgements.some((each) => each.id === id);
  const read = (['p', 'k'] as const).flatMap((analyte) => {
    const { rating, sentence: told } = soilTest[analyte];
    if (!readings[analyte].typed) return [];
    const { rows, source } = treatments.fertilizer.needs;
    const { need, organic, year, by } = rows[analyte === 'p' ? 'P2O5' : 'K2O'];
    if (!rating) {
      // What lime makes unbelievable says so itself.
      const isOpen = told.id !== 'reading.brayOnLimy';
      return isOpen && !isNeeded(need) ? [sentence('slip.unrated', { analyte })] : [];
    }
    // Very high is judged, in more words.
    if (isJudged(analyte === 'p' ? 'phosphorusStop' : 'potassiumStop')) return [];
    const fed = treatments.fertilizer.isDosed && isNeeded(need);
    const without = isNeeded(by[source]) && !isNeeded(year) ? 'ruled' : 'none';
    const needs = fed ? 'some' : organic && isNeeded(organic) ? 'organic' : without;
    return [sentence(`slip.found.${analyte}`, { rating, needs })];
  });
  return [...untestedBlocks(plan), ...read];
}
