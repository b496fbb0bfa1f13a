import { msg, type MsgParam } from '../../kernel/messages/msg';
import { quantity } from '../../kernel/units/quantity';
import type { Readings } from '../../site/report/types';

/**
 * The pH as the page tells it. A kit or a probe tells a span and no hundredths: "about 6 to 6.5" and not the mean of its
 * readings.
 */
export function phOnPage({ waterPh, phFromField }: Readings): MsgParam {
  if (!phFromField) return { working: waterPh.id };
  const { low, high } = phFromField.extremes;
  const ends = { low: quantity(low, 'pH', 'water'), high: quantity(high, 'pH', 'water') };
  return low === high ? msg('slip.phAbout', { ph: ends.low }) : msg('slip.phBetween', ends);
}
