import type { Ground } from '../../site/ground/ground';
import { shownInHands, type HandAmount } from '../../schedule/dosing/inHands';
import type { DoseAmount } from '../../schedule/dosing/oneDose';
import type { MsgParam } from '../../kernel/messages/msg';

/** A share of an amount as the page tells it. */
export interface ToldShare {
  readonly kind: NonNullable<Ground['parts']>['kind'];
  readonly each: MsgParam;
  /** Whether the shares come to the amount; else each is about so much. */
  readonly equal: 'yes' | 'no';
  readonly hands: HandAmount;
}

/** What each row, bed or plant gets of an amount; nothing where the ground is not counted in such. */
export function shareOf({ parts }: Ground, { each, printed }: DoseAmount): ToldShare | undefined {
  if (!each || !parts || 'absent' in parts.count || 'absent' in each.pounds) return undefined;
  const sum = each.pounds.value.value * parts.count.value.value;
  const isEqual = !('absent' in printed) && Math.abs(sum - printed.value.value) < 1e-6;
  return {
    kind: parts.kind,
    each: { working: shownInHands(each).id },
    equal: isEqual ? 'yes' : 'no',
    hands: each,
  };
}
