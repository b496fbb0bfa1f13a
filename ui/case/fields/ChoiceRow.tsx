'use client';

import type { DecisionKind } from '../../../core/casefile/decisions';
import { useId, type ReactNode } from 'react';
import { OpenableRow } from '../../working/Openable';
import { useCase } from '../context/caseContext';
import { decisionPlace } from '../context/places';

interface ChoiceRowProps {
  /** The decision that the row's radio button takes, and its value. */
  readonly what: DecisionKind;
  readonly value: string;
  readonly chosen: boolean;
  readonly disabled?: boolean;
  readonly words: string;
  readonly below?: ReactNode;
  /** The cells after the name. */
  readonly children: ReactNode;
  readonly columns: number;
}

/** A row of alternatives: a radio button with its name, then figures that open under the row. */
export function ChoiceRow({
  what,
  value,
  chosen,
  disabled = false,
  words,
  below,
  children,
  columns,
}: ChoiceRowProps): ReactNode {
  const { session, state, area } = useCase();
  const id = useId();
  const place = decisionPlace(state.doc, area.area.id, what);
  const choose = (): void =>
    session.edit(
      // A reason was given for what was chosen before: it does not stand for another choice.
      [{ path: place.path, value: { what, value, reason: '', at: new Date().toISOString() } }],
      `choose:${place.path}:${value}`,
    );
  return (
    <OpenableRow columns={columns} className="pl-6">
      <tr className={`border-b border-rule-2 ${chosen ? 'font-semibold' : ''}`}>
        <td className="py-1 pr-1.5">
          <span className="flex items-start gap-2">
            <input
              id={id}
              type="radio"
              name={`${area.area.id}-${what}`}
              checked={chosen}
              disabled={disabled}
              onChange={choose}
              className="mt-0.5 size-4 shrink-0 accent-spruce"
            />
            <label htmlFor={id} className={disabled ? 'text-ink-2' : ''}>
              <span className="inline-block first-letter:uppercase">{words}</span>
              {below && <span className="block text-small font-normal text-ink-2">{below}</span>}
            </label>
          </span>
        </td>
        {children}
      </tr>
    </OpenableRow>
  );
}
