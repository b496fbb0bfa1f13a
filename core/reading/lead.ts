import { LEAD_TOTAL } from '../tables/soil/lead';
import type { Readings } from '../site/report/types';
import type { Figure } from '../kernel/working/working';

/** Where a total of lead lies among the levels of the guidance, or that it is no total. */
export type LeadLevel =
  'below' | 'otherSources' | 'since2024' | 'before2024' | 'extract' | 'unknown';

function levelOf(ppm: number): LeadLevel {
  if (ppm >= LEAD_TOTAL.before2024) return 'before2024';
  if (ppm >= LEAD_TOTAL.since2024) return 'since2024';
  return ppm >= LEAD_TOTAL.otherSources ? 'otherSources' : 'below';
}

/** Extractants that a screen for lead is made with. */
const EXTRACTS = ['mehlich-3', 'modified-morgan'];

/**
 * Lead by its method: a total by the levels of the guidance, of a range the upper end; what an extract takes out
 * is held against none of them, nor is what nobody has named the method of.
 */
export function leadOf({
  more,
  methods,
}: Readings):
  { readonly figure: Figure; readonly level: LeadLevel; readonly method: string } | undefined {
  const { pb } = more;
  if (!pb || 'absent' in pb) return undefined;
  const method = methods.pb ?? '';
  if (method === 'total') {
    return { figure: pb, level: levelOf(pb.range?.high ?? pb.value.value), method };
  }
  return { figure: pb, level: EXTRACTS.includes(method) ? 'extract' : 'unknown', method };
}

/** Whether so much lead keeps food out of the ground. */
export function forbidsFood(level: LeadLevel): boolean {
  return level === 'since2024' || level === 'before2024';
}
