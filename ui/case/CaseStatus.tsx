'use client';

import { useEffect, useState, useSyncExternalStore, type ReactNode } from 'react';
import { createPortal } from 'react-dom';
import { putBack } from '../../store/cases';
import { isKept } from '../../store/persistence';
import { text } from '../format/text';
import { Button } from '../kit/Button';
import { STATUS_SLOT } from '../shell/Shell';
import { useCase } from './context/caseContext';

/** Whether the case is saved, and undo and redo, in the top bar. */
export function CaseStatus(): ReactNode {
  const { session } = useCase();
  const state = useSyncExternalStore(session.subscribe, session.getState, session.getState);
  const refused = state.save === 'failed' || state.save === 'full';
  const deleted = state.save === 'deleted';
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
        title={refused ? text('save.keptHere') : deleted ? text('save.deletedHelp') : undefined}
        className={refused || deleted ? 'font-semibold text-madder' : ''}
      >
        {text(`save.${state.save}`)}
      </span>
      {deleted && (
        <Button look="quiet" onClick={() => void putBack(state.doc, Date.now())}>
          {text('save.putBack')}
        </Button>
      )}
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
