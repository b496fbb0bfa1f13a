import { diffArrays } from 'diff';
import type { CaseFile } from '../../core/casefile/casefile';
import type { Issued } from '../../core/casefile/parts/issued';
import type { UnitSystem } from '../../core/kernel/units/metric';
import type { WrittenPage } from './writtenPage';

/**
 * The record of a page that is given out now: its words, and by which pack, climate card and rules they were worked out.
 * @param at the moment, in ISO form; its day on the advisor's calendar is `on`
 */
export function issue(
  { client, pack, climate, rules }: CaseFile,
  { title, who, lines }: WrittenPage,
  given: {
    readonly id: string;
    readonly on: string;
    readonly at: string;
    readonly units: UnitSystem;
  },
): Issued {
  const { language } = client;
  const names = Object.values(rules).map(({ name, kind }) => name.trim() || kind);
  return { ...given, language, title, who, lines, pack, card: climate.card, rules: names };
}

/** Lines that stand on one of two pages only, in the order of the page. */
export interface Difference {
  readonly side: 'then' | 'now';
  readonly text: string;
}

function textsOf({ title, who, lines }: WrittenPage): string[] {
  return [title, who, ...lines.map(({ text }) => text)].filter((text) => text !== '');
}

/** In which lines a page that was given out differs from the one of now. */
export function differences(then: WrittenPage, now: WrittenPage): Difference[] {
  return diffArrays(textsOf(then), textsOf(now)).flatMap(({ added, removed, value }) => {
    if (!added && !removed) return [];
    return value.map((text): Difference => ({ side: added ? 'now' : 'then', text }));
  });
}

/** The pages that were given out, the last one first. */
export function issuedOf({ issued }: CaseFile): Issued[] {
  return Object.values(issued).sort((a, b) => (a.at < b.at ? 1 : -1));
}
