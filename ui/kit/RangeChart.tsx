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
import { text } from '../format/text';
import { themeColor } from './themeColor';

Chart.register(CategoryScale, LinearScale, PointElement, LineElement, Filler);

interface RangeChartProps {
  /** What is drawn, for whoever does not see it. */
  readonly label: string;
  /** Under the points. */
  readonly labels: readonly string[];
  readonly expected: readonly number[];
  readonly low: readonly number[];
  readonly high: readonly number[];
  /** Levels that matter, dashed. */
  readonly levels: readonly number[];
  /** From one line of the scale to the next; the scale ends on one. */
  readonly step: number;
}

/** What is expected as a line in its range, with the levels that matter. */
export default function RangeChart(props: RangeChartProps): ReactNode {
  const { label, labels, expected, low, high, levels, step } = props;
  const spruce = themeColor('spruce');
  const rule = themeColor('rule');
  const bare = { borderWidth: 0, pointRadius: 0 } as const;
  const edge = { borderColor: spruce, borderDash: [3, 3], borderWidth: 1, pointRadius: 0 };
  const data: ChartData<'line'> = {
    labels: [...labels],
    datasets: [
      {
        label: text('outlook.expected'),
        data: [...expected],
        borderColor: themeColor('ink'),
        backgroundColor: themeColor('ink'),
        borderWidth: 2,
        pointRadius: 3,
      },
      { ...bare, label: text('outlook.range'), data: [...low] },
      {
        ...bare,
        label: text('outlook.range'),
        data: [...high],
        fill: '-1',
        backgroundColor: themeColor('spruce-wash'),
      },
      ...levels.map((level) => ({
        ...edge,
        label: text('outlook.window'),
        data: expected.map(() => level),
      })),
    ],
  };
  const font = { family: getComputedStyle(document.body).fontFamily, size: 12 };
  const ticks = { font, color: themeColor('ink-2') };
  const options: ChartOptions<'line'> = {
    animation: false,
    maintainAspectRatio: false,
    events: [],
    scales: {
      x: { grid: { display: false }, ticks: { ...ticks, maxRotation: 0 } },
      y: {
        min: step * Math.floor(Math.min(...low, ...levels) / step),
        max: step * Math.ceil(Math.max(...high, ...levels) / step),
        grid: { color: rule },
        ticks: { ...ticks, stepSize: step },
      },
    },
  };
  return (
    <div className="h-52">
      <Line data={data} options={options} aria-label={label} />
    </div>
  );
}
