import { at, endOf, onDay, type Programme } from './programme';

const base = { source: 'lawn-calendars', standing: 'recalled' } as const;

/** Bluegrass, ryegrass and mixed cool-season lawns of medium upkeep: late spring, early autumn, late autumn. */
const coolSeason: Programme = {
  id: 'cool-season',
  ...base,
  events: [
    { stage: 'lateSpring', from: at('late-spring'), to: endOf('late-spring'), N: 0.25, K2O: 0.5 },
    {
      stage: 'earlyAutumn',
      from: at('early-autumn'),
      to: endOf('early-autumn'),
      N: 0.45,
      P2O5: 1,
      K2O: 0.5,
    },
    { stage: 'lateAutumn', from: at('late-autumn'), to: endOf('late-autumn'), N: 0.3 },
  ],
};

/** Tall fescue where summers are severe: nothing between March and the end of the heat, for brown patch follows it. */
const transition: Programme = {
  id: 'cool-season-transition',
  ...base,
  events: [
    { stage: 'winter', from: onDay('02-10'), to: onDay('03-15'), N: 0.2, K2O: 0.5 },
    {
      stage: 'earlyAutumn',
      from: onDay('09-10'),
      to: endOf('early-autumn'),
      N: 0.4,
      P2O5: 1,
      K2O: 0.5,
    },
    { stage: 'lateAutumn', from: onDay('11-01'), to: onDay('12-05'), N: 0.4 },
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

const bermuda: Programme = {
  id: 'bermudagrass',
  ...base,
  events: [
    {
      stage: 'fullGreen',
      from: at('warm-green'),
      to: at('warm-green', 3),
      N: 0.34,
      P2O5: 1,
      K2O: 0.5,
    },
    { stage: 'earlySummer', from: at('warm-green', 5), to: at('warm-green', 8), N: 0.33 },
    { stage: 'lastOfSummer', from: at('warm-last', -3), to: at('warm-last'), N: 0.33 },
    { ...hardening, K2O: 0.5 },
  ],
};

const zoysia: Programme = {
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
};

const centipede: Programme = {
  id: 'centipedegrass',
  ...base,
  events: [
    { stage: 'earlySummer', from: onDay('06-10'), to: onDay('06-25'), N: 1, P2O5: 1, K2O: 1 },
  ],
};

const stAugustine: Programme = {
  id: 'st-augustinegrass',
  ...base,
  events: [
    {
      stage: 'fullGreen',
      from: at('warm-green'),
      to: at('warm-green', 3),
      N: 0.34,
      P2O5: 1,
      K2O: 0.5,
    },
    { stage: 'earlySummer', from: onDay('06-15'), to: onDay('07-05'), N: 0.33 },
    { stage: 'lastOfSummer', from: at('warm-last', -3), to: at('warm-last'), N: 0.33, K2O: 0.5 },
  ],
};

const bahia: Programme = {
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
};

/** Not before June: earlier feeding feeds the cool-season weeds in it. */
const buffalo: Programme = {
  id: 'buffalograss',
  ...base,
  events: [
    { stage: 'earlySummer', from: onDay('06-01'), to: onDay('06-15'), N: 0.67, P2O5: 1, K2O: 1 },
    { stage: 'lastOfSummer', from: onDay('07-10'), to: onDay('07-20'), N: 0.33 },
  ],
};

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
