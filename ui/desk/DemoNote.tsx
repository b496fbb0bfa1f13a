'use client';

import type { CaseIndexRow } from '../../core/plan/deskLine';
import { useState, type ReactNode } from 'react';
import { isDemo } from '../../core/casefile/demo';
import { markDemo } from '../../store/desk';
import { text } from '../format/desk';
import { Button } from '../kit/Button';

/** What the demo county is, how to begin one's own work, and its removal with undo. */
export function DemoNote({ rows }: { rows: readonly CaseIndexRow[] }): ReactNode {
  const [removed, setRemoved] = useState(false);
  const shown = rows.some(({ id }) => isDemo(id));
  if (!shown && !removed) return null;
  return (
    <p
      role="status"
      className="mt-3 flex flex-wrap items-center gap-x-4 gap-y-1 border-l-3 border-spruce bg-spruce-wash px-3 py-1.5"
    >
      {text(shown ? 'demo.note' : 'demo.removed')}
      <Button
        look="quiet"
        onClick={() => {
          setRemoved(shown);
          void markDemo(shown ? Date.now() : 0);
        }}
      >
        {text(shown ? 'demo.remove' : 'desk.undo')}
      </Button>
    </p>
  );
}
