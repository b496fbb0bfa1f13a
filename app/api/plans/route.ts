import { refusal, unitsOf } from '../../../files/planApi/answer';
import { answersTo } from '../../../files/planApi/batch';
import { linesOf } from '../../../files/planApi/body';
import { isOf, ONLY_POST, refused, sent } from '../answers';
import { busy, planned } from '../planners';

export const dynamic = 'force-dynamic';

const NDJSON = 'application/x-ndjson';

export {
  ONLY_POST as GET,
  ONLY_POST as HEAD,
  ONLY_POST as PUT,
  ONLY_POST as PATCH,
  ONLY_POST as DELETE,
  ONLY_POST as OPTIONS,
};

/**
 * Any number of case files in, a line each, and their answers out, a line each and in the same order, as they are ready:
 * `{ line, status, answer }`, where the answer is what `POST /api/plan` says to that case. Lines are read no faster than
 * answers are taken.
 */
export function POST(request: Request): Response {
  if (!isOf(request, NDJSON)) return refused(415, `unsupported media type: lines of ${NDJSON}`);
  const units = unitsOf(request.url);
  if (!units) return refused(400, 'units are us or metric');
  if (busy()) return sent(refusal(503, 'too many requests just now'));
  const answers = answersTo(linesOf(request.body), (bytes) => planned(bytes, units));
  const encoder = new TextEncoder();
  const body = new ReadableStream<Uint8Array>(
    {
      pull: async (controller) => {
        const { done, value } = await answers.next();
        if (done) controller.close();
        else controller.enqueue(encoder.encode(value));
      },
      cancel: async () => {
        await answers.return(undefined);
      },
    },
    { highWaterMark: 0 },
  );
  return new Response(body, { headers: { 'content-type': NDJSON } });
}
