import type { StepState } from '../../core/tell/steps';
import type { ReactNode } from 'react';
import { text } from '../format/text';

/** A step's state as a shape and a word: full is done, half wants a decision, empty is not begun. */
export function StepMark({ state }: { state: StepState }): ReactNode {
  return (
    <>
      <svg
        width="10"
        height="10"
        viewBox="0 0 10 10"
        aria-hidden="true"
        className={`inline-block ${state === 'decide' ? 'text-ochre' : 'text-spruce'}`}
      >
        <circle
          cx="5"
          cy="5"
          r="4"
          className={state === 'done' ? 'fill-current' : 'fill-none'}
          stroke={state === 'not-begun' ? 'var(--color-control)' : 'currentColor'}
          strokeWidth="1.4"
        />
        {state === 'decide' && <path d="M5 1 a4 4 0 0 0 0 8 z" className="fill-current" />}
      </svg>
      <span className="sr-only">{text(`state.${state}`)}</span>
    </>
  );
}
