import { planCase } from '../../core/plan/plan';
import { lawnCase, ORACLE, type LawnInput } from '../../test/cases';
import { messageText } from '../format/message';
import { quantityText } from '../format/quantity';
import { expressionOf, stepsOf } from '../../core/kernel/working/steps';

/** The open working of a figure as lines of text. */
function lines(id: string, input: LawnInput): string[] {
  const { workings } = planCase(lawnCase(input));
  return stepsOf(id, workings).map((step) => {
    const sum = expressionOf(step, workings)
      .map(({ sign, input: each }) => `${sign && ` ${sign} `}${quantityText(each.value)}`)
      .join('');
    return `${messageText(step.label, workings)}: ${sum} = ${quantityText(step.value)}`;
  });
}

test('708 lb opens into the sum that made it', () => {
  expect(lines('lawn/lime/dose/total', ORACLE)).toEqual([
    'SMP table, row 6.4, column to 6.5: pH 6.4 = 4.7 tons/acre',
    'For the depth treated: 4.7 tons/acre × 4 in. ÷ 8 in. = 2.35 tons/acre',
    'Per 1000 ft²: 2.35 tons/acre = 107.9 lb/1000 ft²',
    'As pounds of this product: 107.9 lb/1000 ft² × 90 % ÷ 85 % = 114.2 lb/1000 ft²',
    'Area in thousands of square feet: 6,200 ft² = 6.2 thousand ft²',
    'Product here: 114.2 lb/1000 ft² × 6.2 thousand ft² = 708 lb',
  ]);
});

test('between rows both rows are named', () => {
  expect(lines('lawn/lime/smp/table', { ph: '5.4', buffer: '6.45' })).toEqual([
    'SMP table, row 6.5, column to 6.5: pH 6.45 = 3.8 tons/acre',
    'SMP table, row 6.4, column to 6.5: pH 6.45 = 4.7 tons/acre',
    'On the line between rows 6.5 and 6.4: pH 6.45 = 4.25 tons/acre',
  ]);
});

test('an equation shows all that goes into it', () => {
  const [line] = lines('lawn/ground/area', {
    shape: { kind: 'trapezoid', sideA: '44', sideB: '36', height: '30' },
  });
  expect(line).toMatch(/: 44 ft ?; ?36 ft ?; ?30 ft = 1,200 ft²$/);
});

test('a typed value is its own and only line', () => {
  expect(lines('lawn/report/ph-water', ORACLE)).toEqual(['pH (in water):  = pH 5.4']);
});

test('steps shown before are not shown again', () => {
  const { workings } = planCase(lawnCase(ORACLE));
  const seen = new Set<string>();
  stepsOf('lawn/lime/dose/total', workings, seen);
  const after = stepsOf('lawn/lime/bags-to-buy', workings, seen).map(({ id }) => id);
  expect(after).not.toContain('lawn/lime/smp/requirement');
  expect(after.at(-1)).toBe('lawn/lime/bags-to-buy');
});

test('an absent figure has no steps', () => {
  expect(lines('lawn/lime/texture/ranged', ORACLE)).toEqual([]);
});
