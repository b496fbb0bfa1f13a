import { useEffect } from 'react';

/** Has the browser keep the page that says what works where the server does not answer. */
export function useOfflinePage(): void {
  useEffect(() => {
    if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
    // A browser that keeps nothing shows a page of its own instead.
    navigator.serviceWorker.register('/offline-worker.js').catch(() => undefined);
  }, []);
}
