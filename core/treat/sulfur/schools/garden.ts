import { GARDEN_RULE } from '../../../tables/sulfur';
import { perHundredToPerThousand } from '../../../kernel/units/convert';
import type { PlanContext } from '../../../kernel/working/context';
import { msg } from '../../../kernel/messages/msg';
import { outside, type SulfurMethod, type SulfurNeed, type SulfurOption } from './school';
import { SULFUR_PER_PH } from '../../../equations/sulfur/gardenRule';

/** The other printed family: so much for every pH, on one texture. */
function grossOf(
  ctx: PlanContext,
  areaId: string,
  { ph, target }: SulfurNeed,
): SulfurOption['gross'] {
  const prefix = `${areaId}/sulfur/garden`;
  const entry = { id: `${prefix}/gross`, label: msg('sulfur.gross') };
  const refused = outside({ ph, target }, { min: GARDEN_RULE.to, max: GARDEN_RULE.from });
  if (refused) {
    return ctx.sheet.absent(entry, refused, [ph.id, target.id]);
  }
  const need = ctx.sheet.equation(
    {
      id: `${prefix}/need`,
      label: msg('sulfur.garden', { pounds: GARDEN_RULE.poundsPerPh }),
      source: 'garden-sulfur',
      standing: 'recalled',
    },
    SULFUR_PER_PH,
    [ph, target],
  );
  return ctx.sheet.derive('convert', entry, [need], perHundredToPerThousand);
}

/** So much for a whole pH, as garden books print it. */
export const garden: SulfurMethod = {
  id: 'garden',
  fits: ({ soil }) => soil === 'loam',
  gross: grossOf,
};
