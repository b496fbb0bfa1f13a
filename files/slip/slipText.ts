import type { Voice } from '../../words/voice';
import type { CaseFile } from '../../core/casefile/casefile';
import type { Plan } from '../../core/plan/types';
import { isUnnamed } from '../../core/tell/slip/unnamed';
import type { SlipBlock } from '../../core/tell/slip/document';
import type { Msg } from '../../core/kernel/messages/msg';

/** A row a line: its first two cells, and what else there is in brackets under its heading. */
function tableText(
  { head, rows }: Extract<SlipBlock, { kind: 'table' }>,
  write: (message: Msg) => string,
): string {
  const names = head.slice(2).map((each) => write(each).toLowerCase());
  const line = ([first, second, ...more]: readonly string[]): string => {
    const rest = more.map((cell, index) => ` (${names[index] ?? ''} ${cell})`);
    return `${first}: ${second}${rest.join('')}`;
  };
  const lines = rows.map((row) => line(row.map(write)));
  const title = names.length > 0 ? [] : [line(head.map(write))];
  return [...title, ...lines].join('\n');
}

function blockText(block: SlipBlock, write: (message: Msg) => string): string {
  switch (block.kind) {
    case 'heading':
      return `\n${write(block.text).toUpperCase()}\n`;
    case 'section':
      return `\n${write(block.text).toUpperCase()}`;
    case 'lead':
      return `\n${write(block.text)}`;
    case 'sentence':
      return `- ${write(block.text)}`;
    case 'paragraph':
      return `\n${write(block.text)}`;
    case 'table':
      return tableText(block, write);
    case 'caution':
      return `\n${write(block.title)} ${write(block.text)}`;
  }
}

/** The client's page as plain text, a line a sentence; without names where so chosen. */
export function slipText(file: CaseFile, plan: Plan, voice: Voice): string {
  const { workings } = plan;
  const write = (message: Msg): string => voice.message(message, { workings, plain: true });
  const named = [file.title, file.client.name].filter((part) => part.trim() !== '').join(', ');
  const head = isUnnamed(file) ? voice.text('slip.unnamedTitle') : named;
  const blocks = plan.slip.blocks.map((block) => blockText(block, write));
  const page = [...(head ? [head] : []), ...blocks, `\n${voice.text('slip.footer')}`].join('\n');
  return page.trimStart().replace(/\n{3,}/g, '\n\n');
}
