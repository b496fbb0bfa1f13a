import { validateCaseFile } from '../../files/schemas/caseFile';
import { valueOf } from '../kernel/working/working';
import { judge } from './judge';
import { practiceCase } from './practiceCase';
import { LEVELS, type Level, type Task } from './task';

/** `npm run soak` goes through ten thousand of them. */
const SEEDS = Array.from({ length: 100 }, (_, seed) => seed);

/** Everything that is right of a task, as somebody types it. */
function rightAnswers(task: Task): string[] {
  if (task.kind === 'choice') return [...task.right];
  return task.right().map(({ id, workings }) => {
    const working = workings.get(id);
    const value = working && !('absent' in working) ? working.value : undefined;
    return value ? `${Number(value.value.toPrecision(4))} ${value.unit}` : '';
  });
}

describe.each(LEVELS)('level %i', (level) => {
  test('every seed gives a valid case whose plan has no stop, and the same one twice', () => {
    for (const seed of SEEDS) {
      const { file, plan, tasks } = practiceCase(seed, level);
      expect(validateCaseFile(file).kind).toBe('valid');
      expect(plan.findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
      expect(plan.problems).toEqual({});
      expect(tasks.length).toBeGreaterThan(0);
    }
    expect(practiceCase(7, level).file).toEqual(practiceCase(7, level).file);
  });

  test('whatever is right, by whatever school, is judged right', () => {
    for (const seed of SEEDS.slice(0, 30)) {
      for (const task of practiceCase(seed, level).tasks) {
        for (const answer of rightAnswers(task)) {
          const { verdict } = judge(task, answer);
          expect([seed, task.id, answer, verdict]).toEqual([
            seed,
            task.id,
            answer,
            expect.stringMatching(/^(right|otherSchool)$/),
          ]);
        }
      }
    }
  });
});

test('difficulty rises: each level asks more than the one before, of every seed', () => {
  for (const seed of SEEDS.slice(0, 60)) {
    const counts = LEVELS.map((level) => practiceCase(seed, level).tasks.length);
    expect([seed, counts]).toEqual([seed, [...counts].sort((a, b) => a - b)]);
    expect(new Set(counts).size).toBe(LEVELS.length);
  }
});

test('the cases are not all alike', () => {
  const of = (level: Level) => SEEDS.slice(0, 80).map((seed) => practiceCase(seed, level));
  const voices = new Set(of(4).map(({ voice }) => voice.id));
  expect(voices.size).toBe(8);
  const acts = new Set(
    of(1).flatMap(({ tasks }) =>
      tasks.flatMap((task) => (task.id === 'phAct' && task.kind === 'choice' ? task.right : [])),
    ),
  );
  expect([...acts].sort()).toEqual(['lime', 'nothing', 'sulfur']);
});

test('a slip is named, and an answer that cannot be read is no answer', () => {
  const { tasks } = practiceCase(3, 2);
  const ground = tasks.find(({ id }) => id === 'ground');
  if (ground?.kind !== 'amount') throw new Error('no ground asked');
  const [{ id, workings }] = ground.right();
  const working = workings.get(id);
  const area =
    working && !('absent' in working) ? (valueOf({ id, value: working.value })?.value ?? 0) : 0;
  expect(judge(ground, '').verdict).toBe('unread');
  expect(judge(ground, 'many').verdict).toBe('unread');
  expect(judge(ground, String(Math.round(area))).verdict).toBe('right');
  expect(judge(ground, `${(area / 43_560).toPrecision(4)} acres`).verdict).toBe('right');
  const wrong = judge(ground, String(Math.round(area * 7.3)));
  expect([wrong.verdict, wrong.look?.verdict]).toEqual(['wrong', 'unexplained']);
  const across = SEEDS.map((seed) => practiceCase(seed, 1)).find(
    ({ voice }) => voice.id === 'voice.roundLawn',
  );
  const round = across?.tasks[0];
  if (round?.kind !== 'amount') throw new Error('no round lawn');
  const [accepted] = round.right();
  const of = accepted.workings.get(accepted.id);
  const right = of && !('absent' in of) ? of.value.value : 0;
  const four = judge(round, String(Math.round(right * 4)));
  expect(four.look?.explanations[0]?.missteps[0]?.id).toBe('diameterAsRadius');
});
