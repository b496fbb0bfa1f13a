import { planCase } from '../../../core/plan/plan';
import { readBody, readPlanRequest } from '../../../files/planApi/request';
import { planResponse } from '../../../files/planApi/response';
import { UNIT_SYSTEMS, type UnitSystem } from '../../../core/kernel/units/metric';
import type { Language } from '../../../core/casefile/parts/language';
import { createEnglish } from '../../../words/english';
import { createSpanish } from '../../../words/spanish';
import type { Voice } from '../../../words/voice';

const ENGLISH: Readonly<Record<UnitSystem, Voice>> = {
  us: createEnglish('us'),
  metric: createEnglish('metric'),
};
/** The voices of clients' pages. */
const PAGES: Readonly<Record<UnitSystem, Readonly<Record<Language, Voice>>>> = {
  us: { en: ENGLISH.us, es: createSpanish('us') },
  metric: { en: ENGLISH.metric, es: createSpanish('metric') },
};

/** The units that are asked for; US units where nothing is, undefined where it is neither. */
function unitsOf({ url }: Request): UnitSystem | undefined {
  const asked = new URL(url).searchParams.get('units') ?? 'us';
  return UNIT_SYSTEMS.find((each) => each === asked);
}

export const dynamic = 'force-dynamic';

function notAllowed(): Response {
  return Response.json(
    { error: 'method not allowed' },
    { status: 405, headers: { Allow: 'POST' } },
  );
}

export {
  notAllowed as GET,
  notAllowed as HEAD,
  notAllowed as PUT,
  notAllowed as PATCH,
  notAllowed as DELETE,
  notAllowed as OPTIONS,
};

/**
 * A case file in, its plan out, nothing kept; `?units=metric` writes sentences, the page and the workings in metric units. 200 with the plan, 400 with
 * `[{ path, got, expected }]`, 413 above a million bytes or more ground and readings than is worked out,
 * 415 for what is not JSON.
 * The shape is that of `docs/formats/plan-api.md`.
 */
export async function POST(request: Request): Promise<Response> {
  const type = request.headers.get('content-type') ?? '';
  if (!/^application\/json\s*(;|$)/i.test(type)) {
    return Response.json({ error: 'unsupported media type' }, { status: 415 });
  }
  const units = unitsOf(request);
  if (!units) {
    return Response.json({ error: 'units are us or metric' }, { status: 400 });
  }
  const bytes = await readBody(request.body);
  if (bytes === 'tooLarge') return Response.json({ error: 'too large' }, { status: 413 });
  const read = readPlanRequest(bytes);
  if (read.kind === 'faults') {
    const faults = read.faults.map(({ path, got, expected }) => ({
      path,
      got,
      expected: ENGLISH.us.message(expected),
    }));
    return Response.json(faults, { status: 400 });
  }
  if (read.kind === 'tooMuch') {
    const { effort, most } = read;
    return Response.json({ error: 'too much to work out', effort, most }, { status: 413 });
  }
  const page = PAGES[units][read.file.client.language];
  return Response.json(planResponse(read.file, planCase(read.file), ENGLISH[units], page));
}
