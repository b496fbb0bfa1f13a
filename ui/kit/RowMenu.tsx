'use client';

import { useId, useRef, type ReactNode } from 'react';
import { text } from '../format/shell';

/** Something that can be done with a row or a line. */
export interface RowAct {
  readonly label: string;
  readonly run: () => void;
}

interface RowMenuProps {
  /** What the acts are of, for whoever does not see it. */
  readonly label: string;
  readonly acts: readonly RowAct[];
  readonly className?: string;
}

/**
 * What can be done with a row, behind one small button. The browser's own popover: it closes by Esc and by a press beside
 * it, comes next in the order of Tab, and weighs nothing on a page that has one in every row.
 */
export function RowMenu({ label, acts, className = '' }: RowMenuProps): ReactNode {
  const id = useId();
  const list = useRef<HTMLDivElement>(null);
  return (
    <>
      <button
        type="button"
        aria-label={label}
        popoverTarget={id}
        className={`inline-flex size-6 items-center justify-center rounded font-semibold text-ink-2 hover:bg-spruce-wash hover:text-spruce ${className}`}
      >
        {text('rowMenu.dots')}
      </button>
      <div
        ref={list}
        id={id}
        popover="auto"
        role="group"
        aria-label={label}
        className="min-w-40 rounded border border-rule bg-sheet py-1 text-left font-sans text-body text-ink shadow-lg supports-[position-area:bottom]:inset-auto supports-[position-area:bottom]:m-0 supports-[position-area:bottom]:[position-area:bottom_span-left] supports-[position-area:bottom]:[position-try-fallbacks:flip-block]"
      >
        {acts.map((act) => (
          <button
            key={act.label}
            type="button"
            onClick={() => {
              list.current?.hidePopover();
              act.run();
            }}
            className="block w-full px-3 py-1 text-left hover:bg-spruce-wash"
          >
            {act.label}
          </button>
        ))}
      </div>
    </>
  );
}
