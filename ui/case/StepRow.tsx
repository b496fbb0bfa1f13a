'use client';

import type { ReactNode } from 'react';
import { STEPS } from '../../core/kernel/working/finding';
import { text } from '../format/text';
import { StepMark } from '../kit/StepMark';
import { useCase } from './context/caseContext';

/** The steps of the work, each with its own state. None is locked. */
export function StepRow(): ReactNode {
  const { plan, step, all, go } = useCase();
  return (
    <nav aria-label={text('case.steps')} className="relative flex overflow-x-auto">
      {STEPS.map((each) => (
        <button
          key={each}
          type="button"
          aria-current={each === step && !all ? 'step' : undefined}
          onClick={() => go(each)}
          className="flex h-9 items-center gap-2 border-b-3 border-transparent px-3 forced-colors:not-aria-[current]:border-[Canvas] font-semibold whitespace-nowrap text-ink-2 aria-[current]:border-spruce aria-[current]:text-ink"
        >
          <StepMark state={plan.steps[each]} />
          {text(`step.${each}`)}
        </button>
      ))}
    </nav>
  );
}
