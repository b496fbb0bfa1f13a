import { SCHEMA } from '../../../core/casefile/casefile';
import { PLAN_API } from '../../../files/planApi/response';
import { busy, waiting } from '../planners';

export const dynamic = 'force-dynamic';

/** Whether this server takes plans, and what it is: for a balancer and for whoever looks after it. 503 while too many wait. */
export function GET(): Response {
  const status = busy() ? 'busy' : 'ok';
  return Response.json(
    {
      status,
      version: process.env['NEXT_PUBLIC_VERSION'],
      planApi: PLAN_API,
      caseSchema: SCHEMA,
      waiting: waiting(),
    },
    { status: status === 'ok' ? 200 : 503, headers: { 'cache-control': 'no-store' } },
  );
}
