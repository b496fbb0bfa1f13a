import type { AreaSlice } from '../casefile/slice';
import { onGround, type Cover } from '../casefile/parts/organic';
import { COVER_CROPS } from '../catalog/coverCrops';
import { addMonths, type IsoDate } from '../kernel/typed/date';
import {
  percentToShare,
  perAcreToPerThousand,
  squareFeetToThousands,
  totalToPerThousand,
} from '../kernel/units/convert';
import { quantity, type Quantity } from '../kernel/units/quantity';
import type { PlanContext } from '../kernel/working/context';
import { msg } from '../kernel/messages/msg';
import type { Figure } from '../kernel/working/working';
import { COVER_MONTHS, COVER_SHARE } from '../tables/fertilizer/organics';

type RateN = Figure<Quantity<'lb/1000ft2', 'N'>>;
type CoverCrop = (typeof COVER_CROPS)[number];

/** What grew before, and the nitrogen that the next crop has of it. */
export interface CoverRead {
  readonly cover: Cover;
  readonly crop: CoverCrop;
  /** In all of its tops; of a former crop what it leaves. */
  readonly inAll: RateN;
  readonly leaves: RateN;
}

const DRY = { above: 0, max: 10_000 };
const CUT = { above: 0, max: 100_000 };
const PERCENT = { above: 0, max: 8 };

/** Its nitrogen by a sample: dry tops from a piece that was cut, by their percentage. */
function bySample(ctx: PlanContext, id: string, { id: coverId, dry, cut, percent }: Cover): RateN {
  const entry = (part: 'dry' | 'cut' | 'percent') => ({
    id: `${id}/${part}`,
    label: msg(`cover.${part}`),
    at: `covers/${coverId}/${part}`,
  });
  const pounds = ctx.number(entry('dry'), dry, DRY, 'lb', 'product');
  const ground = ctx.sheet.derive(
    'convert',
    { id: `${id}/cut-thousands`, label: msg('ground.thousands'), source: 'definition' },
    [ctx.number(entry('cut'), cut, CUT, 'ft2', 'ground')],
    squareFeetToThousands,
  );
  const tops = ctx.sheet.derive(
    'divide',
    { id: `${id}/tops`, label: msg('cover.tops') },
    [pounds, ground],
    totalToPerThousand,
  );
  const share = ctx.sheet.derive(
    'convert',
    { id: `${id}/share`, label: msg('feed.share') },
    [ctx.number(entry('percent'), percent, PERCENT, '%', 'N')],
    percentToShare,
  );
  return ctx.sheet.derive(
    'multiply',
    { id: `${id}/in-all`, label: msg('cover.inAll') },
    [tops, share],
    (rate, part) => quantity(rate.value * part.value, 'lb/1000ft2', 'N'),
  );
}

function byTable(
  ctx: PlanContext,
  id: string,
  { perAcre: { from, to }, source }: CoverCrop,
): RateN {
  const entry = {
    id: `${id}/per-acre`,
    label: msg('cover.perAcre'),
    source,
    standing: 'recalled' as const,
  };
  const middle = quantity((from + to) / 2, 'lb/acre', 'N');
  return ctx.sheet.derive(
    'convert',
    { id: `${id}/in-all`, label: msg('cover.inAll'), source: 'definition' },
    [ctx.sheet.leaf('constant', entry, middle, { low: from, high: to })],
    perAcreToPerThousand,
  );
}

function readCover(ctx: PlanContext, cover: Cover, planFrom: IsoDate | undefined): CoverRead[] {
  const crop = COVER_CROPS.find(({ id }) => id === cover.crop);
  if (!crop) return [];
  const on = ctx.date(`covers/${cover.id}/on`, cover.on);
  if (on && planFrom && addMonths(on, COVER_MONTHS) < planFrom) return [];
  const id = `${cover.areaId}/cover/${cover.id}`;
  const isSampled = [cover.dry, cover.cut, cover.percent].some((typed) => typed.trim() !== '');
  const inAll = isSampled ? bySample(ctx, id, cover) : byTable(ctx, id, crop);
  if (crop.kind === 'former' && !isSampled) return [{ cover, crop, inAll, leaves: inAll }];
  const share = ctx.constant(
    {
      id: `${id}/left-share`,
      label: msg(`cover.share.${cover.ended || 'left'}`),
      source: 'cover-crops',
    },
    // Where nobody said how it ended, the smaller share.
    COVER_SHARE[cover.ended || 'left'],
    'ratio',
    'share',
  );
  const leaves = ctx.sheet.multiply(
    { id: `${id}/leaves`, label: msg('cover.leaves') },
    [inAll, share],
    'lb/1000ft2',
    'N',
  );
  return [{ cover, crop, inAll, leaves }];
}

/** The cover crops and former crops of a piece of ground that the coming season still has nitrogen of. */
export function readCovers(
  ctx: PlanContext,
  { area, covers }: Pick<AreaSlice, 'area' | 'covers'>,
  planFrom: IsoDate | undefined,
): CoverRead[] {
  return onGround(covers, area.id).flatMap((cover) => readCover(ctx, cover, planFrom));
}
