import { secondLook } from '../look/secondLook';
import type { MisstepId } from '../look/missteps';
import { LESSONS, type LessonId } from './lessons';

/** What each wrong amount of a lesson is to be explained by. */
const EXPLAINED: Readonly<Partial<Record<LessonId, MisstepId>>> = {
  circle: 'diameterAsRadius',
  tenths: 'tenthsMiscounted',
  worth: 'worthLeftOut',
  once: 'allAtOnce',
  label: 'purity',
  ppm: 'timesTwo',
  oxide: 'oxideLeftOut',
  nutrientForProduct: 'nutrientForProduct',
  hundred: 'hundredForThousand',
};

test('there are twelve lessons', () => {
  expect(new Set(LESSONS.map(({ id }) => id)).size).toBe(12);
});

test.each(LESSONS.flatMap(({ id, example }) => (example ? [{ id, example }] : [])))(
  'the wrong amount of “$id” is explained by what the lesson is about',
  ({ id, example }) => {
    const right = example.right('2027-09-01');
    const look = secondLook(right.workings, right.id, example.said);
    expect(look.explanations[0]?.missteps.map((each) => each.id)).toEqual([EXPLAINED[id]]);
  },
);
