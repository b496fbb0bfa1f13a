import { lawnCase, type LawnInput } from '../../../test/cases';
import { parted } from '../../../published/evaluator';
import { brokenLaws } from '../../../test/caseLaws';
import type { CaseFile } from '../../casefile/casefile';
import { newSpreader, newTrial, type Spreader, type Trial } from '../../casefile/parts/spreader';
import type { Figure } from '../../kernel/working/working';
import { planCase } from '../../plan/plan';
import type { Plan } from '../../plan/types';
import type { Spreading } from './spread';

/** A lawn of 48 × 80 ft that lacks nitrogen alone, fed with 24-0-10 or what is nearest in the catalogue. */
const LAWN: LawnInput = {
  ph: '6.5',
  cec: '15',
  p: { text: '60' },
  k: { text: '250' },
  shape: { kind: 'rectangle', length: '80', width: '48' },
  decisions: { 'feed-way': 'by-need', 'feed-n': 'urea-46-0-0' },
};

const value = (figure: Figure | undefined): number =>
  !figure || 'absent' in figure ? NaN : figure.value.value;

type Runs = readonly (readonly [dial: string, length: string, before: string, after: string])[];

function withSpreader(about: Partial<Spreader>, runs: Runs = [], input: LawnInput = {}): CaseFile {
  const trials = runs.map(([dial, length, before, after], at): Trial => ({
    ...newTrial(`t${at}`, at, 'urea-46-0-0'),
    ...{ dial, length, before, after },
  }));
  const spreader: Spreader = {
    ...newSpreader('s1', 1),
    ...about,
    trials: Object.fromEntries(trials.map((trial) => [trial.id, trial])),
  };
  return { ...lawnCase({ ...LAWN, ...input }), spreaders: { s1: spreader } };
}

function spreadingIn(plan: Plan): Spreading {
  const spreading = plan.areas[0]?.spreading;
  if (!spreading) throw new Error('nothing is spread');
  return spreading;
}

const spread = (...of: Parameters<typeof withSpreader>) =>
  spreadingIn(planCase(withSpreader(...of)));

test('without a spreader nothing is said of one; by hand neither', () => {
  expect(planCase(lawnCase(LAWN)).areas[0]?.spreading).toBeUndefined();
  const byHand = { decisions: { ...LAWN.decisions, 'spread-with': 'none' } };
  expect(planCase(withSpreader({}, [], byHand)).areas[0]?.spreading).toBeUndefined();
});

test('half of an application goes on in each direction, and what goes out on 50 ft follows', () => {
  const { products, swath } = spread({ swath: '6' });
  const [urea] = products;
  const [rate] = urea?.rates ?? [];
  const whole = planCase(lawnCase(LAWN)).areas[0]?.treatments.fertilizer.products[0];
  const [first] = whole?.applications ?? [];
  expect(value(rate?.perPass)).toBeCloseTo(value(first?.amount.rate) / 2, 10);
  expect(value(swath)).toBe(6);
  // oz = 16 × R × swath × run ÷ 1000
  expect(value(rate?.onStrip)).toBeCloseTo((16 * value(rate?.perPass) * 6 * 50) / 1000, 10);
  expect(rate?.next.is).toBe('unknown');
});

test('a run gives its rate; a dial that is near stays, else the next follows in proportion or on the line', () => {
  const want = value(spread({ swath: '6' }).products[0]?.rates[0]?.perPass);
  const out = (rate: number): string => (10 - (rate * 300) / 1000).toFixed(6);
  const one = spread({ swath: '6', zero: '2' }, [['5', '50', '10', out(2 * want)]]);
  expect(value(one.products[0]?.tried.strips[0]?.rate)).toBeCloseTo(2 * want, 4);
  // s = s0 + (s1 − s0) × R ÷ R1
  expect(value(one.products[0]?.rates[0]?.next.dial)).toBeCloseTo(2 + 3 / 2, 6);
  expect(one.products[0]?.rates[0]?.next.is).toBe('next');
  const two = spread({ swath: '6' }, [
    ['4', '50', '10', out(0.8 * want)],
    ['6', '50', '10', out(1.3 * want)],
  ]);
  expect(value(two.products[0]?.rates[0]?.next.dial)).toBeCloseTo(4 + (0.2 * 2) / 0.5, 6);
  const near = spread({ swath: '6' }, [
    ['4', '50', '10', out(0.8 * want)],
    ['4.5', '50', '10', out(1.05 * want)],
  ]);
  expect(near.products[0]?.rates[0]?.next).toMatchObject({ is: 'settled' });
  expect(value(near.products[0]?.rates[0]?.next.dial)).toBe(4.5);
});

test('runs at one dial are one, with how far they are apart', () => {
  const { products } = spread({ swath: '6' }, [
    ['4', '50', '10', '9.7'],
    ['4', '50', '10', '9.6'],
    ['4', '50', '10', '9.5'],
  ]);
  const [dial] = products[0]?.tried.dials ?? [];
  expect(dial?.runs).toBe(3);
  expect(value(dial?.rate)).toBeCloseTo(0.4 / 0.3, 10);
  expect(value(dial?.apart)).toBeCloseTo(100 * (0.5 / 0.3 - 1), 8);
});

test('runs that scatter do not keep the next dial from being told', () => {
  const { products } = spread({ swath: '6' }, [
    ['4', '50', '10', '9.8'],
    ['4', '50', '10', '9.4'],
    ['6', '50', '10', '9.6'],
    ['6', '50', '10', '9.1'],
  ]);
  expect(products[0]?.rates[0]?.next.is).toBe('next');
});

test('two dials of which the wider gives less give no next one', () => {
  const file = withSpreader({ swath: '6' }, [
    ['4', '50', '10', '9.0'],
    ['6', '50', '10', '9.5'],
  ]);
  expect(spreadingIn(planCase(file)).products[0]?.rates[0]?.next.is).toBe('unknown');
  expect(brokenLaws(file)).toEqual([]);
});

test('a spreader that weighs as much as before is a slip at its place, and so is a word for a number', () => {
  const plan = planCase(withSpreader({ swath: 'wide' }, [['M', '50', '3', '3']]));
  expect(Object.keys(plan.problems).sort()).toEqual([
    'spreaders/s1/swath',
    'spreaders/s1/trials/t0/after',
    'spreaders/s1/trials/t0/dial',
  ]);
});

test('a filling of the hopper, and fillings for all of it', () => {
  const { products } = spread({ swath: '6', hopper: '2' });
  const [rate] = products[0]?.rates ?? [];
  expect(value(rate?.reach)).toBeCloseTo(2000 / value(rate?.perPass), 6);
  expect(value(rate?.fills)).toBe(Math.ceil((value(rate?.perPass) * 3.84) / 2));
});

test('of several spreaders the one that was chosen; who is gone is asked about', () => {
  const file = withSpreader({ swath: '6' }, [], {
    decisions: { ...LAWN.decisions, 'spread-with': 's9' },
  });
  const plan = planCase(file);
  expect(plan.findings.map(({ name }) => name)).toContain('choiceUnknown');
  expect(plan.areas[0]?.spreading?.spreader.id).toBe('s1');
});

test('the page says the dial where it was tried, the strip where it was not, and the sheet where it is wanted', () => {
  const ids = (file: CaseFile): string[] =>
    planCase(file).slip.blocks.flatMap((block) => ('text' in block ? [block.text.id] : []));
  const tried = withSpreader({ swath: '6' }, [['4', '50', '10', '9.5']]);
  expect(ids(tried)).toEqual(expect.arrayContaining(['slip.spreadDialFrom', 'slip.spreadStrips']));
  const untried = withSpreader({ swath: '6' });
  expect(ids(untried)).toContain('slip.spreadTryFrom');
  expect(ids(untried)).not.toContain('slip.section.spreader');
  const decision = { what: 'slip-spreader', value: 'yes', reason: '', at: '' } as const;
  const sheet = { ...untried, decisions: { ...untried.decisions, 'case:slip-spreader': decision } };
  expect(ids(sheet)).toContain('slip.section.spreader');
});

const PATTERN = '1 3 6 10 12 13 13 13 12 10 6 3 1';

test('the widest strips that lie evenly are the swath where none is typed', () => {
  const { pans, swath } = spread({ pans: PATTERN, panFeet: '1' });
  expect(value(pans?.widest)).toBe(9);
  expect(value(swath)).toBe(9);
  expect(pans?.skewed).toBeUndefined();
  expect(value(spread({ pans: PATTERN, panFeet: '1', swath: '6' }).swath)).toBe(6);
});

test('a pattern that leans to one side is said to', () => {
  expect(spread({ pans: '9 9 8 7 5 3 2 1 0', panFeet: '1' }).pans?.skewed).toBe('left');
  expect(spread({ pans: '0 1 2 3 5 7 8 9 9', panFeet: '1' }).pans?.skewed).toBe('right');
});

test.each(['1 2 x 3 4', '1 2', '0 0 0 0 0 0', '-1 2 3 4 5', ','])('pans %j are a slip', (pans) => {
  const plan = planCase(withSpreader({ pans, panFeet: '1', swath: '6' }));
  expect(Object.keys(plan.problems)).toEqual(['spreaders/s1/pans']);
  expect(spreadingIn(plan).pans).toBeUndefined();
});

test('every working is what its op makes of its inputs, and all laws of a case hold', () => {
  const runs: Runs = [
    ['4', '50', '10', '9.7'],
    ['4', '50 ft', '10', '9.6'],
    ['6', '600 in', '10', '9.1'],
  ];
  const file = withSpreader({ pans: PATTERN, panFeet: '1', hopper: '15', zero: '1' }, runs);
  expect(parted(planCase(file).workings.byId())).toEqual([]);
  expect(brokenLaws(file)).toEqual([]);
});
