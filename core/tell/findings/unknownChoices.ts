import { decisionOf, type DecisionKind } from '../../casefile/casefile';
import { SCHOOLS } from '../../treat/fertilizer/schools';
import type { FindInput, Finder } from './finder';
import type { StepId } from '../../kernel/working/finding';

/** What may be decided for of a kind, by the step that it belongs to. */
interface Choice {
  readonly what: DecisionKind;
  readonly step: StepId;
  readonly among: readonly string[];
}

/** A choice that nobody here knows is not followed, and that is said: another stands in its place. */
export function unknownChoices(finder: Finder, { file, plan, materials }: FindInput): void {
  const { area, treatments } = plan;
  const { lime: limes, sulfur, fertilizers } = materials;
  const ids = (all: readonly { readonly id: string }[]): string[] => all.map(({ id }) => id);
  const feeds = ids(fertilizers);
  const choices: readonly Choice[] = [
    {
      what: 'lime-method',
      step: 'ph',
      among: treatments.lime.methods.map(({ option }) => option.id),
    },
    { what: 'lime-material', step: 'ph', among: ids(limes) },
    { what: 'sulfur-material', step: 'ph', among: ids(sulfur) },
    { what: 'feed-source', step: 'feeding', among: SCHOOLS },
    { what: 'feed-way', step: 'feeding', among: ['by-need', 'one-trip'] },
    { what: 'feed-n', step: 'feeding', among: feeds },
    { what: 'feed-p', step: 'feeding', among: feeds },
    { what: 'feed-k', step: 'feeding', among: feeds },
    { what: 'feed-one', step: 'feeding', among: feeds },
  ];
  for (const { what, step, among } of choices) {
    const value = decisionOf(file, area.id, what)?.value.trim() ?? '';
    if (value === '' || among.includes(value)) continue;
    finder.find(step, 'note', 'choiceUnknown', { value }, [], { subject: what });
  }
}
