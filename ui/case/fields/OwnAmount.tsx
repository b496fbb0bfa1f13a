'use client';

import type { DecisionKind } from '../../../core/casefile/decisions';
import type { ReactNode } from 'react';
import { text } from '../../format/text';
import { useCase } from '../context/caseContext';
import { TextField } from './Fields';
import { decisionPlace } from '../context/places';

/** An amount of the advisor's own, with its reason; folded away until there is one. */
export function OwnAmount({
  what,
  label,
  unit,
}: {
  what: DecisionKind;
  label: string;
  unit: string;
}): ReactNode {
  const { area, state } = useCase();
  const own = (part: 'value' | 'reason') => decisionPlace(state.doc, area.area.id, what, part);
  return (
    <details className="mt-2" open={own('value').value !== '' || own('reason').value !== ''}>
      <summary className="cursor-pointer py-1 text-small font-semibold text-spruce">
        {text('ph.own')}
      </summary>
      <div className="mt-2 flex flex-wrap gap-4">
        <TextField label={label} place={own('value')} unit={unit} />
        <TextField label={text('ph.ownReason')} place={own('reason')} width="wide" />
      </div>
    </details>
  );
}
