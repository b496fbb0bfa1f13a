'use client';

import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import type { ReactNode } from 'react';
import { text } from '../format/shell';

/** Something that can be done with a row or a line. */
export interface RowAct {
  readonly label: string;
  readonly run: () => void;
}

interface RowMenuProps {
  /** What the menu is of, for whoever does not see it. */
  readonly label: string;
  readonly acts: readonly RowAct[];
  readonly className?: string;
}

/** What can be done with a row, behind one small button. */
export function RowMenu({ label, acts, className = '' }: RowMenuProps): ReactNode {
  return (
    <Menu>
      <MenuButton
        aria-label={label}
        className={`inline-flex size-6 items-center justify-center rounded font-semibold text-ink-2 hover:bg-spruce-wash hover:text-spruce data-open:bg-spruce-wash ${className}`}
      >
        {text('rowMenu.dots')}
      </MenuButton>
      <MenuItems
        anchor="bottom end"
        className="z-30 min-w-40 rounded border border-rule bg-sheet py-1 font-sans text-body shadow-lg outline-none"
      >
        {acts.map((act) => (
          <MenuItem key={act.label}>
            <button
              type="button"
              onClick={act.run}
              className="block w-full px-3 py-1 text-left data-focus:bg-spruce-wash"
            >
              {act.label}
            </button>
          </MenuItem>
        ))}
      </MenuItems>
    </Menu>
  );
}
