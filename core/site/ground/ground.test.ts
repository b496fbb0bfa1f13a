import type { Area } from '../../casefile/parts/area';
import type { Shape } from '../../casefile/parts/shape';
import { newCase } from '../../casefile/newCase';
import { PlanContext } from '../../kernel/working/context';
import { valueOf } from '../../kernel/working/working';
import { Survey, type Ground } from './ground';

function measureGround(ctx: PlanContext, piece: Area): Ground {
  return new Survey(ctx, { areas: { [piece.id]: piece }, attachments: {} }).ground(piece);
}

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
  [{ kind: 'rectangle', length: `12' 6"`, width: '4 ft' }, 50],
  [{ kind: 'rectangle', length: '3.81 m', width: '48 in' }, 50],
  [{ kind: 'raised-beds', number: '3', length: '12.5', width: '4' }, 150],
  [{ kind: 'rows', number: '12', length: '30', spacing: '30 in' }, 900], // 12 × 30 × 2.5
  [{ kind: 'plants', number: '4', diameter: '6' }, 113.097], // 4 × π × 3²
  [{ kind: 'plants', number: '4', diameter: '6', trunk: '12 in' }, 109.956], // less 4 × π × 0.5²
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
  [{ kind: 'rows', number: '12', length: '30' }, 'absent.rowsNeedSpacing'],
  [{ kind: 'rows', number: '12', length: '30', spacing: '30' }, 'absent.unreadable'], // feet, not inches
  [{ kind: 'raised-beds', length: '12', width: '4' }, 'absent.notTyped'],
  [{ kind: 'plants', number: '4', diameter: '2', trunk: '2 ft' }, 'problem.trunkTooWide'],
])('%j has no area', (shape, reason) => {
  expect(measured(shape)).toBe(reason);
});

test('rows without a distance have a length', () => {
  const rows = { kind: 'rows' as const, number: '12', length: '30' };
  const ground = measureGround(new PlanContext(), area(rows));
  expect(ground.rows && valueOf(ground.rows)?.value).toBeCloseTo(3.6, 10);
  expect(ground.parts?.kind).toBe('row');
});

test('an unknown area counts in thousands, and says so', () => {
  const ground = measureGround(new PlanContext(), area({ kind: 'unknown' }));
  expect([valueOf(ground.extent)?.value, ground.known]).toEqual([1, false]);
});
