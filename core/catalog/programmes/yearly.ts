import type { SourceId, Standing } from '../../kernel/sources';
import type { Level } from './growing';

/** Phosphate and potash of a year by the rating of the soil test, from low to very high. */
type Ladder = readonly [low: number, medium: number, high: number, veryHigh: number];

/** Nitrogen for each plant by its year in the ground, lb, the last for all later years; and by its trunk. */
export interface PerPlant {
  readonly lbByYear: readonly number[];
  /** For each inch of trunk, and never more than so much. */
  readonly perInch?: { readonly lb: number; readonly most: number };
}

/** What a plant is given in a year by the literature on it, where a pack says nothing of it. */
export interface YearlyRates {
  readonly source: SourceId;
  readonly standing: Standing;
  readonly unit: 'lb/1000ft2' | 'lb/acre';
  /** For a plant that stands, or by its year in the ground from the first: the last for all later years. */
  readonly N: number | { readonly byYear: readonly number[] } | Readonly<Record<Level, number>>;
  /** What is left of it where organic matter is high: what goes on before planting. */
  readonly onRichSoil?: number;
  readonly P2O5?: Ladder;
  readonly K2O?: Ladder;
  /** Nitrogen of its first year from planting, in the same unit. */
  readonly firstYearN?: number;
  readonly perPlant?: PerPlant;
}

type Acre = readonly [P2O5: Ladder, K2O: Ladder];

const vegetables = {
  source: 'vegetable-side-dressing',
  standing: 'recalled',
  unit: 'lb/acre',
} as const;

/** A vegetable, lb/acre; where organic matter is high only what goes on before planting. */
function crop(N: number, before: number, own?: Acre): YearlyRates {
  const ladders = own ? { P2O5: own[0], K2O: own[1] } : {};
  return { ...vegetables, N, onRichSoil: before, ...ladders };
}

const LIGHT: Acre = [
  [80, 60, 0, 0],
  [80, 60, 0, 0],
];

/** Lean herbs: more nitrogen costs them their flavor. */
const leanHerb = crop(25, 1, [
  [40, 20, 0, 0],
  [40, 20, 0, 0],
]);
const coles = crop(150, 0.5);
const roots = crop(70, 0.6);
const vines = crop(80, 0.5);

/** Rates of vegetables and herbs, lb/acre; phosphate and potash by the pack's garden where none stand here. */
export const VEGETABLE_RATES: Readonly<Record<string, YearlyRates>> = {
  asparagus: { ...crop(75, 0.5), firstYearN: 75 },
  horseradish: crop(75, 0.67),
  rhubarb: { ...crop(90, 0.5), firstYearN: 45 },
  'snap-bean': crop(40, 0.5, LIGHT),
  // What goes on before planting; the printed rest is for plants that pale with pods on.
  'lima-bean': crop(30, 0.5, LIGHT),
  pea: crop(40, 0.5, LIGHT),
  radish: crop(50, 1, LIGHT),
  beet: crop(75, 0.67),
  carrot: crop(60, 0.5),
  parsnip: roots,
  'turnip-rutabaga': roots,
  broccoli: coles,
  'brussels-sprouts': coles,
  cauliflower: coles,
  cabbage: crop(125, 0.6),
  kohlrabi: crop(100, 0.6),
  'kale-collard': crop(110, 0.6),
  chard: crop(90, 0.56),
  lettuce: crop(75, 0.66),
  spinach: crop(100, 0.6),
  celery: crop(150, 0.5),
  leek: crop(100, 0.5),
  onion: crop(110, 0.35),
  garlic: crop(100, 0.3),
  'sweet-corn': crop(130, 0.39),
  cucumber: crop(75, 0.53),
  'summer-squash': crop(85, 0.53),
  muskmelon: crop(85, 0.53),
  watermelon: crop(90, 0.5),
  'pumpkin-squash': vines,
  'sweet-potato': crop(60, 0.5),
  tomato: crop(90, 0.45),
  pepper: crop(110, 0.45),
  eggplant: crop(100, 0.5),
  okra: crop(100, 0.5),
  potato: crop(140, 0.5),
  'mediterranean-herbs': leanHerb,
  rosemary: leanHerb,
  lavender: leanHerb,
  mint: crop(75, 1),
  chives: crop(75, 1),
  basil: crop(100, 0.5),
  'parsley-dill-cilantro': crop(75, 0.6),
};

const fruit = { source: 'fruit-programmes', standing: 'recalled', unit: 'lb/acre' } as const;
/** Fruit that stands is given phosphate and potash only where the test is short of them. */
const FRUIT_LADDERS = { P2O5: [60, 30, 0, 0], K2O: [80, 40, 0, 0] } as const;

const bushes = (N: YearlyRates['N'], firstYearN = 0): YearlyRates => ({
  ...fruit,
  N,
  firstYearN,
  ...FRUIT_LADDERS,
});

const tree = (N: number, lbByYear: readonly number[], most: number): YearlyRates => ({
  ...bushes(N, 20),
  perPlant: { lbByYear, perInch: { lb: 0.1, most } },
});

/** A tenth, or half a tenth, of a pound for each year in the ground up to a most. */
const yearly = (each: number, most: number): readonly number[] =>
  Array.from(
    { length: Math.round(most / each) },
    (_none, at) => Math.round((at + 1) * each * 100) / 100,
  );

/** Michigan E-2011 and NRAES-55, years 1 to 8: lb/acre of the whole field. */
const BLUEBERRY_YEARS = [10, 15, 22, 30, 38, 45, 55, 65] as const;
/** Home guides: ounces of ammonium sulfate a bush, one in the first year and one more each year to four; lb N. */
const BLUEBERRY_BUSH = [1, 2, 3, 4].map((ounces) => (ounces / 16) * 0.21);

const blueberry: YearlyRates = {
  ...bushes({ byYear: BLUEBERRY_YEARS }, 10),
  perPlant: { lbByYear: BLUEBERRY_BUSH },
};

/** Rates of fruit, lb/acre of its root zone or row. */
export const FRUIT_RATES: Readonly<Record<string, YearlyRates>> = {
  blueberry,
  'rabbiteye-blueberry': blueberry,
  cranberry: bushes(30, 10),
  lingonberry: bushes(22, 10),
  strawberry: { ...bushes(65, 60), P2O5: [100, 60, 0, 0], K2O: [150, 100, 0, 0] },
  raspberry: bushes({ byYear: [30, 45, 60] }, 30),
  blackberry: bushes({ byYear: [30, 45, 60] }, 30),
  'currant-gooseberry': bushes(50, 20),
  elderberry: bushes(70, 20),
  grape: bushes({ byYear: [10, 25, 45] }, 10),
  'wine-grape': bushes({ byYear: [10, 20, 15] }, 10),
  kiwi: bushes(50, 10),
  apple: tree(45, yearly(0.05, 0.5), 0.5),
  pear: tree(30, yearly(0.05, 0.3), 0.3),
  peach: tree(70, yearly(0.1, 0.8), 0.8),
  plum: tree(45, yearly(0.05, 0.5), 0.5),
  cherry: tree(45, yearly(0.05, 0.5), 0.5),
  apricot: tree(45, yearly(0.05, 0.5), 0.5),
  fig: bushes(45, 20),
  'pawpaw-persimmon': bushes(30, 20),
  citrus: { ...bushes(120, 60), perPlant: { lbByYear: [0.22, 0.45, 0.67, 0.9, 1.1] } },
  pecan: {
    ...bushes(60, 20),
    perPlant: { lbByYear: [0.27, 0.35, 0.44], perInch: { lb: 0.1, most: 2.5 } },
  },
  hazelnut: {
    ...bushes(60, 0),
    perPlant: { lbByYear: [0, 0, 0.25, 0.29, 0.33, 0.42, 0.5, 0.6, 0.7, 0.75, 0.75] },
  },
};

const ornamental = {
  source: 'ornamental-programmes',
  standing: 'recalled',
  unit: 'lb/1000ft2',
} as const;
const GROUND_LADDERS = { P2O5: [2, 1, 0, 0], K2O: [2, 1, 0, 0] } as const;

/** Shrubs and flowers, lb/1000 ft² of root zone; nothing in the year in which what is woody is planted. */
const shrub = (N: number): YearlyRates => ({
  ...ornamental,
  N: { low: 0, medium: N, high: 2 * N },
  ...GROUND_LADDERS,
  firstYearN: 0,
});
const flower = (N: number, firstYearN = N): YearlyRates => ({
  ...ornamental,
  N,
  ...GROUND_LADDERS,
  firstYearN,
});

/** A tree that grows well needs no nitrogen; where growth is wanted, two pounds, at least half of it slow (ANSI A300). */
export const TREE_RATES: YearlyRates = {
  ...ornamental,
  N: { low: 0, medium: 0, high: 2 },
  P2O5: [1, 0.5, 0, 0],
  K2O: [1, 0.5, 0, 0],
  firstYearN: 0,
};

/** Rates of shrubs and flowers, lb/1000 ft² of root zone. */
export const ORNAMENTAL_RATES: Readonly<Record<string, YearlyRates>> = {
  'trees-and-shrubs': shrub(1),
  'azalea-rhododendron': shrub(0.75),
  camellia: shrub(0.75),
  gardenia: shrub(0.75),
  holly: shrub(0.75),
  'mountain-laurel-pieris': shrub(0.75),
  heather: shrub(0.5),
  'hydrangea-blue': shrub(1.25),
  'hydrangea-pink': shrub(1.25),
  boxwood: shrub(1),
  lilac: shrub(1),
  forsythia: shrub(1),
  viburnum: shrub(1),
  rose: { ...shrub(2), N: { low: 1, medium: 2, high: 3 }, firstYearN: 0.5 },
  yew: shrub(1),
  juniper: shrub(1),
  clematis: shrub(1),
  'mixed-flowers': flower(1.5),
  peony: flower(0.75),
  hosta: flower(1),
  daylily: flower(0.75),
  'bearded-iris': flower(0.75),
  'japanese-iris': flower(1),
  chrysanthemum: flower(1.5),
  dahlia: flower(1.5),
  gladiolus: flower(1.5),
  lily: flower(1),
  'tulip-daffodil': flower(1),
  'marigold-zinnia': flower(1),
  petunia: flower(2),
  geranium: flower(1.5),
  'impatiens-begonia': flower(1),
};

const plot = (
  N: number,
  P: readonly [number, number],
  K: readonly [number, number],
): YearlyRates => ({
  source: 'food-plots',
  standing: 'recalled',
  unit: 'lb/acre',
  N,
  P2O5: [...P, 0, 0],
  K2O: [...K, 0, 0],
  firstYearN: N,
});

const clover = plot(0, [80, 40], [100, 60]);
const cereal = plot(70, [60, 30], [60, 30]);

/** Rates of food plots, lb/acre; legumes make their own nitrogen. */
export const PLOT_RATES: Readonly<Record<string, YearlyRates>> = {
  'food-plot': plot(30, [60, 30], [80, 40]),
  alfalfa: plot(0, [120, 60], [200, 100]),
  'white-clover': clover,
  'red-clover': plot(0, [80, 40], [120, 60]),
  'crimson-clover': plot(0, [60, 30], [80, 40]),
  'alsike-clover': plot(0, [60, 30], [80, 40]),
  'sweet-clover': plot(0, [60, 30], [80, 40]),
  'birdsfoot-trefoil': plot(0, [60, 30], [80, 40]),
  vetch: plot(0, [60, 30], [80, 40]),
  chicory: plot(75, [60, 30], [80, 40]),
  'forage-brassica': plot(80, [80, 40], [80, 40]),
  oats: plot(50, [60, 30], [60, 30]),
  barley: plot(50, [60, 30], [60, 30]),
  'winter-rye': cereal,
  'wheat-triticale': cereal,
  corn: plot(120, [80, 35], [90, 40]),
  'sorghum-millet': plot(60, [50, 25], [50, 25]),
  soybean: plot(0, [60, 30], [90, 40]),
  'cowpea-lablab': plot(0, [60, 30], [80, 40]),
  buckwheat: plot(20, [30, 15], [30, 15]),
  sunflower: plot(70, [40, 20], [40, 20]),
  'orchardgrass-timothy': plot(85, [60, 30], [80, 40]),
};
