/** The linter of the profiles: limits that fit together, sources, and no profile that is another by another name. */
import { SOURCES } from '../../kernel/sources';
import { MICRONUTRIENTS, NEED_CLASSES, PLANT_GROUPS, PLANTS, type Plant } from './plants';

const all = Object.values(PLANTS);

/** What is wrong with profiles, a line each. */
function faultsOf(plants: readonly Plant[]): string[] {
  const seen = new Map<string, string>();
  return plants.flatMap((plant) => {
    const { id, window, limeBelow, limeTo, otherWindows, source, depth, saltAt, needs } = plant;
    const goals = [{ ...window, limeBelow, limeTo, source }, ...otherWindows];
    const faults = goals.flatMap((goal) => [
      ...(goal.low < goal.high ? [] : [`${id}: an empty range`]),
      ...(goal.limeBelow <= goal.limeTo ? [] : [`${id}: lime to less than lime below`]),
      ...(goal.limeTo <= goal.high ? [] : [`${id}: lime past its range`]),
      ...(goal.low >= 3.5 && goal.high <= 8.5 ? [] : [`${id}: no soil`]),
      ...(SOURCES[goal.source] ? [] : [`${id}: no source`]),
    ]);
    const { id: _name, ...profile } = plant;
    const data = JSON.stringify(profile);
    const twin = seen.get(data);
    seen.set(data, id);
    return [
      ...faults,
      ...(twin ? [`${id}: is ${twin} by another name`] : []),
      ...(depth >= 2 && depth <= 12 ? [] : [`${id}: sampled nowhere`]),
      ...(saltAt > 0.4 && saltAt < 12 ? [] : [`${id}: salts`]),
      ...Object.values(needs).flatMap((need) => (NEED_CLASSES.includes(need) ? [] : [id])),
    ];
  });
}

test('at least 120 profiles, of every group, and none that the linter refuses', () => {
  expect(all.length).toBeGreaterThanOrEqual(120);
  expect(new Set(all.map(({ group }) => group))).toEqual(new Set(PLANT_GROUPS));
  expect(faultsOf(all)).toEqual([]);
});

const tomato = PLANTS['tomato'] as Plant;

test.each<[string, Partial<Plant>, string]>([
  ['another name', { id: 'pepper' }, 'pepper: is tomato by another name'],
  ['its ends the wrong way', { window: { low: 7, high: 6 } }, 'tomato: an empty range'],
  ['lime past its range', { limeTo: 7.4 }, 'tomato: lime past its range'],
  ['less than where lime begins', { limeTo: 5.5 }, 'tomato: lime to less than lime below'],
  ['no depth', { depth: 0 }, 'tomato: sampled nowhere'],
])('the linter refuses %s', (_name, change, fault) => {
  expect(faultsOf([tomato, { ...tomato, ...change }])).toContain(fault);
});

test('no legume is a heavy feeder on nitrogen; blueberries take neither nitrate nor chloride', () => {
  const legumes = all.filter(({ rules }) => rules.includes('legume'));
  expect(legumes.length).toBeGreaterThan(8);
  expect(legumes.map(({ needs }) => needs.N).filter((need) => need === 'heavy')).toEqual([]);
  const blueberries = all.filter(({ id }) => id.includes('blueberry'));
  for (const { rules, chloride, needs } of blueberries) {
    expect(rules).toEqual(expect.arrayContaining(['acid-lover', 'no-nitrate', 'no-chloride']));
    expect([chloride, needs.N]).toEqual(['sensitive', 'light']);
  }
});

test('what a plant responds to is a micronutrient; a rule or a hazard is said once', () => {
  for (const { responds, rules, hazards } of all) {
    expect(MICRONUTRIENTS).toEqual(expect.arrayContaining([...responds]));
    expect(new Set([...rules, ...hazards]).size).toBe(rules.length + hazards.length);
  }
});
