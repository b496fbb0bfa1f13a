import type { PlanAnswer } from '../../files/planApi/answer';

/** Seconds after which a client that was turned away may ask again. */
const COME_AGAIN_S = '2';

/** An answer with its status. */
export function sent({ status, body }: PlanAnswer): Response {
  const headers = new Headers({ 'content-type': 'application/json' });
  if (status === 503) headers.set('retry-after', COME_AGAIN_S);
  return new Response(body, { status, headers });
}

/** A refusal before anything is read. */
export function refused(status: 400 | 405 | 415, error: string, headers?: HeadersInit): Response {
  return Response.json({ error }, { status, ...(headers && { headers }) });
}

/** Whether a request says that its body is of this type. */
export function isOf(request: Request, type: string): boolean {
  const given = request.headers.get('content-type') ?? '';
  return given.split(';')[0]?.trim().toLowerCase() === type;
}

/** What takes one method answers any other by this. */
export const ONLY_POST = (): Response => refused(405, 'method not allowed', { Allow: 'POST' });
