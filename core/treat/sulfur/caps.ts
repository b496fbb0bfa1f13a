import { isSo } from '../../catalog/plants/plants';
import { SULFUR_CAP, SULFUR_DOSES_A_YEAR, type SulfurSoil } from '../../tables/sulfur';
import { perHundredToPerThousand } from '../../kernel/units/convert';
import type { Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg, type Msg, type MsgId } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import type { TreatInput } from '../shared/input';

type SulfurRate = Figure<Quantity<'lb/1000ft2', 'S'>>;

type CapLabel = Extract<MsgId, `sulfur.cap${string}`>;

/** Which cap holds: on turf, around roots by the kind of soil, or before planting. */
function capFor(
  { area, plant }: TreatInput,
  soil: SulfurSoil,
): [keyof typeof SULFUR_CAP, CapLabel] {
  if (area.situation === 'tilled') return ['beforePlanting', 'sulfur.capPlanting'];
  if (isSo(plant, 'close-cut')) return ['closeCut', 'sulfur.capCloseCut'];
  if (plant.form === 'lawn') return ['turf', 'sulfur.capTurf'];
  return [soil === 'sand' ? 'sand' : 'loam', 'sulfur.capRoots'];
}

/** Most at once, lb of S/1000 ft². */
export function capOf(ctx: PlanContext, input: TreatInput, soil: SulfurSoil): SulfurRate {
  const { id } = input.area;
  const [which, words] = capFor(input, soil);
  const label = msg(words);
  const perHundred = ctx.constant(
    { id: `${id}/sulfur/cap/per-hundred`, label, source: 'practice' },
    SULFUR_CAP[which],
    'lb/100ft2',
    'S',
  );
  return ctx.sheet.derive(
    'convert',
    { id: `${id}/sulfur/cap`, label },
    [perHundred],
    perHundredToPerThousand,
  );
}

/** What twelve months still allow: two doses, less the sulfur that went on in them. */
export function leftOfYear(
  ctx: PlanContext,
  { area }: TreatInput,
  cap: SulfurRate,
  past: SulfurRate | undefined,
): SulfurRate {
  const at = `${area.id}/sulfur/year`;
  const doses = ctx.constant(
    { id: `${at}/doses`, label: msg('sulfur.dosesAYear'), source: 'practice' },
    SULFUR_DOSES_A_YEAR,
    'doses',
    'count',
  );
  const most = ctx.sheet.multiply(
    { id: `${at}/most`, label: msg('sulfur.mostAYear') },
    [cap, doses],
    'lb/1000ft2',
    'S',
  );
  if (!past) return most;
  return ctx.sheet.deduct({ id: at, label: msg('sulfur.leftOfYear') }, [most, past]);
}

/** The smallest of several rates. */
export function atMost(
  ctx: PlanContext,
  id: string,
  label: Msg,
  rates: readonly SulfurRate[],
): SulfurRate {
  return ctx.sheet.cap({ id, label }, rates);
}
