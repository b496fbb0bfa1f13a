import { quantity } from '../../../kernel/units/quantity';
import type { PlanContext } from '../../../kernel/working/context';
import { msg } from '../../../kernel/messages/msg';
import type { SulfurMethod, SulfurNeed, SulfurOption } from './school';

/** The pH still to go, times the pounds that this ground's own tests took for a whole unit. */
function grossOf(
  ctx: PlanContext,
  areaId: string,
  { ph, target, learned }: SulfurNeed,
): SulfurOption['gross'] {
  const prefix = `${areaId}/sulfur/learned`;
  const entry = { id: `${prefix}/gross`, label: msg('sulfur.gross') };
  if (!learned) return ctx.sheet.absent(entry, msg('absent.nothingLearned'));
  const toGo = ctx.sheet.deduct({ id: `${prefix}/to-go`, label: msg('learned.toGo') }, [
    ph,
    target,
  ]);
  const ranged = ctx.sheet.derive(
    'multiply',
    { id: `${prefix}/ranged`, label: msg('learned.need') },
    [toGo, learned],
    (units, pounds) => quantity(units.value * pounds.value, 'lb/1000ft2', 'S'),
  );
  return ctx.sheet.middle(entry, ranged);
}

/** By how this ground itself answered to sulfur: it counts only where the advisor decides for it, with a reason. */
export const learned: SulfurMethod = {
  id: 'learned',
  byDecision: true,
  fits: (input) => input.learned !== undefined,
  gross: grossOf,
};
