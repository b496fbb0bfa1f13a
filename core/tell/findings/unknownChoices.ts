import { labelOfDecision } from '../../casefile/decisions';
import type { FindInput, Finder } from './finder';

/**
 * A choice that nobody here knows, and a method of lime that is not for this soil, are not followed, and that is said:
 * another stands in their place.
 */
export function unknownChoices(finder: Finder, { file, plan }: FindInput): void {
  const { methods } = plan.treatments.lime;
  const method = file.decisions['lime-method']?.value ?? '';
  if (method !== '' && !methods.some(({ option }) => option.id === method)) {
    const subject = { subject: 'lime-method' };
    finder.find(
      'ph',
      'note',
      'choiceUnknown',
      { what: labelOfDecision('lime-method'), value: method },
      [],
      subject,
    );
  }
  for (const { what, step, value } of file.unknownDecisions) {
    finder.find(step, 'note', 'choiceUnknown', { what: labelOfDecision(what), value }, [], {
      subject: what,
    });
  }
}
