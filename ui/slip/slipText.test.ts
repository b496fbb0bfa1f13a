import { lawnCase, ORACLE } from '../../test/cases';
import { planCase } from '../../core/plan';
import { slipText } from './slipText';

test('the slip as text says the same pounds and dates', () => {
  const file = lawnCase(ORACLE);
  const written = slipText(file, planCase(file));
  expect(written).toContain('MAIN LAWN, 6,200 SQUARE FEET');
  expect(written).toContain('Buy 12 bags of pelletized limestone, 40 lb a bag');
  expect(written).toContain(
    '- 4 Oct 2027: spread 236 lb of product, that is 5.9 bags. Walk 118 lb of it one way and 118 lb across.',
  );
  expect(written).toContain('- 4 Aug 2028: bring a new soil sample.');
  expect(written).toContain('Local code first.');
});

test('"nothing to do" is a finished slip', () => {
  const file = lawnCase({ ph: '6.4', om: '35' });
  const plan = planCase(file);
  expect(slipText(file, plan)).toContain('Nothing to do: no lime is needed.');
  expect(slipText(file, plan)).toContain('Test the soil again around 4 Oct 2030.');
  expect(plan.steps.slip).toBe('done');
});

test('bare ground is told how deep, by the depth that was decided', () => {
  const tilled = { ...ORACLE, situation: 'tilled' as const };
  const said = (decisions = {}) => {
    const file = lawnCase({ ...tilled, decisions });
    return slipText(file, planCase(file));
  };
  expect(said()).toContain('Work it into the top 6 inches.');
  expect(said({ 'lime-depth': '4' })).toContain('Work it into the top 4 inches.');
});
