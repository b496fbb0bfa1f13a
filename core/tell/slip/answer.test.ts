import { lawnCase, ORACLE, type LawnInput } from '../../../test/cases';
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
  ['what nobody here knows', { ph: '6.5' }, 'Which mower is best?', undefined],
  ['nothing is asked', { ph: '6.5' }, '', undefined],
])('%s', (_name, input, question, id) => {
  expect(firstLine(input, question)).toBe(id);
});

test('the advisor’s own answer goes before the plan’s', () => {
  expect(firstLine(ORACLE, 'How much lime?', 'Half of what you think.')).toBe('slip.paragraph');
});
