import { find } from './find';
import { plantOptions } from './plantWords';

const found = (typed: string): string[] => find(plantOptions(), typed).map(({ value }) => value);

test.each([
  ['tomato', 'tomato'],
  ['tomatoes', 'tomato'],
  ['blueberries', 'blueberry'],
  ['highbush blueberries', 'blueberry'],
  ['zucchini', 'summer-squash'],
  ['turf type fescue', 'tall-fescue'],
  ['clover white', 'white-clover'],
  ['TREES pin', 'pin-oak'],
  ['deer plot', 'food-plot'],
])('"%s" finds %s first or second', (typed, plant) => {
  expect(found(typed).slice(0, 2)).toContain(plant);
});

test('nothing typed shows all, in the order of their groups; nonsense finds nothing', () => {
  expect(found('')).toHaveLength(plantOptions().length);
  expect(found('xyzzy')).toEqual([]);
});

test('a group finds all that stands under it, what is called so first', () => {
  const fruit = found('fruit');
  expect(fruit.length).toBeGreaterThan(10);
  expect(fruit).toContain('apple');
});
