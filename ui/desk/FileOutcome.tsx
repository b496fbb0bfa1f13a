'use client';

import type { ReactNode } from 'react';
import type { Imported } from '../files/caseloadFiles';
import { FileFaults } from '../files/FileFaults';

import { text } from '../format/text';
import { Button } from '../kit/Button';

export type Outcome =
  | { readonly kind: 'busy'; readonly done: number; readonly total: number }
  | { readonly kind: 'backedUp'; readonly count: number }
  | { readonly kind: 'failed' }
  | (Imported & { readonly name: string });

function said(outcome: Exclude<Outcome, { kind: 'refused' }>): string {
  switch (outcome.kind) {
    case 'busy':
      return outcome.total > 0
        ? text('desk.busy', { done: outcome.done, total: outcome.total })
        : text('desk.busyStart');
    case 'backedUp':
      return text('desk.backedUp', { n: outcome.count });
    case 'failed':
      return text('desk.fileFailed');
    case 'in': {
      const { added, unchanged, restored, copied } = outcome.what;
      return text('desk.broughtIn', { added, unchanged, restored, copied });
    }
  }
}

/** What became of a file, in words; progress while it is at work. */
export function FileOutcome({
  outcome,
  onClose,
}: {
  outcome: Outcome;
  onClose: () => void;
}): ReactNode {
  return (
    <div role="status" className="mt-3 flex max-w-3xl items-start gap-4">
      <div className="min-w-0 flex-1">
        {outcome.kind === 'refused' ? (
          <FileFaults name={outcome.name} faults={outcome.faults} />
        ) : (
          <p>{said(outcome)}</p>
        )}
      </div>
      {outcome.kind !== 'busy' && (
        <Button look="quiet" onClick={onClose}>
          {text('dialog.close')}
        </Button>
      )}
    </div>
  );
}
