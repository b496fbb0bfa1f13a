'use client';

import { useEffect, useState, type ReactNode } from 'react';
import { createPortal } from 'react-dom';
import { isKept } from '../../store/persistence';
import { text } from '../format/text';
import { Button } from '../parts/Button';
import { STATUS_SLOT } from '../shell/Shell';
import { useCase } from './caseContext';

/** Whether the case is saved, and undo and redo, in the top bar. */
export function CaseStatus(): ReactNode {
  const { state, session } = useCase();
  const refused = state.save === 'failed' || state.save === 'full';
  const [slot] = useState(() => document.getElementById(STATUS_SLOT));
  const [kept, setKept] = useState(true);
  useEffect(() => {
    void isKept().then(setKept);
  }, []);
  if (!slot) return null;
  return createPortal(
    <>
      <Button
        look="quiet"
        disabled={!state.canUndo}
        onClick={() => session.undo()}
        className="disabled:text-control"
      >
        {text('command.undo')}
      </Button>
      <Button
        look="quiet"
        disabled={!state.canRedo}
        onClick={() => session.redo()}
        className="disabled:text-control"
      >
        {text('command.redo')}
      </Button>
      <span
        role="status"
        data-save={state.save}
        title={refused ? text('save.keptHere') : undefined}
        className={refused ? 'font-semibold text-madder' : ''}
      >
        {text(`save.${state.save}`)}
      </span>
      {refused && (
        <Button look="quiet" onClick={() => void session.flush()}>
          {text('save.again')}
        </Button>
      )}
      {!kept && (
        <span title={text('save.notKeptHelp')} className="whitespace-nowrap max-margin:hidden">
          {text('save.notKept')}
        </span>
      )}
    </>,
    slot,
  );
}
