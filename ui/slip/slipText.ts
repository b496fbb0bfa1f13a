import type { CaseFile } from '../../core/casefile/casefile';
import type { Plan } from '../../core/planTypes';
import type { SlipBlock } from '../../core/slip/document';
import type { Msg } from '../../core/working/msg';
import { messageText } from '../format/message';
import { text } from '../format/text';

function blockText(block: SlipBlock, write: (message: Msg) => string): string {
  switch (block.kind) {
    case 'heading':
      return `${write(block.text).toUpperCase()}\n`;
    case 'lead':
      return `\n${write(block.text)}`;
    case 'sentence':
      return `- ${write(block.text)}`;
    case 'table':
      return [block.head, ...block.rows].map((row) => row.map(write).join(': ')).join('\n');
    case 'caution':
      return `\n${write(block.title)} ${write(block.text)}`;
  }
}

/** The client's page as plain text, to be pasted into an e-mail. */
export function slipText(file: CaseFile, plan: Plan): string {
  const write = (message: Msg): string => messageText(message, plan.workings, true);
  const head = [file.title, file.client.name].filter((part) => part.trim() !== '').join(', ');
  const blocks = plan.slip.blocks.map((block) => blockText(block, write));
  return [...(head ? [`${head}\n`] : []), ...blocks, `\n${text('slip.footer')}`].join('\n');
}
