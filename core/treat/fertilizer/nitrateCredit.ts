import { FURROW_SLICE_IN } from '../../tables/ground/measuring';
import { perAcreToPerThousand } from '../../kernel/units/convert';
import type { Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import type { NeedInput } from './needInput';
import { NITRATE_TO_POUNDS_PER_ACRE } from '../../equations/soil/ppmToPoundsPerAcre';

/**
 * Nitrogen that the soil holds as nitrate already, lb/1000 ft², over the depth that the report speaks for, else over
 * the slice that 2,000,000 lb an acre stands for. Nothing where no nitrate was measured.
 */
export function nitrateCredit(
  ctx: PlanContext,
  { area, readings }: NeedInput,
): Figure<Quantity<'lb/1000ft2', 'N'>> | undefined {
  const { no3 } = readings.more;
  if (!no3 || 'absent' in no3) return undefined;
  const id = `${area.id}/feed/N/nitrate`;
  const found = ctx.sheet.lowEnd({ id: `${id}/content`, label: msg('feed.nitrate') }, no3);
  const depth =
    'absent' in readings.reportDepth
      ? ctx.constant(
          { id: `${id}/depth`, label: msg('report.furrowSlice'), source: 'practice' },
          FURROW_SLICE_IN,
          'in',
          'depth',
        )
      : readings.reportDepth;
  const perAcre = ctx.sheet.equation(
    { id: `${id}/per-acre`, label: msg('feed.nitratePerAcre'), source: 'practice' },
    NITRATE_TO_POUNDS_PER_ACRE,
    [found, depth],
  );
  return ctx.sheet.derive(
    'convert',
    { id, label: msg('feed.nitrateCredit'), source: 'definition' },
    [perAcre],
    perAcreToPerThousand,
  );
}
