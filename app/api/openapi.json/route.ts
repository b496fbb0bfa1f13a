import openapi from '../../../docs/formats/openapi.json';

export const dynamic = 'force-static';

/** What the service answers, for programs that read it. */
export function GET(): Response {
  return Response.json(openapi);
}
