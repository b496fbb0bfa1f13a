import type { Level } from './growing';
import {
  at,
  endOf,
  fromDoses,
  onDay,
  stoppedAt,
  type Dose,
  type Moment,
  type Programme,
} from './programme';

const base = { source: 'lawn-calendars', standing: 'recalled' } as const;

/** A lawn's years by how much is made of it: not watered and mown high, watered in drought, watered and dense. */
export type LawnYears = Readonly<Record<Level, Programme>>;

type Doses = readonly [Dose, ...Dose[]];

/** The doses of three levels; where none may follow a moment, nothing does. */
function years(id: string, levels: Readonly<Record<Level, Doses>>, stop?: Moment): LawnYears {
  const year = (level: Level): Programme => {
    const programme = fromDoses({ id: `${id}-${level}`, ...base }, levels[level]);
    return stop ? stoppedAt(stop, programme) : programme;
  };
  return { low: year('low'), medium: year('medium'), high: year('high') };
}

const lateSpring = {
  stage: 'lateSpring',
  from: at('late-spring'),
  to: endOf('late-spring'),
} as const;
const earlyAutumn = {
  stage: 'earlyAutumn',
  from: at('early-autumn'),
  to: endOf('early-autumn'),
} as const;
const lateAutumn = {
  stage: 'lateAutumn',
  from: at('late-autumn'),
  to: endOf('late-autumn'),
} as const;
const spring = {
  stage: 'afterMowingInSpring',
  from: at('green-up', 3),
  to: at('green-up', 4),
} as const;
const fiveWeeksOn = {
  stage: 'midAutumn',
  from: at('early-autumn', 5),
  to: at('early-autumn', 6),
} as const;

const ALL_AT_ONCE = { P2O5: 1, K2O: 1 } as const;

const ONCE_IN_AUTUMN: Doses = [{ ...earlyAutumn, lb: 1, slow: 25, ...ALL_AT_ONCE }];

/** A watered, dense lawn: twice before the heat, three times after it. */
const FIVE_TIMES: Doses = [
  { ...spring, lb: 0.5, slow: 50 },
  { ...lateSpring, lb: 0.75, slow: 50, K2O: 0.5 },
  { ...earlyAutumn, lb: 1, slow: 25, P2O5: 1, K2O: 0.5 },
  { ...fiveWeeksOn, lb: 0.5, slow: 25 },
  { ...lateAutumn, lb: 0.75 },
];

/** Tall fescue and mixed lawns: late spring, early autumn, late autumn; nothing from June to August. */
const coolSeason = years('cool-season', {
  low: ONCE_IN_AUTUMN,
  medium: [
    { ...lateSpring, lb: 0.5, slow: 50, K2O: 0.5 },
    { ...earlyAutumn, lb: 1, slow: 25, P2O5: 1, K2O: 0.5 },
    { ...lateAutumn, lb: 0.75 },
  ],
  high: FIVE_TIMES,
});

/** Bluegrass and ryegrass: the same months, a little more in late spring. */
const bluegrass = years('bluegrass', {
  low: ONCE_IN_AUTUMN,
  medium: [
    { ...lateSpring, lb: 0.75, slow: 50, K2O: 0.5 },
    { ...earlyAutumn, lb: 1, slow: 25, P2O5: 1, K2O: 0.5 },
    { ...lateAutumn, lb: 0.75 },
  ],
  high: FIVE_TIMES,
});

const midSeptember = {
  stage: 'earlyAutumn',
  from: onDay('09-10'),
  to: endOf('early-autumn'),
} as const;
const november = { stage: 'lateAutumn', from: onDay('11-01'), to: onDay('12-05') } as const;
const february = { stage: 'winter', from: onDay('02-10'), to: onDay('03-15') } as const;

/** Cool-season grass where summers are severe: nothing between March and the end of the heat, for brown patch follows it. */
const transition = years('cool-season-transition', {
  low: [{ ...midSeptember, lb: 1, slow: 25, ...ALL_AT_ONCE }],
  medium: [
    { ...midSeptember, lb: 1, slow: 25, P2O5: 1, K2O: 0.5 },
    { ...november, lb: 1 },
    { ...february, lb: 0.5, K2O: 0.5 },
  ],
  high: [
    { ...midSeptember, lb: 1, slow: 25, P2O5: 1, K2O: 0.5 },
    { stage: 'midAutumn', from: onDay('10-10'), to: onDay('10-25'), lb: 0.5 },
    { ...november, from: onDay('11-10'), lb: 1 },
    { ...february, lb: 1, slow: 25, K2O: 0.5 },
  ],
});

/** Fine fescues: once, in early autumn. */
const fineFescue = years('fine-fescue', {
  low: [{ ...earlyAutumn, lb: 0.5, slow: 50, ...ALL_AT_ONCE }],
  medium: [{ ...earlyAutumn, lb: 1, slow: 50, ...ALL_AT_ONCE }],
  high: [
    { ...lateSpring, lb: 0.5, slow: 50, K2O: 0.5 },
    { ...earlyAutumn, lb: 1, slow: 50, P2O5: 1, K2O: 0.5 },
    { ...lateAutumn, lb: 0.5, slow: 50 },
  ],
});

/** Potash for the winter: the last that warm-season grass is given. */
const hardening = {
  stage: 'beforeFrost',
  from: at('first-frost', -6),
  to: at('first-frost', -4),
} as const;

/** Seven weeks before the first frost: later nitrogen costs warm-season grass the winter. */
const WARM_STOP = at('warm-last', 1);

const fullyGreen = { stage: 'fullGreen', from: at('warm-green'), to: at('warm-green', 3) } as const;
const lastOfSummer = {
  stage: 'lastOfSummer',
  from: at('warm-last', -3),
  to: at('warm-last'),
} as const;

const bermuda = years(
  'bermudagrass',
  {
    low: [
      { ...fullyGreen, lb: 0.75, slow: 25, P2O5: 1, K2O: 0.5 },
      {
        stage: 'earlySummer',
        from: at('warm-green', 8),
        to: at('warm-green', 10),
        lb: 0.75,
        slow: 25,
      },
      { ...hardening, K2O: 0.5 },
    ],
    medium: [
      { ...fullyGreen, lb: 1, slow: 25, P2O5: 1, K2O: 0.5 },
      {
        stage: 'earlySummer',
        from: at('warm-green', 5),
        to: at('warm-green', 8),
        lb: 1,
        slow: 25,
      },
      { ...lastOfSummer, lb: 1, slow: 25 },
      { ...hardening, K2O: 0.5 },
    ],
    high: [
      { ...fullyGreen, to: at('warm-green', 1), lb: 1, slow: 25, P2O5: 1, K2O: 0.5 },
      {
        stage: 'earlySummer',
        from: at('warm-green', 4),
        to: at('warm-green', 5),
        lb: 1,
        slow: 25,
      },
      {
        stage: 'monthLater',
        from: at('warm-green', 8),
        to: at('warm-green', 9),
        lb: 1,
        slow: 25,
      },
      {
        stage: 'monthLater',
        from: at('warm-green', 12),
        to: at('warm-green', 13),
        lb: 1,
        slow: 25,
      },
      { ...lastOfSummer, from: at('warm-last', -1), lb: 1, slow: 25 },
      { ...hardening, K2O: 0.5 },
    ],
  },
  WARM_STOP,
);

const twoWeeksGreen = {
  stage: 'fullGreen',
  from: at('warm-green', 2),
  to: at('warm-green', 4),
} as const;
const july = { stage: 'earlySummer', from: onDay('07-01'), to: onDay('07-15') } as const;
const lastWeek = { stage: 'lastOfSummer', from: at('warm-last', -1), to: at('warm-last') } as const;

const zoysia = years(
  'zoysiagrass',
  {
    low: [
      { ...twoWeeksGreen, lb: 0.5, slow: 50, P2O5: 1, K2O: 0.5 },
      { ...july, lb: 0.5, slow: 50 },
      { ...hardening, K2O: 0.5 },
    ],
    medium: [
      { ...twoWeeksGreen, lb: 0.5, slow: 50, P2O5: 1, K2O: 0.5 },
      { ...july, lb: 1, slow: 50 },
      { ...lastWeek, lb: 0.5, slow: 50 },
      { ...hardening, K2O: 0.5 },
    ],
    high: [
      { ...twoWeeksGreen, lb: 1, slow: 50, P2O5: 1, K2O: 0.5 },
      { ...july, lb: 1, slow: 50 },
      { ...lastWeek, lb: 1, slow: 50 },
      { ...hardening, K2O: 0.5 },
    ],
  },
  WARM_STOP,
);

const midJune = { stage: 'earlySummer', from: onDay('06-10'), to: onDay('06-25') } as const;

const earlyAugust = { stage: 'lastOfSummer', from: onDay('08-01'), to: onDay('08-10') } as const;

/** More than two pounds a year and centipede declines. */
const centipede = years(
  'centipedegrass',
  {
    low: [{ ...midJune, lb: 0.5, slow: 50, ...ALL_AT_ONCE }],
    medium: [
      { ...midJune, lb: 0.5, slow: 50, P2O5: 1, K2O: 0.5 },
      { ...earlyAugust, lb: 0.5, slow: 50, K2O: 0.5 },
    ],
    high: [
      { ...fullyGreen, lb: 0.5, slow: 50, P2O5: 1, K2O: 0.5 },
      { ...midJune, lb: 0.5, slow: 50 },
      { ...july, from: onDay('07-08'), to: onDay('07-25'), lb: 0.5, slow: 50, K2O: 0.5 },
      { ...lastWeek, lb: 0.5, slow: 50 },
    ],
  },
  WARM_STOP,
);

const stAugustine = years(
  'st-augustinegrass',
  {
    low: [
      { ...fullyGreen, lb: 0.75, slow: 50, P2O5: 1, K2O: 0.5 },
      { ...july, lb: 0.75, slow: 50, K2O: 0.5 },
    ],
    medium: [
      { ...fullyGreen, lb: 1, slow: 50, P2O5: 1, K2O: 0.5 },
      { stage: 'earlySummer', from: onDay('06-15'), to: onDay('07-05'), lb: 1, slow: 50 },
      { ...lastOfSummer, lb: 1, slow: 50, K2O: 0.5 },
    ],
    high: [
      { ...fullyGreen, to: at('warm-green', 1), lb: 1, slow: 50, P2O5: 1, K2O: 0.5 },
      { stage: 'earlySummer', from: at('warm-green', 5), to: at('warm-green', 7), lb: 1, slow: 50 },
      {
        stage: 'monthLater',
        from: at('warm-green', 11),
        to: at('warm-green', 13),
        lb: 1,
        slow: 50,
      },
      { ...lastOfSummer, lb: 1, slow: 50, K2O: 0.5 },
    ],
  },
  WARM_STOP,
);

const bahia = years(
  'bahiagrass',
  {
    low: [{ ...fullyGreen, lb: 1, slow: 25, ...ALL_AT_ONCE }],
    medium: [
      { ...fullyGreen, lb: 1, slow: 25, P2O5: 1, K2O: 0.5 },
      { ...july, to: onDay('07-20'), lb: 1, slow: 25, K2O: 0.5 },
    ],
    high: [
      { ...fullyGreen, lb: 1, slow: 50, P2O5: 1, K2O: 0.5 },
      { ...july, from: onDay('06-20'), lb: 1, slow: 50, K2O: 0.5 },
      { ...lastOfSummer, lb: 1, slow: 50 },
    ],
  },
  WARM_STOP,
);

/** The least of the warm-season grasses: half of what bahiagrass is given. */
const carpet = years(
  'carpetgrass',
  {
    low: [{ ...fullyGreen, lb: 0.5, slow: 50, ...ALL_AT_ONCE }],
    medium: [
      { ...fullyGreen, lb: 0.75, slow: 50, P2O5: 1, K2O: 0.5 },
      { ...july, to: onDay('07-20'), lb: 0.75, slow: 50, K2O: 0.5 },
    ],
    high: [
      { ...fullyGreen, lb: 1, slow: 50, P2O5: 1, K2O: 0.5 },
      { ...july, to: onDay('07-20'), lb: 1, slow: 50, K2O: 0.5 },
    ],
  },
  WARM_STOP,
);

const earlyJune = { stage: 'earlySummer', from: onDay('06-01'), to: onDay('06-15') } as const;
const midJuly = { stage: 'lastOfSummer', from: onDay('07-10'), to: onDay('07-20') } as const;

/** Not before June: earlier feeding feeds the cool-season weeds in it. */
const buffalo = years(
  'buffalograss',
  {
    low: [{ ...earlyJune, lb: 0.5, slow: 50, ...ALL_AT_ONCE }],
    medium: [
      { ...earlyJune, lb: 1, slow: 50, ...ALL_AT_ONCE },
      { ...midJuly, lb: 0.5, slow: 50 },
    ],
    high: [
      { ...earlyJune, lb: 1, slow: 50, ...ALL_AT_ONCE },
      { ...midJuly, lb: 1, slow: 50 },
    ],
  },
  WARM_STOP,
);

/** Programmes of established lawns by plant and level. */
export const LAWNS: Readonly<Record<string, LawnYears>> = {
  'cool-season-lawn': coolSeason,
  'kentucky-bluegrass': bluegrass,
  'perennial-ryegrass': bluegrass,
  'tall-fescue': coolSeason,
  'creeping-bentgrass': bluegrass,
  'fine-fescue': fineFescue,
  bermudagrass: bermuda,
  zoysiagrass: zoysia,
  'st-augustinegrass': stAugustine,
  centipedegrass: centipede,
  bahiagrass: bahia,
  carpetgrass: carpet,
  buffalograss: buffalo,
};

/** Cool-season grass where summers are severe; fine fescue keeps to its autumn. */
export function inSevereHeat(lawn: LawnYears): LawnYears {
  return lawn === coolSeason || lawn === bluegrass ? transition : lawn;
}
