import { at, endOf, onDay, planted, stoppedAt, type Moment, type Programme } from './programme';

const base = { source: 'lawn-calendars', standing: 'recalled' } as const;

/**
 * A year of so little nitrogen, lb/1000 ft², is one feeding in September, and of so little two: September and late autumn
 * (Minnesota BU-1731).
 */
const [ONE_EVENT, TWO_EVENTS] = [1.25, 2.25];

const THIRD = 1 / 3;

/** Bluegrass, ryegrass and mixed cool-season lawns: late spring, early autumn, late autumn. */
const coolSeason: Programme = {
  id: 'cool-season',
  ...base,
  events: [
    {
      stage: 'lateSpring',
      from: at('late-spring'),
      to: endOf('late-spring'),
      N: THIRD,
      K2O: 0.5,
      onlyAbove: TWO_EVENTS,
    },
    {
      stage: 'earlyAutumn',
      from: at('early-autumn'),
      to: endOf('early-autumn'),
      N: THIRD,
      P2O5: 1,
      K2O: 0.5,
    },
    {
      stage: 'lateAutumn',
      from: at('late-autumn'),
      to: endOf('late-autumn'),
      N: THIRD,
      onlyAbove: ONE_EVENT,
    },
  ],
};

/** Tall fescue where summers are severe: nothing between March and the end of the heat, for brown patch follows it. */
const transition: Programme = {
  id: 'cool-season-transition',
  ...base,
  events: [
    {
      stage: 'winter',
      from: onDay('02-10'),
      to: onDay('03-15'),
      N: 0.2,
      K2O: 0.5,
      onlyAbove: TWO_EVENTS,
    },
    {
      stage: 'earlyAutumn',
      from: onDay('09-10'),
      to: endOf('early-autumn'),
      N: 0.4,
      P2O5: 1,
      K2O: 0.5,
    },
    {
      stage: 'lateAutumn',
      from: onDay('11-01'),
      to: onDay('12-05'),
      N: 0.4,
      onlyAbove: ONE_EVENT,
    },
  ],
};

/** Fine fescues: once, in early autumn. */
const fineFescue: Programme = {
  id: 'fine-fescue',
  ...base,
  events: [
    {
      stage: 'earlyAutumn',
      from: at('early-autumn'),
      to: endOf('early-autumn'),
      N: 1,
      P2O5: 1,
      K2O: 1,
    },
  ],
};

/** Potash for the winter: the last that warm-season grass is given. */
const hardening = {
  stage: 'beforeFrost',
  from: at('first-frost', -6),
  to: at('first-frost', -4),
} as const;

/** Seven weeks before the first frost: later nitrogen costs warm-season grass the winter. */
const WARM_STOP = at('warm-last', 1);

/** The first third of a warm-season lawn's nitrogen, once it is green all over. */
const fullyGreen = {
  stage: 'fullGreen',
  from: at('warm-green'),
  to: at('warm-green', 3),
  N: THIRD,
  P2O5: 1,
  K2O: 0.5,
} as const;

const bermuda = stoppedAt(WARM_STOP, {
  id: 'bermudagrass',
  ...base,
  events: [
    fullyGreen,
    { stage: 'earlySummer', from: at('warm-green', 5), to: at('warm-green', 8), N: THIRD },
    { stage: 'lastOfSummer', from: at('warm-last', -3), to: at('warm-last'), N: THIRD },
    { ...hardening, K2O: 0.5 },
  ],
});

const zoysia = stoppedAt(WARM_STOP, {
  id: 'zoysiagrass',
  ...base,
  events: [
    {
      stage: 'fullGreen',
      from: at('warm-green', 2),
      to: at('warm-green', 4),
      N: 0.25,
      P2O5: 1,
      K2O: 0.5,
    },
    { stage: 'earlySummer', from: onDay('07-01'), to: onDay('07-15'), N: 0.5 },
    { stage: 'lastOfSummer', from: at('warm-last', -1), to: at('warm-last'), N: 0.25 },
    { ...hardening, K2O: 0.5 },
  ],
});

const centipede = stoppedAt(WARM_STOP, {
  id: 'centipedegrass',
  ...base,
  events: [
    { stage: 'earlySummer', from: onDay('06-10'), to: onDay('06-25'), N: 1, P2O5: 1, K2O: 1 },
  ],
});

const stAugustine = stoppedAt(WARM_STOP, {
  id: 'st-augustinegrass',
  ...base,
  events: [
    fullyGreen,
    { stage: 'earlySummer', from: onDay('06-15'), to: onDay('07-05'), N: THIRD },
    { stage: 'lastOfSummer', from: at('warm-last', -3), to: at('warm-last'), N: THIRD, K2O: 0.5 },
  ],
});

const bahia = stoppedAt(WARM_STOP, {
  id: 'bahiagrass',
  ...base,
  events: [
    {
      stage: 'fullGreen',
      from: at('warm-green'),
      to: at('warm-green', 3),
      N: 0.5,
      P2O5: 1,
      K2O: 0.5,
    },
    { stage: 'earlySummer', from: onDay('07-01'), to: onDay('07-20'), N: 0.5, K2O: 0.5 },
  ],
});

/** Not before June: earlier feeding feeds the cool-season weeds in it. */
const buffalo = stoppedAt(WARM_STOP, {
  id: 'buffalograss',
  ...base,
  events: [
    { stage: 'earlySummer', from: onDay('06-01'), to: onDay('06-15'), N: 0.67, P2O5: 1, K2O: 1 },
    { stage: 'lastOfSummer', from: onDay('07-10'), to: onDay('07-20'), N: 0.33 },
  ],
});

/** Programmes of established lawns by plant. */
export const LAWNS: Readonly<Record<string, Programme>> = {
  'cool-season-lawn': coolSeason,
  'kentucky-bluegrass': coolSeason,
  'perennial-ryegrass': coolSeason,
  'tall-fescue': coolSeason,
  'creeping-bentgrass': coolSeason,
  'fine-fescue': fineFescue,
  bermudagrass: bermuda,
  zoysiagrass: zoysia,
  'st-augustinegrass': stAugustine,
  centipedegrass: centipede,
  bahiagrass: bahia,
  carpetgrass: bahia,
  buffalograss: buffalo,
};

/** What stands in for a cool-season programme where summers are severe. */
export const IN_SEVERE_HEAT: Readonly<Record<string, Programme>> = { [coolSeason.id]: transition };

/** A lawn from seed: starter and all of the phosphate and potash before it is sown, nitrogen after two or three mowings. */
function sown(id: string, spring: Moment, until: Moment): Programme {
  return {
    id,
    ...base,
    planting: { spring, until },
    events: [
      { stage: 'atSowing', from: planted(-7), to: planted(7), N: THIRD, P2O5: 1, K2O: 1 },
      { stage: 'afterMowing', from: planted(40), to: planted(55), N: 2 * THIRD },
    ],
  };
}

/** Cool-season grass is sown as the heat gives way, warm-season grass when the soil is warm. */
export const SOWN_LAWN = {
  cool: sown('cool-season-seed', at('early-autumn'), endOf('early-autumn', 1)),
  warm: stoppedAt(WARM_STOP, sown('warm-season-seed', at('warm-green'), at('warm-last', -4))),
} as const;
