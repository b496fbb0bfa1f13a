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
import type { OutlookPoint } from '../../../core/outlook/phOutlook';
import { formatDate } from '../../format/date';
import { text } from '../../format/text';

Chart.register(CategoryScale, LinearScale, PointElement, LineElement, Filler);

/** A color of the theme, as the page has it. */
function themeColor(name: string): string {
  return getComputedStyle(document.documentElement).getPropertyValue(`--color-${name}`).trim();
}

/** The numbers of a series; the parts of a point are absent together. */
function numbersOf(figures: readonly OutlookPoint['ph'][]): number[] {
  return figures.flatMap((each) => ('absent' in each ? [] : each.value.value));
}

/** The expected pH as a line in its range, over the range that the plants do well in. */
export default function OutlookChart({
  points,
  window,
}: {
  points: readonly OutlookPoint[];
  window: { readonly low: number; readonly high: number };
}): ReactNode {
  const expected = numbersOf(points.map(({ ph }) => ph));
  const low = numbersOf(points.map((point) => point.low));
  const high = numbersOf(points.map((point) => point.high));
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
        data: expected,
        borderColor: themeColor('ink'),
        backgroundColor: themeColor('ink'),
        borderWidth: 2,
        pointRadius: 3,
      },
      { ...bare, label: text('outlook.range'), data: low },
      {
        ...bare,
        label: text('outlook.range'),
        data: high,
        fill: '-1',
        backgroundColor: wash,
      },
      { ...edge, label: text('outlook.window'), data: expected.map(() => window.low) },
      { ...edge, label: text('outlook.window'), data: expected.map(() => window.high) },
    ],
  };
  const lows = [...low, window.low];
  const highs = [...high, window.high];
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
    <div className="h-52">
      <Line data={data} options={options} aria-label={text('outlook.chart')} />
    </div>
  );
}
