import type { Language } from '../../core/casefile/parts/language';
import { UNIT_SYSTEMS, type UnitSystem } from '../../core/kernel/units/metric';
import { planCase } from '../../core/plan/plan';
import { createEnglish } from '../../words/english';
import { createSpanish } from '../../words/spanish';
import type { Voice } from '../../words/voice';
import { readPlanRequest } from './request';
import { planResponse, type PlanResponse } from './response';

const ENGLISH: Readonly<Record<UnitSystem, Voice>> = {
  us: createEnglish('us'),
  metric: createEnglish('metric'),
};
/** The voices of clients' pages. */
const PAGES: Readonly<Record<UnitSystem, Readonly<Record<Language, Voice>>>> = {
  us: { en: ENGLISH.us, es: createSpanish('us') },
  metric: { en: ENGLISH.metric, es: createSpanish('metric') },
};

/** What is said to one case: a status of HTTP and the text of a JSON document. */
export interface PlanAnswer {
  readonly status: 200 | 400 | 408 | 413 | 503;
  readonly body: string;
}

/** An answer that is no plan, in the service's own words. */
export function refusal(status: 408 | 413 | 503, error: string, more: object = {}): PlanAnswer {
  return { status, body: JSON.stringify({ error, ...more }) };
}

/**
 * Works out the bytes of one case, from the reading of them to the plan in its documented shape. All that takes long
 * is in here: whoever serves others meanwhile has a thread of its own do it.
 */
export function answerPlan(bytes: Uint8Array, units: UnitSystem): PlanAnswer {
  const read = readPlanRequest(bytes);
  if (read.kind === 'faults') {
    const faults = read.faults.map(({ path, got, expected }) => ({
      path,
      got,
      expected: ENGLISH.us.message(expected),
    }));
    return { status: 400, body: JSON.stringify(faults) };
  }
  if (read.kind === 'tooMuch') {
    const { effort, most } = read;
    return refusal(413, 'too much to work out', { effort, most });
  }
  const page = PAGES[units][read.file.client.language];
  const voice = ENGLISH[units];
  const plan: PlanResponse = planResponse(read.file, planCase(read.file), voice, page);
  return { status: 200, body: JSON.stringify(plan) };
}

/** The units that are asked for by the address; US units where nothing is, undefined where it is neither. */
export function unitsOf(url: string): UnitSystem | undefined {
  const asked = new URL(url).searchParams.get('units') ?? 'us';
  return UNIT_SYSTEMS.find((each) => each === asked);
}
