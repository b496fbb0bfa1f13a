'use client';

import { useId, type ReactNode } from 'react';
import type { Clash } from '../../store/threeWay';
import { text } from '../format/text';
import { placeName, placeValue } from './placeName';

interface ClashesProps {
  readonly clashes: readonly Clash[];
  /** Where the names of entries stand. */
  readonly documents: readonly unknown[];
  /** Places whose value there is taken. */
  readonly theirs: readonly string[];
  readonly onChoose: (theirs: readonly string[]) => void;
}

/** Places that both changed, each with both values and a choice. */
export function Clashes({ clashes, documents, theirs, onChoose }: ClashesProps): ReactNode {
  const group = useId();
  if (clashes.length === 0) return null;
  return (
    <ul className="my-1 border-l-2 border-ochre pl-3">
      {clashes.map(({ path, here, there }) => {
        const isTheirs = theirs.includes(path);
        const sides = [
          ['here', here, !isTheirs],
          ['there', there, isTheirs],
        ] as const;
        return (
          <li key={path} className="border-b border-rule-2 py-1 last:border-0">
            <fieldset>
              <legend className="text-label text-ink-2">{placeName(path, documents)}</legend>
              {sides.map(([side, value, chosen]) => (
                <label key={side} className="flex min-h-6 items-baseline gap-2">
                  <input
                    type="radio"
                    className="accent-spruce"
                    name={`${group}${path}`}
                    checked={chosen}
                    onChange={() =>
                      onChoose(
                        side === 'there'
                          ? [...theirs, path]
                          : theirs.filter((each) => each !== path),
                      )
                    }
                  />
                  <span className="w-12 shrink-0 text-ink-2">{text(`merge.side.${side}`)}</span>
                  <span className="min-w-0 break-words">{placeValue(value)}</span>
                </label>
              ))}
            </fieldset>
          </li>
        );
      })}
    </ul>
  );
}
