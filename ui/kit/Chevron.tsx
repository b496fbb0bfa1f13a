import type { ReactNode } from 'react';

/** The mark of a field that opens a list. */
export function Chevron(): ReactNode {
  return (
    <svg viewBox="0 0 12 12" className="size-3" aria-hidden="true">
      <path d="M1.5 4l4.5 4.5l4.5 -4.5" fill="none" stroke="currentColor" strokeWidth={1.5} />
    </svg>
  );
}
