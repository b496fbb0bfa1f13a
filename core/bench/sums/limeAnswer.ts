import type { Msg } from '../../kernel/messages/msg';
import { msg } from '../../kernel/messages/msg';
import { headlinesOf } from '../../tell/headlines';
import type { BenchSheet } from '../benchSheet';
import type { PlannedSmall } from '../smallCase';
import type { Worked } from '../sum';
import { cautionsOf, oneTime } from './shared';

/** What a planned lime comes to on one day, with the rest of it never as one dose. */
export function limeAnswer(sheet: BenchSheet, planned: PlannedSmall, label: Msg): Worked {
  const { lime } = planned.area.treatments;
  const isDose = lime.verdict === 'dose' && !lime.held;
  const says = [headlinesOf(planned.area).ph, ...(isDose ? cautionsOf(lime) : [])];
  const more = isDose && lime.applications.length > 1;
  return {
    answers: [
      oneTime(sheet, label, lime.applications, isDose),
      ...(isDose
        ? [{ label: msg('bench.answer.rate'), figure: lime.set.rate, family: 'rate' } as const]
        : []),
    ],
    says: more
      ? [
          msg('bench.neverAtOnce', {
            total: { working: lime.set.total.id },
            count: { working: lime.set.count.id },
          }),
          ...says,
        ]
      : says,
    ...(more ? { inAll: { label: msg('bench.answer.inAll'), figure: lime.set.total } } : {}),
    ...planned,
  };
}
