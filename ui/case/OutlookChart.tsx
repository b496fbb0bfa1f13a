'use client';

import {
  CategoryScale,
  Chart,
  Filler,
  LinearScale,
  LineElement,
  PointElement,
  type ChartData,
  type ChartOptions,
} from 'chart.js';
import type { ReactNode } from 'react';
import { Line } from 'react-chartjs-2';
import type { OutlookPoint } from '../../core/outlook/phOutlook';
import { formatDate } from '../format/date';
import { text } from '../format/text';

Chart.register(CategoryScale, LinearScale, PointElement, LineElement, Filler);

/** A color of the theme, as the page has it. */
function themeColor(name: string): string {
  return getComputedStyle(document.documentElement).getPropertyValue(`--color-${name}`).trim();
}

interface Ends {
  readonly middle: number;
  readonly low: number;
  readonly high: number;
}

function endsOf({ ph }: OutlookPoint): Ends | undefined {
  if ('absent' in ph) return undefined;
  const middle = ph.value.value;
  return { middle, low: ph.range?.low ?? middle, high: ph.range?.high ?? middle };
}

/** The expected pH as a line in its range, over the range that the plants do well in. */
export default function OutlookChart({
  points,
  window,
}: {
  points: readonly OutlookPoint[];
  window: { readonly low: number; readonly high: number };
}): ReactNode {
  const ends = points.flatMap((point) => endsOf(point) ?? []);
  const labels = points.map(({ date }) => formatDate(date));
  const spruce = themeColor('spruce');
  const wash = themeColor('spruce-wash');
  const rule = themeColor('rule');
  const bare = { borderWidth: 0, pointRadius: 0 } as const;
  const edge = { borderColor: spruce, borderDash: [3, 3], borderWidth: 1, pointRadius: 0 };
  const data: ChartData<'line'> = {
    labels,
    datasets: [
      {
        label: text('outlook.expected'),
        data: ends.map(({ middle }) => middle),
        borderColor: themeColor('ink'),
        backgroundColor: themeColor('ink'),
        borderWidth: 2,
        pointRadius: 3,
      },
      { ...bare, label: text('outlook.range'), data: ends.map(({ low }) => low) },
      {
        ...bare,
        label: text('outlook.range'),
        data: ends.map(({ high }) => high),
        fill: '-1',
        backgroundColor: wash,
      },
      { ...edge, label: text('outlook.window'), data: ends.map(() => window.low) },
      { ...edge, label: text('outlook.window'), data: ends.map(() => window.high) },
    ],
  };
  const lows = [...ends.map(({ low }) => low), window.low];
  const highs = [...ends.map(({ high }) => high), window.high];
  const font = { family: getComputedStyle(document.body).fontFamily, size: 12 };
  const options: ChartOptions<'line'> = {
    animation: false,
    maintainAspectRatio: false,
    events: [],
    scales: {
      x: { grid: { display: false }, ticks: { font, color: themeColor('ink-2'), maxRotation: 0 } },
      y: {
        min: Math.floor(2 * Math.min(...lows)) / 2,
        max: Math.ceil(2 * Math.max(...highs)) / 2,
        grid: { color: rule },
        ticks: { font, color: themeColor('ink-2'), stepSize: 0.5 },
      },
    },
  };
  return (
    <div className="h-52" role="img" aria-label={text('outlook.chart')}>
      <Line data={data} options={options} />
    </div>
  );
}
