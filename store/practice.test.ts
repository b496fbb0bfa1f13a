import { AgrologosDb } from './db';
import { forgetPractised, keepPractised, practised } from './practice';

let base: AgrologosDb;
beforeEach(() => {
  base = new AgrologosDb(`practice-${Math.random()}`);
});
afterEach(() => base.delete());

const entry = (seed: number, task: string, first: boolean) => ({
  seed,
  level: 1,
  task,
  first,
  at: 1,
});

test('what was practised is kept, a step of a case once, until it is forgotten', async () => {
  await keepPractised(entry(1, 'ground', false), 1, base);
  await keepPractised(entry(1, 'phClass', true), 1, base);
  await keepPractised(entry(1, 'ground', true), 1, base);
  expect((await practised(base)).map(({ task, first }) => [task, first])).toEqual([
    ['phClass', true],
    ['ground', true],
  ]);
  await forgetPractised(base);
  expect(await practised(base)).toEqual([]);
});
