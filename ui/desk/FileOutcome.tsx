'use client';

import '../format/desksWords';
import type { ReactNode } from 'react';
import type { Outcomes } from '../../store/merge';
import type { Imported } from '../files/bringIn';
import type { Undo } from '../files/undo';
import { FileFaults } from '../files/FileFaults';

import { text } from '../format/text';
import { Button } from '../kit/Button';

export type Outcome =
  | {
      /** Cases that are worked on, or bytes that are read. */
      readonly kind: 'busy' | 'reading';
      readonly done: number;
      readonly total: number;
      readonly giveUp: () => void;
    }
  | { readonly kind: 'undone' | 'cannotUndo' | 'noFile' | 'emptyFolder' }
  | { readonly kind: 'backedUp'; readonly count: number }
  | { readonly kind: 'archived'; readonly count: number; readonly undo: Undo }
  | { readonly kind: 'failed' }
  | (Exclude<Imported, { kind: 'look' | 'sealed' }> & { readonly name: string });

function sumOf(outcomes: Outcomes): number {
  return Object.values(outcomes).reduce((sum, each) => sum + each, 0);
}

/** Whether there is anything to be taken back. */
function canUndo(outcome: Outcome): boolean {
  if (outcome.kind === 'archived') return true;
  return outcome.kind === 'in' && outcome.outcomes.left < sumOf(outcome.outcomes);
}

function said(outcome: Exclude<Outcome, { kind: 'refused' }>): string {
  switch (outcome.kind) {
    case 'busy':
      return outcome.total > 0
        ? text('desk.busy', { done: outcome.done, total: outcome.total })
        : text('desk.busyStart');
    case 'reading':
      return text('desk.reading', { share: outcome.total > 0 ? outcome.done / outcome.total : 0 });
    case 'backedUp':
      return text('desk.backedUp', { n: outcome.count });
    case 'archived':
      return text('archive.done', { n: outcome.count });
    case 'failed':
      return text('desk.fileFailed');
    case 'damaged':
      return text('passphrase.damaged', { name: outcome.name });
    case 'changed':
      return text('merge.changed');
    case 'undone':
      return text('merge.undone');
    case 'cannotUndo':
      return text('merge.cannotUndo');
    case 'emptyFolder':
      return text('desk.emptyFolder');
    case 'noFile':
      return text('desk.noFile');
    case 'givenUp':
      return text('desk.givenUp');
    case 'in':
      return text('desk.broughtIn', outcome.outcomes);
  }
}

/** What became of a file, in words; progress while it is at work. */
export function FileOutcome({
  outcome,
  onClose,
  onUndo,
}: {
  outcome: Outcome;
  onClose: () => void;
  onUndo: () => void;
}): ReactNode {
  return (
    <div role="status" className="mt-3 flex max-w-3xl items-baseline gap-4">
      <div className="min-w-0 flex-1">
        {outcome.kind === 'refused' ? (
          <FileFaults name={outcome.name} faults={outcome.faults} />
        ) : (
          <p>{said(outcome)}</p>
        )}
      </div>
      {'giveUp' in outcome && (
        <Button look="quiet" onClick={outcome.giveUp}>
          {text('desk.giveUp')}
        </Button>
      )}
      {canUndo(outcome) && (
        <Button look="quiet" onClick={onUndo}>
          {text('desk.undo')}
        </Button>
      )}
      {!('giveUp' in outcome) && (
        <Button look="quiet" onClick={onClose}>
          {text('dialog.close')}
        </Button>
      )}
    </div>
  );
}
