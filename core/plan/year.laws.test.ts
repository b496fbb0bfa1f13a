/**
 * A printed rule is a kept rule: over all climates and days of asking nothing of a plan lies where the rule of its plant
 * forbids it. The temperatures and frosts are worked out here anew, by the day and by nothing of the core.
 */
import { CLIMATE_CARDS, type ClimateCard } from '../catalog/climate/card';
import { PLANTS } from '../catalog/plants/plants';
import type { Application } from '../treat/shared/treated';
import { lawnCase, type LawnInput } from '../../test/cases';
import { planCase } from './plan';

const DAY = 86_400_000;
const STARTS = Array.from({ length: 26 }, (_none, turn) =>
  new Date(Date.UTC(2027, 0, 4) + turn * 14 * DAY).toISOString().slice(0, 10),
);

const dayOf = (date: string): number =>
  (Date.UTC(2027, Number(date.slice(5, 7)) - 1, Number(date.slice(8, 10))) - Date.UTC(2027, 0, 1)) /
  DAY;

/** Mean air on a day: from the middle of one month to that of the next in a straight line. */
function airOn({ air }: ClimateCard, date: string): number {
  const month = Number(date.slice(5, 7)) - 1;
  const length = new Date(Date.UTC(2027, month + 1, 0)).getUTCDate();
  const into = (Number(date.slice(8, 10)) - 0.5) / length - 0.5;
  const other = (month + (into < 0 ? 11 : 1)) % 12;
  const [mine = NaN, theirs = NaN] = [air[month], air[other]];
  return mine + Math.abs(into) * (theirs - mine);
}

interface Fed extends Application {
  readonly nitrogen: boolean;
}

/** What is put on of fertilizer in a climate, asked on a day. */
function fed(card: ClimateCard, planFrom: string, input: LawnInput): Fed[] {
  const file = lawnCase({ ph: '6.5', om: '3', cec: '12', ...input, planFrom });
  const [area] = planCase({ ...file, climate: { ...file.climate, card: card.id } }).areas;
  const parts = area?.treatments.fertilizer.chosen.parts ?? [];
  return parts.flatMap(({ material, applications }) =>
    applications.map((each) => ({ ...each, nitrogen: material.grade.N > 0 })),
  );
}

/** Every application of a plant's year that breaks a rule, by climate and day of asking. */
function broken(
  input: LawnInput,
  cards: readonly ClimateCard[],
  forbids: (card: ClimateCard, each: Fed) => boolean,
): string[] {
  return cards.flatMap((card) =>
    STARTS.flatMap((start) =>
      fed(card, start, input)
        .filter((each) => forbids(card, each))
        .map(({ date, key }) => `${card.id}, asked ${start}: ${key} on ${date}`),
    ),
  );
}

const FROSTY = CLIMATE_CARDS.filter(({ frost }) => frost);
const COOL = FROSTY.filter(({ air }) => Math.min(...air) < 44);
const SLACK = 7;

test.each(['kentucky-bluegrass', 'tall-fescue', 'fine-fescue', 'perennial-ryegrass'])(
  'no nitrogen on %s in heat, nor where the ground is frozen',
  (plant) => {
    const input: LawnInput = { plant, clippings: 'removed' };
    const inHeat = (card: ClimateCard, { date, nitrogen }: Fed): boolean =>
      nitrogen && (airOn(card, date) > 74.5 || airOn(card, date) < 31);
    expect(broken(input, COOL, inHeat)).toEqual([]);
  },
);

test.each(['bermudagrass', 'zoysiagrass', 'st-augustinegrass', 'bahiagrass'])(
  'no nitrogen on %s before the last frost, nor in the seven weeks before the first',
  (plant) => {
    const outside = ({ frost }: ClimateCard, { date, nitrogen }: Fed): boolean => {
      if (!nitrogen || !frost) return false;
      const day = dayOf(date);
      const last = dayOf(`2027-${frost.first.mean}`) - 56 + SLACK;
      return day < dayOf(`2027-${frost.last.mean}`) || day > last;
    };
    expect(broken({ plant }, FROSTY, outside)).toEqual([]);
  },
);

test('June strawberries are given nothing between the new year and the harvest', () => {
  const early = ({ frost }: ClimateCard, { date, nitrogen }: Fed): boolean => {
    if (!nitrogen || !frost) return false;
    return dayOf(date) < dayOf(`2027-${frost.last.mean}`) + 50 && dayOf(date) > 0;
  };
  const input: LawnInput = { plant: 'strawberry', p: { text: '30' }, k: { text: '120' } };
  expect(broken(input, FROSTY, early)).toEqual([]);
});

test('blueberries and roses: nothing late', () => {
  const after =
    (month: number, day: number) =>
    (_card: ClimateCard, { date, nitrogen }: Fed) =>
      nitrogen && (Number(date.slice(5, 7)) - month || Number(date.slice(8, 10)) - day) > 0;
  const north = FROSTY.filter(({ frost }) => (frost?.last.mean ?? '') >= '04-01');
  expect(broken({ plant: 'blueberry', ph: '5.0' }, north, after(7, 10))).toEqual([]);
  const rosy = (card: ClimateCard, each: Fed): boolean =>
    each.nitrogen &&
    dayOf(each.date) > dayOf(`2027-${card.frost?.first.mean ?? '12-31'}`) - 42 + SLACK;
  expect(broken({ plant: 'rose' }, north, rosy)).toEqual([]);
});

test('every plant, in every climate, on any day: days in order, none before the plan, doses that sum', () => {
  Object.keys(PLANTS).forEach((plant, at) => {
    const card = CLIMATE_CARDS[at % CLIMATE_CARDS.length];
    if (!card) throw new Error('no card');
    for (const start of STARTS.filter((_start, turn) => turn % 5 === at % 5)) {
      const file = lawnCase({
        ...{ ph: '6.4', om: '3', cec: '12', p: { text: '12' }, k: { text: '80' } },
        plant,
        planFrom: start,
      });
      const [area] = planCase({ ...file, climate: { ...file.climate, card: card.id } }).areas;
      for (const { applications, set } of area?.treatments.fertilizer.chosen.parts ?? []) {
        const dates = applications.map(({ date }) => date);
        expect(dates).toEqual([...dates].sort());
        expect(dates.every((date) => date >= start)).toBe(true);
        if (set.doses.length === 0 || 'absent' in set.total) continue;
        const sum = set.doses.reduce(
          (all, { amount }) => all + ('absent' in amount ? NaN : amount.value.value),
          0,
        );
        expect(sum).toBeCloseTo(set.total.value.value, 6);
      }
    }
  });
});
