import type { ReactNode } from 'react';

const LINE = 26;

/** Where a track begins and ends, and what is written under it. */
export interface Scale {
  readonly from: number;
  readonly to: number;
  readonly ticks: readonly number[];
}

export const PH_SCALE: Scale = { from: 4, to: 8, ticks: [4, 5, 6, 7, 8] };

function place({ from, to }: Scale, width: number): (value: number) => number {
  return (value) =>
    ((Math.min(Math.max(value, from), to) - from) / (to - from)) * (width - 24) + 12;
}

/** On which side a value lies beyond the track: −1, 1, or 0 on it. */
function beyondOf({ from, to }: Scale, value: number | undefined): -1 | 0 | 1 {
  if (value === undefined) return 0;
  return value < from ? -1 : value > to ? 1 : 0;
}

/** The number of a value beyond the track, with no more decimals than a report has. */
function shownBeyond(value: number): string {
  return String(Math.round(value * 10) / 10);
}

interface TrackProps {
  readonly window: { readonly low: number; readonly high: number };
  readonly scale: Scale;
  readonly value: number | undefined;
  /** From where to where the true value may lie. */
  readonly whisker: { readonly low: number; readonly high: number } | undefined;
  readonly target?: number | undefined;
  readonly label: string;
  /** How wide it is drawn. */
  readonly width?: number;
}

/**
 * The one drawing of a rating: a quiet track, the plant's window as a bracket on it, the measured
 * value as a tick with its uncertainty as a whisker, the target as a diamond. A value that the track does not reach
 * is an arrow at its end, with its number.
 */
export function Track({
  window,
  scale,
  value,
  whisker,
  target,
  label,
  width = 480,
}: TrackProps): ReactNode {
  const x = place(scale, width);
  const beyond = beyondOf(scale, value);
  return (
    <svg
      viewBox={`0 0 ${width} 48`}
      role="img"
      aria-label={label}
      className={`w-full overflow-visible ${width < 480 ? 'max-w-72' : 'max-w-xl'}`}
    >
      <line x1={12} x2={width - 12} y1={LINE} y2={LINE} className="stroke-rule" strokeWidth="2" />
      {scale.ticks.map((tick) => (
        <text
          key={tick}
          x={x(tick)}
          y={44}
          textAnchor="middle"
          className="num fill-ink-2 text-label"
        >
          {tick}
        </text>
      ))}
      <line
        x1={x(window.low)}
        x2={x(window.high)}
        y1={LINE}
        y2={LINE}
        className="stroke-spruce"
        strokeWidth="4"
      />
      <path
        d={`M${x(window.low)} ${LINE - 6} v-6 H${x(window.high)} v6`}
        className="fill-none stroke-spruce"
        strokeWidth="1.5"
      />
      {target !== undefined && (
        <path
          d={`M${x(target)} ${LINE - 7} l6 7 l-6 7 l-6 -7 z`}
          className="fill-sheet stroke-spruce"
          strokeWidth="1.5"
        />
      )}
      {value !== undefined && (
        <g className="stroke-ink">
          {whisker && (
            <path
              d={`M${x(whisker.low)} ${LINE - 4} v8 m0 -4 H${x(whisker.high)} m0 -4 v8`}
              className="fill-none"
              strokeWidth="1.5"
            />
          )}
          {beyond === 0 ? (
            <line x1={x(value)} x2={x(value)} y1={LINE - 9} y2={LINE + 9} strokeWidth="4" />
          ) : (
            <path
              d={`M${x(value) - beyond * 8} ${LINE - 8} l${beyond * 14} 8 l${beyond * -14} 8 z`}
              className="fill-ink"
            />
          )}
        </g>
      )}
      {beyond !== 0 && value !== undefined && (
        <text
          x={x(value) + beyond * 6}
          y={LINE - 13}
          textAnchor={beyond > 0 ? 'end' : 'start'}
          className="num fill-ink text-label font-semibold"
        >
          {shownBeyond(value)}
        </text>
      )}
    </svg>
  );
}
