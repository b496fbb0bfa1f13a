import type { Ground } from '../ground/ground';
import type { FeedPlan } from '../feeding/types';
import type { LimePlan } from '../ph/types';
import { msg } from '../working/msg';
import type { SlipBlock } from './document';

/** The feeding part of the client's page; it waits while nobody knows about the lime. */
export function feedBlocks(ground: Ground, lime: LimePlan, feed: FeedPlan): SlipBlock[] {
  if (lime.verdict === 'absent') return [{ kind: 'sentence', text: msg('slip.feedAfterLime') }];
  if (feed.verdict === 'none-needed') return [{ kind: 'lead', text: msg('slip.noFeed') }];
  if (feed.verdict === 'absent' || feed.doses.length === 0) {
    return [{ kind: 'sentence', text: msg('slip.feedLater') }];
  }
  const material = msg(`material.${feed.chosenProduct.id}`);
  const per = ground.known ? '' : 'PerThousand';
  const lead = ground.known
    ? msg('slip.buyFeed', { bags: { working: feed.bagsToBuy.id }, material })
    : msg('slip.useFeed', { material });
  const doses = feed.doses.map((dose): SlipBlock => {
    const { printed, perPass } = dose.amount;
    return {
      kind: 'sentence',
      text: msg(`slip.feedDose${per}`, {
        date: { date: dose.date },
        amount: { working: printed.id },
        pass: { working: perPass.id },
      }),
    };
  });
  return [{ kind: 'lead', text: lead }, ...doses, { kind: 'sentence', text: msg('slip.waterIn') }];
}
