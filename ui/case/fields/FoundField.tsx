'use client';

import type { ReactNode } from 'react';
import type { Option } from '../../format/choices';
import type { Findable } from '../../format/find';
import { text } from '../../format/text';
import { FindField } from '../../kit/FindField';
import type { Place } from '../context/places';
import { useField } from '../context/useField';

interface FoundFieldProps {
  readonly label: string;
  readonly place: Place;
  readonly options: readonly (Option & Findable)[];
  readonly hideLabel?: boolean;
  readonly className?: string;
}

/** One of many values of the document, found by typing any part of its name. */
export function FoundField({ place, ...field }: FoundFieldProps): ReactNode {
  const { id, change, onKeyDown, onBlur } = useField(place);
  return (
    <FindField
      {...field}
      id={id}
      value={place.value}
      nothing={text('find.nothing')}
      onChoose={change}
      onKeyDown={onKeyDown}
      onBlur={onBlur}
      stop
    />
  );
}
