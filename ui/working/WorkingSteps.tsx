'use client';

import type { ReactNode } from 'react';
import { SOURCES } from '../../core/kernel/sources';
import type { PresentWorking } from '../../core/kernel/working/working';
import { expressionOf, stepsOf } from '../../core/kernel/working/steps';
import type { Workings } from '../../core/kernel/working/workings';
import { messageText } from '../format/message';
import { quantityText } from '../format/quantity';
import { text } from '../format/text';

function rangeText({ value, range }: PresentWorking): string {
  if (!range) return '';
  const [low, high] = [range.low, range.high].map((end) => quantityText({ ...value, value: end }));
  return text('working.range', { low: low ?? '', high: high ?? '' });
}

/** Where a step's numbers come from, in a few words. */
function originOf(step: PresentWorking): string {
  if (step.override) return text('working.override', { reason: step.override.reason });
  if (step.op === 'typed') return text('working.typed');
  if (step.op === 'decided') return text('working.decided');
  if (!step.source) return '';
  const { citation } = SOURCES[step.source];
  const standing = step.standing ?? SOURCES[step.source].standing;
  return standing === 'exact' || standing === 'practice'
    ? citation
    : text('working.source', { citation, standing: text(`standing.${standing}`) });
}

function Expression({ step, workings }: { step: PresentWorking; workings: Workings }): ReactNode {
  return expressionOf(step, workings).map(({ sign, input }) => (
    <span key={input.id} title={messageText(input.label, workings)}>
      {sign === ';' ? '; ' : sign && ` ${sign} `}
      {quantityText(input.value)}
    </span>
  ));
}

interface WorkingStepsProps {
  readonly id: string;
  readonly workings: Workings;
  /** The steps, where some were shown before. */
  readonly steps?: readonly PresentWorking[];
}

/** One figure opened into its sum, line by line; the last line is the figure itself. */
export function WorkingSteps({
  id,
  workings,
  steps = stepsOf(id, workings),
}: WorkingStepsProps): ReactNode {
  return steps.map((step) => (
    <div
      key={step.id}
      className="grid grid-cols-[minmax(0,1fr)_auto] gap-x-4 py-1 not-last:border-b not-last:border-sheet print:not-last:border-rule"
    >
      <div className="min-w-0">
        <span>{messageText(step.label, workings)}</span>
        {step.inputs.length > 0 && (
          <span className="num text-ink-2">
            {text('working.of')}
            <Expression step={step} workings={workings} />
          </span>
        )}
        <span className="block text-small text-ink-2">
          {[originOf(step), rangeText(step)].filter(Boolean).join(' · ')}
        </span>
      </div>
      <span
        className={`num text-right whitespace-nowrap ${step.id === id ? 'font-semibold' : ''}`}
        {...(step.id === id ? { 'data-working-result': '' } : {})}
      >
        {quantityText(step.value)}
      </span>
    </div>
  ));
}
