import type { Msg } from '../../kernel/messages/msg';
import { msg } from '../../kernel/messages/msg';
import { decisionKey } from '../../casefile/decisions';
import { valueOf } from '../../kernel/working/working';
import type { Beside } from '../../look/missteps';
import { planCase } from '../../plan/plan';
import { headlinesOf } from '../../tell/headlines';
import type { BenchSheet } from '../benchSheet';
import type { PlannedSmall } from '../smallCase';
import type { Worked } from '../sum';
import { cautionsOf, oneTime } from './shared';

/** Targets that tables of lime are printed for. */
const TARGETS = [6, 6.5, 6.8, 7] as const;

/** The amount of one day at every other target that a table has. */
function atOtherTargets({ file, area }: PlannedSmall, own: number | undefined): number[] {
  const key = decisionKey(area.area.id, 'lime-target');
  return TARGETS.filter((target) => target !== own).flatMap((target) => {
    const at = `${file.createdOn}T12:00:00Z`;
    const decision = { what: 'lime-target', value: String(target), reason: '', at } as const;
    const [other] = planCase({
      ...file,
      decisions: { ...file.decisions, [key]: decision },
    }).areas;
    const first = other?.treatments.lime.applications[0]?.amount.printed;
    return (first && valueOf(first)?.value) ?? [];
  });
}

function ownTarget({ area }: PlannedSmall): number | undefined {
  return valueOf(area.treatments.lime.target)?.value;
}

function bagOf({ area }: PlannedSmall): Pick<Beside, 'bag'> {
  const size = valueOf(area.treatments.lime.chosenMaterial.bag.size)?.value;
  return size === undefined ? {} : { bag: size };
}

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
    beside: () => ({ atTarget: atOtherTargets(planned, ownTarget(planned)), ...bagOf(planned) }),
    ...(more ? { inAll: { label: msg('bench.answer.inAll'), figure: lime.set.total } } : {}),
    ...planned,
  };
}
