import { lawnCase, type LawnInput } from '../../test/cases';
import { planCase } from '../plan/plan';
import { calendarOf, isPinned, reasonsFor } from './calendar';

function year(input: LawnInput) {
  const plan = planCase(lawnCase(input));
  const [area] = plan.areas;
  if (!area) throw new Error('no ground');
  return { area, workings: plan.workings, entries: calendarOf(area) };
}

const ids = (input: LawnInput, kind: string): string[][] => {
  const { area, entries } = year(input);
  return entries.flatMap((entry) =>
    entry.kind === kind && entry.placing
      ? [reasonsFor(entry.placing, area).map(({ says }) => says.id)]
      : [],
  );
};

test('a feeding says its stage, what it is counted from, and its slow share', () => {
  const [first] = ids({ ph: '6.5', planFrom: '2027-04-01' }, 'nitrogen');
  expect(first).toEqual(['because.stage', 'origin.climate', 'because.slow']);
});

test('every day of the climate behind an entry is a figure of the plan, in days', () => {
  for (const plant of ['tall-fescue', 'bermudagrass', 'strawberry', 'blueberry', 'garlic']) {
    const { area, workings, entries } = year({ ph: '6.0', plant, planFrom: '2027-03-01' });
    const days = entries.flatMap(({ placing }) =>
      placing ? reasonsFor(placing, area).flatMap(({ day }) => day ?? []) : [],
    );
    expect([plant, days.length > 0]).toEqual([plant, true]);
    for (const day of days) {
      const working = workings.get(day);
      expect(working && 'value' in working && working.value.unit).toBe('day');
    }
  }
});

test('work of a new lawn counts from its planting; a test is moved by nobody', () => {
  const seeded: LawnInput = { ph: '6.5', growing: { form: 'seed' }, planFrom: '2027-08-25' };
  expect(ids(seeded, 'work').every((reasons) => reasons.includes('origin.planted'))).toBe(true);
  const tests = year(seeded).entries.filter(({ kind }) => kind === 'test');
  expect(tests.map((entry) => [entry.placing, isPinned(entry)])).toEqual([[undefined, false]]);
});

test('ground that was never tested begins with its test', () => {
  const [first] = year({ untested: true, planFrom: '2027-04-01' }).entries;
  expect([first?.kind, first?.date]).toEqual(['test', '2027-04-01']);
});

test('along rows the rate is told for 100 ft: that of the area by the width of the strip', () => {
  const shape = { kind: 'rows', number: '2', length: '50', spacing: '8', strip: '4' } as const;
  const { area } = year({ plant: 'pumpkin', ph: '6.4', om: '3', situation: 'tilled', shape });
  const parts = area.treatments.fertilizer.chosen.parts;
  expect(parts.length).toBeGreaterThan(0);
  for (const { rate, perRow } of parts) {
    if ('absent' in rate || !perRow || 'absent' in perRow) throw new Error('no rate');
    expect(perRow.value.value).toBeCloseTo((rate.value.value * 4) / 10, 9);
    expect(perRow.value.unit).toBe('lb/100ft');
  }
});
