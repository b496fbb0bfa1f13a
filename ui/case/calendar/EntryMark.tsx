'use client';

import type { ReactNode } from 'react';
import type { EntryKind } from '../../../core/tell/calendar';

/** Each kind by a shape of its own, 18 by 18, and by a letter. */
const SHAPES: Readonly<Record<EntryKind, { readonly path: string; readonly letter: string }>> = {
  lime: { path: 'M2 2h14v14h-14z', letter: 'L' },
  sulfur: { path: 'M9 0.5l8.5 8.5l-8.5 8.5l-8.5 -8.5z', letter: 'S' },
  nitrogen: { path: 'M9 1a8 8 0 1 1 0 16a8 8 0 1 1 0 -16z', letter: 'N' },
  phosphate: { path: 'M1 2h16l-3.5 14h-9z', letter: 'P' },
  potash: { path: 'M5 1.5h8l4.5 7.5l-4.5 7.5h-8l-4.5 -7.5z', letter: 'K' },
  organic: { path: 'M1 5l3.5 -4h9l3.5 4v8l-3.5 4h-9l-3.5 -4z', letter: 'C' },
  work: { path: 'M9 1l8 15h-16z', letter: 'W' },
  test: { path: 'M1 1h12l4 4v12h-16z', letter: 'T' },
};

/** What lies on a day, by its shape and letter; hollow where it only goes on if a test says so. */
export function EntryMark({ kind, hollow }: { kind: EntryKind; hollow: boolean }): ReactNode {
  const { path, letter } = SHAPES[kind];
  return (
    <svg viewBox="-1 -1 20 20" className="block size-5" aria-hidden="true">
      <path
        d={path}
        className={hollow ? 'fill-sheet stroke-spruce' : 'fill-spruce stroke-spruce'}
        strokeWidth={1.5}
      />
      <text
        x={9}
        y={12.8}
        textAnchor="middle"
        className={`text-[11px] font-semibold ${hollow ? 'fill-spruce' : 'fill-sheet'}`}
      >
        {letter}
      </text>
    </svg>
  );
}
