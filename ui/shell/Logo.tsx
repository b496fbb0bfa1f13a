import type { ReactNode } from 'react';

const STRATA = [
  { width: 20, y: 1, className: 'fill-spruce' },
  { width: 14, y: 6, className: 'fill-spruce/80' },
  { width: 18, y: 11, className: 'fill-spruce/60' },
  { width: 11, y: 16, className: 'fill-spruce/40' },
];

/** The brand motif: a stack of strata. */
export function Logo(): ReactNode {
  return (
    <svg width="20" height="20" viewBox="0 0 20 20" aria-hidden="true">
      {STRATA.map(({ width, y, className }) => (
        <rect key={y} width={width} height="3.5" y={y} className={className} />
      ))}
    </svg>
  );
}
