/** Tri-State 1995 (E-2567): the lines against the printed tables, to 0.15 ton (the print rounds). */
import { planCase } from '../core/plan/plan';
import { lawnCase } from '../test/cases';
import { readFixture, readNumbers } from './csv';

/** Tons/acre as the method prints them in a plan. */
function printed(method: string, input: Parameters<typeof lawnCase>[0]): number {
  const [lawn] = planCase(lawnCase(input)).areas;
  const row = lawn?.treatments.lime.methods.find(({ option }) => option.id === method);
  const figure = row?.option.asPrinted;
  return figure && !('absent' in figure) ? figure.value.value : NaN;
}

const targets = (readFixture('tri-state-1995.csv')[0] ?? []).slice(1);

test.each(readNumbers('tri-state-1995.csv'))('lime test index %d', (lti, ...tons) => {
  tons.forEach((expected, column) => {
    const input = { ph: '4.8', buffer: (lti / 10).toFixed(1) };
    const got = printed('tri-state', {
      ...input,
      decisions: { 'lime-target': targets[column] ?? '' },
    });
    expect(Math.abs(got - expected)).toBeLessThanOrEqual(0.15);
  });
});

test.each(readNumbers('tri-state-organic-1995.csv'))('organic soil of pH %d', (ph, expected) => {
  const got = printed('tri-state-organic', { ph: String(ph), om: '40' });
  expect(Math.abs(got - (expected ?? NaN))).toBeLessThanOrEqual(0.06);
});

test('NCR-221 heads the third column 7.0 where Tri-State prints 6.8', () => {
  // Buffer 6.0: 9.6 tons in both; only the heading differs.
  const at = (target: string) => ({
    ph: '4.8',
    buffer: '6.0',
    decisions: { 'lime-target': target },
  });
  expect(printed('smp', at('7.0'))).toBe(9.6);
  expect(printed('tri-state', at('6.8'))).toBeCloseTo(9.6, 10);
  expect(printed('tri-state', at('7.0'))).toBeNaN();
});
