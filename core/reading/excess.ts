import type { Area } from '../casefile/parts/area';
import type { AreaSlice } from '../casefile/slice';
import type { Plant } from '../catalog/plants/plants';
import { DRAW_DOWN, DRAW_DOWN_METHODS } from '../tables/fertilizer/drawDown';
import { perAcreToPerThousand } from '../kernel/units/convert';
import { quantity } from '../kernel/units/quantity';
import type { PlanContext } from '../kernel/working/context';
import { msg, type Msg } from '../kernel/messages/msg';
import { cropRemoval } from './cropRemoval';
import type { SoilReading } from './soilTest';

/** Beyond so many years a number is more than anybody knows. Common practice. */
const COUNTED_YEARS = 30;

const OXIDE = { p: 'P2O5', k: 'K2O' } as const;

/** What likely brought it: what went on, else what usually does. */
function causeOf({ past }: AreaSlice, { id }: Area, analyte: 'p' | 'k'): Msg {
  const kinds = Object.values(past)
    .filter(({ areaId }) => areaId === id)
    .map(({ kind }) => kind);
  if (kinds.includes('compost')) return msg('excess.cause.compost');
  if (kinds.includes('fertilizer')) return msg('excess.cause.fertilizer');
  return msg(`excess.cause.${analyte}`);
}

/** In how many years what is carried off brings the soil down to where very high begins. */
function fall(
  ctx: PlanContext,
  { area, plant }: { readonly area: Area; readonly plant: Plant },
  { analyte, compared, ends, value, bands }: SoilReading,
): Msg | undefined {
  const top = ends[2];
  if ('absent' in compared || top === undefined || compared.value.unit !== 'ppm') return undefined;
  if (compared.range || !(DRAW_DOWN_METHODS as readonly string[]).includes(bands?.method ?? '')) {
    return undefined;
  }
  const nutrient = OXIDE[analyte];
  const id = `${area.id}/reading/${analyte}/fall`;
  const off = cropRemoval(ctx, { area, plant }, `${id}/carried-off`, nutrient);
  if ('absent' in off || off.value.value === 0) return msg('excess.stays');
  const end = ctx.constant(
    { id: `${id}/to`, label: msg('excess.to') },
    top,
    'ppm',
    compared.value.of,
  );
  const over = ctx.sheet.subtract({ id: `${id}/over`, label: msg('excess.over') }, [compared, end]);
  const { low, value: middle, high } = DRAW_DOWN[nutrient];
  const each = ctx.sheet.leaf(
    'constant',
    { id: `${id}/each`, label: msg('excess.each'), source: 'draw-down', standing: 'recalled' },
    quantity(middle, 'ratio', 'share'),
    { low, high },
  );
  const perAcre = ctx.sheet.derive(
    'multiply',
    { id: `${id}/per-acre`, label: msg('excess.perAcre') },
    [over, each],
    (ppm, pounds) => quantity(ppm.value * pounds.value, 'lb/acre', nutrient),
  );
  const rate = ctx.sheet.derive(
    'convert',
    { id: `${id}/per-thousand`, label: msg('school.perThousand'), source: 'definition' },
    [perAcre],
    perAcreToPerThousand,
  );
  const years = ctx.sheet.derive(
    'divide',
    { id, label: msg('excess.years') },
    [rate, off],
    (all, year) => quantity(all.value / year.value, 'years', 'time'),
  );
  // Hundreds of years are no figure that a soil test gives.
  const far = !('absent' in years) && years.value.value > COUNTED_YEARS;
  return far
    ? msg('excess.decades')
    : msg('excess.falls', { years: { working: years.id }, value: { working: value.id } });
}

/** What is said of a nutrient that the soil has in excess: its cause, how long it stays, what not to give. */
export function excessOf(
  ctx: PlanContext,
  file: AreaSlice,
  of: { readonly area: Area; readonly plant: Plant },
  reading: SoilReading,
): readonly Msg[] {
  if (reading.rating !== 'very-high') return [];
  const { analyte } = reading;
  const years = fall(ctx, of, reading);
  return [
    causeOf(file, of.area, analyte),
    ...(years ? [years] : []),
    msg(`excess.${analyte}.leaveOut`),
    ...(analyte === 'p' ? [msg('excess.p.water')] : []),
  ];
}
