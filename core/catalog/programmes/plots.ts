import { at, onDay, planted, withAll, type Programme, type StageId } from './programme';

const base = { source: 'food-plots', standing: 'recalled' } as const;

type Planting = NonNullable<Programme['planting']>;
type Beside = readonly [stage: StageId, days: number, N: number];

/** Sown from so many to so many weeks after a frost. */
function frosts(anchor: 'last-frost' | 'first-frost', from: number, until: number) {
  return { from: at(anchor, from), until: at(anchor, until) } as const;
}

/** What is sown in its window, and what goes over it so many days later. */
function sown(
  id: string,
  planting: Planting,
  first: number,
  ...later: readonly Beside[]
): Programme {
  return {
    id,
    ...base,
    planting,
    events: [
      { stage: 'atSowing', from: planted(-7), to: planted(7), ...withAll(first) },
      ...later.map(([stage, days, N]) => ({
        stage,
        from: planted(days),
        to: planted(days + 10),
        N,
      })),
    ],
  };
}

/** Grain that is sown around the first frost and greens up in spring. */
function grain(id: string): Programme {
  const { events, ...rest } = sown(id, frosts('first-frost', -5, 1), 0.5);
  const spring = { stage: 'springGrowth', from: at('growth', 0), to: at('growth', 3) } as const;
  return { ...rest, events: [...events, { ...spring, N: 0.5 }] };
}

/** What lasts is sown before the last frost, or late in summer. */
const LASTING = {
  ...frosts('last-frost', -5, 2),
  autumn: { from: at('first-frost', -10), to: at('first-frost', -6) },
} as const;
const legume = (id: string): Programme => sown(id, LASTING, 1);
const BUCKWHEAT = { from: at('last-frost', 1), until: at('first-frost', -10) } as const;
const summerSown = sown('summer-plot', frosts('last-frost', 2, 8), 1);

/** A stand of legumes: phosphate and potash as growth begins, never nitrogen. */
const standing: Programme = {
  id: 'standing-legumes',
  ...base,
  events: [{ stage: 'springGrowth', from: at('growth', 0), to: at('growth', 4), ...withAll(1) }],
};
const forageGrass: Programme = {
  id: 'forage-grass',
  ...base,
  events: [
    { stage: 'springGrowth', from: at('growth', 1), to: at('growth', 4), ...withAll(0.55) },
    { stage: 'earlyAutumn', from: onDay('08-15'), to: onDay('09-15'), N: 0.45 },
  ],
};
const chicory: Programme = {
  id: 'standing-chicory',
  ...base,
  events: [
    { stage: 'springGrowth', from: at('growth', 1), to: at('growth', 4), ...withAll(0.5) },
    { stage: 'earlyAutumn', from: onDay('08-15'), to: onDay('09-10'), N: 0.5 },
  ],
};

/** Plots that are sown anew each time, and stands of those that last. */
export const PLOTS: Readonly<Record<string, Programme>> = {
  'food-plot': sown('mixed-plot', frosts('last-frost', 0, 8), 0.5, ['halfGrown', 35, 0.5]),
  alfalfa: standing,
  'white-clover': standing,
  'red-clover': standing,
  'crimson-clover': sown('crimson-clover', frosts('first-frost', -8, -4), 1),
  'alsike-clover': standing,
  'sweet-clover': standing,
  'birdsfoot-trefoil': standing,
  vetch: sown('vetch', frosts('first-frost', -7, -3), 1),
  chicory,
  'forage-brassica': sown('forage-brassica', frosts('first-frost', -12, -8), 0.5, [
    'fourWeeks',
    28,
    0.5,
  ]),
  oats: sown('oats', frosts('first-frost', -9, -5), 1),
  barley: sown('barley', frosts('first-frost', -9, -5), 1),
  'winter-rye': grain('winter-rye'),
  'wheat-triticale': grain('wheat-triticale'),
  corn: {
    ...sown('corn', frosts('last-frost', -1, 3), 0.25, ['kneeHigh', 37, 0.75]),
    twice: sown(
      'corn',
      frosts('last-frost', -1, 3),
      0.25,
      ['kneeHigh', 37, 0.45],
      ['tasseling', 56, 0.3],
    ).events,
  },
  'sorghum-millet': summerSown,
  soybean: summerSown,
  'cowpea-lablab': summerSown,
  buckwheat: sown('buckwheat', BUCKWHEAT, 1),
  sunflower: summerSown,
  'orchardgrass-timothy': forageGrass,
};

/** The sowing of plots that last. */
export const SOWN_PLOTS: Readonly<Record<string, Programme>> = {
  alfalfa: legume('alfalfa'),
  'white-clover': legume('white-clover'),
  'red-clover': legume('red-clover'),
  'alsike-clover': legume('alsike-clover'),
  'sweet-clover': legume('sweet-clover'),
  'birdsfoot-trefoil': legume('birdsfoot-trefoil'),
  chicory: sown('chicory', LASTING, 0.2, ['sixWeeks', 42, 0.8]),
  'orchardgrass-timothy': sown('grass-plot', frosts('first-frost', -8, -4), 0.4, [
    'sixWeeks',
    42,
    0.6,
  ]),
};
