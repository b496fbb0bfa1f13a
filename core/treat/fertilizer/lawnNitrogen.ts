import { levelOf } from '../../catalog/programmes/growing';
import { quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { NitrogenRate } from './literature';
import type { NeedInput } from './needInput';

/** Nitrogen of a lawn in shade, and of one that is not watered, never passes so much, lb/1000 ft². */
const MODEST = 2;
const IN_SHADE = 0.5;

/** A lawn's nitrogen where it stands in shade or is not watered in summer. */
export function byItsPlace(
  ctx: PlanContext,
  { area, plant }: NeedInput,
  id: string,
  rate: NitrogenRate,
): NitrogenRate {
  const { shade, watered } = area.growing;
  const isCool = plant.season === 'cool';
  // What is lean is grown in shade: its calendar counts on it.
  const isShaded = shade === 'yes' && !plant.rules.includes('lean');
  if (!isShaded && (watered !== 'no' || !isCool)) return rate;
  const source = 'lawn-calendars';
  const half = (): NitrogenRate =>
    ctx.sheet.multiply(
      { id: `${id}/in-shade`, label: msg('feed.inShade') },
      [
        rate,
        ctx.constant(
          { id: `${id}/in-shade/share`, label: msg('feed.inShadeShare'), source },
          IN_SHADE,
          'ratio',
          'share',
        ),
      ],
      'lb/1000ft2',
      'N',
    );
  const most = ctx.constant(
    { id: `${id}/modest`, label: msg('feed.modest'), source },
    MODEST,
    'lb/1000ft2',
    'N',
  );
  return ctx.sheet.cap({ id: `${id}/here`, label: msg('feed.rate.N') }, [
    isShaded ? half() : rate,
    most,
  ]);
}

/** Clippings that are left on a lawn give a quarter of its nitrogen back: taken away it needs as much more (Kopp & Guillard 2002). */
const WITH_CLIPPINGS = 0.75;

/** The nitrogen of a lawn by the calendar of its grass and level, which counts on clippings that are left. */
export function calendarNitrogen(
  ctx: PlanContext,
  { area }: NeedInput,
  id: string,
  yearN: number,
): NitrogenRate {
  const source = 'lawn-calendars';
  const left = ctx.constant(
    {
      id: `${id}/calendar`,
      label: msg('feed.calendar', { level: msg(`level.${levelOf(area)}`) }),
      source,
    },
    yearN,
    'lb/1000ft2',
    'N',
  );
  const entry = { id, label: msg('feed.rate.N') };
  if (area.clippings !== 'removed') return ctx.sheet.choose(entry, left, []);
  const share = ctx.constant(
    { id: `${id}/clippings`, label: msg('feed.withClippings'), source: 'carried-off' },
    WITH_CLIPPINGS,
    'ratio',
    'share',
  );
  return ctx.sheet.derive('divide', entry, [left, share], (rate, part) =>
    quantity(rate.value / part.value, 'lb/1000ft2', 'N'),
  );
}
