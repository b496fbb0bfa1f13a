import { lawnCase, type LawnInput } from '../../../test/cases';
import { planCase } from '../../plan/plan';

/** Ids of the sentences of a page. */
function sentences(input: LawnInput): string[] {
  const { slip } = planCase(lawnCase({ planFrom: '2027-04-01', cec: '11', om: '3', ...input }));
  return slip.blocks.flatMap((block) => (block.kind === 'sentence' ? [block.text.id] : []));
}

const FED = { ph: '6.4', p: { text: '12' }, k: { text: '80' } };

// Common practice, in the words of the trade.
test.each<[string, LawnInput, string]>([
  ['tomatoes rot of uneven water', { ...FED, plant: 'tomato' }, 'slip.care.blossom-end'],
  ['celery is kept moist', { ...FED, plant: 'celery' }, 'slip.care.even-water'],
  ['blueberries are mulched', { ...FED, plant: 'blueberry', ph: '4.8' }, 'slip.care.peat'],
  ['and get nothing late', { ...FED, plant: 'blueberry', ph: '4.8' }, 'doNot.notAfterMidsummer'],
  [
    'blue flowers bear no bone meal',
    { ...FED, plant: 'hydrangea-blue', ph: '5' },
    'slip.care.blue-aluminum',
  ],
  [
    'no boron beside the seed',
    { ...FED, plant: 'forage-brassica', situation: 'tilled' },
    'slip.care.boron-seed',
  ],
  [
    'phosphate of a report is left out',
    { ...FED, p: { text: '140' }, recProduct: { text: '20', method: '10-10-10' } },
    'slip.labPhosphate',
  ],
  [
    'muck feeds itself',
    { ...FED, plant: 'mixed-vegetables', om: '45', cec: '70', ph: '5.5' },
    'slip.muck',
  ],
  ['apples go by growth', { ...FED, plant: 'apple' }, 'judged.growth'],
])('%s', (_what, input, id) => {
  expect(sentences(input)).toContain(id);
});

test('where phosphorus is short the report’s phosphate is followed in silence', () => {
  const recProduct = { text: '20', method: '10-10-10' };
  expect(sentences({ ...FED, recProduct })).not.toContain('slip.labPhosphate');
});

test('nothing is begun on soil that must not grow food', () => {
  const lead = { more: { pb: { text: '450', unit: 'ppm', method: 'total' } } };
  expect(sentences({ ...FED, plant: 'tomato', ...lead })).not.toContain('slip.care.blossom-end');
});

/** How the shares of the first dose of each product are told, for so many roses of three feet. */
function shares(number: string): string[] {
  const shape = { kind: 'plants', number, diameter: '3' } as const;
  const { slip } = planCase(lawnCase({ ...FED, plant: 'rose', planFrom: '2027-04-01', shape }));
  return slip.blocks.flatMap((block) => {
    const how = block.kind === 'sentence' ? block.text.params?.['how'] : undefined;
    return typeof how === 'object' && 'id' in how ? [how.id] : [];
  });
}

test('a share too small for a kitchen scale is a spoonful, and one too small for a spoon is the same for all', () => {
  const told = new Set(['2', '6', '26'].flatMap(shares));
  expect([...told].sort()).toEqual(['slip.eachAlike', 'slip.eachBySpoon']);
});

test.each<[string, LawnInput, unknown]>([
  ['neither', { ph: '6.5' }, 'both'],
  ['no potassium', { ph: '6.5', p: { text: '30' } }, 'k'],
  ['no phosphorus', { ph: '6.5', k: { text: '120' } }, 'p'],
  ['both', { ph: '6.5', p: { text: '30' }, k: { text: '120' } }, undefined],
  ['pots', { ph: '6', plant: 'container-mix' }, undefined],
  ['nothing at all', { untested: true }, undefined],
])('what a report leaves out is asked for: %s', (_what, input, which) => {
  const { slip } = planCase(lawnCase({ planFrom: '2027-04-01', ...input }));
  const asked = slip.blocks.flatMap((block) =>
    block.kind === 'sentence' && block.text.id === 'slip.notTested'
      ? [block.text.params?.['which']]
      : [],
  );
  expect(asked).toEqual(which === undefined ? [] : [which]);
});
