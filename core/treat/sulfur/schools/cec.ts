import { CEC_ESTIMATE, WATER_LIME } from '../../../tables/sulfur';
import { perAcreToPerThousand } from '../../../kernel/units/convert';
import type { PlanContext } from '../../../kernel/working/context';
import { msg } from '../../../kernel/messages/msg';
import { outside, type SulfurMethod, type SulfurNeed, type SulfurOption } from './school';
import { ACID_BY_CEC } from '../../../equations/lime/adamsEvans';

/**
 * From the exchange capacity: acid that more of its sites have to take up by the curve of Adams & Evans, in lb of CaCO3 on
 * 2,000,000 lb of soil, and a pound of sulfur for each 3.12 of them. An estimate.
 */
function grossOf(
  ctx: PlanContext,
  areaId: string,
  { ph, target, cec }: SulfurNeed,
): SulfurOption['gross'] {
  const prefix = `${areaId}/sulfur/cec`;
  const entry = { id: `${prefix}/gross`, label: msg('sulfur.gross') };
  const refused = outside({ ph, target }, { min: CEC_ESTIMATE.to, max: CEC_ESTIMATE.from });
  if (refused) return ctx.sheet.absent(entry, refused, [ph.id, target.id]);
  const lime = ctx.sheet.equation(
    {
      id: `${prefix}/lime`,
      label: msg('sulfur.cecLime'),
      source: 'adams-evans',
      standing: 'recalled',
    },
    ACID_BY_CEC,
    [ph, target, cec],
  );
  const undone = { id: `${prefix}/undone`, label: msg('sulfur.undone'), source: 'aapfco' } as const;
  const each = ctx.constant(undone, WATER_LIME.undoneByPound, 'ratio', 'CaCO3');
  const perAcre = ctx.sheet.divide(
    { id: `${prefix}/need`, label: msg('sulfur.need') },
    [lime, each],
    'lb/acre',
    'S',
  );
  return ctx.sheet.derive('convert', entry, [perAcre], perAcreToPerThousand);
}

/** By the exchange capacity: an estimate. */
export const cec: SulfurMethod = { id: 'cec', fits: () => true, gross: grossOf };
