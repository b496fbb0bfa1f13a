'use client';

import { useLayoutEffect, useRef, useState, type ReactNode } from 'react';
import { nearestYear } from '../../../core/kernel/typed/date';
import { own } from '../../../core/kernel/typed/own';
import { dateAsTyped, formatDate, localDay } from '../../format/date';
import { messageText } from '../../format/message';
import { text } from '../../format/text';
import type { Option } from '../../format/choices';
import { Options } from '../../kit/ChoiceField';
import { Button } from '../../kit/Button';
import { useCase } from '../context/caseContext';
import type { Place } from '../context/places';
import { useField } from '../context/useField';
import { FieldLabel } from '../../kit/FieldLabel';

interface NotesProps {
  readonly id: string;
  readonly place: Place;
}

/** What stands under a field: its error, and what was typed for it elsewhere. */
function Notes({ id, place }: NotesProps): ReactNode {
  const { plan, state, session } = useCase();
  const problem = own(plan.problems, place.problem);
  const conflict = own(state.conflicts, place.path);
  return (
    <span id={`${id}-notes`} aria-live="polite" className="block text-small">
      {problem && <span className="block text-madder">{messageText(problem)}</span>}
      {conflict && (
        <span className="mt-1 block rounded bg-ochre-wash px-2 py-1">
          {text('conflict.elsewhere', { theirs: place.read(conflict.theirs) })}
          <span className="flex gap-3">
            <Button look="quiet" onClick={() => session.resolve(place.path, 'mine')}>
              {text('conflict.mine')}
            </Button>
            <Button look="quiet" onClick={() => session.resolve(place.path, 'theirs')}>
              {text('conflict.theirs')}
            </Button>
          </span>
        </span>
      )}
    </span>
  );
}

interface FieldProps {
  readonly label: string;
  readonly place: Place;
  /** Width of the control in the worksheet's terms. */
  readonly width?: 'number' | 'class' | 'date' | 'unit' | 'words' | 'product' | 'bag' | 'wide';
}

const WIDTHS = {
  number: 'w-20',
  class: 'w-20',
  date: 'w-32',
  unit: 'w-44',
  words: 'w-52',
  product: 'w-52 max-margin:w-40',
  bag: 'w-16',
  wide: 'w-full max-w-md',
} as const;

interface LabelledProps {
  readonly id: string;
  readonly label: string;
  readonly place: Place;
  readonly hideLabel?: boolean;
  readonly children: ReactNode;
}

/** A control under its label, over what there is to say about it. */
function Labelled({ id, label, place, hideLabel = false, children }: LabelledProps): ReactNode {
  return (
    <div className="min-w-0">
      <FieldLabel of={id} hidden={hideLabel}>
        {label}
      </FieldLabel>
      {children}
      <Notes id={id} place={place} />
    </div>
  );
}

interface TextFieldProps extends FieldProps {
  readonly unit?: string;
  readonly hint?: string;
  /** What counts while nothing is typed. */
  readonly usual?: string;
  readonly hideLabel?: boolean;
  /** Whether Enter stops here on its way through the paper; Tab always does. */
  readonly stop?: boolean;
  /** The column of a table that Enter goes down. */
  readonly column?: number;
  /** The id of what else there is to say about it. */
  readonly describedBy?: string;
}

/**
 * One typed value. It stays as typed; what does not parse says so under it. A date that nobody is at stands in the one
 * form that all dates have.
 */
export function TextField({
  label,
  place,
  unit,
  hint,
  usual,
  width = 'number',
  hideLabel = false,
  stop = true,
  column,
  describedBy = '',
}: TextFieldProps): ReactNode {
  const { id, change, ...events } = useField(place);
  const { plan, area } = useCase();
  const input = useRef<HTMLInputElement>(null);
  const [inUse, setInUse] = useState(false);
  const isDate = width === 'date';
  useLayoutEffect(() => {
    // What is typed replaces the date, as in any field that Tab goes to.
    if (inUse && isDate) input.current?.select();
  }, [inUse, isDate]);
  const invalid = own(plan.problems, place.problem) !== undefined;
  /** A day without a year is given the nearest one before anybody goes on. */
  const withYear = (): void => {
    const whole =
      isDate && invalid && nearestYear(place.value, area.planFrom ?? localDay(new Date()));
    if (whole) change(formatDate(whole));
  };
  return (
    <Labelled id={id} label={label} place={place} hideLabel={hideLabel}>
      <span className="flex items-center gap-2">
        <input
          ref={input}
          id={id}
          {...(stop ? { 'data-stop': '' } : {})}
          data-column={column}
          autoComplete="off"
          spellCheck={false}
          value={isDate && !inUse ? dateAsTyped(place.value) : place.value}
          placeholder={usual}
          onChange={(event) => change(event.target.value)}
          {...events}
          onFocus={(event) => {
            setInUse(true);
            events.onFocus(event);
          }}
          onBlur={() => {
            setInUse(false);
            withYear();
            events.onBlur();
          }}
          aria-invalid={invalid}
          aria-describedby={`${id}-notes ${describedBy}`.trim()}
          className={`field ${WIDTHS[width]} ${width === 'number' || width === 'bag' ? 'num text-right' : ''} aria-invalid:border-madder`}
        />
        {unit && <span className="whitespace-nowrap text-ink-2">{unit}</span>}
        {hint && <span className="text-small text-ink-2">{hint}</span>}
      </span>
    </Labelled>
  );
}

/** Several lines of the document, as typed; Enter makes another line. */
export function TextArea({ label, place }: FieldProps): ReactNode {
  const { id, change, onFocus, onBlur } = useField(place);
  return (
    <div className="min-w-0 flex-1">
      <Labelled id={id} label={label} place={place}>
        <textarea
          id={id}
          rows={3}
          maxLength={4000}
          value={place.value}
          onChange={(event) => change(event.target.value)}
          onFocus={onFocus}
          onBlur={onBlur}
          className="field h-auto py-1.5"
        />
      </Labelled>
    </div>
  );
}

interface SelectFieldProps extends FieldProps {
  readonly options: readonly Option[];
  /** Whether Enter stops here on its way through the paper; Tab always does. */
  readonly stop?: boolean;
  /** The label is for those who do not see the table that the field stands in. */
  readonly hideLabel?: boolean;
  /** The column of a table that Enter goes down. */
  readonly column?: number;
}

/** One of a few values. */
export function SelectField({
  label,
  place,
  options,
  width = 'words',
  stop = true,
  hideLabel = false,
  column,
}: SelectFieldProps): ReactNode {
  const { id, change, ...events } = useField(place);
  return (
    <Labelled id={id} label={label} place={place} hideLabel={hideLabel}>
      <select
        id={id}
        {...(stop ? { 'data-stop': '' } : {})}
        data-column={column}
        value={place.value}
        onChange={(event) => change(event.target.value)}
        {...events}
        className={`field ${WIDTHS[width]}`}
      >
        <Options options={options} />
      </select>
    </Labelled>
  );
}
