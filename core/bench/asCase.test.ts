import { newCase } from '../casefile/newCase';
import { planCase } from '../plan/plan';
import { valueOf } from '../kernel/working/working';
import { asCase } from './asCase';
import { runSum } from './runSum';
import { SUMS } from './sums';

test('the case that is made of a sum says what the sum said, and keeps what the office begins with', () => {
  const lime = SUMS.find(({ id }) => id === 'lime');
  if (!lime) throw new Error('no lime');
  const typed = { ph: '5.4', buffer: '6.4', cce: '85', ground: '6200' };
  const { file, answers } = runSum(lime, typed, '2027-09-01');
  if (!file) throw new Error('lime is of no ground');
  const begun = { ...newCase('c1', '2027-09-01'), shop: { packs: '40, 50' } };
  const made = asCase(file, begun, 'From the telephone');
  expect([made.id, made.title, made.shop]).toEqual(['c1', 'From the telephone', begun.shop]);
  const [area] = planCase(made).areas;
  const first = area?.treatments.lime.applications[0]?.amount.printed;
  expect(first && valueOf(first)?.value).toBe(valueOf(answers[0].figure)?.value);
});
