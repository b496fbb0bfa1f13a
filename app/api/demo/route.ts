export const dynamic = 'force-dynamic';

/** Whether a first visit is shown the demo county: `./start --empty` says no, at request time. */
export function GET(): Response {
  return Response.json({ demo: process.env['AGROLOGOS_EMPTY'] !== '1' });
}
