import type { AreaPlan } from '../../area/areaPlan';
import { msg, type Msg } from '../../kernel/messages/msg';
import { isNeeded } from '../../treat/fertilizer/isNeeded';
import { sentence } from './document';
import { joined, parts, type Parts } from './parts';

/** Rules of a plant that a client keeps by hand: no amount and no day keeps them. */
const KEPT_BY_HAND = ['blossom-end', 'even-water', 'peat', 'blue-aluminum', 'boron-seed'] as const;

/** What cures the rot at the blossom end of fruits, of a plant that gets it. */
export function onBlossomEnd({ plant }: AreaPlan): Msg | undefined {
  return plant.rules.includes('blossom-end') ? msg('slip.care.blossom-end') : undefined;
}

/** Phosphate that the laboratory's report adds to soil which has enough, and that the page leaves out. */
export function onLaboratoryPhosphate({ soilTest, treatments }: AreaPlan): Msg | undefined {
  const { laboratory, need } = treatments.fertilizer.needs.rows.P2O5;
  const { rating } = soilTest.p;
  const enough = rating === 'high' || rating === 'very-high';
  return enough && isNeeded(laboratory) && !isNeeded(need) ? msg('slip.labPhosphate') : undefined;
}

/** What the client looks after beside amounts and days: water and mulch, a muck that feeds itself, a report that adds too much. */
export function careParts(plan: AreaPlan): Parts {
  const { plant, readings, treatments } = plan;
  // On soil that must not be used for what grows there nothing is begun.
  if (treatments.fertilizer.hold || plant.group === 'mixes') return parts({});
  const laboratory = onLaboratoryPhosphate(plan);
  const muck = readings.organic && !isNeeded(treatments.fertilizer.needs.need.N);
  const kept = KEPT_BY_HAND.filter((rule) => plant.rules.includes(rule));
  return joined([
    parts({ found: laboratory ? [{ kind: 'sentence', text: laboratory }] : [] }),
    parts({ found: muck ? [sentence('slip.muck')] : [] }),
    parts({ how: kept.map((rule) => sentence(`slip.care.${rule}`)) }),
  ]);
}
