/**
 * Programmes against printed calendars, by climate: Colorado State 7.202, North Carolina State AG-367, AG-431, AG-432 and
 * AG-381, University of Minnesota BU-1731, Kansas State turf leaflets, Virginia 426-323, NRAES-55 and -88. All recalled.
 * Months in which nitrogen goes on; the evaluation is the program's, the months are the print's.
 */
import { cardOf } from '../core/catalog/climate/card';
import { COOL_SEASON_LAWN, PLANTS } from '../core/catalog/plants/plants';
import { formsOf } from '../core/catalog/programmes/growing';
import { programmeOf, yearlyRatesOf } from '../core/catalog/programmes/programmes';
import { planCase } from '../core/plan/plan';
import { comingEvents, isSevere } from '../core/schedule/climate/calendar';
import { lawnCase } from '../test/cases';

/** Months, by their numbers, in which nitrogen may begin to go on in a year from a day. */
function months(plant: string, climate: string, from: string, planted?: string): number[] {
  const card = cardOf(climate);
  const programme =
    card &&
    programmeOf(PLANTS[plant] ?? COOL_SEASON_LAWN, {
      severe: isSevere(card),
      form: 'established',
      level: 'medium',
    });
  if (!card || !programme) throw new Error(`${plant} in ${climate}`);
  return comingEvents(card, programme, from, planted)
    .filter(({ event }) => (event.N ?? 0) > 0)
    .map((each) => Number(each.from.slice(5, 7)));
}

const NORTH = 'humid-continental-north';
const PIEDMONT = 'mid-atlantic-piedmont';

const LEVELS = ['low', 'medium', 'high'] as const;

test('every form of growing of every plant but a mix in a container has a programme whose shares are a year', () => {
  for (const plant of Object.values(PLANTS)) {
    const { id } = plant;
    for (const form of formsOf(plant)) {
      for (const level of LEVELS) {
        const programme = programmeOf(plant, { severe: false, form, level });
        if (id === 'container-mix') {
          expect(programme).toBeUndefined();
          continue;
        }
        const sums = { N: 0, P2O5: 0, K2O: 0 };
        for (const { N = 0, P2O5 = 0, K2O = 0 } of programme?.events ?? []) {
          sums.N += N;
          sums.P2O5 += P2O5;
          sums.K2O += K2O;
        }
        const found = Object.values(sums).map((sum) => Number(sum.toFixed(6)));
        expect([id, form, level, ...found]).toEqual([id, form, level, 1, 1, 1]);
      }
    }
  }
});

test('every plant but mixes and the two rows of packs has a rate of its own, or the calendar of its grass', () => {
  const none = Object.values(PLANTS).filter(
    (plant) => plant.form !== 'lawn' && !yearlyRatesOf(plant),
  );
  expect(none.map(({ id }) => id)).toEqual(['mixed-vegetables', 'container-mix']);
});

/** The year's pounds of nitrogen for 1000 ft² by level, as the calendars print them (Turgeon; Beard 1973; the states). */
test.each<[string, boolean, number, number, number]>([
  ['kentucky-bluegrass', false, 1, 2.5, 3.5],
  ['tall-fescue', false, 1, 2.25, 3.5],
  ['tall-fescue', true, 1, 2.5, 3.5],
  ['fine-fescue', false, 0.5, 1, 2],
  ['bermudagrass', false, 1.5, 3, 5],
  ['zoysiagrass', false, 1, 2, 3],
  ['centipedegrass', false, 0.5, 1, 2],
  ['bahiagrass', false, 1, 2, 3],
  ['buffalograss', false, 0.5, 1.5, 2],
])('%s, severe summers %s: %d, %d and %d lb', (plant, severe, ...printed) => {
  const pounds = LEVELS.map((level) => {
    const of = PLANTS[plant] ?? COOL_SEASON_LAWN;
    return programmeOf(of, { severe, form: 'established', level })?.yearN;
  });
  expect(pounds).toEqual(printed);
});

test.each<[string, string, string, string, number[]]>([
  [
    'bluegrass in the North: late spring, September, late fall',
    'kentucky-bluegrass',
    NORTH,
    '2027-01-01',
    [5, 8, 10],
  ],
  [
    'tall fescue of the piedmont: February, September, November; nothing after March 15',
    'tall-fescue',
    PIEDMONT,
    '2027-01-01',
    [2, 9, 11],
  ],
  ['fine fescue: September first', 'fine-fescue', NORTH, '2027-01-01', [8]],
  ['bermuda of the piedmont: May to August', 'bermudagrass', PIEDMONT, '2027-01-01', [5, 6, 8]],
  [
    'zoysia asked about in September: nothing before May',
    'zoysiagrass',
    NORTH,
    '2027-09-10',
    [6, 7, 8],
  ],
  [
    'centipede: mid-June, and half a pound more on the coast before the summer ends',
    'centipedegrass',
    'southern-coastal-plain',
    '2027-01-01',
    [6, 8],
  ],
  ['buffalograss: June and July', 'buffalograss', 'high-plains', '2027-01-01', [6, 7]],
  ['a cool lawn in November waits for May', 'cool-season-lawn', NORTH, '2027-11-20', [5, 8, 10]],
  ['a cool lawn in June waits for August', 'cool-season-lawn', NORTH, '2027-06-10', [8, 10, 5]],
  ['June strawberries: renovation in July, late August', 'strawberry', NORTH, '2027-04-01', [7, 8]],
  ['asked about after the harvest: now and in August', 'strawberry', NORTH, '2027-07-10', [7, 8]],
  ['blueberries: bud break and five weeks on', 'blueberry', NORTH, '2027-03-20', [4, 5]],
  ['raspberries: April and about June 1', 'raspberry', NORTH, '2027-04-01', [4, 5]],
  ['garlic: October, then April and early May', 'garlic', NORTH, '2027-10-01', [10, 4, 5]],
  ['tulips: October and March', 'tulip-daffodil', NORTH, '2027-10-01', [10, 3]],
  ['roses: April to July', 'rose', NORTH, '2027-04-01', [4, 6, 7]],
  ['asparagus: before the spears and after the harvest', 'asparagus', NORTH, '2027-04-01', [4, 6]],
  ['peaches: buds and fruit set, never July', 'peach', NORTH, '2027-03-20', [4, 5]],
  ['apples: early spring alone', 'apple', NORTH, '2027-03-20', [4]],
  ['tomatoes: at planting, at fruit set, a month later', 'tomato', NORTH, '2027-04-15', [5, 6, 7]],
  ['corn: at planting and knee-high in June', 'sweet-corn', NORTH, '2027-05-01', [5, 6]],
  ['onions: four times before they bulb', 'onion', NORTH, '2027-04-01', [4, 4, 5, 6]],
  ['fall broccoli in July: now, and the same summer', 'broccoli', NORTH, '2027-07-25', [7, 8, 9]],
  // Planting against frost: Knott's Handbook and state guides, recalled.
  ['spinach in August: for fall, now', 'spinach', NORTH, '2027-08-20', [8, 9]],
  ['lettuce in June waits for the cool of fall', 'lettuce', NORTH, '2027-06-20', [7, 8]],
  ['carrots late in August wait for spring', 'carrot', NORTH, '2027-08-25', [4, 5]],
  ['onions in July: no second planting', 'onion', NORTH, '2027-07-20', [3, 4, 5, 6]],
  ['leeks in July: none either', 'leek', NORTH, '2027-07-20', [4, 5, 6]],
  ['tomatoes in July stand: what is left', 'tomato', NORTH, '2027-07-20', [7]],
  ['okra in August stands: none after frost', 'okra', NORTH, '2027-08-20', [8]],
  ['corn in August is over', 'sweet-corn', NORTH, '2027-08-10', [5, 6]],
  ['a mixed garden in July: beside the rows', 'mixed-vegetables', NORTH, '2027-07-10', [7]],
  ['fall tomatoes of the coast', 'tomato', 'southern-coastal-plain', '2027-07-25', [7, 9, 9]],
  ['shrubs of the Gulf: before growth, in January', 'boxwood', 'gulf-coast', '2027-01-01', [1]],
  [
    'a garden of the peninsula: January',
    'mixed-vegetables',
    'florida-peninsula',
    '2027-01-01',
    [1, 3],
  ],
  // Sowing windows of food plots by zone: recalled.
  ['brassicas from mid-July', 'forage-brassica', NORTH, '2027-06-01', [7, 8]],
  ['wheat of the North: end of August', 'wheat-triticale', NORTH, '2027-08-01', [8, 4]],
  ['wheat of the coast', 'wheat-triticale', 'southern-coastal-plain', '2027-08-01', [9, 3]],
])('%s', (_name, plant, climate, from, printed) => {
  expect(months(plant, climate, from)).toEqual(printed);
});

test('bushes that are planted in fall are first given nitrogen in spring, an ounce of 21-0-0 each over the year', () => {
  const file = lawnCase({
    ...{ plant: 'blueberry', growing: { form: 'plant' }, ph: '4.9', om: '3', cec: '10' },
    ...{ planFrom: '2027-09-20', plantedOn: '2027-10-15', p: { text: '30' }, k: { text: '120' } },
    shape: { kind: 'plants', number: '8', diameter: '3' },
  });
  const plan = planCase({ ...file, climate: { ...file.climate, card: NORTH } });
  const fertilizer = plan.areas[0]?.treatments.fertilizer;
  const given = fertilizer?.products.flatMap(({ applications }) => applications) ?? [];
  expect(given.map(({ date }) => date.slice(0, 7))).toEqual(['2028-05', '2028-06']);
  // The home rule of the handbooks (OSU, Cornell; recalled): 1 oz × 0.21 of nitrogen for each of eight bushes.
  const year = fertilizer?.needs.rows.N.need;
  const rate = year && !('absent' in year) ? year.value.value : NaN;
  const thousands = (8 * Math.PI * 1.5 ** 2) / 1000;
  expect(rate * thousands * 16).toBeCloseTo(8 * 0.21, 3);
});

test('a planting that is typed goes before the usual one; what is over is not caught up with', () => {
  expect(months('sweet-corn', NORTH, '2027-06-10', '2027-05-10')).toEqual([6]);
  expect(months('tomato', NORTH, '2027-08-20', '2027-05-20')).toEqual([]);
});

/** Shares of slow nitrogen by dose: Purdue AY-22, North Carolina State AG-367, AG-432, AG-381, Florida SL-21; recalled. */
test.each<[string, boolean, (number | undefined)[]]>([
  ['kentucky-bluegrass', false, [50, 25, undefined]],
  ['tall-fescue', true, [25, undefined, undefined]],
  ['fine-fescue', false, [50]],
  ['bermudagrass', true, [25, 25, 25]],
  ['zoysiagrass', true, [50, 50, 50]],
  ['centipedegrass', true, [50, 50]],
  ['st-augustinegrass', true, [50, 50, 50]],
  ['buffalograss', false, [50, 50]],
])('%s (summers severe: %s) at a medium level: slow %j', (plant, severe, shares) => {
  const found = PLANTS[plant];
  const events = found && programmeOf(found, { form: 'established', level: 'medium', severe });
  const fed = events?.events.filter(({ N = 0 }) => N > 0);
  expect(fed?.map(({ slow }) => slow)).toEqual(shares);
});

/** Days and products of nitrogen on a lawn by the water, after a test in fall. */
function byWater(water: string) {
  const site = { water };
  const grown = { ph: '6.5', cec: '11', om: '3', clippings: 'removed', site } as const;
  const [area] = planCase(lawnCase({ ...grown, planFrom: '2027-09-01' })).areas;
  return (area?.treatments.fertilizer.chosen.parts ?? []).flatMap(({ material, applications }) =>
    applications.map(({ date }) => [material.release, date] as const),
  );
}

test('near water nitrogen is slow, and none goes on after mid-October', () => {
  // Mangiafico & Guillard 2006: leaching rose with each later date. Recalled.
  const near = byWater('20');
  expect(near.length).toBeGreaterThan(2);
  expect(near.every(([release]) => release === 'slow')).toBe(true);
  const inFall = near.map(([, date]) => date).filter((date) => date < '2027-12-31');
  expect(inFall.length).toBeGreaterThan(1);
  expect(inFall.every((date) => date <= '2027-10-15')).toBe(true);
  const far = byWater('400');
  expect(far.some(([release]) => release === 'slow')).toBe(false);
  expect(far.some(([, date]) => date > '2027-10-15' && date < '2027-12-31')).toBe(true);
});
