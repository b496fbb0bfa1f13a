'use client';

import dynamic from 'next/dynamic';
import type { ReactNode } from 'react';
import { NUTRIENTS } from '../../../core/catalog/nutrients';
import type { LedgerColumn } from '../../../core/site/records';
import { valueOf } from '../../../core/kernel/working/working';
import { text } from '../../format/text';
import { useCase } from '../context/caseContext';

const YearChart = dynamic(() => import('../../kit/YearChart'), {
  ssr: false,
  loading: () => <div className="h-52" aria-busy="true" />,
});

const COLORS = { N: 'spruce', P2O5: 'ochre', K2O: 'ink-2' } as const;

/** The ledger drawn: what fed, and beside it lime and sulfur with the tests of those years. */
export function LedgerDrawn(): ReactNode {
  const { ledger, readings, verdict } = useCase().area;
  const { earlier, waterPh, sampledOn } = readings;
  const before = earlier?.changes.find(({ analyte }) => analyte === 'ph-water')?.before;
  const tests = new Map<string, number>();
  const mark = (on: string | undefined, ph: number | undefined): void => {
    if (on !== undefined && ph !== undefined) tests.set(on.slice(0, 4), ph);
  };
  mark(earlier?.on, before && valueOf(before)?.value);
  mark(sampledOn, valueOf(waterPh)?.value);
  const had = ledger.map(({ year }) => year);
  const [first, last] = [
    [...had, ...tests.keys()].sort()[0],
    [...had, ...tests.keys()].sort().at(-1),
  ];
  if (first === undefined || last === undefined) return null;
  const years = Array.from({ length: Number(last) - Number(first) + 1 }, (_each, at) =>
    String(Number(first) + at),
  );
  const sumsOf = (column: LedgerColumn): number[] =>
    years.map((year) => {
      const sum = ledger.find((each) => each.year === year)?.sums[column];
      return (sum && valueOf(sum)?.value) ?? 0;
    });
  const hoped = new Map<string, number>();
  const [from, to] = [verdict && valueOf(verdict.before), verdict && valueOf(verdict.hoped)];
  if (earlier?.on && verdict && from && to) {
    hoped.set(earlier.on.slice(0, 4), from.value);
    hoped.set(verdict.until.slice(0, 4), to.value);
  }
  const byYear = (points: ReadonlyMap<string, number>): (number | null)[] =>
    years.map((year) => points.get(year) ?? null);
  const bar = (column: LedgerColumn, color: 'spruce' | 'ochre' | 'ink-2') => ({
    label: text(`ledger.head.${column}`),
    values: sumsOf(column),
    color,
  });
  const put = (bars: readonly ReturnType<typeof bar>[]): ReturnType<typeof bar>[] =>
    bars.filter(({ values }) => values.some((value) => value > 0));
  const fed = put(NUTRIENTS.map((nutrient) => bar(nutrient, COLORS[nutrient])));
  const moved = put([bar('lime', 'spruce'), bar('sulfur', 'ochre')]);
  return (
    <div className="mb-3 grid gap-4 rail:grid-cols-2">
      {fed.length > 0 && <YearChart label={text('ledger.drawnFed')} years={years} bars={fed} />}
      {moved.length > 0 && (
        <YearChart
          label={text('ledger.drawnPh')}
          years={years}
          bars={moved}
          {...(tests.size > 0
            ? {
                marks: {
                  label: text('ledger.drawnTests'),
                  values: byYear(tests),
                },
              }
            : {})}
          {...(hoped.size > 1
            ? { behind: { label: text('ledger.drawnHoped'), values: byYear(hoped) } }
            : {})}
        />
      )}
    </div>
  );
}
