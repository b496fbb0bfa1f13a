import { lawnCase, ORACLE, type LawnInput } from '../../../test/cases';
import { planCase } from '../../plan/plan';

function blocks(input: LawnInput): string[] {
  return planCase(lawnCase(input)).slip.blocks.map((block) =>
    block.kind === 'table'
      ? 'table'
      : `${block.kind} ${block.kind === 'caution' ? block.caution : block.text.id.slice(5)}`,
  );
}

const FED = ['sentence feedStage', 'sentence feedStage', 'sentence feedStage'];
const SPREAD = ['caution burn', 'caution water', 'caution localCode'];
const section = (name: string): string => `section section.${name}`;

test.each<[string, LawnInput, readonly string[]]>([
  ['no report', {}, []],
  [
    'the oracle',
    ORACLE,
    [
      ...[
        'heading area',
        'sentence ph.acidic',
        'sentence notTested',
        section('buy'),
        'sentence buyLime',
        'sentence buyFeed',
      ],
      ...[section('calendar'), 'sentence limeFirst', 'sentence feedStage', 'sentence limeAgain'],
      ...['sentence feedStage', 'sentence testBefore', 'sentence feedStage'],
      ...[
        'sentence limeIfTested',
        section('how'),
        'sentence limeOnTop',
        'sentence spreader',
        'sentence feedHow.lawn',
      ],
      ...[section('doNot'), 'sentence .notInHeat', 'sentence .notAllLime', 'sentence .noMore'],
      ...[section('after'), 'sentence worked.lime', 'sentence worked.lawn', 'caution dust'],
      ...SPREAD,
    ],
  ],
  [
    'no lime needed',
    { ph: '6.5' },
    [
      ...[
        'heading area',
        'sentence ph.right',
        'sentence noLime',
        'sentence notTested',
        section('buy'),
        'sentence buyFeed',
      ],
      ...[
        section('calendar'),
        ...FED,
        section('how'),
        'sentence spreader',
        'sentence feedHow.lawn',
        section('doNot'),
      ],
      ...['sentence .notInHeat', 'sentence .noLimeForNothing', 'sentence .noMore'],
      ...[section('after'), 'sentence retest', 'sentence worked.lawn', ...SPREAD],
    ],
  ],
  [
    'too alkaline a soil',
    { ph: '7.8', om: '40' },
    [
      ...['heading area', 'sentence ph.high', 'sentence noFeedKnown', 'sentence muck'],
      ...[section('doNot'), 'sentence .noLimeForNothing', section('after'), 'sentence retest'],
    ],
  ],
  [
    'too little to be worth it',
    { ph: '5.9', texture: 'sand' },
    [
      ...['heading area', 'sentence ph.acidic', 'sentence noLimeWorth', 'sentence notTested'],
      section('buy'),
      ...[
        'sentence buyFeed',
        section('calendar'),
        ...FED,
        section('how'),
        'sentence spreader',
        'sentence feedHow.lawn',
      ],
      ...[section('doNot'), 'sentence .notInHeat', 'sentence .noMore', section('after')],
      ...['sentence retest', 'sentence worked.lawn', ...SPREAD],
    ],
  ],
  [
    'nobody knows about the lime: fertilizer waits too',
    { om: '3' },
    [
      ...['heading area', 'sentence limeOpen', 'sentence feedAfterLime', section('after')],
      'sentence retest',
    ],
  ],
  [
    'bare ground: lime and starter before sowing, one order for all',
    { ph: '5.8', buffer: '6.7', situation: 'tilled' },
    [
      ...[
        'heading area',
        'sentence ph.acidic',
        'sentence notTested',
        section('buy'),
        'sentence buyLime',
        'sentence buyFeed',
      ],
      ...[section('calendar'), 'sentence limeFirst', 'sentence feedStage', 'sentence work'],
      ...['sentence work', 'sentence feedStage', section('how'), 'sentence limeTilledIn'],
      ...[
        'sentence spreader',
        'sentence feedHow.seed',
        section('doNot'),
        'sentence .notInHeat',
        'sentence .noMore',
      ],
      ...[section('after'), 'sentence retest', 'sentence worked.lime', 'sentence worked.lawn'],
      ...['caution dust', ...SPREAD],
    ],
  ],
])('%s', (_name, input, expected) => {
  expect(blocks(input)).toEqual(expected);
});

test('an untested pot is asked for its test, and fed by the label', () => {
  const pack = { id: 'potting-mix-extract', version: 1 };
  expect(blocks({ untested: true, plant: 'container-mix', pack })).toEqual([
    ...['heading area', 'sentence askForTest', 'sentence d.mixFeed'],
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
    'sentence sulfurTest',
    'sentence sulfurOn',
    'sentence .noSulfurTwice',
  ]);
  const refused = blocks({ ...bushes, ph: '8.1' });
  expect(refused).toEqual(
    expect.arrayContaining(['sentence sulfurNone.refused', 'sentence sulfurMyths']),
  );
});
