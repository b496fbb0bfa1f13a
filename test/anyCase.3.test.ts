import { anyCase } from './anyCase';
import { brokenSeeds } from './caseLaws';

/** A share of the seeded cases, so that they are worked through side by side. */
const [FROM, TO] = [1200, 1800];

test(`the laws hold for the cases of the seeds from ${FROM} to ${TO}`, () => {
  expect(brokenSeeds(FROM, TO, anyCase)).toEqual({});
}, 600_000);
