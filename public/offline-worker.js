/**
 * Where the server does not answer, a page that is asked for is answered by one that says what still works. It keeps
 * nothing else and changes nothing else: whatever the server answers goes through as it is.
 */
const KEPT = 'agrologos-offline';
const PAGE = '/offline';
const LOOK = '/offline.css';

self.addEventListener('install', (event) => {
  event.waitUntil(
    caches
      .open(KEPT)
      .then((cache) => cache.addAll([PAGE, LOOK]))
      .then(() => self.skipWaiting()),
  );
});

self.addEventListener('activate', (event) => {
  event.waitUntil(self.clients.claim());
});

self.addEventListener('fetch', (event) => {
  const { mode, url } = event.request;
  if (mode === 'navigate') {
    event.respondWith(fetch(event.request).catch(() => caches.match(PAGE)));
  } else if (new URL(url).pathname === LOOK) {
    event.respondWith(fetch(event.request).catch(() => caches.match(LOOK)));
  }
});
