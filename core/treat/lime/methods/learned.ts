import { LIME_BY_TEXTURE_DEPTH_IN } from '../../../tables/lime/byTexture';
import { perThousandToPerAcre } from '../../../kernel/units/convert';
import { quantity } from '../../../kernel/units/quantity';
import { msg } from '../../../kernel/messages/msg';
import { PURE_LIME } from '../basis';
import type { RequirementMethod } from '../method';

/**
 * Lime by how this ground itself answered to what went on it before: the pH still to go, times the pounds that its own tests took for
 * a whole unit. It rests on two tests or a few more and counts only where the advisor decides for it, with a reason.
 */
export const LEARNED: RequirementMethod = {
  id: 'learned',
  source: 'practice',
  standing: 'practice',
  soils: 'mineral',
  basis: PURE_LIME,
  depthIn: LIME_BY_TEXTURE_DEPTH_IN,
  byDecision: true,
  compute: (ctx, prefix, { readings, target, learned }) => {
    const entry = { id: `${prefix}/pure`, label: msg('method.learned') };
    if (!learned) return ctx.sheet.absent(entry, msg('absent.nothingLearned'));
    const toGo = ctx.sheet.deduct({ id: `${prefix}/to-go`, label: msg('learned.toGo') }, [
      target,
      readings.waterPh,
    ]);
    const rate = ctx.sheet.derive(
      'multiply',
      { id: `${prefix}/rate`, label: msg('learned.need') },
      [toGo, learned.unit],
      (units, pounds) => quantity(units.value * pounds.value, 'lb/1000ft2', 'limestone'),
    );
    const table = ctx.constant(
      { id: `${prefix}/depth`, label: msg('lime.tableDepth') },
      LIME_BY_TEXTURE_DEPTH_IN,
      'in',
      'depth',
    );
    const deep = ctx.sheet.derive(
      'proportion',
      { id: `${prefix}/at-depth-of-table`, label: msg('lime.atDepth') },
      [rate, table, learned.depth],
      (pounds, whole, sampled) =>
        quantity((pounds.value * whole.value) / sampled.value, 'lb/1000ft2', 'limestone'),
    );
    return ctx.sheet.derive(
      'convert',
      { ...entry, source: 'definition' },
      [deep],
      perThousandToPerAcre,
    );
  },
};
