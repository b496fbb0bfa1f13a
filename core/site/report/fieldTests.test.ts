import { earlierReport, fieldReport, lawnCase, type LawnInput } from '../../../test/cases';
import { planCase } from '../../plan/plan';
import type { AreaPlan } from '../../area/areaPlan';
import { classOf } from './classWords';
import { applyLayout, GENERIC_LAYOUTS, layoutOf, linesOf } from '../../casefile/layouts';
import { findingKey } from '../../kernel/working/finding';

function area(input: LawnInput): AreaPlan {
  const [only] = planCase(lawnCase(input)).areas;
  if (!only) throw new Error('no area');
  return only;
}

test('three readings are one value with a spread, half a step beyond the outer ones', () => {
  const { readings } = area({ reports: [fieldReport('kit', ['5.5', '6.0', '5.5'])] });
  const [test] = readings.fieldTests;
  expect(test).toMatchObject({ source: 'kit', count: 3, apart: false });
  // (5.5 + 6.0 + 5.5) ÷ 3; 5.5 − 0.25 and 6.0 + 0.25
  expect(test?.ph).toMatchObject({ range: { low: 5.25, high: 6.25 } });
  expect(test && !('absent' in test.ph) && test.ph.value.value.toFixed(3)).toBe('5.667');
});

test('without a laboratory the pH is the surest reading’s, and lime stands at its upper end', () => {
  const kit = fieldReport('kit', ['5.0', '5.0']);
  const probe = fieldReport('probe', ['5.0', '5.5']);
  const {
    readings,
    treatments: { lime },
  } = area({ texture: 'loam', reports: [probe, kit] });
  expect(readings.phFromField?.source).toBe('kit');
  expect(readings.waterPh).toMatchObject({ value: { value: 5 }, range: { low: 4.75, high: 5.25 } });
  expect(readings.phUncertainty).toMatchObject({ value: { value: 0.25 } });
  const typed = area({ texture: 'loam', ph: '5.25' }).treatments.lime;
  expect(lime.digest).toBe(typed.digest);
});

test('a laboratory goes before a kit', () => {
  const { readings } = area({ ph: '6.4', reports: [fieldReport('kit', ['5.0'])] });
  expect(readings.phFromField).toBeUndefined();
  expect(readings.waterPh).toMatchObject({ value: { value: 6.4 } });
  expect(readings.fieldTests).toHaveLength(1);
  const unreadable = area({ ph: '61', reports: [fieldReport('kit', ['5.0'])] }).readings;
  expect(unreadable.waterPh).toMatchObject({ absent: { id: 'absent.unreadable' } });
});

test('classes of a kit are what most readings say, and set no rate', () => {
  const kit = fieldReport('kit', ['6.5', '6.5'], { p: 'low', n: 'medium' });
  const {
    readings,
    soilTest,
    treatments: { fertilizer: feed },
  } = area({ reports: [kit] });
  expect(readings.fieldTests[0]?.classes).toEqual({ n: 'medium', p: 'low', k: '' });
  expect(soilTest.p.rating).toBeUndefined();
  expect(feed.chosen.parts.map(({ role }) => role)).not.toContain('p');
});

test('a reading that is no pH has its problem at its place', () => {
  const file = lawnCase({ reports: [fieldReport('probe', ['61'])] });
  expect(Object.keys(planCase(file).problems)).toEqual(['reports/probe/readings/r0/ph']);
});

test('the report before, what has changed, and what was put on between', () => {
  const { readings } = area({
    ph: '6.2',
    p: { text: '30' },
    k: { text: '120', method: 'mehlich-3' },
    reportedOn: '2027-09-01',
    spreadOn: '2026-10-01',
    reports: [
      earlierReport('2024-09-01', {
        'ph-water': '5.6',
        p: { text: '44', unit: 'lb/acre', method: 'bray-1' },
        k: { text: '90', method: 'ammonium-acetate' },
      }),
    ],
  });
  const { earlier } = readings;
  const change = (analyte: string): unknown => {
    const found = earlier?.changes.find((each) => each.analyte === analyte)?.change;
    return found && ('absent' in found ? found.absent.id : Number(found.value.value.toFixed(2)));
  };
  expect([change('ph-water'), change('p')]).toEqual([0.6, 8]); // 30 − 44 ÷ 2
  expect([change('k'), change('om')]).toEqual(['absent.otherMethod', 'absent.notTyped']);
  expect(earlier?.between.map(({ kind, on }) => `${kind} ${on}`)).toEqual(['lime 2026-10-01']);
});

test('sulfur and compost of the last year are said, and change no amount', () => {
  const spread = planCase(
    lawnCase({ ph: '5.4', buffer: '6.4', alsoSpread: ['sulfur', 'compost'] }),
  );
  const without = planCase(lawnCase({ ph: '5.4', buffer: '6.4' }));
  const names = spread.findings.map(findingKey);
  expect(names).toEqual(expect.arrayContaining(['lawn/sulfurAtWork', 'lawn/compostGiven']));
  expect(spread.areas[0]?.treatments.lime.digest).toBe(without.areas[0]?.treatments.lime.digest);
});

test('the newest report is the one that counts, and one without a date is the newest', () => {
  const old = earlierReport('2024-09-01', { 'ph-water': '7' });
  const ph = (input: LawnInput): unknown => {
    const { waterPh } = area(input).readings;
    return 'absent' in waterPh ? undefined : waterPh.value.value;
  };
  expect(ph({ ph: '6', reports: [old], reportedOn: '2027-01-01' })).toBe(6);
  expect(ph({ ph: '6', reports: [old] })).toBe(6);
  expect(ph({ ph: '6', reports: [old], reportedOn: '2020-01-01' })).toBe(7);
});

test.each([
  ['High', 'high'],
  ['VH', 'very-high'],
  ['Sufficient', 'high'],
  ['below optimum', 'low'],
  ['med', undefined],
])('the word “%s” is the class %s', (word, rating) => {
  expect(classOf(word)).toBe(rating);
});

test('a laboratory’s word is its class, and the pack’s rate of that class follows', () => {
  const said = area({
    ph: '6.5',
    om: '3.4',
    p: { text: 'Low', unit: 'word' },
    k: { text: 'VH', unit: 'word' },
  });
  const found = area({ ph: '6.5', om: '3.4', p: { text: '8' }, k: { text: '400' } });
  expect([said.soilTest.p.rating, said.soilTest.k.rating]).toEqual(['low', 'very-high']);
  expect(said.treatments.fertilizer.digest).toBe(found.treatments.fertilizer.digest);
});

test.each<[string, string | undefined]>([
  ['>60', 'very-high'], // all of 60 and more is very high
  ['>20', undefined], // medium, high or very high: nobody knows
])('P of %s is rated %s', (text, rating) => {
  expect(area({ ph: '6.5', p: { text } }).soilTest.p.rating).toBe(rating);
});

test('amounts of one application count as often as the report says', () => {
  const rate = (more: LawnInput['more']): unknown => {
    const { laboratory } = area({ ph: '6.5', recN: { text: '1' }, more: more ?? {} }).treatments
      .fertilizer.needs.rows.N;
    return 'absent' in laboratory ? laboratory.absent.id : laboratory.value.value;
  };
  expect(rate({ 'rec-per': { text: 'year' } })).toBe(1);
  expect(rate({ 'rec-per': { text: 'application' }, 'rec-times': { text: '3' } })).toBe(3);
  expect(rate({ 'rec-per': { text: 'application' } })).toBe('absent.notTyped');
});

test('a layout sets unit and method where nothing was typed, and keeps what was', () => {
  const file = lawnCase({ ph: '6', p: { text: '24', unit: 'lb/acre' } });
  const report = file.reports['r1'];
  if (!report) throw new Error('no report');
  const edits = applyLayout(report, layoutOf('mehlich-3-ppm', {}));
  const at = (analyte: string): unknown =>
    edits.find(({ path }) => path === `reports/r1/results/s1/${analyte}`)?.value;
  expect(at('p')).toBeUndefined();
  expect(at('k')).toEqual({ text: '', unit: 'ppm', method: 'mehlich-3' });
  expect(linesOf(layoutOf('irrigation-water', {}), report)).toEqual(
    expect.arrayContaining(['water-ph', 'ph-water', 'p']),
  );
});

test('each generic layout has a line once', () => {
  for (const { rows } of GENERIC_LAYOUTS) {
    expect(new Set(rows.map(({ analyte }) => analyte)).size).toBe(rows.length);
  }
});
