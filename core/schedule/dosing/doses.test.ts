import fc from 'fast-check';
import { measurableStep, roundUnder } from './inHands';

test.each([
  [236.1, 310, 236],
  [166.5, 166.5, 166],
  [310, 310, 310],
  [13.478, 13.478, 13],
  [13.6, 20, 13.5],
  [0.3676, 1, 0.375],
  [0.05, 1, 0.05078125],
])('%d under %d is printed as %d', (value, limit, printed) => {
  expect(roundUnder(value, limit, measurableStep(value))).toBe(printed);
});

test('what is printed never passes the limit, nor is it off by more than a step', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.2, max: 5000, noNaN: true }),
      fc.double({ min: 0, max: 3, noNaN: true }),
      (value, more) => {
        const limit = value + more;
        const step = measurableStep(value);
        const printed = roundUnder(value, limit, step);
        expect(printed).toBeLessThanOrEqual(limit * (1 + 1e-9));
        expect(Math.abs(printed - value)).toBeLessThanOrEqual(step * (1 + 1e-9));
      },
    ),
  );
});
