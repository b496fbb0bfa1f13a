/**
 * A printed rule is a kept rule: over all climates and days of asking nothing of a plan lies where the rule of its plant
 * forbids it. The temperatures and frosts are worked out here anew, by the day and by nothing of the core.
 */
import { CLIMATE_CARDS, type ClimateCard } from '../catalog/climate/card';
import { PLANTS } from '../catalog/plants/plants';
import type { Application } from '../treat/shared/treated';
import { treatmentsIn } from '../treat/treatments';
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

const FORMS_OF_COOL = ['sod', 'overseed', 'renovation', 'seed'] as const;

test.each(FORMS_OF_COOL)(
  'a cool lawn by %s: no nitrogen on top in heat or on frozen ground',
  (form) => {
    const input: LawnInput = { plant: 'tall-fescue', growing: { form } };
    const harmed = (card: ClimateCard, { date, nitrogen, stage }: Fed): boolean =>
      nitrogen &&
      stage !== 'atSowing' &&
      stage !== 'underSod' &&
      (airOn(card, date) > 74.5 || airOn(card, date) < 31);
    expect(broken(input, COOL, harmed)).toEqual([]);
  },
);

test.each(['low', 'medium', 'high'] as const)(
  'warm lawns kept at a %s level: none before the last frost, none late',
  (level) => {
    const outside = ({ frost }: ClimateCard, { date, nitrogen }: Fed): boolean => {
      if (!nitrogen || !frost) return false;
      const last = dayOf(`2027-${frost.first.mean}`) - 56 + SLACK;
      return dayOf(date) < dayOf(`2027-${frost.last.mean}`) || dayOf(date) > last;
    };
    for (const plant of ['bermudagrass', 'zoysiagrass', 'centipedegrass']) {
      expect(broken({ plant, growing: { level } }, FROSTY, outside)).toEqual([]);
    }
  },
);

test.each(['seed', 'sod', 'sprigs', 'overseed', 'renovation'] as const)(
  'a warm lawn by %s, on whatever day it is planted: no nitrogen late',
  (form) => {
    const plantedOn = (start: string): string =>
      new Date(Date.parse(start) + 10 * DAY).toISOString().slice(0, 10);
    for (const plant of ['bermudagrass', 'zoysiagrass', 'centipedegrass']) {
      for (const card of FROSTY) {
        for (const start of STARTS) {
          const { frost } = card;
          if (!frost) continue;
          const day = plantedOn(start);
          const late = fed(card, start, { plant, growing: { form }, plantedOn: day }).filter(
            ({ date, nitrogen }) =>
              nitrogen && dayOf(date) > dayOf(`2027-${frost.first.mean}`) - 49 + SLACK,
          );
          expect([plant, card.id, day, late.map(({ date }) => date)]).toEqual([
            ...[plant, card.id, day],
            [],
          ]);
        }
      }
    }
  },
);

test('in every climate what is to be given nitrogen has a day for it within the year', () => {
  const undated = CLIMATE_CARDS.flatMap((card) =>
    Object.keys(PLANTS)
      .filter((plant) => {
        const file = lawnCase({ plant, planFrom: '2027-01-10', ph: '6.0', om: '2', cec: '9' });
        const [area] = planCase({ ...file, climate: { ...file.climate, card: card.id } }).areas;
        const { isDosed, needs, products } = area?.treatments.fertilizer ?? {};
        const need = needs?.rows.N.need;
        const isNeeded = isDosed && need && !('absent' in need) && need.value.value > 0;
        const days = products?.flatMap(({ applications }) => applications) ?? [];
        return isNeeded && days.length === 0;
      })
      .map((plant) => `${card.id}: ${plant}`),
  );
  expect(undated).toEqual([]);
});

test('lime that is worked in comes before what is planted; neither it nor sulfur goes on frozen ground', () => {
  const plants = ['spinach', 'mixed-vegetables', 'tomato', 'onion', 'alfalfa', 'petunia'];
  const wrong = CLIMATE_CARDS.flatMap((card) =>
    STARTS.flatMap((planFrom) =>
      [...plants, 'blueberry'].flatMap((plant) => {
        const isAcid = plant === 'blueberry';
        const soil = isAcid ? { ph: '6.2' } : { ph: '5.2', buffer: '6.3' };
        const file = lawnCase({
          ...{ plant, planFrom, ...soil, situation: 'tilled', om: '3', cec: '10' },
          ...{ texture: 'loam', decisions: { fizz: 'no' } },
        });
        const [area] = planCase({ ...file, climate: { ...file.climate, card: card.id } }).areas;
        if (!area) return ['no ground'];
        const { lime, sulfur, fertilizer } = area.treatments;
        const spread = [...lime.applications, ...(sulfur?.applications ?? [])];
        const planted = fertilizer.products
          .flatMap(({ applications }) => applications)
          .filter(({ stage }) => stage === 'beforePlanting' || stage === 'atSowing')
          .map(({ date }) => date)
          .sort()[0];
        return spread
          .filter(({ date, state }) => state === 'firm' && airOn(card, date) < 31)
          .concat(
            lime.applications.filter(
              ({ date, state }) => state === 'firm' && planted && date > planted,
            ),
          )
          .map(({ key, date }) => `${card.id}, asked ${planFrom}: ${plant} ${key} on ${date}`);
      }),
    ),
  );
  expect(wrong).toEqual([]);
});

/** The fertilizer of a lawn under rules, by date: pounds of nitrogen and phosphate for 1000 ft². */
function ruled(card: ClimateCard, planFrom: string, rules: NonNullable<LawnInput['rules']>) {
  const file = lawnCase({
    ...{ ph: '6.5', om: '3', cec: '12', p: { text: '8' }, k: { text: '60' }, squareFeet: '1000' },
    ...{ clippings: 'removed', rules, planFrom },
  });
  const plan = planCase({ ...file, climate: { ...file.climate, card: card.id } });
  const parts = plan.areas[0]?.treatments.fertilizer.chosen.parts ?? [];
  const fedOn = parts.flatMap(({ material, applications }) =>
    applications.map(({ date, amount }) => {
      const lb = 'absent' in amount.printed ? 0 : amount.printed.value.value;
      const { grade, firstSeasonN, release } = material;
      return {
        date,
        N: (lb * grade.N * firstSeasonN) / 100,
        P2O5: (lb * grade.P2O5) / 100,
        release,
      };
    }),
  );
  return { fedOn, names: plan.findings.map(({ name }) => name) };
}

test('a plan keeps the local rules: dates, doses, the year, slow nitrogen, phosphate', () => {
  const dose = { total: '0.9', soluble: '0.7' };
  const rules = {
    'winter-stop': { from: '11-15', to: '03-31' },
    'summer-stop': { from: '06-01', to: '09-10' },
    'n-dose': dose,
    'n-year': { year: '1.5' },
    'p-by-test': {},
  };
  for (const card of COOL) {
    for (const start of STARTS) {
      const { fedOn } = ruled(card, start, rules);
      const shut = fedOn.filter(({ date, N, P2O5 }) => {
        const day = date.slice(5);
        return (
          N + P2O5 > 0 && (day >= '11-15' || day <= '03-31' || (day >= '06-01' && day <= '09-10'))
        );
      });
      expect(shut).toEqual([]);
      // By hand never over a limit: half ounces round to the nearest under it.
      expect(fedOn.every(({ N }) => N <= 0.7 + 0.02)).toBe(true);
      expect(fedOn.reduce((all, { N }) => all + N, 0)).toBeLessThanOrEqual(1.5 + 0.05);
      // The report has no date, so that nothing shows phosphorus to be low within the time.
      expect(fedOn.every(({ P2O5 }) => P2O5 === 0)).toBe(true);
    }
  }
});

test('a share of slow nitrogen leaves slow products only; a rule that forbids every day leaves nothing, and says so', () => {
  const [card] = COOL;
  if (!card) throw new Error('no card');
  const slow = ruled(card, '2027-09-01', { 'slow-share': { slow: '20' } });
  expect(slow.fedOn.length).toBeGreaterThan(0);
  expect(slow.fedOn.filter(({ N }) => N > 0).every(({ release }) => release === 'slow')).toBe(true);
  const never = ruled(card, '2027-09-01', { 'winter-stop': { from: '01-01', to: '12-31' } });
  expect(never.fedOn.filter(({ N, P2O5 }) => N + P2O5 > 0)).toEqual([]);
  expect(never.names).toContain('notPlaced');
});

const NEW_LAWNS = ['seed', 'sod', 'overseed', 'renovation'] as const;

test.each(NEW_LAWNS)(
  'a lawn by %s: the work follows on itself, never on frozen ground; what is worked in comes before the sowing',
  (form) => {
    const ORDER = ['kill', 'core', 'sow', 'sod', 'overseed', 'mow', 'weedKillers'];
    for (const card of COOL) {
      for (const start of STARTS) {
        const file = lawnCase({
          ...{ ph: '5.6', smp: '6.4', om: '3', cec: '12', p: { text: '8' }, k: { text: '60' } },
          ...{ plant: 'tall-fescue', growing: { form }, planFrom: start },
        });
        const [area] = planCase({ ...file, climate: { ...file.climate, card: card.id } }).areas;
        if (!area) throw new Error('no ground');
        const { works, treatments } = area;
        const days = works.map(({ work, date }) => [ORDER.indexOf(work), date] as const);
        const inOrder = [...days].sort((a, b) => a[0] - b[0]).map(([, date]) => date);
        expect([card.id, start, inOrder]).toEqual([card.id, start, [...inOrder].sort()]);
        expect(works.filter(({ date }) => airOn(card, date) < 31)).toEqual([]);
        const laid = works.find(({ isPlanting }) => isPlanting)?.date;
        if (!laid) continue;
        const starters = treatmentsIn(treatments).flatMap(({ products }) =>
          products.flatMap(({ applications }) =>
            applications.filter(({ stage }) => stage === 'atSowing' || stage === 'underSod'),
          ),
        );
        const late = starters
          .filter(({ date }) => date > laid)
          .map(({ key, date }) => `${key} on ${date}`);
        expect([card.id, start, laid, late]).toEqual([card.id, start, laid, []]);
      }
    }
  },
);

test('a harvest, a last cutting and a renovation have their days in every climate with frost', () => {
  for (const plant of ['asparagus', 'strawberry', 'blueberry', 'garlic']) {
    for (const card of FROSTY) {
      const file = lawnCase({ ph: '6.4', plant, planFrom: '2027-03-01' });
      const [area] = planCase({ ...file, climate: { ...file.climate, card: card.id } }).areas;
      const work = area?.works.filter(({ isPlanting }) => !isPlanting) ?? [];
      expect([plant, card.id, work.length]).toEqual([plant, card.id, 1]);
    }
  }
});

test('where all nitrogen of a year is to come slowly it does; slow nitrogen never goes on once growth has stopped', () => {
  for (const plant of ['zoysiagrass', 'fine-fescue', 'tall-fescue']) {
    for (const chosen of [undefined, 'sulfur-coated-urea-37-0-0', 'urea-46-0-0']) {
      const decisions = chosen ? { 'feed-n': chosen } : {};
      const of = { plant, growing: { level: 'high' }, planFrom: '2027-03-01' } as const;
      const [area] = planCase(lawnCase({ ph: '6.5', ...of, decisions })).areas;
      const parts =
        area?.treatments.fertilizer.chosen.parts.filter(({ role }) => role === 'n') ?? [];
      const [part] = parts;
      if (!part) throw new Error('nothing is fed');
      const { material, applications } = part;
      const usual = plant === 'tall-fescue' ? 'urea-46-0-0' : 'sulfur-coated-urea-37-0-0';
      expect(material.id).toBe(chosen ?? usual);
      const late = applications.filter(({ stage }) => stage === 'lateAutumn');
      expect([plant, chosen, late.length > 0]).toEqual([
        plant,
        chosen,
        material.release === 'quick' && plant !== 'zoysiagrass',
      ]);
    }
  }
});
