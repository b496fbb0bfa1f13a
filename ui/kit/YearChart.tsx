'use client';

import {
  BarController,
  BarElement,
  CategoryScale,
  Chart,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  type ChartData,
  type ChartOptions,
} from 'chart.js';
import type { ReactNode } from 'react';
import { Chart as Drawn } from 'react-chartjs-2';
import { themeColor } from './themeColor';

Chart.register(
  BarController,
  LineController,
  CategoryScale,
  LinearScale,
  BarElement,
  LineElement,
  PointElement,
  Legend,
);

interface Marks {
  readonly label: string;
  readonly values: readonly (number | null)[];
}

interface YearChartProps {
  /** What is drawn, for whoever does not see it. */
  readonly label: string;
  readonly years: readonly string[];
  /** Bars beside one another, in the colors of the theme. */
  readonly bars: readonly {
    readonly label: string;
    readonly values: readonly number[];
    readonly color: 'spruce' | 'ochre' | 'ink-2';
  }[];
  /** Points on a scale of their own, in the years that have one. */
  readonly marks?: Marks;
  /** What was expected, drawn behind them. */
  readonly behind?: Marks;
}

interface Drawing {
  readonly dash: readonly number[];
  readonly wide: number;
  /** What is drawn over what: the least on top. */
  readonly order: number;
  readonly point: 'rectRot' | 'circle';
}

function line({ label, values }: Marks, color: string, { dash, wide, order, point }: Drawing) {
  return {
    type: 'line' as const,
    label,
    data: [...values],
    borderColor: color,
    backgroundColor: color,
    borderDash: [...dash],
    borderWidth: wide,
    pointRadius: 4,
    order,
    pointStyle: point,
    spanGaps: true,
    yAxisID: 'marks',
  };
}

/** What each year had as bars, with marks of what was measured. */
export default function YearChart({
  label,
  years,
  bars,
  marks,
  behind,
}: YearChartProps): ReactNode {
  const ink = themeColor('ink');
  const measured = [marks, behind].flatMap(
    (each) => each?.values.flatMap((value) => value ?? []) ?? [],
  );
  const data: ChartData<'bar' | 'line', (number | null)[]> = {
    labels: [...years],
    datasets: [
      ...bars.map(({ label: name, values, color }) => ({
        type: 'bar' as const,
        label: name,
        data: [...values],
        backgroundColor: themeColor(color),
        maxBarThickness: 28,
        order: 1,
        pointStyle: 'rect' as const,
        yAxisID: 'y',
      })),
      ...(marks ? [line(marks, ink, { dash: [3, 3], wide: 1, order: 0, point: 'rectRot' })] : []),
      ...(behind
        ? [line(behind, themeColor('control'), { dash: [], wide: 4, order: 0.5, point: 'circle' })]
        : []),
    ],
  };
  const font = { family: getComputedStyle(document.body).fontFamily, size: 12 };
  const ticks = { font, color: themeColor('ink-2') };
  const options: ChartOptions<'bar' | 'line'> = {
    animation: false,
    maintainAspectRatio: false,
    events: [],
    plugins: {
      legend: { position: 'bottom', labels: { font, color: ink, usePointStyle: true } },
    },
    scales: {
      x: { grid: { display: false }, ticks },
      y: { beginAtZero: true, grace: '10%', grid: { color: themeColor('rule') }, ticks },
      ...(marks
        ? {
            marks: {
              position: 'right' as const,
              min: Math.floor(Math.min(...measured) - 1),
              max: Math.ceil(Math.max(...measured) + 1),
              grid: { display: false },
              ticks,
            },
          }
        : {}),
    },
  };
  return (
    <div className="h-52">
      <Drawn type="bar" data={data} options={options} aria-label={label} />
    </div>
  );
}
