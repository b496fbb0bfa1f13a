'use client';

import { useSyncExternalStore } from 'react';

/** How the page goes onto paper, for as long as this tab is open. */
export interface PaperOptions {
  /** Larger letters. */
  readonly large: boolean;
  /** With the sums of its figures behind it. */
  readonly sums: boolean;
}

let options: PaperOptions = { large: false, sums: false };
const listeners = new Set<() => void>();

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Changes how pages go onto paper, on every screen that shows one. */
export function setPaperOptions(change: Partial<PaperOptions>): void {
  options = { ...options, ...change };
  listeners.forEach((listener) => listener());
}

/** How pages go onto paper. */
export function usePaperOptions(): PaperOptions {
  return useSyncExternalStore(
    subscribe,
    () => options,
    () => options,
  );
}
