import { Dice } from '../../test/dice';
import { lawnCase, type LawnInput } from '../../test/cases';
import { writeLedgerCsv } from '../../files/ledgerCsv';
import { SHIPPED_MATERIALS } from '../catalog/materials/materials';
import { valueOf } from '../kernel/working/working';
import { planCase } from '../plan/plan';
import { LEDGER_COLUMNS, type LedgerColumn } from '../site/records';

const LAWN: LawnInput = { ph: '6.5', om: '3', squareFeet: '5000', planFrom: '2027-03-01' };

type Sums = Partial<Record<LedgerColumn, number>>;

function ledger(past: NonNullable<LawnInput['past']>, more: LawnInput = {}): Record<string, Sums> {
  const [area] = planCase(lawnCase({ ...LAWN, ...more, past })).areas;
  return Object.fromEntries(
    (area?.ledger ?? []).map(({ year, sums }) => [
      year,
      Object.fromEntries(
        LEDGER_COLUMNS.flatMap((column) => {
          const sum = sums[column];
          return sum ? [[column, Number(valueOf(sum)?.value.toFixed(4))]] : [];
        }),
      ),
    ]),
  );
}

const feed = { kind: 'fertilizer', outcome: 'done', percent: '' } as const;
const rate = (text: string) => ({ text, unit: 'lb/1000ft2', method: '' });

// By hand: 50 lb of 21-0-0 (24 % S) on 5,000 ft² are 10 lb/1000 ft²: 2.1 lb N and 2.4 lb S.
test('a material brings what it generally holds', () => {
  const amount = { text: '50', unit: 'lb', method: '' };
  const entry = { ...feed, on: '2027-05-01', amount, material: 'ammonium-sulfate-21-0-0' };
  expect(ledger([entry])).toEqual({ 2027: { N: 2.1, S: 2.4 } });
});

test('a grade that was typed counts, and years are kept apart', () => {
  const first = { ...feed, on: '2025-05-01', amount: rate('10'), percent: '10-10-10' };
  const second = { ...feed, on: '2026-05-01', amount: rate('10'), percent: '34' };
  expect(ledger([first, second])).toEqual({ 2025: { N: 1, P2O5: 1, K2O: 1 }, 2026: { N: 3.4 } });
});

test('lime counts as pure limestone by its CCE, sulfur by what is elemental', () => {
  const lime = { kind: 'lime', on: '2026-10-01', amount: rate('50'), percent: '80' } as const;
  const sulfur = { kind: 'sulfur', on: '2026-05-01', amount: rate('10'), percent: '90' } as const;
  expect(ledger([lime, sulfur])).toEqual({ 2026: { lime: 40, sulfur: 9 } });
});

test('what was left out, has no day or cannot be read counts for nothing', () => {
  const entry = { ...feed, on: '2027-05-01', amount: rate('10'), percent: '10-10-10' };
  expect(ledger([{ ...entry, outcome: 'left' }])).toEqual({});
  expect(ledger([{ ...entry, on: 'in spring' }])).toEqual({});
  expect(ledger([{ ...entry, amount: rate('ten') }])).toEqual({});
});

test('compost counts where it is told as a load: all of its nitrogen slow', () => {
  const loads = [{ amount: '1', material: 'dairy-compost', on: '2026-10-01' }];
  const { 2026: sums } = ledger([], { loads });
  // An inch is 3,086 lb on 1000 ft², 12 lb N, 12 P2O5 and 26 K2O in a ton.
  expect(sums).toEqual({
    N: 18.5185,
    slowN: 18.5185,
    organicN: 18.5185,
    P2O5: 18.5185,
    K2O: 40.1235,
  });
});

test('the table for a spreadsheet has a row a year', () => {
  const [area] = planCase(
    lawnCase({ ...LAWN, past: [{ ...feed, on: '2026-05-01', amount: rate('10'), percent: '34' }] }),
  ).areas;
  expect(writeLedgerCsv(area?.ledger ?? [])).toBe(
    [
      'year,lime lb/1000 sq ft,sulfur lb/1000 sq ft,N lb/1000 sq ft,slowN lb/1000 sq ft,' +
        'organicN lb/1000 sq ft,P2O5 lb/1000 sq ft,K2O lb/1000 sq ft,S lb/1000 sq ft,Mg lb/1000 sq ft',
      '2026,,,3.4,,,,,,',
      '',
    ].join('\n'),
  );
});

test('200 seeded diaries: each year is its records times what their products hold', () => {
  const all = SHIPPED_MATERIALS.fertilizers;
  const dice = new Dice(7);
  for (let seed = 0; seed < 200; seed += 1) {
    const records = Array.from({ length: 1 + (seed % 7) }, (_, at) => {
      const material = all[(seed * 11 + at * 5) % all.length] ?? all[0];
      if (!material) throw new Error('no material');
      const [pounds, inAll, year] = [
        dice.one([0.5, 4, 12.25]),
        dice.chance(0.5),
        dice.one([2025, 2026]),
      ];
      return { material, pounds, inAll, year };
    });
    const years = ledger(
      records.map(({ material, pounds, inAll, year }) => ({
        ...feed,
        on: `${year}-06-01`,
        amount: { text: String(pounds), unit: inAll ? 'lb' : 'lb/1000ft2', method: '' },
        material: material.id,
      })),
    );
    for (const year of [2025, 2026]) {
      const organic = records
        .filter((record) => record.year === year && record.material.organic)
        .reduce(
          (total, { material, pounds, inAll }) =>
            total + ((inAll ? pounds / 5 : pounds) * material.grade.N) / 100,
          0,
        );
      expect(years[year]?.organicN ?? 0).toBeCloseTo(organic, 3);
      for (const nutrient of ['N', 'P2O5', 'K2O'] as const) {
        const sum = records
          .filter((record) => record.year === year)
          .reduce(
            (total, { material, pounds, inAll }) =>
              total + ((inAll ? pounds / 5 : pounds) * material.grade[nutrient]) / 100,
            0,
          );
        expect([seed, years[year]?.[nutrient] ?? 0]).toEqual([seed, expect.closeTo(sum, 3)]);
      }
    }
  }
});

test('the years stand beside what is carried off and what a rule allows; the year that passes it is named', () => {
  const fed = (on: string, pounds: string) => ({
    ...feed,
    on,
    amount: rate(pounds),
    percent: '34',
  });
  const [area] = planCase(
    lawnCase({
      ...LAWN,
      clippings: 'removed',
      rules: { 'n-year': { year: '3' } },
      past: [fed('2025-05-01', '10'), fed('2026-05-01', '8'), fed('2026-09-01', '0.8')],
    }),
  ).areas;
  const { carriedOff, mostN } = area?.ledgerAgainst ?? {};
  // 3.4 lb in 2025, 2.99 in 2026.
  expect(mostN).toMatchObject({ passedIn: ['2025'] });
  expect(mostN && valueOf(mostN.rate)?.value).toBe(3);
  expect(carriedOff && valueOf(carriedOff.K2O)?.value).toBeGreaterThan(0);
});

test('where clippings stay nothing is carried off, and without a rule none is told', () => {
  const past = [{ ...feed, on: '2026-05-01', amount: rate('10'), percent: '34' }];
  const [area] = planCase(lawnCase({ ...LAWN, past })).areas;
  expect(area?.ledgerAgainst).toEqual({ carriedOff: undefined, mostN: undefined });
});
