import { lawnCase, ORACLE, type LawnInput } from '../../../test/cases';
import { planCase } from '../../plan/plan';

function blocks(input: LawnInput): string[] {
  return planCase(lawnCase(input)).slip.blocks.map((block) =>
    block.kind === 'table'
      ? 'table'
      : `${block.kind} ${block.kind === 'caution' ? block.caution : block.text.id.slice(5)}`,
  );
}

const FEED = [
  'lead buyFeed',
  'sentence feedStage',
  'sentence feedStage',
  'sentence feedStage',
  'sentence feedHow.lawn',
];
const SPREAD = ['caution burn', 'caution water', 'caution localCode'];

test.each<[string, LawnInput, readonly string[]]>([
  ['no report', {}, []],
  [
    'the oracle',
    ORACLE,
    [
      'heading area',
      'sentence ph.acidic',
      'lead buyLime',
      'sentence limeFirst',
      'sentence limeAgain',
      'sentence testBefore',
      'sentence limeIfTested',
      'sentence limeOnTop',
      ...FEED,
      'caution dust',
      ...SPREAD,
    ],
  ],
  [
    'no lime needed',
    { ph: '6.5' },
    ['heading area', 'sentence ph.right', 'lead noLime', ...FEED, 'sentence retest', ...SPREAD],
  ],
  [
    'too sweet a soil',
    { ph: '7.8', om: '40' },
    ['heading area', 'sentence ph.high', 'lead noLime', 'lead noFeedKnown', 'sentence retest'],
  ],
  [
    'too little to be worth it',
    { ph: '5.9', texture: 'sand' },
    [
      'heading area',
      'sentence ph.acidic',
      'lead noLimeWorth',
      ...FEED,
      'sentence retest',
      ...SPREAD,
    ],
  ],
  [
    'nobody knows about the lime: feeding waits too',
    { om: '3' },
    ['heading area', 'sentence limeOpen', 'sentence feedAfterLime', 'sentence retest'],
  ],
  [
    'nothing at all to do',
    { ph: '6.5', om: '40' },
    ['heading area', 'sentence ph.right', 'lead noLime', 'lead noFeedKnown', 'sentence retest'],
  ],
  [
    'bare ground, one dressing',
    { ph: '5.8', buffer: '6.7', situation: 'tilled' },
    [
      'heading area',
      'sentence ph.acidic',
      'lead buyLime',
      'sentence limeFirst',
      'sentence limeTilledIn',
      'lead buyFeed',
      'sentence feedStage',
      'sentence feedStage',
      'sentence feedHow.seed',
      'sentence retest',
      'caution dust',
      'caution burn',
      'caution water',
      'caution localCode',
    ],
  ],
])('%s', (_name, input, expected) => {
  expect(blocks(input)).toEqual(expected);
});

test('untested ground that nobody has a rate for is still asked for its test', () => {
  const pack = { id: 'potting-mix-extract', version: 1 };
  expect(blocks({ untested: true, plant: 'container-mix', pack })).toEqual([
    'heading area',
    'sentence feedLater',
    'sentence askForTest',
  ]);
});

test('ammonium nitrate has its own caution', () => {
  const decisions = { 'feed-n': 'ammonium-nitrate-34-0-0' };
  expect(blocks({ ...ORACLE, decisions })).toContain('caution oxidizer');
});

test('the appendix opens what the page says, and nothing that is absent', () => {
  expect(planCase(lawnCase(ORACLE)).slip.appendix).toEqual([
    'lawn/ground/area',
    'lawn/lime/dose/total',
    'lawn/lime/bags-to-buy',
    'lawn/feed/n/dose/total',
  ]);
  expect(planCase(lawnCase({ unknownArea: true, ph: '6.5', om: '40' })).slip.appendix).toEqual([]);
});

test.each([
  ['', '2030-10-04'],
  ['1', '2028-10-04'],
  ['4', '2031-10-04'],
  // What nobody offers is as the pack.
  ['40', '2030-10-04'],
])('the next test after %s years is on %s', (years, date) => {
  const { blocks: all } = planCase(lawnCase({ ph: '6.5', decisions: { retest: years } })).slip;
  const told = all.flatMap((block) =>
    'text' in block && block.text.id === 'slip.retest' ? block.text.params?.['date'] : [],
  );
  expect(told).toEqual([{ date }]);
});

test('sulfur: its dose, its test, and no other', () => {
  const bushes = { plant: 'blueberry', situation: 'established', texture: 'loam' } as const;
  expect(blocks({ ...bushes, ph: '6.2' }).filter((each) => /ulfur|retest/.test(each))).toEqual([
    'sentence sulfurPh',
    'sentence sulfur',
    'sentence sulfurOn',
    'sentence sulfurTest',
  ]);
  const refused = blocks({ ...bushes, ph: '8.1' });
  expect(refused).toEqual(
    expect.arrayContaining(['lead sulfurNone.refused', 'sentence sulfurMyths']),
  );
});
