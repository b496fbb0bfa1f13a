import type { FeedPlan } from './feeding/types';
import type { LimePlan } from './ph/types';
import { msg, type Msg } from './working/msg';

/** The pH step in one sentence. */
export function limeHeadline(lime: LimePlan, begun: boolean, known: boolean): Msg {
  if (!begun) return msg('headline.lime.notBegun');
  if (lime.verdict === 'none-needed') return msg('headline.lime.none');
  if (lime.verdict === 'at-work') return msg('headline.lime.atWork');
  if (lime.verdict === 'not-worth-a-trip') return msg('headline.lime.notWorth');
  if (lime.verdict === 'absent' || 'absent' in lime.set.count) return msg('headline.lime.absent');
  if ('absent' in lime.set.total) return msg('headline.lime.noArea');
  return msg(known ? 'headline.lime.dose' : 'headline.lime.dosePerThousand', {
    total: { working: lime.set.total.id },
    material: msg(`material.${lime.chosenMaterial.id}`),
    count: lime.set.count.value.value,
  });
}

/** The feeding step in one sentence. */
export function feedHeadline(feed: FeedPlan, known: boolean): Msg {
  if (feed.verdict === 'none-needed') return msg('headline.feed.none');
  if (feed.verdict === 'absent' || 'absent' in feed.set.count) return msg('headline.feed.absent');
  if ('absent' in feed.set.total) return msg('headline.feed.noArea');
  return msg(known ? 'headline.feed.dose' : 'headline.feed.dosePerThousand', {
    total: { working: feed.set.total.id },
    material: msg(`material.${feed.chosenProduct.id}`),
    count: feed.set.count.value.value,
  });
}
