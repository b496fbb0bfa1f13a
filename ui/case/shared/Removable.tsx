'use client';

import type { ReactNode } from 'react';
import { text } from '../../format/text';
import { Button } from '../../kit/Button';
import { useCase } from '../context/caseContext';

interface RemovableProps {
  /** Its place in the case. */
  readonly at: string;
  readonly what: string;
  readonly children: ReactNode;
}

/** An entry of a list of the case under its name, with its removal. */
export function Removable({ at, what, children }: RemovableProps): ReactNode {
  const { session } = useCase();
  return (
    <li className="border-b border-rule-2 py-2">
      <div className="flex items-center justify-between">
        <span className="font-semibold first-letter:uppercase">{what}</span>
        <Button
          look="quiet"
          aria-label={text('past.removeThis', { what })}
          onClick={() => session.edit([{ path: at, value: undefined }], `remove:${at}`)}
        >
          {text('past.remove')}
        </Button>
      </div>
      {children}
    </li>
  );
}
