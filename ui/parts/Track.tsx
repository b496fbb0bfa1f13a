import type { ReactNode } from 'react';

const FROM = 4;
const TO = 8;
const TICKS = [4, 5, 6, 7, 8];
const WIDTH = 480;
const LINE = 26;

function x(ph: number): number {
  return ((Math.min(Math.max(ph, FROM), TO) - FROM) / (TO - FROM)) * (WIDTH - 24) + 12;
}

interface TrackProps {
  readonly window: { readonly low: number; readonly high: number };
  readonly value: number | undefined;
  readonly uncertainty: number;
  readonly target: number | undefined;
  readonly label: string;
}

/**
 * The one drawing of a rating: a quiet track, the plant's window as a bracket on it, the measured
 * value as a tick with its uncertainty as a whisker, the target as a diamond.
 */
export function Track({ window, value, uncertainty, target, label }: TrackProps): ReactNode {
  return (
    <svg
      viewBox={`0 0 ${WIDTH} 48`}
      role="img"
      aria-label={label}
      className="w-full max-w-xl overflow-visible"
    >
      <line x1={12} x2={WIDTH - 12} y1={LINE} y2={LINE} className="stroke-rule" strokeWidth="2" />
      {TICKS.map((tick) => (
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
          <line
            x1={x(value - uncertainty)}
            x2={x(value + uncertainty)}
            y1={LINE}
            y2={LINE}
            strokeWidth="1.5"
          />
          <line
            x1={x(value - uncertainty)}
            x2={x(value - uncertainty)}
            y1={LINE - 4}
            y2={LINE + 4}
          />
          <line
            x1={x(value + uncertainty)}
            x2={x(value + uncertainty)}
            y1={LINE - 4}
            y2={LINE + 4}
          />
          <line x1={x(value)} x2={x(value)} y1={LINE - 9} y2={LINE + 9} strokeWidth="4" />
        </g>
      )}
    </svg>
  );
}
