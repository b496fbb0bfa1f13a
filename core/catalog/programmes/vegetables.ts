import {
  at,
  planted,
  withAll,
  type Programme,
  type ProgrammeEvent,
  type StageId,
} from './programme';

const base = { source: 'vegetable-side-dressing', standing: 'recalled' } as const;

type Planting = NonNullable<Programme['planting']>;

/** A crop for fall is planted so many weeks before the first frost, from the first to the last. */
function autumn(from: number, to: number): Pick<Planting, 'autumn'> {
  return { autumn: { from: at('first-frost', from), to: at('first-frost', to) } };
}

const veryHardy = { from: at('last-frost', -5), stands: true } as const;
const hardy = { from: at('last-frost', -3), stands: true } as const;
const tender = { from: at('last-frost', 1), stands: true } as const;
const veryTender = { from: at('last-frost', 2), stands: true } as const;

/**
 * When a crop is usually planted, by weeks from the mean last frost and, for a crop of fall, before the first one (Knott's
 * Handbook and state planting guides, recalled; peas and lettuce common practice). What stands from spring to fall has no
 * second planting.
 */
const PLANTING = {
  onions: veryHardy,
  peas: { ...veryHardy, ...autumn(-10, -8) },
  greens: { ...veryHardy, ...autumn(-8, -4) },
  potatoes: hardy,
  lettuce: { ...hardy, ...autumn(-10, -6) },
  cabbages: { ...hardy, ...autumn(-12, -8) },
  roots: { ...hardy, ...autumn(-10, -7) },
  tender: { ...tender, until: at('last-frost', 6) },
  tomatoes: { ...tender, until: at('last-frost', 6), ...autumn(-15, -12) },
  corn: { ...tender, until: at('first-frost', -12) },
  beans: { ...tender, until: at('first-frost', -9) },
  melons: { ...veryTender, until: at('first-frost', -13) },
} as const satisfies Record<string, Planting>;

type Beside = readonly [stage: StageId, days: number, N: number, within?: number];

/** Nitrogen beside the row, so many days after planting. */
function besideRow([stage, days, N, within = 10]: Beside): ProgrammeEvent {
  return { stage, from: planted(days), to: planted(days + within), N };
}

/** A share worked in before planting, with all of the phosphate and potash; the rest beside the row at stages. */
function crop(
  id: string,
  planting: keyof typeof PLANTING,
  before: number,
  ...beside: readonly Beside[]
): Programme {
  return {
    id,
    ...base,
    planting: PLANTING[planting],
    events: [
      { stage: 'beforePlanting', from: planted(-7), to: planted(7), ...withAll(before) },
      ...beside.map(besideRow),
    ],
  };
}

const fruiting = crop(
  'fruiting',
  'tomatoes',
  0.45,
  ['fruitSet', 38, 0.275],
  ['monthLater', 64, 0.275],
);
const colesLong = crop(
  'broccoli',
  'cabbages',
  0.5,
  ['threeWeeks', 24, 0.27],
  ['heading', 45, 0.23],
);
const leafy = (planting: keyof typeof PLANTING): Programme =>
  crop('leafy', planting, 0.6, ['thirdGrown', 22, 0.4]);
const roots = (planting: keyof typeof PLANTING): Programme =>
  crop('roots', planting, 0.55, ['topsFour', 38, 0.45]);
const atOnce = (id: string, planting: keyof typeof PLANTING): Programme => crop(id, planting, 1);

/** A perennial bed: half as it wakes, half after the last cutting. */
function cutBed(id: string, first: number, last: number): Programme {
  return {
    id,
    ...base,
    events: [
      {
        stage: 'beforeGrowth',
        from: at('last-frost', first),
        to: at('last-frost', first + 3),
        ...withAll(0.5),
      },
      {
        stage: 'afterHarvest',
        from: at('last-frost', last),
        to: at('last-frost', last + 3),
        N: 0.5,
      },
    ],
  };
}

const perennialHerb: Programme = {
  id: 'perennial-herbs',
  ...base,
  events: [{ stage: 'beforeGrowth', from: at('growth', 1), to: at('growth', 5), ...withAll(1) }],
};

const cutHerb = crop('cut-herbs', 'tender', 0.6, ['afterCutting', 30, 0.4]);

/** Programmes of vegetables and herbs by plant. */
export const VEGETABLES: Readonly<Record<string, Programme>> = {
  'mixed-vegetables': crop('mixed-vegetables', 'tender', 0.5, ['halfGrown', 35, 0.5, 30]),
  asparagus: cutBed('asparagus', -4, 6),
  rhubarb: cutBed('rhubarb', -5, 6),
  horseradish: crop('horseradish', 'onions', 0.67, ['halfGrown', 60, 0.33]),
  'snap-bean': atOnce('beans', 'beans'),
  'lima-bean': atOnce('lima-bean', 'melons'),
  pea: atOnce('peas', 'peas'),
  radish: atOnce('radish', 'greens'),
  beet: roots('roots'),
  carrot: roots('roots'),
  parsnip: roots('potatoes'),
  'turnip-rutabaga': roots('roots'),
  broccoli: colesLong,
  'brussels-sprouts': colesLong,
  cauliflower: colesLong,
  cabbage: crop('cabbage', 'cabbages', 0.6, ['threeWeeks', 21, 0.4]),
  kohlrabi: crop('kohlrabi', 'cabbages', 0.6, ['threeWeeks', 21, 0.4]),
  'kale-collard': leafy('greens'),
  chard: leafy('roots'),
  lettuce: leafy('lettuce'),
  spinach: leafy('greens'),
  celery: crop(
    'celery',
    'potatoes',
    0.5,
    ['threeWeeks', 21, 0.17],
    ['threeMore', 42, 0.17],
    ['threeMore', 63, 0.16],
  ),
  leek: crop('leek', 'potatoes', 0.5, ['fourWeeks', 28, 0.25], ['fourMore', 56, 0.25]),
  onion: crop(
    'onion',
    'onions',
    0.34,
    ['threeWeeks', 18, 0.22],
    ['threeMore', 39, 0.22],
    ['beforeBulbing', 60, 0.22],
  ),
  garlic: {
    id: 'garlic',
    ...base,
    planting: { from: at('first-frost', 0) },
    events: [
      {
        stage: 'atAutumnPlanting',
        from: at('first-frost', -2),
        to: at('first-frost', 4),
        ...withAll(0.3),
      },
      { stage: 'shootsUp', from: at('growth', 0), to: at('growth', 2), N: 0.35 },
      { stage: 'beforeBulbing', from: at('growth', 3), to: at('growth', 4), N: 0.35 },
    ],
  },
  'sweet-corn': {
    ...crop('sweet-corn', 'corn', 0.39, ['kneeHigh', 37, 0.61]),
    twice: crop('sweet-corn', 'corn', 0.34, ['kneeHigh', 37, 0.4], ['tasseling', 56, 0.26]).events,
  },
  cucumber: crop('cucumber', 'beans', 0.53, ['vinesRun', 28, 0.47]),
  'summer-squash': crop(
    'summer-squash',
    'beans',
    0.53,
    ['blossoming', 33, 0.24],
    ['threeMore', 54, 0.23],
  ),
  muskmelon: crop('muskmelon', 'melons', 0.53, ['vinesRun', 25, 0.47]),
  watermelon: crop('watermelon', 'melons', 0.5, ['vinesRun', 25, 0.5]),
  'pumpkin-squash': crop('pumpkin', 'melons', 0.5, ['vinesRun', 38, 0.5]),
  'sweet-potato': crop('sweet-potato', 'melons', 0.5, ['vinesRun', 28, 0.5]),
  tomato: fruiting,
  pepper: fruiting,
  eggplant: fruiting,
  okra: crop('okra', 'melons', 0.5, ['firstPods', 57, 0.25], ['monthLater', 85, 0.25]),
  potato: crop('potato', 'potatoes', 0.5, ['hilling', 36, 0.5]),
  'mediterranean-herbs': perennialHerb,
  rosemary: perennialHerb,
  lavender: perennialHerb,
  mint: perennialHerb,
  chives: perennialHerb,
  basil: cutHerb,
  'parsley-dill-cilantro': cutHerb,
};
