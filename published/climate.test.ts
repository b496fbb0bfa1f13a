/**
 * Climate cards and their anchors against what is printed. Months of calendars: Purdue AY-22, Colorado State 7.202, North
 * Carolina State AG-367, AG-431 and AG-432, University of Minnesota BU-1731, Kansas State turf leaflets. All recalled.
 */
import {
  CLIMATE_CARDS,
  cardOf,
  faultsOfCard,
  type ClimateCard,
} from '../core/catalog/climate/card';
import type { AnchorId } from '../core/catalog/climate/anchor';
import { anchorIn } from '../core/schedule/climate/anchors';
import { dayNumber, fallsThrough, monthDay, risesThrough } from '../core/schedule/climate/curve';

function card(id: string): ClimateCard {
  const found = cardOf(id);
  if (!found) throw new Error(`no card '${id}'`);
  return found;
}

/** An anchor as days of the year. */
function days(id: string, anchor: AnchorId): readonly [string, string] | undefined {
  const window = anchorIn(card(id), anchor);
  return window && [monthDay(window.from), monthDay(window.to)];
}

/** How many days apart two days of the year lie. */
function apart(a: string, b: string): number {
  const days = Math.abs(dayNumber(a) - dayNumber(b));
  return Math.min(days, 365 - days);
}

test('sixteen cards without a fault, and a year that is no year is one', () => {
  expect(CLIMATE_CARDS).toHaveLength(16);
  for (const each of CLIMATE_CARDS) expect(faultsOfCard(each)).toEqual([]);
  const whole = card('corn-belt');
  expect(faultsOfCard({ ...whole, air: whole.air.slice(1) })).toContain('air');
  expect(faultsOfCard({ ...whole, air: [...whole.air.slice(1), 400] })).toContain('air/12');
  const { frost } = whole;
  if (!frost) throw new Error('no frost');
  expect(faultsOfCard({ ...whole, frost: { last: frost.first, first: frost.last } })).toEqual([
    'frost',
  ]);
});

test('the curve is at each month’s mean in the middle of it, and closes over the year', () => {
  const air = [10, 20, 30, 40, 50, 60, 70, 60, 50, 40, 30, 20];
  expect(risesThrough({ air }, 30)).toBe(dayNumber('03-16'));
  expect(risesThrough({ air }, 70)).toBe(dayNumber('07-16'));
  expect(fallsThrough({ air }, 40)).toBe(dayNumber('10-16'));
  // From 20 °F in mid-December to 10 in mid-January: half of the way is New Year.
  expect(fallsThrough({ air }, 15)).toBe(1);
  expect([risesThrough({ air }, 5), fallsThrough({ air }, 75)]).toEqual([undefined, undefined]);
});

/** Worked by hand from the means with straight lines; within three days. */
test.each<[string, AnchorId, string, string]>([
  ['humid-continental-north', 'green-up', '04-10', '04-10'],
  ['humid-continental-north', 'late-spring', '05-15', '05-29'],
  ['humid-continental-north', 'heat', '06-30', '08-16'],
  ['humid-continental-north', 'early-autumn', '08-16', '09-13'],
  ['humid-continental-north', 'late-autumn', '10-18', '11-12'],
  ['upper-midwest', 'late-spring', '05-16', '05-25'],
  ['upper-midwest', 'early-autumn', '08-23', '09-20'],
  ['upper-midwest', 'late-autumn', '10-15', '11-05'],
  ['corn-belt', 'green-up', '03-23', '03-23'],
  ['corn-belt', 'early-autumn', '08-20', '10-04'],
  ['corn-belt', 'warm-green', '05-26', '05-26'],
  ['corn-belt', 'warm-last', '08-22', '08-22'],
  ['mid-atlantic-piedmont', 'green-up', '02-22', '02-22'],
  ['mid-atlantic-piedmont', 'early-autumn', '08-31', '10-16'],
  ['mid-atlantic-piedmont', 'late-autumn', '11-15', '12-15'],
  ['mid-atlantic-piedmont', 'warm-green', '05-14', '05-14'],
  ['mid-south-transition', 'warm-last', '09-02', '09-02'],
  ['southern-coastal-plain', 'warm-green', '04-21', '04-21'],
  ['southern-coastal-plain', 'warm-soil', '02-27', '11-24'],
  ['high-plains', 'early-autumn', '08-16', '09-28'],
  ['intermountain', 'late-autumn', '10-25', '11-18'],
  ['maritime-northwest', 'early-autumn', '09-01', '09-29'],
  ['alaska-interior', 'early-autumn', '08-10', '08-20'],
  ['ozark', 'warm-green', '05-19', '05-19'],
])('%s, %s: about %s to %s', (id, anchor, from, to) => {
  const [first = '', last = ''] = days(id, anchor) ?? [];
  expect([apart(first, from), apart(last, to)].every((off) => off <= 3)).toBe(true);
});

test('what a climate does not have is absent: no green-up of grass where it never sleeps; what else grows has its spring', () => {
  for (const id of ['gulf-coast', 'florida-peninsula', 'desert-low']) {
    expect(days(id, 'green-up')).toBeUndefined();
    expect(days(id, 'late-autumn')).toBeUndefined();
  }
  // Half of the winters of the peninsula freeze, from about Dec 28 to Jan 28: recalled.
  expect(days('florida-peninsula', 'last-frost')).toEqual(['01-28', '01-28']);
  expect(days('florida-peninsula', 'first-frost')).toEqual(['12-28', '12-28']);
  // Trees and shrubs are fertilized in February there, in March on the coastal plain: common practice.
  expect(days('florida-peninsula', 'growth')).toEqual(['02-15', '02-15']);
  expect(days('southern-coastal-plain', 'growth')).toEqual(['03-14', '03-14']);
  expect(days('corn-belt', 'growth')).toEqual(days('corn-belt', 'green-up'));
  expect(days('maritime-northwest', 'heat')).toBeUndefined();
  expect(days('florida-peninsula', 'warm-last')).toEqual(['10-01', '10-01']);
});

test('printed months: fall feeding from mid-August to September in the North, late feeding from mid-October on', () => {
  for (const id of ['humid-continental-north', 'upper-midwest', 'corn-belt', 'new-england-coast']) {
    const [early = ''] = days(id, 'early-autumn') ?? [];
    expect(early >= '08-10' && early <= '09-05').toBe(true);
    const [late = ''] = days(id, 'late-autumn') ?? [];
    expect(late >= '10-10' && late <= '11-05').toBe(true);
  }
});
