import { refusal, unitsOf } from '../../../files/planApi/answer';
import { MOST_BYTES, readBody } from '../../../files/planApi/body';
import { isOf, ONLY_POST, refused, sent } from '../answers';
import { busy, planned } from '../planners';

export const dynamic = 'force-dynamic';

/** So many bodies are read at once at the most; each may be as large as a body may be. */
const MOST_READ = 200;
let reading = 0;

export {
  ONLY_POST as GET,
  ONLY_POST as HEAD,
  ONLY_POST as PUT,
  ONLY_POST as PATCH,
  ONLY_POST as DELETE,
  ONLY_POST as OPTIONS,
};

/**
 * A case file in, its plan out, nothing kept; `?units=metric` writes sentences, the page and the workings in metric units.
 * 200 with the plan, 400 with `[{ path, got, expected }]`, 408 for a body that does not come, 413 above a million bytes or
 * more ground and readings than is worked out, 415 for what is not JSON, 503 with `Retry-After` where too many wait.
 * The shape is that of `docs/formats/plan-api.md`.
 */
export async function POST(request: Request): Promise<Response> {
  if (!isOf(request, 'application/json')) return refused(415, 'unsupported media type');
  const units = unitsOf(request.url);
  if (!units) return refused(400, 'units are us or metric');
  if (busy() || reading >= MOST_READ) return sent(refusal(503, 'too many requests just now'));
  reading += 1;
  const bytes = await readBody(request.body).finally(() => (reading -= 1));
  if (bytes === 'tooLarge') return sent(refusal(413, `more than ${MOST_BYTES} bytes`));
  if (bytes === 'tooSlow') return sent(refusal(408, 'the body did not come in time'));
  return sent(await planned(bytes, units));
}
