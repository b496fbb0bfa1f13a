import { lawnCase, LIMED, type LawnInput } from '../../../test/cases';
import { anyCase } from '../../../test/anyCase';
import { brokenLaws, brokenSeeds } from '../../../test/caseLaws';
import { parted } from '../../../published/evaluator';
import { valueOf } from '../../kernel/working/working';
import { planCase } from '../../plan/plan';
import { atWork, LIME_AT_WORK, SULFUR_AT_WORK } from '../../tables/soil/atWork';

function verdict(input: LawnInput) {
  return planCase(lawnCase(input)).areas[0]?.verdict;
}

test('shares between two rows, at their ends, and before the first and after the last', () => {
  expect(atWork(LIME_AT_WORK['on-top'], 9)).toEqual({
    low: expect.closeTo(0.275, 9) as number,
    high: expect.closeTo(0.4, 9) as number,
  });
  expect(atWork(LIME_AT_WORK.fine, 12)).toEqual({ low: 0.9, high: 1 });
  expect(atWork(LIME_AT_WORK.fine, 99)).toEqual({ low: 1, high: 1 });
  expect(atWork(LIME_AT_WORK.fine, 0)).toEqual({ low: 0, high: 0 });
});

test.each([...Object.values(LIME_AT_WORK), ...Object.values(SULFUR_AT_WORK)])(
  'shares never fall with time, and are never more than all',
  (...rows) => {
    rows.forEach(({ months, low, high }, at) => {
      const before = rows[at - 1];
      expect(low <= high && high <= 1).toBe(true);
      if (before) {
        expect(months > before.months && low >= before.low && high >= before.high).toBe(true);
      }
    });
  },
);

// By hand: 50 lb of CCE 90 are 45 lb of pure limestone, 62 % of it at work after 23.7 months on top: 27.9 lb. A whole pH of loam is
// (3,400 lb/acre from 5.5) ÷ 43.56 = 78.05 lb/1000 ft² 7 in. deep, 44.6 lb for four: 0.625.
test('what was expected of lime on top, after two years', () => {
  const found = verdict(LIMED);
  expect(found?.expected && valueOf(found.expected)?.value).toBeCloseTo(0.625, 2);
  expect(found).toMatchObject({ kind: 'as-hoped', does: 'lime', lastOn: '2025-10-10' });
});

test.each<[string, LawnInput, string, string | undefined]>([
  ['6.1', {}, 'as-hoped', undefined],
  ['5.5', {}, 'no-effect', undefined],
  ['7.4', {}, 'overshoot', undefined],
  ['6.1', { texture: '' }, 'cannot-tell', 'unknown'],
  ['5.6', { takenOn: '2025-11-10', reportedOn: '2025-11-15' }, 'cannot-tell', 'too-soon'],
])('now %s with %j: %s', (ph, more, kind, untold) => {
  const found = verdict({ ...LIMED, ph, ...more });
  expect([found?.kind, found?.untold]).toEqual([kind, untold]);
});

test('nothing without an earlier report, or where nothing went on between the two', () => {
  expect(verdict({ ...LIMED, reports: [] })).toBeUndefined();
  expect(verdict({ ...LIMED, past: [] })).toBeUndefined();
});

test('the page tells it to the client', () => {
  const ids = planCase(lawnCase(LIMED)).slip.blocks.flatMap((block) =>
    'text' in block ? [block.text.id] : [],
  );
  expect(ids).toContain('slip.verdict.as-hoped');
});

test('every working is what its op makes of its inputs, and the laws hold', () => {
  const sulfur: LawnInput = {
    ...LIMED,
    plant: 'blueberry',
    ph: '5.2',
    past: (LIMED.past ?? []).map((entry) => ({ ...entry, kind: 'sulfur', material: '' })),
  };
  for (const input of [LIMED, sulfur]) {
    const file = lawnCase(input);
    expect(parted(planCase(file).workings.byId())).toEqual([]);
    expect(brokenLaws(file)).toEqual([]);
  }
  expect(verdict(sulfur)?.does).toBe('sulfur');
});

test('what was expected stands as a pH, to be drawn behind what came', () => {
  const found = verdict(LIMED);
  // 5.5 and 0.625.
  expect(found && valueOf(found.hoped)?.value).toBeCloseTo(6.125, 2);
});

test('lime and sulfur both in between: nobody can tell which did what', () => {
  const sulfur = { ...LIMED.past?.[0], kind: 'sulfur', on: '2026-05-01', material: '' } as const;
  const found = verdict({ ...LIMED, past: [...(LIMED.past ?? []), sulfur] });
  expect(found).toMatchObject({ kind: 'cannot-tell', untold: 'both', reasons: [] });
  expect(found && 'absent' in found.expected).toBe(true);
});

test('more than any soil answers to is hoped for by nobody; seeds that once had a pH below nothing', () => {
  const much = (kind: 'lime' | 'sulfur'): LawnInput => ({
    ...LIMED,
    past: (LIMED.past ?? []).map((entry) => ({
      ...entry,
      kind,
      material: '',
      amount: { text: '900', unit: 'lb/1000ft2', method: '' },
    })),
  });
  for (const kind of ['lime', 'sulfur'] as const) {
    expect(verdict(much(kind))?.hoped).toMatchObject({ absent: { id: 'absent.beyondSoils' } });
  }
  expect(verdict(LIMED)?.hoped).not.toHaveProperty('absent');
  for (const seed of [3577, 3651]) expect(brokenSeeds(seed, seed + 1, anyCase)).toEqual({});
});
