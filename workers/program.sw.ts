/**
 * The service worker: keeps the whole program of one build in the browser, so that it is there without the server, and
 * so that a tab is never made of two builds. `scripts/write-service-worker.ts` bundles it and puts the files in.
 */
import { cacheNames, clientsClaim, setCacheNameDetails } from 'workbox-core';
import { matchPrecache, precache } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';

/** What of a service worker's own world is used here; the types of pages do not know it. */
interface Scope {
  addEventListener(
    type: 'message' | 'activate',
    listener: (event: {
      readonly data?: unknown;
      readonly waitUntil: (work: Promise<unknown>) => void;
    }) => void,
  ): void;
  skipWaiting(): Promise<void>;
}
declare const self: Scope;

/** Put in by the script: the files of this build and a name that no other build has. */
declare const FILES: readonly { readonly url: string; readonly revision: string | null }[];
declare const BUILD: string;

const PREFIX = 'agrologos';
const NOTES = `${PREFIX}-notes`;
const RUNNING = '/running-build';

const ASSET = /^\/(?:_next\/static|icons)\/|^\/(?:icon\.svg|manifest\.webmanifest)$/;

/** A page's address without what is asked of it: every case is the same page. */
function pageOf({ pathname }: URL): string {
  return pathname === '/' ? '/' : pathname.replace(/\/$/, '');
}

/** An answer of its own: a worker that is given a kept answer as it is loses the parameters behind its address. */
function anew({ body, status, headers }: Response): Response {
  return new Response(body, { status, headers });
}

async function kept(request: Request, { pathname }: URL): Promise<Response> {
  const answer = (await matchPrecache(pathname)) ?? (await caches.match(pathname));
  if (!answer) return fetch(request);
  return request.destination === 'worker' ? anew(answer) : answer;
}

/** Forgets older builds, but for the one that other tabs may still be made of. */
async function forgetOld(): Promise<void> {
  const notes = await caches.open(NOTES);
  const before = await (await notes.match(RUNNING))?.text();
  await notes.put(RUNNING, new Response(cacheNames.precache));
  const used = [NOTES, cacheNames.precache, before];
  for (const name of await caches.keys()) {
    if (!used.includes(name)) await caches.delete(name);
  }
}

setCacheNameDetails({ prefix: PREFIX, suffix: BUILD });
precache([...FILES]);
registerRoute(
  new NavigationRoute(
    async ({ request, url }) =>
      (await matchPrecache(pageOf(url))) ??
      // Nothing is there of that name; without the server the Desk says what is.
      fetch(request).catch(() => Response.redirect('/')),
    { denylist: [/^\/api\//] },
  ),
);
registerRoute(
  ({ sameOrigin, url }) => sameOrigin && ASSET.test(url.pathname),
  ({ request, url }) => kept(request, url),
);
self.addEventListener('activate', ({ waitUntil }) => waitUntil(forgetOld()));
self.addEventListener('message', ({ data }) => {
  if ((data as { readonly type?: unknown } | null)?.type === 'SKIP_WAITING')
    void self.skipWaiting();
});
clientsClaim();
