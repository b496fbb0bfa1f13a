import type { SulfurVerdict } from './types';
import type { AreaSlice } from '../../casefile/slice';
import { CARBONATE_PH } from '../../tables/sulfur';
import { msg, type Msg } from '../../kernel/messages/msg';

/** Whether sulfur can work in this soil at all, or why it is not begun; nothing where it is possible. */
export function worthIt(
  file: AreaSlice,
  ph: number,
): { readonly verdict: SulfurVerdict; readonly why: Msg } | undefined {
  const fizz = file.decisions.fizz?.value ?? '';
  const { askFrom, testFrom, refuseAbove } = CARBONATE_PH;
  if (fizz === 'yes') return { verdict: 'refused', why: msg('sulfur.why.fizz') };
  if (ph > refuseAbove) {
    return { verdict: 'refused', why: msg('sulfur.why.tooHigh', { limit: refuseAbove }) };
  }
  if (fizz === '' && ph >= askFrom) {
    return { verdict: 'ask', why: msg('sulfur.why.askFizz', { limit: askFrom }) };
  }
  if (ph > testFrom) {
    return { verdict: 'ask', why: msg('sulfur.why.carbonateTest', { limit: testFrom }) };
  }
  return undefined;
}
