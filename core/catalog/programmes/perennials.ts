import type { PlantId } from '../plants/plants';
import {
  at,
  onDay,
  planted,
  stoppedAt,
  withAll,
  type Moment,
  type Programme,
  type StageId,
} from './programme';

const fruit = { source: 'fruit-programmes', standing: 'recalled' } as const;
const ornamental = { source: 'ornamental-programmes', standing: 'recalled' } as const;

type Dose = readonly [stage: StageId, from: Moment, to: Moment, N: number];

/** All of the phosphate and potash with the first. */
function yearly(
  id: string,
  cited: typeof fruit | typeof ornamental,
  [stage, from, to, N]: Dose,
  ...later: readonly Dose[]
): Programme {
  return {
    id,
    ...cited,
    events: [
      { stage, from, to, ...withAll(N) },
      ...later.map(([next, start, end, share]) => ({
        stage: next,
        from: start,
        to: end,
        N: share,
      })),
    ],
  };
}

const budBreak = (N: number): Dose => ['budBreak', at('last-frost', -4), at('last-frost', -2), N];

/** Bushes of acidic soil: half at bud break, half five weeks on, nothing from July. */
const blueberry = stoppedAt(
  onDay('07-05'),
  yearly('blueberry', fruit, budBreak(0.5), [
    'fiveWeeksOn',
    at('last-frost', 1),
    at('last-frost', 3),
    0.5,
  ]),
);
/** Nothing in spring on plants that bear in June: the fruit would be soft. */
const strawberry = yearly(
  'strawberry',
  fruit,
  ['renovation', at('last-frost', 8), at('last-frost', 11), 0.7],
  ['lateAugust', onDay('08-15'), onDay('08-31'), 0.3],
);
const brambles = stoppedAt(
  onDay('07-01'),
  yearly('brambles', fruit, budBreak(0.5), [
    'beforeBloom',
    at('last-frost', 3),
    at('last-frost', 5),
    0.5,
  ]),
);
const earlySpring = stoppedAt(onDay('07-01'), yearly('fruit-early-spring', fruit, budBreak(1)));
const grape = stoppedAt(
  onDay('07-20'),
  yearly(
    'grape',
    fruit,
    ['budSwell', at('last-frost', -3), at('last-frost', -1), 0.5],
    ['fruitSet', at('last-frost', 6), at('last-frost', 8), 0.5],
  ),
);
const beforeBloom = stoppedAt(
  onDay('07-01'),
  yearly('pome-fruit', fruit, ['beforeBloom', at('last-frost', -5), at('last-frost', -3), 1]),
);
const stone = stoppedAt(
  onDay('07-01'),
  yearly('stone-fruit', fruit, ['budSwell', at('last-frost', -5), at('last-frost', -3), 1]),
);
const peach = stoppedAt(
  onDay('08-01'),
  yearly(
    'peach',
    fruit,
    ['budSwell', at('last-frost', -5), at('last-frost', -3), 0.67],
    ['shuckSplit', at('last-frost', 1), at('last-frost', 4), 0.33],
  ),
);
const warmTree = yearly(
  'fig-citrus',
  fruit,
  ['lateWinter', at('last-frost', -3), at('last-frost', 3), 0.34],
  ['lateSpring', onDay('05-10'), onDay('05-25'), 0.33],
  ['earlySummer', onDay('07-01'), onDay('07-15'), 0.33],
);

/** After bloom, and once more before July; shallow roots. */
const afterBloom = stoppedAt(
  onDay('07-10'),
  yearly(
    'acid-shrubs',
    ornamental,
    ['afterBloom', at('last-frost', 2), at('last-frost', 4), 0.5],
    ['sixWeeks', at('last-frost', 6), at('last-frost', 7), 0.5],
  ),
);
/** In spring and once more: they bloom in winter, or later than they are fertilized. */
const evergreens = stoppedAt(
  onDay('07-10'),
  yearly(
    'acid-evergreens',
    ornamental,
    ['beforeGrowth', at('last-frost', 0), at('last-frost', 4), 0.5],
    ['sixWeeks', at('last-frost', 6), at('last-frost', 8), 0.5],
  ),
);
const wakes = stoppedAt(
  onDay('07-15'),
  yearly('wakes-in-spring', ornamental, ['beforeGrowth', at('growth', -3), at('growth', 3), 1]),
);
const hydrangea = stoppedAt(
  onDay('08-01'),
  yearly(
    'hydrangea',
    ornamental,
    ['beforeGrowth', at('last-frost', -3), at('last-frost', 0), 0.5],
    ['earlySummer', onDay('06-01'), onDay('06-15'), 0.5],
  ),
);
/** Nothing in the last six weeks before frost. */
const rose = stoppedAt(
  at('first-frost', -6),
  yearly(
    'rose',
    ornamental,
    ['shootsUp', at('last-frost', -2), at('last-frost', 1), 0.34],
    ['firstFlush', at('last-frost', 4), at('last-frost', 6), 0.33],
    ['lastOfSummer', at('last-frost', 9), at('last-frost', 10), 0.33],
  ),
);
const perennial = yearly('perennials', ornamental, [
  'shootsUp',
  at('growth', 2),
  at('growth', 6),
  1,
]);
const twice = yearly(
  'perennials-twice',
  ornamental,
  ['shootsUp', at('growth', 2), at('growth', 6), 0.5],
  ['earlySummer', onDay('06-05'), onDay('06-25'), 0.5],
);
const annual: Programme = {
  id: 'annual-flowers',
  ...ornamental,
  planting: { from: at('last-frost', 1), until: at('last-frost', 7), stands: true },
  events: [
    { stage: 'beforePlanting', from: planted(-7), to: planted(7), ...withAll(0.5) },
    { stage: 'fiveWeeksOn', from: planted(35), to: planted(80), N: 0.5 },
  ],
};
/** At planting in autumn and as the leaves come up, never at or after bloom. */
const springBulbs = yearly(
  'spring-bulbs',
  ornamental,
  ['atAutumnPlanting', at('first-frost', -2), at('first-frost', 5), 0.5],
  ['leavesUp', at('growth', -4), at('growth', 0), 0.5],
);

const of = <K extends PlantId>(plants: readonly K[], programme: Programme): Record<K, Programme> =>
  Object.fromEntries(plants.map((id) => [id, programme])) as Record<K, Programme>;

/** Programmes of fruit by plant. */
export const FRUIT: Readonly<Record<string, Programme>> = {
  ...of(['blueberry', 'rabbiteye-blueberry', 'cranberry', 'lingonberry'], blueberry),
  strawberry,
  ...of(['raspberry', 'blackberry'], brambles),
  ...of(
    ['currant-gooseberry', 'elderberry', 'kiwi', 'hazelnut', 'pecan', 'wine-grape'],
    earlySpring,
  ),
  grape,
  ...of(['apple', 'pear', 'pawpaw-persimmon'], beforeBloom),
  ...of(['plum', 'cherry', 'apricot'], stone),
  peach,
  ...of(['fig', 'citrus'], warmTree),
};

/** Programmes of shrubs, trees and flowers by plant. */
export const ORNAMENTALS: Readonly<Record<string, Programme>> = {
  ...of(['azalea-rhododendron', 'mountain-laurel-pieris', 'heather'], afterBloom),
  ...of(['camellia', 'gardenia', 'holly'], evergreens),
  ...of(['hydrangea-blue', 'hydrangea-pink'], hydrangea),
  rose,
  ...of(
    ['trees-and-shrubs', 'boxwood', 'lilac', 'forsythia', 'viburnum', 'yew', 'juniper', 'clematis'],
    wakes,
  ),
  ...of(
    [
      'pin-oak',
      'oak',
      'red-maple',
      'sugar-maple',
      'river-birch',
      'sweetgum',
      'magnolia',
      'dogwood',
      'redbud',
      'pine',
      'spruce',
      'fir',
      'hemlock',
      'arborvitae',
    ],
    wakes,
  ),
  ...of(['peony', 'hosta', 'daylily', 'bearded-iris', 'japanese-iris', 'lily'], perennial),
  chrysanthemum: twice,
  ...of(
    [
      'mixed-flowers',
      'dahlia',
      'gladiolus',
      'marigold-zinnia',
      'petunia',
      'geranium',
      'impatiens-begonia',
    ],
    annual,
  ),
  'tulip-daffodil': springBulbs,
};

type Planted = Pick<Programme, 'planting'> & { readonly events: Programme['events'] };

/** Phosphate and potash worked into the bed before; no nitrogen in the hole. */
const intoTheBed = {
  stage: 'beforePlanting',
  from: planted(-21),
  to: planted(0),
  P2O5: 1,
  K2O: 1,
} as const;

function firstYear(
  id: string,
  cited: typeof fruit | typeof ornamental,
  { planting, events }: Planted,
): Programme {
  return { id: `${id}-first-year`, ...cited, ...(planting ? { planting } : {}), events };
}

/** Woody plants are planted in spring before they leaf out, or in autumn. */
const SPRING_PLANTING = { from: at('last-frost', -3), until: at('last-frost', 5) } as const;
/** What is planted late in the season is first fertilized when it has leaves. */
const NEXT_SPRING = [{ elseFrom: at('growth', 3) }, { elseFrom: at('growth', 9) }] as const;
const berries = (id: string): Programme =>
  stoppedAt(
    onDay('08-01'),
    firstYear(id, fruit, {
      planting: SPRING_PLANTING,
      events: [
        intoTheBed,
        { ...NEXT_SPRING[0], stage: 'afterRooting', from: planted(32), to: planted(46), N: 0.5 },
        { ...NEXT_SPRING[1], stage: 'sixWeeks', from: planted(74), to: planted(88), N: 0.5 },
      ],
    }),
  );
const notFed = firstYear('ornamentals', ornamental, {
  planting: SPRING_PLANTING,
  events: [{ ...intoTheBed, N: 1 }],
});

/** First years from planting, by plant or by the group of plants. */
export const PLANTED: Readonly<Record<string, Programme>> = {
  fruit: berries('fruit'),
  strawberry: firstYear('strawberry', fruit, {
    planting: { from: at('last-frost', -2), until: at('last-frost', 5) },
    events: [
      intoTheBed,
      { stage: 'fiveWeeksOn', from: planted(30), to: planted(45), N: 0.5 },
      { stage: 'lateAugust', from: onDay('08-15'), to: onDay('09-10'), N: 0.5 },
    ],
  }),
  vegetables: firstYear('crowns', fruit, {
    planting: { from: at('last-frost', -3), until: at('last-frost', 4) },
    events: [
      { ...intoTheBed, N: 0.67 },
      { stage: 'halfGrown', from: planted(60), to: planted(75), N: 0.33 },
    ],
  }),
  herbs: notFed,
  shrubs: notFed,
  trees: notFed,
  flowers: notFed,
  'tulip-daffodil': springBulbs,
};
