import {
  at,
  onDay,
  planted,
  withAll,
  type Moment,
  type Programme,
  type StageId,
} from './programme';

const base = { source: 'food-plots', standing: 'recalled' } as const;

type Beside = readonly [stage: StageId, days: number, N: number];

/** What is sown in its window, and what goes over it so many days later. */
function sown(id: string, spring: Moment, first: number, ...later: readonly Beside[]): Programme {
  return {
    id,
    ...base,
    planting: { spring },
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

/** Grain that is sown in late summer and greens up in spring. */
function grain(id: string): Programme {
  const { events, ...rest } = sown(id, onDay('09-05'), 0.5);
  const spring = { stage: 'springGrowth', from: at('green-up', 0), to: at('green-up', 3) } as const;
  return { ...rest, events: [...events, { ...spring, N: 0.5 }] };
}

/** Weeks of sowing: perennial legumes before the last frost, or a frost date of autumn away. */
const EARLY = at('last-frost', -5);
const WARM = at('last-frost', 2);

function legume(id: string): Programme {
  return {
    ...sown(id, EARLY, 1),
    planting: { spring: EARLY, until: at('last-frost', 2), autumn: at('first-frost', -6) },
  };
}
const summerSown = sown('summer-plot', WARM, 1);

/** A stand of legumes: phosphate and potash as growth begins, never nitrogen. */
const standing: Programme = {
  id: 'standing-legumes',
  ...base,
  events: [
    { stage: 'springGrowth', from: at('green-up', 0), to: at('green-up', 4), ...withAll(1) },
  ],
};
const forageGrass: Programme = {
  id: 'forage-grass',
  ...base,
  events: [
    { stage: 'springGrowth', from: at('green-up', 1), to: at('green-up', 4), ...withAll(0.55) },
    { stage: 'earlyAutumn', from: onDay('08-15'), to: onDay('09-15'), N: 0.45 },
  ],
};
const chicory: Programme = {
  id: 'standing-chicory',
  ...base,
  events: [
    { stage: 'springGrowth', from: at('green-up', 1), to: at('green-up', 4), ...withAll(0.5) },
    { stage: 'earlyAutumn', from: onDay('08-15'), to: onDay('09-10'), N: 0.5 },
  ],
};

/** Plots that are sown anew each time, and stands of those that last. */
export const PLOTS: Readonly<Record<string, Programme>> = {
  'food-plot': sown('mixed-plot', at('last-frost', 0), 0.5, ['halfGrown', 35, 0.5]),
  alfalfa: standing,
  'white-clover': standing,
  'red-clover': standing,
  'crimson-clover': sown('crimson-clover', at('first-frost', -8), 1),
  'alsike-clover': standing,
  'sweet-clover': standing,
  'birdsfoot-trefoil': standing,
  vetch: sown('vetch', at('first-frost', -7), 1),
  chicory,
  'forage-brassica': sown('forage-brassica', at('first-frost', -10), 0.5, ['fourWeeks', 28, 0.5]),
  oats: sown('oats', at('first-frost', -7), 1),
  barley: sown('barley', at('first-frost', -6), 1),
  'winter-rye': grain('winter-rye'),
  'wheat-triticale': grain('wheat-triticale'),
  corn: {
    ...sown('corn', at('last-frost', 0), 0.25, ['kneeHigh', 37, 0.75]),
    twice: sown('corn', at('last-frost', 0), 0.25, ['kneeHigh', 37, 0.45], ['tasseling', 56, 0.3])
      .events,
  },
  'sorghum-millet': summerSown,
  soybean: summerSown,
  'cowpea-lablab': summerSown,
  buckwheat: summerSown,
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
  chicory: sown('chicory', at('last-frost', 0), 0.2, ['sixWeeks', 42, 0.8]),
  'orchardgrass-timothy': sown('grass-plot', onDay('08-20'), 0.4, ['sixWeeks', 42, 0.6]),
};
