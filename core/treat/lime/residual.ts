import type { AreaSlice } from '../../casefile/slice';
import { SHIPPED_MATERIALS } from '../../catalog/materials/materials';
import type { Ground } from '../../site/ground/ground';
import { addRates, datesOf, readPast, type PastApplication } from '../../site/past';
import {
  LIMESTONE_CCE_MAX,
  LIMESTONE_CCE_MIN,
  TABLE_LIMESTONE_CCE,
} from '../../tables/lime/quality';
import { daysBetween, type IsoDate } from '../../kernel/typed/date';
import { quantity, type Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import { UNREACTED_SHARE } from '../../equations/lime/unreactedShare';

type LimestoneRate = Figure<Quantity<'lb/1000ft2', 'limestone'>>;

/** Lime that the test has not seen at work yet. */
export interface ResidualLime {
  /** Table limestone still to react; nothing where no lime was spread. */
  readonly credit: LimestoneRate | undefined;
  /** The last day on which lime went on: the next dressing keeps its distance. */
  readonly lastOn: IsoDate | undefined;
}

function creditOf(
  ctx: PlanContext,
  { entry, prefix, on, rate }: PastApplication,
  sampledOn: IsoDate | undefined,
): LimestoneRate {
  const days = on && sampledOn ? daysBetween(on, sampledOn) : 0;
  const before = ctx.constant(
    {
      id: `${prefix}/days`,
      label:
        on && sampledOn
          ? msg('past.daysBefore', { on: { date: on }, sampled: { date: sampledOn } })
          : msg('past.noSampleDate'),
    },
    days,
    'days',
    'time',
  );
  const share = ctx.sheet.equation(
    {
      id: `${prefix}/unreacted`,
      label: msg('past.unreacted'),
      source: 'nc-residual',
      standing: 'recalled',
    },
    UNREACTED_SHARE,
    [before],
  );
  const at = `past/${entry.id}/percent`;
  const material = SHIPPED_MATERIALS.lime.find(({ id }) => id === entry.material);
  const untyped = material
    ? { label: msg('ledger.percent'), percent: material.typicalCce }
    : { label: msg('past.cceAssumed'), percent: TABLE_LIMESTONE_CCE };
  const cce =
    entry.percent.trim() === ''
      ? ctx.constant(
          { id: `${prefix}/cce`, label: untyped.label, source: 'practice' },
          untyped.percent,
          '%',
          'CCE',
        )
      : ctx.number(
          { id: `${prefix}/cce`, label: msg('lime.labelCCE'), at },
          entry.percent,
          { min: LIMESTONE_CCE_MIN, max: LIMESTONE_CCE_MAX },
          '%',
          'CCE',
        );
  const table = ctx.constant(
    { id: `${prefix}/table-cce`, label: msg('lime.basisCce'), source: 'ncr-221' },
    TABLE_LIMESTONE_CCE,
    '%',
    'CCE',
  );
  const left = ctx.sheet.multiply(
    { id: `${prefix}/left`, label: msg('past.left') },
    [rate, share],
    'lb/1000ft2',
    'product',
  );
  return ctx.sheet.derive(
    'proportion',
    { id: `${prefix}/credit`, label: msg('past.credit') },
    [left, cce, table],
    (r, own, reference) =>
      quantity((r.value * own.value) / reference.value, 'lb/1000ft2', 'limestone'),
  );
}

/** Reads the lime of the last year into what is still to react, as table limestone. */
export function residualLime(
  ctx: PlanContext,
  file: AreaSlice,
  areaId: string,
  days: { readonly sampledOn: IsoDate | undefined; readonly planFrom: IsoDate | undefined },
  ground: Ground,
): ResidualLime {
  const { planFrom } = days;
  const sampledOn = days.sampledOn ?? planFrom;
  const past = readPast(ctx, file, areaId, 'lime', ground, planFrom);
  const lastOn = datesOf(ctx, file, areaId, 'lime').at(-1);
  if (past.length === 0) return { credit: undefined, lastOn };
  const credits = past.map((dressing) => creditOf(ctx, dressing, sampledOn));
  const entry = { id: `${areaId}/lime/credit`, label: msg('past.creditTotal') };
  return { credit: addRates(ctx, entry, credits, 'limestone'), lastOn };
}
