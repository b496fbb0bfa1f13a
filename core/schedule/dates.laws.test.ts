import fc from 'fast-check';
import { addDays, addMonths, daysBetween } from '../kernel/typed/date';
import { SHIPPED_PACK as pack } from '../catalog/packs/shipped';
import { scheduleDates, type Bounds } from './dates';

const days = (bounds: Bounds): string[] =>
  scheduleDates(bounds).flatMap((dated) => dated?.date ?? []);

const RUNS = { numRuns: 300, seed: 4 };
const day = fc.integer({ min: 0, max: 1500 }).map((days) => addDays('2026-01-01', days));
const within = (date: string, seasons: readonly { from: string; to: string }[]) =>
  seasons.some(({ from, to }) => from <= date.slice(5) && date.slice(5) <= to);

test('lime: never early, always in season, six months apart', () => {
  fc.assert(
    fc.property(day, fc.integer({ min: 1, max: 6 }), (earliest, count) => {
      const { seasons } = pack.lime;
      const dates = days({ earliest, count, seasons, interval: { months: 6 } });
      expect(dates).toHaveLength(count);
      expect((dates[0] ?? '') >= earliest).toBe(true);
      dates.forEach((date, index) => {
        expect(within(date, seasons)).toBe(true);
        const before = dates[index - 1];
        if (before) expect(date >= addMonths(before, 6)).toBe(true);
      });
    }),
    RUNS,
  );
});

test('nitrogen: one dressing a season, four weeks from any lime', () => {
  fc.assert(
    fc.property(day, day, (earliest, lime) => {
      const { seasons, intervalDays, apartFromLimeDays } = pack.dressing.lawn;
      const limes = [lime, addMonths(lime, 6)];
      const apart = [{ days: apartFromLimeDays.value, from: limes, what: 'lime' as const }];
      const interval = { days: intervalDays.value };
      const dates = days({ earliest, count: 3, seasons, interval, apart });
      expect(dates).toHaveLength(3);
      const seasonOf = (date: string) =>
        date.slice(0, 4) + seasons.findIndex((season) => within(date, [season]));
      expect(new Set(dates.map(seasonOf)).size).toBe(3);
      for (const date of dates) {
        expect(within(date, seasons)).toBe(true);
        for (const other of limes) {
          expect(Math.abs(daysBetween(other, date))).toBeGreaterThanOrEqual(28);
        }
      }
    }),
    RUNS,
  );
});
