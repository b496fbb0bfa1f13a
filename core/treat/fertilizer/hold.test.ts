import { lawnCase, type LawnInput } from '../../../test/cases';
import { addDays, daysBetween } from '../../kernel/typed/date';
import { planCase } from '../../plan/plan';
import { PLANTS } from '../../catalog/plants/plants';

const BEDS: LawnInput = {
  plant: 'mixed-vegetables',
  ph: '6.5',
  om: '3',
  cec: '12',
  p: { text: '20', method: 'bray-1' },
  k: { text: '90', method: 'ammonium-acetate' },
};

function page(input: LawnInput): string[] {
  return planCase(lawnCase(input)).slip.blocks.map((block) =>
    block.kind === 'table' ? 'table' : `${block.kind} ${block.text.id}`,
  );
}

function fertilizerOf(input: LawnInput) {
  const [area] = planCase(lawnCase(input)).areas;
  if (!area) throw new Error('no area');
  return area.treatments.fertilizer;
}

const lead = (text: string, method: string): LawnInput => ({
  ...BEDS,
  more: { pb: { text, method } },
});

test('the plants of these cases are in the catalogue', () => {
  for (const id of ['mixed-vegetables', 'blueberry', 'strawberry', 'snap-bean', 'beet']) {
    expect([id, PLANTS[id]?.id]).toEqual([id, id]);
  }
});

// US EPA, guidance of January 2024: 200 ppm of total lead in soil at homes, 100 with other sources; 400 before.
test.each([
  ['99', 'total', []],
  ['100', 'total', ['caution slip.lead.otherSources']],
  ['200', 'total', ['caution slip.lead.since2024', 'caution caution.leadChildren.text']],
  ['399', 'total', ['caution slip.lead.since2024', 'caution caution.leadChildren.text']],
  ['400', 'total', ['caution slip.lead.before2024', 'caution caution.leadChildren.text']],
  ['20', 'mehlich-3', ['caution slip.lead.extract']],
  ['20', 'modified-morgan', ['caution slip.lead.extract']],
  ['20', '', ['caution slip.lead.unknown']],
  ['20', 'aqua-regia-of-before', ['caution slip.lead.unknown']],
  ['20', 'constructor', ['caution slip.lead.unknown']],
])('lead of %s by %s stands above all else, with its number', (text, method, said) => {
  const told = page(lead(text, method));
  expect(told.slice(0, said.length)).toEqual(said);
  expect(told.slice(said.length).filter((each) => each.includes('lead.'))).toEqual([]);
});

test('over the guidance no fertilizer is dated for what is eaten, and nothing waits for approval', () => {
  const input = lead('210', 'total');
  const feed = fertilizerOf(input);
  expect([feed.verdict, feed.hold?.why, feed.chosen.parts]).toEqual(['held', 'lead', []]);
  expect(page(input)).toContain('sentence slip.feedHeld.lead');
  const names = planCase(lawnCase(input)).findings.map(({ name }) => name);
  expect(names).toContain('feedHeld.lead');
  expect(names).not.toContain('feedUnsettled');
});

test('a range that reaches the guidance counts as over it; flowers and grass are fed', () => {
  expect(fertilizerOf(lead('>150', 'total')).verdict).toBe('held');
  expect(fertilizerOf({ ...lead('900', 'total'), plant: 'cool-season-lawn' }).verdict).toBe('dose');
  // A plant that nobody knows is planned as a lawn, but it may be eaten.
  expect(fertilizerOf({ ...lead('900', 'total'), plant: 'oca' }).verdict).toBe('held');
  const shared = { ...lead('900', 'total'), plant: 'cool-season-lawn', sharing: ['blueberry'] };
  expect(fertilizerOf(shared).verdict).toBe('held');
});

const salts = (text: string, method: string, plant = 'mixed-vegetables'): LawnInput => ({
  ...BEDS,
  plant,
  more: { ec: { text, method } },
});

// Maas & Hoffman 1977: bean 1.0, beet 4.0 dS/m of the saturated paste.
test.each([
  ['1.0', 'saturated-paste', 'snap-bean', 'dose'],
  ['1.1', 'saturated-paste', 'snap-bean', 'held'],
  ['3.9', 'saturated-paste', 'beet', 'dose'],
  ['4.1', 'saturated-paste', 'beet', 'held'],
  ['<5', 'saturated-paste', 'beet', 'dose'],
  // Classes of 1:1 and 1:2 extracts: slight to 2.4 and to 1.2.
  ['1.2', '1:1', 'strawberry', 'held'],
  ['1.2', '1:1', 'beet', 'dose'],
  ['2.6', '1:1', 'beet', 'held'],
  ['1.3', '1:2', 'beet', 'held'],
  // Not said: at the least as in the paste, which holds less water than any other extract (USDA Handbook 60).
  ['9', '', 'beet', 'held'],
  ['3.9', '', 'beet', 'dose'],
])('salts of %s by %s under %s: %s', (text, method, plant, verdict) => {
  expect(fertilizerOf(salts(text, method, plant)).verdict).toBe(verdict);
});

test('salts that hold the fertilizer stand first on the page', () => {
  const told = page(salts('3', 'saturated-paste', 'snap-bean'));
  expect([told[0], told.includes('sentence slip.feedHeld.salts')]).toEqual([
    'caution slip.salts',
    true,
  ]);
});

// 2 ppm to the pound of a furrow slice of 2,000,000 lb: 20 ppm × 0.3 × 6⅔ in ÷ 43.56 = 0.918 lb/1000 ft².
test('nitrate of the soil is taken off the nitrogen, and where it covers it none goes on', () => {
  const none = fertilizerOf(BEDS).needs.rows.N;
  const some = fertilizerOf({ ...BEDS, more: { no3: { text: '20' } } }).needs.rows.N;
  if ('absent' in none.need || 'absent' in some.need) throw new Error('no need');
  expect(none.need.value.value - some.need.value.value).toBeCloseTo(0.9183, 4);
  expect(page({ ...BEDS, more: { no3: { text: '20' } } })).toContain('sentence slip.nitrateCounts');

  const much = { ...BEDS, more: { no3: { text: '150' } } };
  expect(fertilizerOf(much).needs.need.N).toMatchObject({ value: { value: 0 } });
  expect(fertilizerOf(much).chosen.parts.map(({ role }) => role)).not.toContain('n');
  expect(page(much)).toContain('sentence slip.nitrateCovers');
});

test('the laboratory’s own nitrogen has its nitrate in it already', () => {
  const decisions = { 'feed-source': 'laboratory' } as const;
  const recN = { text: '2', unit: 'lb/1000ft2' };
  const of = { ...BEDS, recN, decisions, more: { no3: { text: '20' } } };
  expect(fertilizerOf(of).needs.need.N).toMatchObject({ value: { value: 2 } });
});

test.each([
  ['8', '7.4', undefined, 'absent'],
  ['8', '7.3', undefined, 'needed'],
  ['8', '6.8', 'yes', 'absent'],
  ['60', '7.6', undefined, 'none'],
])('Bray-1 of %s at pH %s, fizz %s: phosphate %s', (text, ph, fizz, outcome) => {
  const input: LawnInput = {
    ...BEDS,
    ph,
    p: { text, method: 'bray-1' },
    ...(fizz ? { decisions: { fizz } } : {}),
  };
  const { P2O5 } = fertilizerOf(input).needs.need;
  const found = 'absent' in P2O5 ? 'absent' : P2O5.value.value > 0 ? 'needed' : 'none';
  expect(found).toBe(outcome);
  expect(page(input).includes('sentence slip.brayOnLimy')).toBe(outcome === 'absent');
});

test('phosphate on soil with free lime comes with a word', () => {
  const pack = { id: 'plains-olsen', version: 2 };
  const limy: LawnInput = { ...BEDS, ph: '7.9', p: { text: '4', method: 'olsen' }, pack };
  const dosed = fertilizerOf(limy).chosen.parts.some(({ material }) => material.grade.P2O5 > 0);
  expect(dosed).toBe(true);
  expect(page(limy)).toContain('sentence slip.phosphateOnLime');
});

// Common practice: urea and ammonium a week or more from lime on the surface.
test('lime that was typed in keeps feed away too, where it lies on the surface', () => {
  const spread = '2027-10-01';
  const dates = (situation: 'established' | 'tilled') =>
    fertilizerOf({
      ...BEDS,
      situation,
      spreadOn: spread,
      planFrom: '2027-10-02',
    }).chosen.parts.flatMap(({ applications: doses }) => doses.map(({ date }) => date));
  expect(dates('established').length).toBeGreaterThan(0);
  for (const date of dates('established')) {
    expect(Math.abs(daysBetween(addDays(spread, 0), date))).toBeGreaterThanOrEqual(7);
  }
});

test('one trip keeps to what the plant bears: no chloride, no nitrate', () => {
  const feed = fertilizerOf({
    ...BEDS,
    plant: 'blueberry',
    ph: '4.8',
    decisions: { 'feed-way': 'one-trip' },
  });
  expect(feed.options[1]?.way).toBe('one-trip');
  for (const { material } of feed.options[1]?.parts ?? []) {
    expect([material.also.Cl ?? 0, material.nitrate ?? false]).toEqual([0, false]);
  }
});

test('where phosphorus was not measured nobody says that none is needed', () => {
  const organic = { ph: '6.5', om: '40' };
  expect(page(organic)).toContain('sentence slip.noFeedKnown');
  const measured = {
    ...BEDS,
    p: { text: '90', method: 'bray-1' },
    k: { text: '400', method: 'ammonium-acetate' },
  };
  expect(page({ ...measured, om: '40' })).toContain('sentence slip.noFeed');
});
