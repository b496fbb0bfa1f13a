import type { UnitSystem } from '../core/kernel/units/metric';
import cases from './en.case.json';
import desk from './en.desk.json';
import page from './en.page.json';
import plants from './en.plants.json';
import shell from './en.json';
import { missingWords } from './missing';
import { createVoice, type Voice, type Words } from './voice';

/** The rooms that every screen of a case needs. */
export const ENGLISH_ROOMS: readonly Words[] = [shell, desk, plants, page, cases];

/** The voice of American English, with the words that every screen of a case needs, or with those of some rooms. */
export function createEnglish(units: UnitSystem = 'us', rooms = ENGLISH_ROOMS): Voice {
  return createVoice('en-US', rooms, missingWords, units);
}
