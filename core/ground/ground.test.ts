import { newCase } from '../casefile/newCase';
import type { Area, Shape } from '../casefile/casefile';
import { PlanContext } from '../working/context';
import { valueOf } from '../working/working';
import { measureGround } from './ground';

function area(shape: Partial<Shape>): Area {
  const lawn = newCase('c', '2027-10-04').areas['lawn'];
  if (!lawn) throw new Error('no lawn');
  return { ...lawn, shape: { ...lawn.shape, ...shape } };
}

function measured(shape: Partial<Shape>): number | string {
  const { area: figure } = measureGround(new PlanContext(), area(shape));
  return 'absent' in figure ? figure.absent.id : figure.value.value;
}

test.each<[Partial<Shape>, number]>([
  [{ kind: 'rectangle', length: '100', width: '62' }, 6200],
  [{ kind: 'rectangle', length: '12.5', width: '4' }, 50],
  [{ kind: 'circle', diameter: '20' }, 314.159], // 3.14159 × 10²: across, not the radius
  [{ kind: 'square-feet', squareFeet: '43,560' }, 43560],
])('%j', (shape, squareFeet) => {
  expect(measured(shape)).toBeCloseTo(squareFeet, 3);
});

test.each<[Partial<Shape>, string]>([
  [{ kind: 'rectangle', length: '100' }, 'absent.notTyped'],
  [{ kind: 'rectangle', length: '100', width: '0' }, 'absent.unreadable'],
  [{ kind: 'rectangle', length: '-5', width: '10' }, 'absent.unreadable'],
  [{ kind: 'circle', diameter: 'about 20' }, 'absent.unreadable'],
  [{ kind: 'square-feet' }, 'absent.notTyped'],
  [{ kind: 'unknown' }, 'absent.areaUnknown'],
])('%j has no area', (shape, reason) => {
  expect(measured(shape)).toBe(reason);
});

test('an unknown area counts in thousands, and says so', () => {
  const ground = measureGround(new PlanContext(), area({ kind: 'unknown' }));
  expect([valueOf(ground.extent)?.value, ground.known]).toEqual([1, false]);
});
