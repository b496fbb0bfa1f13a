import type { Into } from '../../core/kernel/messages/msg';
import desk from '../../words/en.desk.json';
import plants from '../../words/en.plants.json';
import shell from '../../words/en.json';
import { missingWords } from '../../words/missing';
import { createVoice } from '../../words/voice';

/** The voice of the Desk's list: it needs a fifteenth of the words of a case. */
const voice = createVoice('en-US', [shell, desk, plants], missingWords);

/** Words of the list by their id. */
export function text<Id extends keyof typeof desk | keyof typeof plants | keyof typeof shell>(
  id: Id,
  ...into: Into<Id, string | number>
): string {
  return voice.text(id, ...into);
}

export const nameFrom = voice.name;
export const messageText = voice.message;
