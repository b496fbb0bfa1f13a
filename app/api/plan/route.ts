import { planCase } from '../../../core/plan/plan';
import { readBody, readPlanRequest } from '../../../files/planApi/request';
import { planResponse } from '../../../files/planApi/response';
import { createEnglish } from '../../../words/english';

const voice = createEnglish();

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
 * A case file in, its plan out, nothing kept: 200 with the plan, 400 with
 * `[{ path, got, expected }]`, 413 above a million bytes or more ground and readings than is worked out,
 * 415 for what is not JSON.
 * The shape is that of `docs/formats/plan-api.md`.
 */
export async function POST(request: Request): Promise<Response> {
  const type = request.headers.get('content-type') ?? '';
  if (!/^application\/json\s*(;|$)/i.test(type)) {
    return Response.json({ error: 'unsupported media type' }, { status: 415 });
  }
  const bytes = await readBody(request.body);
  if (bytes === 'tooLarge') return Response.json({ error: 'too large' }, { status: 413 });
  const read = readPlanRequest(bytes);
  if (read.kind === 'faults') {
    const faults = read.faults.map(({ path, got, expected }) => ({
      path,
      got,
      expected: voice.message(expected),
    }));
    return Response.json(faults, { status: 400 });
  }
  if (read.kind === 'tooMuch') {
    const { effort, most } = read;
    return Response.json({ error: 'too much to work out', effort, most }, { status: 413 });
  }
  return Response.json(planResponse(read.file, planCase(read.file), voice));
}
