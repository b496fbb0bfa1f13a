import { CLIMATE_CARDS } from '../../catalog/climate/card';
import type { AnchorId } from '../../catalog/climate/anchor';
import { PlanContext } from '../../kernel/working/context';
import { valueOf } from '../../kernel/working/working';
import { anchorIn } from './anchors';
import { dayFigures, momentKey, type ClimateMoment } from './dayFigures';

/** Every anchor, so that one that is added is held too. */
const ANCHORS = Object.keys({
  'last-frost': 1,
  'first-frost': 1,
  'green-up': 1,
  growth: 1,
  'late-spring': 1,
  heat: 1,
  'early-autumn': 1,
  'late-autumn': 1,
  'warm-green': 1,
  'warm-last': 1,
  'warm-soil': 1,
  frozen: 1,
} satisfies Record<AnchorId, 1>) as readonly AnchorId[];

const MOMENTS: readonly ClimateMoment[] = ANCHORS.flatMap((anchor) =>
  [-6, 0, 3].flatMap((weeks) => [
    { anchor, weeks },
    { anchor, weeks, end: true as const },
  ]),
);

test.each(CLIMATE_CARDS.map((card) => [card.id, card] as const))(
  '%s: a day with its sum is the day that the plan goes by, however it is asked for',
  (_id, card) => {
    const ctx = new PlanContext();
    const figures = dayFigures(ctx.scoped('again'), 'lawn/climate', card, MOMENTS);
    for (const moment of MOMENTS) {
      const window = anchorIn(card, moment.anchor);
      const figure = figures[momentKey(moment)];
      if (!window) {
        expect(figure).toBeUndefined();
        continue;
      }
      const plain = (moment.end ? window.to : window.from) + 7 * moment.weeks;
      expect(figure && valueOf(figure)?.value).toBe(plain);
    }
  },
);
