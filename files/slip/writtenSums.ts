import { SOURCES } from '../../core/kernel/sources';
import { expressionOf, stepsOf } from '../../core/kernel/working/steps';
import type { PresentWorking } from '../../core/kernel/working/working';
import type { Workings } from '../../core/kernel/working/workings';
import type { Plan } from '../../core/plan/types';
import type { Voice } from '../../words/voice';

/** A step of a sum in words: what it is, what it is made of and where that comes from, and what it comes to. */
export interface WrittenStep {
  readonly label: string;
  readonly sum: string;
  readonly origin: string;
  readonly value: string;
}

function sumOf(step: PresentWorking, workings: Workings, voice: Voice): string {
  return expressionOf(step, workings)
    .map(({ sign, input }) => {
      const before = sign === ';' ? '; ' : sign && ` ${sign} `;
      return `${before}${voice.quantity(input.value)}`;
    })
    .join('');
}

/**
 * The sums of the figures that the appendix of a page opens, a list of steps each; no step twice.
 * @param voice a voice that has the words of workings
 */
export function writtenSums({ slip, workings }: Plan, voice: Voice): WrittenStep[][] {
  const seen = new Set<string>();
  return slip.appendix
    .map((id) => stepsOf(id, workings, seen))
    .map((steps) =>
      steps.map((step) => ({
        label: voice.message(step.label, { workings }),
        sum: sumOf(step, workings, voice),
        origin: step.source ? SOURCES[step.source].citation : '',
        value: voice.quantity(step.value),
      })),
    )
    .filter((steps) => steps.length > 0);
}
