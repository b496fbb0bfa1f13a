import {
  at,
  planted,
  withAll,
  type Moment,
  type Programme,
  type ProgrammeEvent,
  type StageId,
} from './programme';

const base = { source: 'vegetable-side-dressing', standing: 'recalled' } as const;

/** When a crop is usually planted: weeks from the mean last frost, and the last weeks before the first for a fall crop. */
const PLANTING = {
  veryHardy: { spring: at('last-frost', -5), autumn: at('first-frost', -8) },
  hardy: { spring: at('last-frost', -3), autumn: at('first-frost', -10) },
  halfHardy: { spring: at('last-frost', -3), autumn: at('first-frost', -9) },
  tender: { spring: at('last-frost', 1) },
  beans: { spring: at('last-frost', 1), autumn: at('first-frost', -9) },
  veryTender: { spring: at('last-frost', 2) },
  autumn: { spring: at('first-frost', 0) },
} as const satisfies Record<string, { readonly spring: Moment; readonly autumn?: Moment }>;

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
  'tender',
  0.45,
  ['fruitSet', 38, 0.275],
  ['monthLater', 64, 0.275],
);
const colesLong = crop('broccoli', 'hardy', 0.5, ['threeWeeks', 24, 0.27], ['heading', 45, 0.23]);
const leafy = crop('leafy', 'hardy', 0.6, ['thirdGrown', 22, 0.4]);
const roots = crop('roots', 'halfHardy', 0.55, ['topsFour', 38, 0.45]);
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
  events: [
    { stage: 'beforeGrowth', from: at('green-up', 1), to: at('green-up', 5), ...withAll(1) },
  ],
};

const cutHerb = crop('cut-herbs', 'tender', 0.6, ['afterCutting', 30, 0.4]);

/** Programmes of vegetables and herbs by plant. */
export const VEGETABLES: Readonly<Record<string, Programme>> = {
  'mixed-vegetables': crop('mixed-vegetables', 'tender', 0.5, ['halfGrown', 35, 0.5]),
  asparagus: cutBed('asparagus', -4, 6),
  rhubarb: cutBed('rhubarb', -5, 6),
  horseradish: crop('horseradish', 'veryHardy', 0.67, ['halfGrown', 60, 0.33]),
  'snap-bean': atOnce('beans', 'beans'),
  'lima-bean': atOnce('lima-bean', 'veryTender'),
  pea: atOnce('peas', 'veryHardy'),
  radish: atOnce('radish', 'veryHardy'),
  beet: roots,
  carrot: roots,
  parsnip: roots,
  'turnip-rutabaga': roots,
  broccoli: colesLong,
  'brussels-sprouts': colesLong,
  cauliflower: colesLong,
  cabbage: crop('cabbage', 'hardy', 0.6, ['threeWeeks', 21, 0.4]),
  kohlrabi: crop('kohlrabi', 'hardy', 0.6, ['threeWeeks', 21, 0.4]),
  'kale-collard': leafy,
  chard: leafy,
  lettuce: leafy,
  spinach: leafy,
  celery: crop(
    'celery',
    'halfHardy',
    0.5,
    ['threeWeeks', 21, 0.17],
    ['threeMore', 42, 0.17],
    ['threeMore', 63, 0.16],
  ),
  leek: crop('leek', 'hardy', 0.5, ['fourWeeks', 28, 0.25], ['fourMore', 56, 0.25]),
  onion: crop(
    'onion',
    'veryHardy',
    0.34,
    ['threeWeeks', 18, 0.22],
    ['threeMore', 39, 0.22],
    ['beforeBulbing', 60, 0.22],
  ),
  garlic: {
    id: 'garlic',
    ...base,
    planting: { spring: at('first-frost', 0) },
    events: [
      {
        stage: 'atAutumnPlanting',
        from: at('first-frost', -2),
        to: at('first-frost', 4),
        ...withAll(0.3),
      },
      { stage: 'shootsUp', from: at('green-up', 0), to: at('green-up', 2), N: 0.35 },
      { stage: 'beforeBulbing', from: at('green-up', 3), to: at('green-up', 4), N: 0.35 },
    ],
  },
  'sweet-corn': {
    ...crop('sweet-corn', 'tender', 0.39, ['kneeHigh', 37, 0.61]),
    twice: crop('sweet-corn', 'tender', 0.34, ['kneeHigh', 37, 0.4], ['tasseling', 56, 0.26])
      .events,
  },
  cucumber: crop('cucumber', 'tender', 0.53, ['vinesRun', 28, 0.47]),
  'summer-squash': crop(
    'summer-squash',
    'tender',
    0.53,
    ['blossoming', 33, 0.24],
    ['threeMore', 54, 0.23],
  ),
  muskmelon: crop('muskmelon', 'veryTender', 0.53, ['vinesRun', 25, 0.47]),
  watermelon: crop('watermelon', 'veryTender', 0.5, ['vinesRun', 25, 0.5]),
  'pumpkin-squash': crop('pumpkin', 'veryTender', 0.5, ['vinesRun', 38, 0.5]),
  'sweet-potato': crop('sweet-potato', 'veryTender', 0.5, ['vinesRun', 28, 0.5]),
  tomato: fruiting,
  pepper: fruiting,
  eggplant: fruiting,
  okra: crop('okra', 'veryTender', 0.5, ['firstPods', 57, 0.25], ['monthLater', 85, 0.25]),
  potato: crop('potato', 'hardy', 0.5, ['hilling', 36, 0.5]),
  'mediterranean-herbs': perennialHerb,
  rosemary: perennialHerb,
  lavender: perennialHerb,
  mint: perennialHerb,
  chives: perennialHerb,
  basil: cutHerb,
  'parsley-dill-cilantro': cutHerb,
};
