import type { Finding } from '../../kernel/working/finding';
import { calendarFindings } from './calendar';
import { diaryFindings } from './diary';
import { Finder, type FindInput } from './finder';
import { fertilizerFindings } from './fertilizer';
import { groundFindings } from './ground';
import { limeFindings } from './lime';
import { organicFindings } from './organics';
import { pastFindings, reportFindings, samplingFindings } from './report';
import { readingFindings } from './reading';
import { sulfurFindings, sulfurGuards } from './sulfur';
import { unknownChoices } from './unknownChoices';
import { unsureAmountFindings } from './unsureAmounts';

/** Every kind of finding, in the order in which they are said. */
const ALL: readonly ((finder: Finder, input: FindInput) => void)[] = [
  groundFindings,
  reportFindings,
  pastFindings,
  samplingFindings,
  readingFindings,
  limeFindings,
  sulfurFindings,
  sulfurGuards,
  fertilizerFindings,
  organicFindings,
  calendarFindings,
  diaryFindings,
  unknownChoices,
  unsureAmountFindings,
];

/** What there is to ask, to decide and to know about an area, from what was worked out for it. */
export function findingsOf(input: FindInput): Finding[] {
  const finder = new Finder(input.file, input.plan.area.id);
  for (const findings of ALL) findings(finder, input);
  return finder.found;
}
