import { untilAnswered, type Onward } from './untilAnswered';

test('what is told after the answer is not passed on', async () => {
  const passed: number[] = [];
  let told: Onward = () => undefined;
  const answer = await untilAnswered(
    (done) => passed.push(done),
    (onward) => {
      told = onward;
      onward(1, 2);
      return Promise.resolve('answer');
    },
  );
  told(2, 2);
  expect(answer).toBe('answer');
  expect(passed).toEqual([1]);
});

test('nor after a question that failed', async () => {
  const passed: number[] = [];
  let told: Onward = () => undefined;
  const asked = untilAnswered(
    (done) => passed.push(done),
    (onward) => {
      told = onward;
      return Promise.reject(new Error('gone'));
    },
  );
  await expect(asked).rejects.toThrow('gone');
  told(1, 2);
  expect(passed).toEqual([]);
});
