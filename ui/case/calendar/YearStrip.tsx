'use client';

import { useRef, type KeyboardEvent, type PointerEvent, type ReactNode } from 'react';
import type { AreaPlan } from '../../../core/area/areaPlan';
import { addDays, type IsoDate } from '../../../core/kernel/typed/date';
import { own } from '../../../core/kernel/typed/own';
import { anchorIn } from '../../../core/schedule/climate/anchors';
import { monthDay } from '../../../core/schedule/climate/curve';
import {
  calendarOf,
  isConditional,
  isPinned,
  type CalendarEntry,
} from '../../../core/tell/calendar';
import { areaName } from '../../format/areaName';
import { formatDate } from '../../format/date';
import { text } from '../../format/text';
import { EntryMark } from './EntryMark';
import { entryName } from './entryWords';
import { dateAt, lanesOf, placeOf, shadesOf, type Shade, type Span } from './span';

/** Days by which the arrow keys move a mark. */
const STEPS: Readonly<Record<string, number>> = {
  ArrowLeft: -1,
  ArrowRight: 1,
  ArrowUp: -7,
  ArrowDown: 7,
};

/** A mark on its way to another day. */
export interface Moving {
  readonly key: string;
  readonly date: IsoDate;
}

/** What happens to marks. */
export interface Handling {
  readonly chosen: string | undefined;
  readonly moving: Moving | undefined;
  readonly choose: (entry: CalendarEntry) => void;
  readonly move: (moving: Moving | undefined) => void;
  readonly drop: (entry: CalendarEntry, date: IsoDate) => void;
}

const percent = (place: number): string => `${(place * 100).toFixed(3)}%`;

/** Frost and heat of the climate behind the marks. */
function weatherOf(
  { climate }: AreaPlan,
  span: Span,
): readonly (Shade & { readonly look: string })[] {
  if (!climate) return [];
  const { frost } = climate;
  const heat = anchorIn(climate, 'heat');
  const cold = frost ? shadesOf(span, frost.first.mean, frost.last.mean) : [];
  const hot = heat ? shadesOf(span, monthDay(heat.from), monthDay(heat.to)) : [];
  return [
    ...cold.map((shade) => ({ ...shade, look: 'bg-spruce-wash' })),
    ...hot.map((shade) => ({ ...shade, look: 'bg-ochre-wash' })),
  ];
}

interface MarkProps {
  readonly entry: CalendarEntry;
  readonly span: Span;
  readonly lane: number;
  readonly strip: () => DOMRect | undefined;
  readonly handling: Handling;
}

function Mark({ entry, span, lane, strip, handling }: MarkProps): ReactNode {
  const { chosen, moving, choose, move, drop } = handling;
  const dragged = useRef(false);
  const held = !entry.placing;
  const date = moving?.key === entry.key ? moving.date : entry.date;
  const pinned = isPinned(entry);
  const at = (event: PointerEvent): IsoDate | undefined => {
    const box = strip();
    return box && dateAt(span, (event.clientX - box.left) / box.width);
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    const step = own(STEPS, event.key);
    if (step !== undefined && !held) {
      event.preventDefault();
      choose(entry);
      move({ key: entry.key, date: addDays(date, step) });
    } else if (event.key === 'Enter' && moving?.key === entry.key) {
      event.preventDefault();
      drop(entry, date);
    } else if (event.key === 'Escape' && moving) {
      event.stopPropagation();
      move(undefined);
    }
  };
  return (
    <button
      type="button"
      aria-pressed={chosen === entry.key}
      aria-label={text('calendar.mark', {
        what: entryName(entry),
        date: formatDate(date),
        pinned: pinned ? 'yes' : 'no',
      })}
      title={`${entryName(entry)}, ${formatDate(date)}`}
      onClick={() => {
        if (!dragged.current) choose(entry);
        dragged.current = false;
      }}
      onKeyDown={onKeyDown}
      onBlur={() => move(undefined)}
      onPointerDown={(event) => {
        if (held || event.button !== 0) return;
        event.currentTarget.setPointerCapture(event.pointerId);
        dragged.current = false;
      }}
      onPointerMove={(event) => {
        if (held || !event.currentTarget.hasPointerCapture(event.pointerId)) return;
        const to = at(event);
        if (!to || (to === date && !dragged.current)) return;
        if (!dragged.current) choose(entry);
        dragged.current = true;
        move({ key: entry.key, date: to });
      }}
      onPointerUp={(event) => {
        const to = at(event);
        if (dragged.current && to) drop(entry, to);
      }}
      onPointerCancel={() => move(undefined)}
      className={`absolute -ml-3 grid size-6 touch-none place-items-center rounded aria-pressed:bg-spruce-wash aria-pressed:outline-2 aria-pressed:outline-spruce ${held ? '' : 'cursor-grab'} ${moving?.key === entry.key ? 'z-10 cursor-grabbing' : ''}`}
      style={{ left: percent(placeOf(span, date)), top: `${lane * 1.625 + 0.25}rem` }}
    >
      <EntryMark kind={entry.kind} hollow={isConditional(entry)} />
      {pinned && (
        <span aria-hidden="true" className="absolute -bottom-0.5 h-0.5 w-3 rounded bg-madder" />
      )}
    </button>
  );
}

interface YearStripProps {
  readonly plan: AreaPlan;
  readonly span: Span;
  readonly handling: Handling;
}

/** The year of a piece of ground: its climate, and on it everything that has a day. */
export function YearStrip({ plan, span, handling }: YearStripProps): ReactNode {
  const ref = useRef<HTMLDivElement>(null);
  const entries = calendarOf(plan).filter(({ date }) => {
    const place = placeOf(span, date);
    return place >= 0 && place < 1;
  });
  const lanes = lanesOf(entries.map(({ date }) => placeOf(span, date)));
  const rows = Math.max(1, ...lanes.map((lane) => lane + 1));
  return (
    <div className="grid border-t border-rule-2 rail:grid-cols-[9rem_minmax(0,1fr)]">
      <p className="truncate py-1.5 pr-3 font-semibold" title={areaName(plan)}>
        {areaName(plan)}
        <span className="block truncate text-small font-normal text-ink-2">
          {text(`plant.${plan.plant.id}`)}
        </span>
      </p>
      <div
        ref={ref}
        role="group"
        aria-label={areaName(plan)}
        className="relative mx-3"
        style={{ height: `${Math.max(2.5, rows * 1.625 + 0.25)}rem` }}
      >
        {weatherOf(plan, span).map(({ from, to, look }) => (
          <div
            key={`${look}-${from}`}
            className={`absolute inset-y-0 ${look}`}
            style={{ left: percent(from), width: percent(to - from) }}
          />
        ))}
        {span.months.map(({ first, at }) => (
          <div
            key={first}
            className="absolute inset-y-0 border-l border-rule"
            style={{ left: percent(at) }}
          />
        ))}
        {entries.map((entry, at) => (
          <Mark
            key={entry.key}
            entry={entry}
            span={span}
            lane={lanes[at] ?? 0}
            strip={() => ref.current?.getBoundingClientRect()}
            handling={handling}
          />
        ))}
      </div>
    </div>
  );
}

/** The months over the strips. */
export function Months({ span }: { span: Span }): ReactNode {
  return (
    <div className="grid rail:grid-cols-[9rem_minmax(0,1fr)]" aria-hidden="true">
      <span />
      <div className="relative mx-3 h-5 text-label text-ink-2">
        {span.months.map(({ first, at }) => (
          <span key={first} className="absolute pl-1" style={{ left: percent(at) }}>
            {first.slice(5, 7) === '01' ? (
              <strong>{first.slice(0, 4)}</strong>
            ) : (
              formatDate(first).split(' ')[1]
            )}
          </span>
        ))}
      </div>
    </div>
  );
}
