import type { ReactNode } from 'react';
import type { CaseIndexRow } from '../../core/plan/deskLine';
import { text } from '../format/desk';
import { STEPS_TO_PAGE } from '../../core/kernel/working/finding';

/** How far a case has come: a mark for each step, those behind it filled. */
export function HowFar({ row }: { row: CaseIndexRow }): ReactNode {
  const { goesOnAt, facts } = row;
  const done = facts.finished
    ? STEPS_TO_PAGE.length
    : STEPS_TO_PAGE.findIndex((step) => step === goesOnAt);
  const said = facts.finished
    ? text('queue.allSteps')
    : text('queue.atStep', { step: text(`step.${goesOnAt}`), n: done + 1 });
  return (
    <span title={said} className="flex items-center gap-0.5">
      <span className="sr-only">{said}</span>
      {STEPS_TO_PAGE.map((step, at) => (
        <span
          key={step}
          aria-hidden="true"
          className={`h-2.5 w-1.5 rounded-[1px] border forced-colors:border-[CanvasText] ${at < done ? 'border-spruce bg-spruce forced-colors:bg-[CanvasText]' : 'border-control'}`}
        />
      ))}
    </span>
  );
}
