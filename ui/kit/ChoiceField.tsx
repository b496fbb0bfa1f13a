'use client';

import { memo, useId, type ReactNode } from 'react';
import { sameValue } from '../../core/kernel/typed/sameValue';
import type { Option } from '../format/choices';
import { FieldLabel } from './FieldLabel';

interface OptionsProps {
  readonly options: readonly Option[];
}

/** The options of a select; those of a heading stand under it. Long lists of them are drawn again only where one changed. */
export const Options = memo(OptionRows, (before, after) => sameValue(before, after));

function OptionRows({ options }: OptionsProps): ReactNode {
  const plain = options.filter(({ group }) => group === undefined);
  const groups = [...new Set(options.flatMap(({ group }) => group ?? []))];
  const row = ({ value, words, disabled }: Option): ReactNode => (
    <option key={value} value={value} disabled={disabled}>
      {words}
    </option>
  );
  return (
    <>
      {plain.map(row)}
      {groups.map((group) => (
        <optgroup key={group} label={group}>
          {options.filter((option) => option.group === group).map(row)}
        </optgroup>
      ))}
    </>
  );
}

interface ChoiceFieldProps {
  readonly label: string;
  readonly value: string;
  readonly options: readonly Option[];
  readonly onChoose: (value: string) => void;
  /** Its values are long. */
  readonly wide?: boolean;
}

/** One of a few values, where choosing changes more than one place. */
export function ChoiceField({
  label,
  value,
  options,
  onChoose,
  wide = false,
}: ChoiceFieldProps): ReactNode {
  const id = useId();
  return (
    <div className="min-w-0">
      <FieldLabel of={id}>{label}</FieldLabel>
      <select
        id={id}
        value={value}
        onChange={(event) => onChoose(event.target.value)}
        className={`field ${wide ? 'w-full max-w-md' : 'w-52'}`}
      >
        <Options options={options} />
      </select>
    </div>
  );
}
