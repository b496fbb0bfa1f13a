import wrap from 'word-wrap';
import type { CaseFile } from '../../core/casefile/casefile';
import type { Plan } from '../../core/plan/types';
import type { Office } from '../../core/casefile/office';
import type { Voice } from '../../words/voice';
import { slipText } from './slipText';

/** Letters in a line of an e-mail: more are broken by the programs that pass it on. */
const LINE = 72;

/** Breaks a long line between words; what goes on under a dash stands under its first word. */
function broken(line: string): string {
  const hang = line.startsWith('- ') ? '  ' : '';
  return wrap(line, { width: LINE - hang.length, indent: '', newline: `\n${hang}`, trim: true });
}

/** The client's page as an e-mail: lines of sensible length, signed by the office. */
export function slipMail(
  file: CaseFile,
  plan: Plan,
  { signature, contact }: Pick<Office, 'signature' | 'contact'>,
  voice: Voice,
): string {
  const foot = [signature, contact].map((part) => part.trim()).filter((part) => part !== '');
  const page = [slipText(file, plan, voice), ...foot].join('\n\n');
  return page.split('\n').map(broken).join('\n');
}
