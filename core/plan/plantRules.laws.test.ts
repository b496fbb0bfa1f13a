/**
 * A printed rule is a kept rule: every rule of a plant that says when, how much or with what is held against the plans of
 * every plant that has it, in its forms of growing, over climates and days of asking. Frosts are taken from the cards, days
 * counted here.
 */
import { CLIMATE_CARDS, type ClimateCard } from '../catalog/climate/card';
import type { NamesIn } from '../kernel/messages/msg';
import { PLANTS, type Plant } from '../catalog/plants/plants';
import { formsOf, type Form } from '../catalog/programmes/growing';
import type { AreaPlan } from '../area/areaPlan';
import type { FertilizerProduct } from '../treat/fertilizer/types';
import type { Application } from '../treat/shared/treated';
import { lawnCase, type LawnInput } from '../../test/cases';
import { planCase } from './plan';

const DAY = 86_400_000;
const STARTS = Array.from({ length: 13 }, (_none, turn) =>
  new Date(Date.UTC(2027, 0, 6) + turn * 28 * DAY).toISOString().slice(0, 10),
);

interface Planned {
  readonly area: AreaPlan;
  readonly plant: Plant;
  readonly card: ClimateCard;
  readonly form: Form;
  /** Every application of what brings nitrogen, by every way there is. */
  readonly fed: readonly (Application & { readonly material: FertilizerProduct['material'] })[];
  readonly products: readonly FertilizerProduct['material'][];
}

function planned(
  plant: Plant,
  form: Form,
  card: ClimateCard,
  planFrom: string,
  more: LawnInput,
): Planned {
  const file = lawnCase({
    ...{ ph: '6.4', om: '3', cec: '12', p: { text: '12' }, k: { text: '60' } },
    ...{ plant: plant.id, growing: { form }, planFrom, situation: 'tilled' },
    ...more,
  });
  const [area] = planCase({ ...file, climate: { ...file.climate, card: card.id } }).areas;
  if (!area) throw new Error('no ground');
  const parts = area.treatments.fertilizer.options.flatMap((option) => option.parts);
  return {
    ...{ area, plant, card, form },
    products: parts.map(({ material }) => material),
    fed: parts
      .filter(({ material }) => material.grade.N > 0)
      .flatMap(({ material, applications }) => applications.map((each) => ({ ...each, material }))),
  };
}

const WORKED_IN = new Set(['beforePlanting', 'atSowing', 'underSod']);
const dayOf = (date: string): number =>
  (Date.UTC(2027, Number(date.slice(5, 7)) - 1, Number(date.slice(8, 10))) - Date.UTC(2027, 0, 1)) /
  DAY;
const frost = ({ frost: of }: ClimateCard, which: 'last' | 'first'): number =>
  of ? dayOf(`2027-${of[which].mean}`) : which === 'last' ? dayOf('2027-01-28') : 400;
const since = ({ origin, date }: Application): number =>
  origin?.kind === 'planted' ? (Date.parse(date) - Date.parse(origin.on)) / DAY : Infinity;

/** What of a plan breaks a rule: nothing where it is kept. */
interface Law {
  readonly with?: LawnInput;
  readonly forms?: readonly Form[];
  readonly broken: (plan: Planned) => readonly string[];
}

const keys = (fed: Planned['fed'], isBroken: (each: Planned['fed'][number]) => boolean): string[] =>
  fed.filter(isBroken).map(({ key, date, material }) => `${key} ${material.id} on ${date}`);

/** What a rule means for a plan; nothing where it is a word to the client. */
const MEANING: Readonly<Record<NamesIn<'plantRule'>, Law | undefined>> = {
  'acid-lover': {
    broken: ({ area, fed }) => {
      const part = area.treatments.fertilizer.options[0].parts.find(({ role }) => role === 'n');
      return part && fed.length > 0 && (part.material.also.S ?? 0) === 0 ? [part.material.id] : [];
    },
  },
  'bulb-autumn': {
    broken: ({ card, fed }) =>
      keys(fed, (each) => {
        const day = dayOf(each.date);
        return (
          !WORKED_IN.has(each.stage ?? '') &&
          day > frost(card, 'last') + 60 &&
          day < frost(card, 'first') - 60
        );
      }),
  },
  'no-chloride': {
    broken: ({ products }) => products.filter(({ also }) => (also.Cl ?? 0) > 0).map(({ id }) => id),
  },
  'no-nitrate': {
    broken: ({ products }) => products.filter(({ nitrate }) => nitrate).map(({ id }) => id),
  },
  legume: {
    broken: ({ area: { treatments } }) => {
      const { N } = treatments.fertilizer.needs.need;
      return 'absent' in N || N.value.value <= 1 ? [] : [`${N.value.value} lb N`];
    },
  },
  'fruit-set': {
    broken: ({ fed }) => keys(fed, (each) => !WORKED_IN.has(each.stage ?? '') && since(each) < 21),
  },
  'no-first-weeks': {
    forms: ['plant'],
    broken: ({ fed }) => keys(fed, (each) => since(each) >= 0 && since(each) < 28),
  },
  'onion-feeding': {
    broken: ({ area }) => {
      const part = area.treatments.fertilizer.options[0].parts.find(({ role }) => role === 'n');
      return part && (part.material.also.S ?? 0) === 0 ? [part.material.id] : [];
    },
  },
  'rose-late': {
    broken: ({ card, fed }) => keys(fed, ({ date }) => dayOf(date) > frost(card, 'first') - 42 + 7),
  },
  'strawberry-timing': {
    forms: ['established'],
    broken: ({ card, fed }) =>
      keys(fed, ({ date }) => dayOf(date) > 0 && dayOf(date) < frost(card, 'last') + 42),
  },
  'warm-grass': {
    forms: ['established'],
    broken: ({ card, fed }) =>
      keys(fed, ({ date }) => {
        const day = dayOf(date);
        return day < frost(card, 'last') || day > frost(card, 'first') - 42;
      }),
  },
  'corn-side-dress': {
    broken: ({ area }) => {
      const beside = area.treatments.fertilizer.options[0].parts
        .filter(({ role }) => role === 'n')
        .flatMap(({ applications }) =>
          applications.filter(({ stage }) => !WORKED_IN.has(stage ?? '')),
        );
      return beside.length > 2 ? beside.map(({ key }) => key) : [];
    },
  },
  'mix-no-lime': {
    with: {
      shape: { kind: 'round-containers', number: '3', diameter: '12 in', depth: '10 in' },
      ph: '5.0',
    },
    broken: ({ area }) => (area.treatments.lime.isDosed ? ['lime'] : []),
  },
  'no-ash': {
    with: { ph: '4.8', buffer: '6.2' },
    broken: ({ area }) =>
      area.treatments.lime.products
        .filter(({ material }) => material.id === 'wood-ash')
        .map(({ material }) => material.id),
  },
  clippings: {
    broken: ({ area, plant, card, form }) => {
      const N = (clippings: 'returned' | 'removed'): number => {
        const { need } = planned(plant, form, card, area.planFrom ?? '', { clippings }).area
          .treatments.fertilizer.needs;
        return 'absent' in need.N ? 0 : need.N.value.value;
      };
      return N('returned') > N('removed') ? ['more with clippings'] : [];
    },
  },
  'alfalfa-boron': undefined,
  'asparagus-bed': undefined,
  'blossom-end': undefined,
  'blue-aluminum': undefined,
  'boron-seed': undefined,
  'boron-sensitive': undefined,
  'bulb-late': undefined,
  clubroot: undefined,
  drainage: undefined,
  'even-water': undefined,
  'fire-blight': undefined,
  'fresh-manure-forks': undefined,
  iron: undefined,
  'iron-excess': undefined,
  lean: undefined,
  'manganese-high-ph': undefined,
  'mixed-plot': undefined,
  molybdenum: undefined,
  peat: undefined,
  'pink-aluminum': undefined,
  scab: undefined,
  'shallow-lean': undefined,
  'soil-rot': undefined,
  thatch: undefined,
  'tree-growth': undefined,
  'vine-growth': undefined,
  'zinc-high-ph': undefined,
};

const HELD = Object.entries(MEANING).flatMap(([rule, law]) => (law ? [[rule, law] as const] : []));

test.each(HELD)('%s is kept', (rule, law) => {
  const bound = Object.entries(PLANTS).filter(([, { rules }]) =>
    (rules as readonly string[]).includes(rule),
  );
  expect(bound.length).toBeGreaterThan(0);
  bound.forEach(([, plant], at) => {
    const forms = law.forms ?? formsOf(plant);
    const card = (turn: number): ClimateCard => {
      const found = CLIMATE_CARDS[(at * 5 + turn) % CLIMATE_CARDS.length];
      if (!found) throw new Error('no card');
      return found;
    };
    forms.forEach((form, turn) =>
      STARTS.forEach((start, day) => {
        const here = card(turn + day);
        const broken = law.broken(planned(plant, form, here, start, law.with ?? {}));
        expect([plant.id, form, here.id, start, broken]).toEqual([
          plant.id,
          form,
          here.id,
          start,
          [],
        ]);
      }),
    );
  });
});
