import { msg, type Msg } from '../../kernel/messages/msg';
import type { Application, TreatmentCaution } from '../../treat/shared/treated';
import type { BenchSheet } from '../benchSheet';
import type { BenchAnswer } from '../sum';

/** What goes on on one day, as hands can measure it; absent where nothing is to go on. */
export function oneTime(
  sheet: BenchSheet,
  label: Msg,
  applications: readonly Application[],
  isDose: boolean,
): BenchAnswer {
  const [first] = applications;
  const figure =
    isDose && first
      ? first.amount.printed
      : sheet.ctx.sheet.absent({ id: sheet.id('no-dose'), label }, msg('absent.benchNoDose'));
  return { label, figure, family: 'weight', carries: 'weight' };
}

/** The hazards of what is put on, in the words of the client's page. */
export function cautionsOf({
  cautions,
}: {
  readonly cautions: readonly TreatmentCaution[];
}): Msg[] {
  return cautions.map((caution) => msg(`caution.${caution}.text`));
}
