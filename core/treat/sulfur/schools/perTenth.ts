import { PER_TENTH } from '../../../tables/sulfur';
import { perHundredToPerThousand } from '../../../kernel/units/convert';
import type { PlanContext } from '../../../kernel/working/context';
import { msg } from '../../../kernel/messages/msg';
import { isMild, type SulfurMethod, type SulfurNeed, type SulfurOption } from './school';
import { SULFUR_PER_TENTH } from '../../../equations/sulfur/gardenRule';

/** The trade's rule, a loam figure: nothing where the pH is under its foot. */
function grossOf(ctx: PlanContext, areaId: string, { ph }: SulfurNeed): SulfurOption['gross'] {
  const prefix = `${areaId}/sulfur/per-tenth`;
  const entry = { id: `${prefix}/gross`, label: msg('sulfur.gross') };
  const need = ctx.sheet.equation(
    { id: `${prefix}/need`, label: msg('sulfur.perTenth', PER_TENTH), source: 'practice' },
    SULFUR_PER_TENTH,
    [ph],
  );
  return ctx.sheet.derive('convert', entry, [need], perHundredToPerThousand);
}

/** So much for each tenth of pH: a rule of the trade. */
export const perTenth: SulfurMethod = {
  id: 'per-tenth',
  fits: (input) => input.soil === 'loam' && !isMild(input),
  gross: grossOf,
};
