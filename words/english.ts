import cases from './en.case.json';
import desk from './en.desk.json';
import shell from './en.json';
import { missingWords } from './missing';
import { createVoice, type Voice } from './voice';

/** The voice of American English, with all of its words. */
export function createEnglish(): Voice {
  return createVoice('en-US', [shell, desk, cases], missingWords);
}
