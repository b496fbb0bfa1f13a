'use client';

import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/react';
import { Fragment, useMemo, useState, type KeyboardEvent, type ReactNode } from 'react';
import { Chevron } from './Chevron';
import { find, type Findable } from '../format/find';
import type { Option } from '../format/choices';
import { FieldLabel } from './FieldLabel';

export interface FindFieldProps {
  readonly id: string;
  readonly label: string;
  /** The label is for those who do not see the table that the field stands in. */
  readonly hideLabel?: boolean;
  readonly value: string;
  readonly options: readonly (Option & Findable)[];
  /** What stands in it while nothing is chosen. */
  readonly placeholder?: string;
  /** What is said where nothing is found. */
  readonly nothing: string;
  readonly onChoose: (value: string) => void;
  /** A stop of the worksheet, at which Enter goes on once the list is closed. */
  readonly stop?: boolean;
  readonly onKeyDown?: (event: KeyboardEvent<HTMLElement>) => void;
  readonly onBlur?: () => void;
  readonly className?: string;
}

/** One of many values, found by typing any part of its name; arrow keys go through what is found. */
export function FindList({
  id,
  label,
  hideLabel = false,
  value,
  options,
  placeholder,
  nothing,
  onChoose,
  stop = false,
  onKeyDown,
  onBlur,
  className = 'w-52',
}: FindFieldProps): ReactNode {
  const [typed, setTyped] = useState('');
  const [moved, setMoved] = useState(false);
  const found = useMemo(() => find(options, typed), [options, typed]);
  const chosen = options.find((option) => option.value === value);
  return (
    <div
      className="relative min-w-0"
      onKeyDownCapture={(event) => {
        if (event.key.startsWith('Arrow')) setMoved(true);
        // Enter goes on to the next field, unless something was looked for.
        if (event.key !== 'Enter' || typed !== '' || moved) return;
        event.stopPropagation();
        onKeyDown?.(event);
      }}
    >
      <FieldLabel of={id} hidden={hideLabel}>
        {label}
      </FieldLabel>
      <Combobox<string>
        value={value}
        immediate
        onChange={(next) => {
          // What is closed without a choice keeps what it had.
          if (typeof next === 'string') onChoose(next);
        }}
        onClose={() => {
          setTyped('');
          setMoved(false);
        }}
      >
        <>
          <ComboboxInput
            id={id}
            {...(stop ? { 'data-stop': '' } : {})}
            autoComplete="off"
            spellCheck={false}
            placeholder={placeholder}
            displayValue={() => chosen?.words ?? ''}
            onChange={(event) => setTyped(event.target.value)}
            onFocus={(event) => event.target.select()}
            onBlur={onBlur}
            className={`field pr-7 ${className}`}
          />
          <span className="pointer-events-none absolute right-0 bottom-0 grid h-8 w-7 place-items-center text-ink-2">
            <Chevron />
          </span>
          <ComboboxOptions
            modal={false}
            className="absolute z-20 mt-0.5 max-h-80 w-72 overflow-y-auto rounded border border-control bg-sheet py-1 shadow-xl"
          >
            {found.map((option, at) => (
              <Fragment key={option.value}>
                {option.group !== undefined && option.group !== found[at - 1]?.group && (
                  <li
                    role="presentation"
                    className="px-3 pt-2 pb-0.5 text-label font-semibold text-ink-2"
                  >
                    {option.group}
                  </li>
                )}
                <ComboboxOption
                  value={option.value}
                  disabled={option.disabled ?? false}
                  className="px-3 py-1 data-disabled:text-ink-2 data-focus:bg-spruce-wash data-selected:font-semibold"
                >
                  {option.words}
                </ComboboxOption>
              </Fragment>
            ))}
            {found.length === 0 && (
              <li role="presentation" className="px-3 py-1 text-ink-2">
                {nothing}
              </li>
            )}
          </ComboboxOptions>
        </>
      </Combobox>
    </div>
  );
}
