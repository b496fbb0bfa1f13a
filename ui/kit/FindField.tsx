'use client';

import { lazy, Suspense, type ReactNode } from 'react';
import { Options } from './ChoiceField';
import type { FindFieldProps } from './FindList';
import { FieldLabel } from './FieldLabel';

/** The same as a list that every browser has: until the other is fetched, and where there is no network for it. */
function PlainList({
  id,
  label,
  hideLabel = false,
  value,
  options,
  placeholder,
  onChoose,
  onKeyDown,
  onBlur,
  stop = false,
  className = 'w-52',
}: FindFieldProps): ReactNode {
  return (
    <div className="min-w-0">
      <FieldLabel of={id} hidden={hideLabel}>
        {label}
      </FieldLabel>
      <select
        id={id}
        {...(stop ? { 'data-stop': '' } : {})}
        value={value}
        onChange={(event) => {
          if (event.target.value !== '') onChoose(event.target.value);
        }}
        onKeyDown={onKeyDown}
        onBlur={onBlur}
        className={`field ${className}`}
      >
        {value === '' && <option value="">{placeholder}</option>}
        <Options options={options} />
      </select>
    </div>
  );
}

/** What finds by typing is fetched where it is shown, and not with every case. */
const FindList = lazy(() =>
  import('./FindList').then(
    (file) => ({ default: file.FindList }),
    () => ({ default: PlainList }),
  ),
);

/** One of many values, found by typing any part of its name. */
export function FindField(props: FindFieldProps): ReactNode {
  return (
    <Suspense fallback={<PlainList {...props} />}>
      <FindList {...props} />
    </Suspense>
  );
}
