import { quantity, type Quantity } from '../units/quantity';
import { PlanContext } from './context';
import { msg } from '../messages/msg';
import { Sheet } from './sheet';
import { valueOf, type Figure } from './working';

const entry = (id: string) => ({ id, label: msg('dose.amount') });
const pounds = (value: number) => quantity(value, 'lb', 'product');

function leaf(sheet: Sheet, id: string, value: number) {
  return sheet.leaf('typed', entry(id), pounds(value));
}

function missing(sheet: Sheet): Figure<Quantity<'lb', 'product'>> {
  return sheet.absent(entry('nothing'), msg('absent.noBuffer'));
}

test('a figure and its entry are written in one call', () => {
  const sheet = new Sheet();
  const sum = sheet.add(entry('sum'), [leaf(sheet, 'a', 2), leaf(sheet, 'b', 3)], 'lb', 'product');
  expect(valueOf(sum)?.value).toBe(5);
  expect(sheet.workings.get('sum')).toEqual({
    id: 'sum',
    label: { id: 'dose.amount' },
    op: 'add',
    inputs: ['a', 'b'],
    value: pounds(5),
  });
});

test('each operation has an arithmetic of its own', () => {
  const sheet = new Sheet();
  const [two, five, seven] = [leaf(sheet, '2', 2), leaf(sheet, '5', 5), leaf(sheet, '7', 7)];
  const half = sheet.leaf('constant', entry('half'), quantity(0.5, 'ratio', 'share'));
  const value = (figure: Figure): number | undefined => valueOf(figure)?.value;
  expect(value(sheet.subtract(entry('a'), [two, five]))).toBe(-3);
  expect(value(sheet.deduct(entry('b'), [seven, two, two]))).toBe(3);
  // Nothing is below nothing: 2 − 5 leaves none.
  expect(value(sheet.deduct(entry('c'), [two, five]))).toBe(0);
  expect(value(sheet.cap(entry('d'), [seven, two, five]))).toBe(2);
  expect(value(sheet.multiply(entry('e'), [seven, half], 'lb', 'product'))).toBe(3.5);
  expect(value(sheet.divide(entry('f'), [seven, half], 'lb', 'product'))).toBe(14);
  expect(value(sheet.add(entry('g'), [], 'lb', 'product'))).toBe(0);
  expect(sheet.cap(entry('h'), [])).toMatchObject({ absent: { id: 'absent.noNumber' } });
});

test('an id is written once', () => {
  const sheet = new Sheet();
  leaf(sheet, 'a', 1);
  expect(() => leaf(sheet, 'a', 2)).toThrow("the working 'a' is written twice");
});

test('what rests on an absent figure is absent for the same reason', () => {
  const sheet = new Sheet();
  const nothing = missing(sheet);
  const product = sheet.derive(
    'multiply',
    entry('p'),
    [leaf(sheet, 'a', 2), nothing],
    (a, _b) => a,
  );
  const chosen = sheet.choose(entry('c'), product, []);
  const low = sheet.lowEnd(entry('l'), chosen);
  for (const figure of [product, chosen, low]) {
    expect(figure).toMatchObject({ absent: { id: 'absent.noBuffer' } });
  }
  expect(sheet.workings.get('p')).toMatchObject({ inputs: ['a', 'nothing'] });
  expect(valueOf(product)).toBeUndefined();
});

test('ranges are carried through every end', () => {
  const sheet = new Sheet();
  const percent = sheet.leaf('constant', entry('half'), quantity(50, '%', 'share'));
  const wide = sheet.spread(entry('wide'), leaf(sheet, 'a', 10), percent);
  const less = sheet.derive('subtract', entry('less'), [leaf(sheet, 'b', 20), wide], (b, a) =>
    pounds(b.value - a.value),
  );
  expect(less).toMatchObject({ value: { value: 10 }, range: { low: 5, high: 15 } });
  expect(valueOf(sheet.lowEnd(entry('low'), less))?.value).toBe(5);
  expect(sheet.choose(entry('chosen'), less, [])).toMatchObject({ range: { low: 5, high: 15 } });
});

test('the context keeps problems at their place ', () => {
  const ctx = new PlanContext();
  const typed = { ...entry('x'), at: 'areas/lawn/shape/length' };
  expect(ctx.number(typed, 'wide', {}, 'ft', 'ground')).toMatchObject({
    absent: { id: 'absent.unreadable' },
  });
  expect(ctx.problems).toMatchObject({ 'areas/lawn/shape/length': { id: 'problem.notANumber' } });
  expect(ctx.date('planFrom', '')).toBeUndefined();
  expect(ctx.problems['planFrom']).toBeUndefined();
});
