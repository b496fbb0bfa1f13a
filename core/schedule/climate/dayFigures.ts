import type { ClimateCard } from '../../catalog/climate/card';
import type { Moment } from '../../catalog/programmes/programme';
import { DAY_THROUGH } from '../../equations/climate/dayThrough';
import { LATER_DAY } from '../../equations/climate/laterDay';
import { quantity, type Quantity } from '../../kernel/units/quantity';
import { msg, type Msg } from '../../kernel/messages/msg';
import type { PlanContext } from '../../kernel/working/context';
import { valueOf, type Figure } from '../../kernel/working/working';
import { windowOf, type Reckoner } from './anchors';
import { crossingOf, dayNumber } from './curve';

/** A day of the year with the sum that it comes of. */
export type DayFigure = Figure<Quantity<'day', 'time'>>;

const WEEK = 7;
/** A month by its number; its name is the catalogue's. */
const monthName = (month: number): string => String(month + 1);

/** A figure with what its id is made from: a sheet may set ids off from others of the plan. */
interface NamedDay {
  readonly name: string;
  readonly figure: DayFigure;
}

/** A climate's days as figures on the sheet, each written once, however many anchors rest on it. */
function sheetReckoner(ctx: PlanContext, prefix: string, card: ClimateCard): Reckoner<NamedDay> {
  const written = new Map<string, NamedDay>();
  const once = (name: string, write: (id: string) => DayFigure): NamedDay => {
    const known = written.get(name);
    if (known) return known;
    const named = { name, figure: write(`${prefix}/${name}`) };
    written.set(name, named);
    return named;
  };
  const { source, standing } = card;
  const rule = { source: 'climate-anchors' } as const;
  const day = (id: string, label: Msg, value: number): DayFigure =>
    ctx.constant({ id, label, source, standing }, value, 'day', 'time');
  const through = (degrees: number, way: 'rising' | 'falling'): NamedDay | undefined => {
    const found = crossingOf(card, degrees, way);
    if (!found) return undefined;
    return once(`${way}/${degrees}`, (id) => {
      const { before, after, from, span } = found;
      const air = (at: string, month: number) => {
        const label = msg('weather.air', { month: monthName(month) });
        const entry = { id: `${id}/${at}`, label, source, standing };
        return ctx.constant(entry, card.air[month] ?? NaN, 'degF', 'air');
      };
      const turns = { id: `${id}/at`, label: msg('weather.threshold'), ...rule };
      const label = msg('weather.midMonth', { month: monthName(before) });
      return ctx.sheet.equation(
        {
          id,
          label: msg(`weather.${way}`, { degrees: quantity(degrees, 'degF', 'air') }),
          ...rule,
        },
        DAY_THROUGH,
        [
          ctx.constant(turns, degrees, 'degF', 'air'),
          air('before', before),
          air('after', after),
          ctx.constant({ id: `${id}/from`, label }, from, 'day', 'time'),
          ctx.constant({ id: `${id}/span`, label: msg('weather.span') }, span, 'days', 'time'),
        ],
      );
    });
  };
  return {
    rises: (degrees) => through(degrees, 'rising'),
    falls: (degrees) => through(degrees, 'falling'),
    isAlwaysOver: (degrees) => Math.min(...card.air) >= degrees,
    frost: (which) => {
      const mean = card.frost?.[which].mean;
      if (!mean) return undefined;
      return once(`frost/${which}`, (id) =>
        day(id, msg(`weather.frost.${which}`), dayNumber(mean)),
      );
    },
    printed: (monthDay) =>
      once(`day/${monthDay}`, (id) => day(id, msg('weather.printed'), dayNumber(monthDay))),
    plus: (from, days) => {
      if (days === 0) return from;
      return once(`${from.name}/${days > 0 ? 'plus' : 'less'}-${Math.abs(days)}`, (id) => {
        const entry = { id: `${id}/days`, label: msg('weather.days'), ...rule };
        const more = ctx.constant(entry, days, 'days', 'time');
        const way = days > 0 ? 'weather.daysLater' : 'weather.daysEarlier';
        const label = msg(way, { days: Math.abs(days) });
        return ctx.sheet.derive('add', { id, label }, [from.figure, more], (a, b) =>
          quantity(a.value + b.value, 'day', 'time'),
        );
      });
    },
    earlier: (a, b) =>
      once(`${a.name}/or-earlier/${b.name}`, (id) =>
        ctx.sheet.cap({ id, label: msg('weather.earlier') }, [a.figure, b.figure]),
      ),
    later: (a, b) =>
      once(`${a.name}/or-later/${b.name}`, (id) =>
        ctx.sheet.equation({ id, label: msg('weather.later') }, LATER_DAY, [a.figure, b.figure]),
      ),
    value: ({ figure }) => valueOf(figure)?.value ?? NaN,
  };
}

/** A moment that the climate tells. */
export type ClimateMoment = Extract<Moment, { readonly anchor: unknown }>;

/** A name for a moment, one of a kind. */
export function momentKey({ anchor, weeks, end }: ClimateMoment): string {
  return [anchor, ...(end ? ['end'] : []), weeks].join('/');
}

/** The days of some moments with their sums, by the keys of the moments; what a climate does not have is left out. */
export function dayFigures(
  ctx: PlanContext,
  prefix: string,
  card: ClimateCard,
  moments: readonly ClimateMoment[],
): Readonly<Record<string, DayFigure>> {
  const of = sheetReckoner(ctx, prefix, card);
  return Object.fromEntries(
    moments.flatMap((moment) => {
      const window = windowOf(of, card, moment.anchor);
      if (!window) return [];
      const day = moment.end ? window.to : window.from;
      return [[momentKey(moment), of.plus(day, moment.weeks * WEEK).figure]];
    }),
  );
}
