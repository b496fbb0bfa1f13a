import { lawnCase, ORACLE, type LawnInput } from '../../../test/cases';
import type { CaseFile } from '../../casefile/casefile';
import { planCase } from '../../plan/plan';

function firstLine(input: LawnInput, question: string, answer = ''): string | undefined {
  const file = lawnCase(input);
  const own = { what: 'slip-answer', value: answer, reason: '', at: '' } as const;
  const decisions = answer === '' ? file.decisions : { ...file.decisions, 'case:slip-answer': own };
  const asked = { ...file, client: { ...file.client, question }, decisions };
  const lead = planCase(asked).slip.blocks.find(({ kind }) => kind === 'lead');
  return lead && 'text' in lead ? lead.text.id : undefined;
}

const total = (text: string) => ({ pb: { text, unit: 'ppm', method: 'total' } });

test.each<[string, LawnInput, string, string | undefined]>([
  ['how much lime', ORACLE, 'How much lime?', 'answer.lime'],
  ['no lime', { ph: '6.5' }, 'Does it need lime?', 'answer.noLime'],
  ['no lime for blueberries', { plant: 'blueberry', ph: '5.8' }, 'Lime?', 'answer.noLimeAcid'],
  ['moss', { ph: '5.2' }, 'What about the moss?', 'judged.moss'],
  ['yellow', { ph: '7.8', clues: 'yellow-veins' }, 'Why is it yellow?', 'judged.ironLawn'],
  ['lead', { ph: '6.5', more: total('450') }, 'Is it safe?', 'answer.lead.before2024'],
  ['fertilizer', { ph: '6.5' }, 'When do I fertilize?', 'answer.fertilizer'],
  [
    'weed-and-feed is no yes',
    { ph: '6.5' },
    'There is half a bag of weed-and-feed. May I use it up?',
    'answer.weedAndFeed',
  ],
  [
    'a bag in the shed is for the advisor',
    { ph: '6.5' },
    'Can I use this bag of 10-10-10?',
    undefined,
  ],
  [
    'compost on very high phosphorus',
    { ph: '6.5', p: { text: '120' } },
    'May I add compost?',
    'answer.noCompost',
  ],
  [
    'manure where something is eaten',
    { ph: '6.5', plant: 'tomato' },
    'Can I use horse manure instead of fertilizer?',
    'answer.manure',
  ],
  ['compost on a lawn', { ph: '6.5' }, 'Should we spread compost?', 'answer.compost'],
  ['manure by the way', ORACLE, 'We had manure here. How much lime?', 'answer.lime'],
  ['how much of a mix', { ph: '6.5' }, 'How much 10-10-10?', 'answer.fertilizer'],
  ['no buffer pH', { ph: '5.4' }, 'How much lime?', 'slip.limeAskLaboratory'],
  ['ash under acid plants', { plant: 'blueberry', ph: '5.8' }, 'Wood ash?', 'answer.noAsh'],
  ['ash beside lime', ORACLE, 'May I spread ashes?', 'answer.noAsh'],
  ['bone meal', { ph: '6.5', p: { text: '90' } }, 'Would bone meal help?', 'answer.boneMeal'],
  ['bone meal without a test', { ph: '6.5' }, 'Would bone meal help?', undefined],
  ['Epsom salt', { ph: '6.5' }, 'Epsom salt?', 'answer.noEpsom'],
  [
    'Epsom salt where it is short',
    { ph: '6.5', cec: '12', more: { mg: { text: '35', unit: 'ppm' } } },
    'Does it need Epsom salt?',
    'judged.magnesium',
  ],
  [
    'how to lower the pH',
    { ph: '5.8', plant: 'blueberry', texture: 'loam', decisions: { fizz: 'no' } },
    'How do I lower the pH?',
    'answer.sulfur',
  ],
  [
    'rot',
    { ph: '6.3', plant: 'tomato' },
    'Why do they get blossom-end rot?',
    'slip.care.blossom-end',
  ],
  [
    'the laboratory’s phosphate',
    { ph: '6.4', p: { text: '140' }, recProduct: { text: '20', method: '10-10-10' } },
    'The lab says 20 lb of 10-10-10. Should I?',
    'slip.labPhosphate',
  ],
  [
    'how much compost',
    { ph: '6.5', p: { text: '320' } },
    'How much compost this year?',
    'answer.noCompost',
  ],
  ['of lime too', ORACLE, 'Can I use up this bag of lime?', undefined],
  ['what nobody here knows', { ph: '6.5' }, 'Which mower is best?', undefined],
  ['nothing is asked', { ph: '6.5' }, '', undefined],
])('%s', (_name, input, question, id) => {
  expect(firstLine(input, question)).toBe(id);
});

/** Ids of all answers, of the sentence inside where the ground is named. */
function leads(file: CaseFile, question: string): string[] {
  const { slip } = planCase({ ...file, client: { ...file.client, question } });
  return slip.blocks.flatMap((block) => {
    if (block.kind !== 'lead') return [];
    const what = block.text.params?.['what'];
    const isNamed = typeof what === 'object' && 'id' in what;
    return isNamed ? `named ${what.id}` : block.text.id;
  });
}

test.each<[string, LawnInput, string[]]>([
  [
    'Why is it yellow? Should I lime it?',
    { ph: '7.8', clues: 'yellow-veins' },
    ['judged.ironLawn', 'answer.noLime'],
  ],
  ['May I use up half a bag of weed-and-feed, or feed it?', { ph: '6.5' }, ['answer.weedAndFeed']],
  ['What does it need?', ORACLE, ['answer.all']],
  ['Does it need lime?', { ph: '6.5' }, ['answer.noLime']],
  ['Is the soil safe for children?', { ph: '6.5' }, ['answer.leadUnmeasured']],
  ['Is it safe for children?', { ph: '6.5', more: total('450') }, ['answer.lead.before2024']],
  ['What do my pots need?', { plant: 'container-mix', ph: '6' }, ['judged.mixFeed']],
  ['Do blueberries need lime?', { plant: 'blueberry', ph: '4.0' }, ['slip.acidBelowThen']],
  ['What do they need?', { plant: 'blueberry', ph: '4.0' }, ['answer.all']],
  ['Which mower is best?', ORACLE, []],
])('%s', (question, input, ids) => {
  expect(leads(lawnCase(input), question)).toEqual(ids);
});

/** A lawn and two beds on one sample. */
function threePieces(input: LawnInput): CaseFile {
  const file = lawnCase(input);
  const { lawn } = file.areas;
  const { s1 } = file.samples;
  if (!lawn || !s1) throw new Error('no lawn');
  const bed = { ...lawn, plant: 'mixed-vegetables', situation: 'tilled' as const };
  const areas = {
    lawn,
    south: { ...bed, id: 'south', order: 2, name: 'South bed' },
    north: { ...bed, id: 'north', order: 3, name: 'North bed' },
  };
  return { ...file, areas, samples: { s1: { ...s1, areaIds: ['lawn', 'south', 'north'] } } };
}

test.each<[string, string[]]>([
  ['What do they need?', ['answer.all']],
  ['How much lime?', ['named answer.lime', 'named answer.lime', 'named answer.lime']],
  ['How much lime on the lawn?', ['named answer.lime']],
  ['How much lime do the vegetables need?', ['named answer.lime', 'named answer.lime']],
  ['What does the south bed need?', ['named answer.all']],
])('of a lawn and two beds: %s', (question, ids) => {
  expect(leads(threePieces(ORACLE), question)).toEqual(ids);
});

test('the advisor’s own answer goes before the plan’s', () => {
  expect(firstLine(ORACLE, 'How much lime?', 'Half of what you think.')).toBe('slip.paragraph');
});

test('of several pieces of ground the answer says which it speaks of', () => {
  const file = lawnCase(ORACLE);
  const { lawn } = file.areas;
  const { s1 } = file.samples;
  if (!lawn || !s1) throw new Error('no lawn');
  const areas = { lawn, back: { ...lawn, id: 'back', order: 2, name: 'Back' } };
  const samples = { s1: { ...s1, areaIds: ['lawn', 'back'] } };
  const client = { ...file.client, question: 'How much lime?' };
  const [first] = planCase({ ...file, areas, samples, client }).slip.blocks;
  expect(first && 'text' in first && first.text.id).toBe('slip.inArea');
});

test('strawberries on lead are told of no renovation', () => {
  const berries = { plant: 'strawberry', planFrom: '2027-04-01', more: total('450') };
  const { slip } = planCase(lawnCase({ ph: '6.2', ...berries }));
  const ids = slip.blocks.flatMap((block) => ('text' in block ? [block.text.id] : []));
  expect(ids).not.toContain('slip.work');
  expect(ids).toContain('slip.feedHeld.lead');
});
