import { lawnCase, ORACLE } from '../../test/cases';
import { SHIPPED_PACKS } from '../catalog/packs/shipped';
import { homeOf } from '../catalog/climate/homes';
import { MONTHS, type Climate } from '../casefile/parts/climate';
import { PlanContext } from '../kernel/working/context';
import { climateOf } from './climate';

const AIR = [28, 31, 40, 51, 61, 70, 75, 73, 66, 54, 42, 32];
const TYPED: Climate = {
  card: 'own',
  air: Object.fromEntries(MONTHS.map((month, at) => [month, String(AIR[at])])),
  lastFrost: '4/21',
  firstFrost: '20 Oct',
};

function read(climate: Partial<Climate>) {
  const ctx = new PlanContext();
  const card = climateOf(ctx, { ...lawnCase(ORACLE), climate: { ...TYPED, ...climate } });
  return { card, problems: ctx.problems };
}

test('a climate that is typed is worked with as it stands, its frosts two weeks around the mean', () => {
  const { card, problems } = read({});
  expect(problems).toEqual({});
  expect(card?.air).toEqual(AIR);
  expect(card?.frost).toEqual({
    last: { mean: '04-21', early: '04-07', late: '05-05' },
    first: { mean: '10-20', early: '10-06', late: '11-03' },
  });
});

test('a frost with a year of its own counts as its day in any year', () => {
  expect(read({ lastFrost: '2024-04-21' }).card?.frost?.last.mean).toBe('04-21');
});

test('29 February without a year is a day too', () => {
  expect(read({ lastFrost: '29 Feb' }).card?.frost?.last.mean).toBe('02-29');
});

test('29 February of a leap year has two weeks around it', () => {
  const last = read({ lastFrost: '2/29/2024' }).card?.frost?.last;
  expect(last).toEqual({ mean: '02-29', early: '02-15', late: '03-15' });
});

test('ground without frost is told by leaving both days empty', () => {
  expect(read({ lastFrost: '', firstFrost: '' }).card?.frost).toBeNull();
});

test.each([
  [{ lastFrost: 'in spring' }, 'climate/lastFrost', 'problem.notADay'],
  [{ firstFrost: '2/30' }, 'climate/firstFrost', 'problem.notADay'],
  [{ lastFrost: '11/2', firstFrost: '4/2' }, 'climate/lastFrost', 'problem.frostReversed'],
  [{ air: { ...TYPED.air, 7: 'hot' } }, 'climate/air/7', 'problem.notANumber'],
] as const)('what cannot be read is marked where it was typed: %j', (typed, place, key) => {
  const { problems } = read(typed);
  expect(problems[place]).toEqual(expect.objectContaining({ id: key }));
});

test('a month that is not told gives no climate, and no guess at it', () => {
  expect(read({ air: { ...TYPED.air, 7: '' } }).card).toBeUndefined();
});

test('every pack for a region has the climate of its region; where none is chosen it stands', () => {
  const homeless = SHIPPED_PACKS.filter(({ id }) => homeOf(id) === undefined);
  expect([...new Set(homeless.map(({ id }) => id))]).toEqual(['potting-mix-extract']);
  expect(read({ card: '' }).card).toBe(homeOf(lawnCase(ORACLE).pack.id));
});
