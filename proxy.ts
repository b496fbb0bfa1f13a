import { readFileSync } from 'node:fs';
import path from 'node:path';
import { NextResponse, type NextRequest } from 'next/server';

/** The policy written after the build; none under `next dev`, whose scripts change all the time. */
const POLICY = ((): string | null => {
  if (process.env.NODE_ENV !== 'production') return null;
  const file = path.join(process.cwd(), '.next', 'csp.json');
  return (JSON.parse(readFileSync(file, 'utf8')) as { policy: string }).policy;
})();

/**
 * Sends an address with a stroke at its end to the one without, and the policy with every page; the headers of all
 * answers stand in the configuration.
 */
export function proxy({ nextUrl }: NextRequest): NextResponse {
  if (nextUrl.pathname !== '/' && nextUrl.pathname.endsWith('/')) {
    const to = nextUrl.clone();
    to.pathname = nextUrl.pathname.replace(/\/$/, '');
    return NextResponse.redirect(to, 308);
  }
  const response = NextResponse.next();
  if (POLICY) response.headers.set('Content-Security-Policy', POLICY);
  return response;
}

// What passes here is held whole in memory first: a body that is streamed must not.
export const config = { matcher: '/((?!_next/static|api/).*)' };
