import { lawnCase, ORACLE } from '../../test/cases';
import { planCase } from '../../core/plan/plan';
import { createEnglish } from '../../words/english';
import { writtenSums } from './writtenSums';

const plan = planCase(lawnCase(ORACLE));

test.each(['us', 'metric'] as const)('the sums end in the figures of the page: %s', (units) => {
  const voice = createEnglish(units);
  const sums = writtenSums(plan, voice);
  expect(sums.length).toBeGreaterThan(2);
  const figures = plan.slip.appendix.map((id) => {
    const working = plan.workings.get(id);
    return working && 'value' in working ? voice.quantity(working.value) : '';
  });
  // A figure that is no more than what was typed is a step as well: each list ends in one of the figures.
  for (const steps of sums) expect(figures).toContain(steps[steps.length - 1]?.value);
  const lime = sums.flat().map(({ value }) => value);
  expect(lime).toContain(units === 'us' ? '107.9 lb/1000 ft²' : '52.7 kg/100 m²');
});

test('what comes from a table names it, and a sum shows its signs', () => {
  const voice = createEnglish();
  const steps = writtenSums(plan, voice).flat();
  expect(steps.some(({ origin }) => /NCR/.test(origin))).toBe(true);
  expect(steps.some(({ sum }) => / × /.test(sum))).toBe(true);
});
