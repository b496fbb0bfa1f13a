import type { Voice } from '../../words/voice';
import type { CaseFile } from '../../core/casefile/casefile';
import type { WrittenLine } from '../../core/casefile/parts/issued';
import type { Plan } from '../../core/plan/types';
import { CELL, writtenPage, type Signed, type WrittenPage } from './writtenPage';

/** A row a line: its first two cells, and what else there is in brackets under its heading. */
function rowText(row: string, head: string): string {
  const names = head.split(CELL).slice(2);
  const [first = '', second = '', ...more] = row.split(CELL);
  const rest = more.map((cell, index) => ` (${(names[index] ?? '').toLowerCase()} ${cell})`);
  return `${first}: ${second}${rest.join('')}`;
}

function lineText({ kind, text }: WrittenLine, head: string): string[] {
  switch (kind) {
    case 'heading':
      return ['', text.toUpperCase(), ''];
    case 'section':
      return ['', text.toUpperCase()];
    case 'sentence':
    case 'dated':
      return [`- ${text}`];
    case 'table':
      // A table of two columns needs no more than its rows.
      return text.split(CELL).length > 2 ? [] : [rowText(text, text)];
    case 'row':
      return [rowText(text, head)];
    default:
      return ['', text];
  }
}

/** A written page as plain text, a line a sentence. */
function pageText({ title, who, lines }: WrittenPage): string {
  const named = [title, who].filter((part) => part !== '').join(', ');
  let head = '';
  const body = lines.flatMap((line) => {
    if (line.kind === 'table') head = line.text;
    return lineText(line, head);
  });
  return [named, ...body]
    .join('\n')
    .trimStart()
    .replace(/\n{3,}/g, '\n\n');
}

/** The client's page as plain text; without names where so chosen. */
export function slipText(file: CaseFile, plan: Plan, voice: Voice, signed?: Signed): string {
  return pageText(writtenPage(file, plan, voice, signed));
}
