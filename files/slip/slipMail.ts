import wrap from 'word-wrap';
import type { CaseFile } from '../../core/casefile/casefile';
import type { Plan } from '../../core/plan/types';
import type { Voice } from '../../words/voice';
import { slipText } from './slipText';
import type { Signed } from './writtenPage';

/** Letters in a line of an e-mail: more are broken by the programs that pass it on. */
const LINE = 72;

/** Breaks a long line between words; what goes on under a dash stands under its first word. */
function broken(line: string): string {
  const hang = line.startsWith('- ') ? '  ' : '';
  return wrap(line, { width: LINE - hang.length, indent: '', newline: `\n${hang}`, trim: true });
}

/** The client's page as an e-mail: lines of sensible length, signed by the office. */
export function slipMail(file: CaseFile, plan: Plan, signed: Signed, voice: Voice): string {
  return slipText(file, plan, voice, signed).split('\n').map(broken).join('\n');
}
