import type { UnitSystem } from '../core/kernel/units/metric';
import cases from './en.case.json';
import desk from './en.desk.json';
import page from './en.page.json';
import plants from './en.plants.json';
import shell from './en.json';
import { missingWords } from './missing';
import { createVoice, type Voice } from './voice';

/** The voice of American English, with all of its words. */
export function createEnglish(units: UnitSystem = 'us'): Voice {
  return createVoice('en-US', [shell, desk, plants, page, cases], missingWords, units);
}
