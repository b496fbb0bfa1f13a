import type { UnitSystem } from '../core/kernel/units/metric';
import page from './es.page.json';
import plants from './es.plants.json';
import { missingWords } from './missing';
import { createVoice, type Voice } from './voice';

/**
 * The voice of a client's page in plain US Spanish: it has the words of pages and no others. Terms from memory of extension
 * usage, one for each thing; a native-speaking advisor should read it once.
 */
export function createSpanish(units: UnitSystem = 'us'): Voice {
  return createVoice('es-US', [plants, page], missingWords, units);
}
