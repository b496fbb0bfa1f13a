import type { Into } from '../../core/kernel/messages/msg';
import shell from '../../words/en.json';
import { missingWords } from '../../words/missing';
import { createVoice } from '../../words/voice';

const voice = createVoice('en-US', [shell], missingWords);

/** Words of the shell and the empty Desk by their id: what a page needs before any case is shown. */
export function text<Id extends keyof typeof shell>(
  id: Id,
  ...into: Into<Id, string | number>
): string {
  return voice.text(id, ...into);
}
