import type { CaseFile } from '../casefile/casefile';
import { areasOf } from '../casefile/casefile';
import { decisionOf, type Decision, type DecisionKind } from '../casefile/decisions';
import { fingerprint } from '../kernel/typed/fingerprint';
import { own } from '../kernel/typed/own';
import type { NamesIn } from '../kernel/messages/msg';
import { slipDigest } from './queue';
import type { Plan } from './types';

/** Decisions that pass the advice of the core: where volunteers work, each needs a reviewer's word. */
const OVERRIDES = [
  'lime-own',
  'sulfur-own',
  'lime-target',
  'lime-depth',
  'lab-rescale',
  'sulfur-wanted',
  'late-n',
] as const satisfies readonly DecisionKind[];

/** One decision that passes the advice, and the ground that it is for. */
export interface Overriding {
  readonly areaId: string;
  readonly decision: Decision;
}

/** What passes the advice in a case, in the order of its ground. */
export function overridesIn(file: CaseFile): Overriding[] {
  return areasOf(file).flatMap(({ id }) =>
    OVERRIDES.flatMap((what) => {
      const decision = decisionOf(file, id, what);
      return decision && decision.value.trim() !== '' ? [{ areaId: id, decision }] : [];
    }),
  );
}

/** What a review stands for: amounts and days, and the words that somebody put on the page or took off it. */
export function reviewDigest(
  { lines }: Pick<CaseFile, 'lines'>,
  plan: Pick<Plan, 'areas' | 'slip'>,
): string {
  const edits = Object.keys(lines)
    .sort()
    .map((key) => {
      const edit = own(lines, key);
      return [key, edit?.what, edit?.text, edit?.after].join('\n');
    });
  const digest = slipDigest(plan);
  return edits.length === 0 ? digest : `${digest}|w${fingerprint(edits.join('\n'))}`;
}

/** Whether a page may go out of the house, and what it waits for where it may not. */
export type Release =
  { readonly goesOut: true } | { readonly goesOut: false; readonly why: NamesIn<'release.why'> };

const FREE: Release = { goesOut: true };

function sameHands({ typedBy, by }: CaseFile['review']): boolean {
  return typedBy.trim().toLowerCase() === by.trim().toLowerCase();
}

/**
 * Whether the page of a case may go out: where volunteers work only one that somebody else has looked over as it stands.
 * @param volunteers whether this office's cases are typed by volunteers
 */
export function releaseOf(file: CaseFile, plan: Plan, volunteers: boolean): Release {
  if (!volunteers) return FREE;
  const { review } = file;
  if (review.state === '') return { goesOut: false, why: 'ask' };
  if (review.state !== 'seen') return { goesOut: false, why: review.state };
  if (review.typedBy.trim() === '') return { goesOut: false, why: 'unnamed' };
  if (review.standsFor !== reviewDigest(file, plan)) return { goesOut: false, why: 'changed' };
  return sameHands(review) ? { goesOut: false, why: 'sameHands' } : FREE;
}
