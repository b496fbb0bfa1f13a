import ICAL from 'ical.js';
import { changesOf, type Changes } from './changes';
import { writeCalendar, type CalendarEvent } from './ical';

const AT = new Date('2027-10-04T09:30:00Z');

const event = (key: string, date: string, summary = 'Lime, Main lawn'): CalendarEvent => ({
  key,
  date,
  summary,
  description: 'Spread 5 bags, and water it in; keep children off.',
  digest: `${date} 5`,
});

/** A file of changes, read by an independent reader: its entries by their UID. */
function read(changes: Changes<CalendarEvent>) {
  const inCase = <E>(each: E) => ({ ...each, caseId: 'c1' });
  const file = writeCalendar({
    name: 'Weir Cottage',
    events: changes.entries.map(inCase),
    withdrawn: changes.withdrawn.map(inCase),
    at: AT,
  });
  const events = new ICAL.Component(ICAL.parse(file)).getAllSubcomponents('vevent');
  return new Map(
    events.map((each) => {
      const read = new ICAL.Event(each);
      return [
        read.uid,
        {
          date: read.startDate.toString(),
          sequence: read.sequence,
          summary: read.summary,
          description: read.description,
          status: each.getFirstPropertyValue('status'),
          alarm: each.getFirstSubcomponent('valarm')?.getFirstPropertyValue('trigger')?.toString(),
        },
      ] as const;
    }),
  );
}

const UID = 'lawn:lime:1@c1.agrologos';

test('an entry is a whole day in plain words, with an alarm a week before', () => {
  const file = read(changesOf([event('lawn/lime/1', '2027-10-04')], {}));
  expect(file.get(UID)).toEqual({
    date: '2027-10-04',
    sequence: 0,
    summary: 'Lime, Main lawn',
    description: 'Spread 5 bags, and water it in; keep children off.',
    status: null,
    alarm: '-P7D',
  });
});

test('moved and exported again: the same UID, a higher number', () => {
  const first = changesOf([event('lawn/lime/1', '2027-10-04')], {});
  const same = changesOf([event('lawn/lime/1', '2027-10-04')], first.remembered);
  expect(read(same).get(UID)?.sequence).toBe(0);
  const moved = changesOf([event('lawn/lime/1', '2027-10-11')], same.remembered);
  expect(read(moved).get(UID)).toMatchObject({ date: '2027-10-11', sequence: 1 });
});

test('what is no more is taken back, once and for all; another piece of ground stays as it is', () => {
  const first = changesOf(
    [event('lawn/lime/1', '2027-10-04'), event('bed/lime/1', '2027-10-05')],
    {},
  );
  const lawnOnly = changesOf([], first.remembered, (key) => key.startsWith('lawn:'));
  const file = read(lawnOnly);
  expect([...file.keys()]).toEqual([UID]);
  expect(file.get(UID)).toMatchObject({ status: 'CANCELLED', sequence: 1 });
  const again = changesOf([], lawnOnly.remembered, (key) => key.startsWith('lawn:'));
  expect(again.withdrawn).toEqual(lawnOnly.withdrawn);
  const back = changesOf([event('lawn/lime/1', '2027-10-04')], again.remembered);
  expect(read(back).get(UID)).toMatchObject({ status: null, sequence: 2 });
});
