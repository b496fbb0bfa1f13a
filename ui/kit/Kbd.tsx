import type { ReactNode } from 'react';

/** A key, as printed on it. */
export function Kbd({ children }: { children: string }): ReactNode {
  return (
    <kbd className="whitespace-nowrap rounded border border-rule bg-sheet px-1 font-sans text-label text-ink-2">
      {children}
    </kbd>
  );
}
