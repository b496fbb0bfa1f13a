import { SHIPPED_PACK } from '../yardsticks/packs';
import { COOL_SEASON_LAWN } from '../plants/plants';
import type { IsoDate } from '../typed/date';
import { FORMAT, SCHEMA, type CaseFile, type Typed } from './casefile';

/**
 * A typed value with nothing in it yet.
 * @example emptyTyped('pH') // { text: '', unit: 'pH', method: '' }
 */
function emptyTyped(unit: string, method = ''): Typed {
  return { text: '', unit, method };
}

/**
 * An empty case: one lawn, one sample of it, one report of that sample.
 * @param id unique among all cases; @param today the day from which the plan runs until changed
 */
export function newCase(id: string, today: IsoDate): CaseFile {
  return {
    format: FORMAT,
    schema: SCHEMA,
    id,
    createdOn: today,
    title: '',
    client: { name: '', place: '', question: '' },
    planFrom: today,
    pack: { id: SHIPPED_PACK.id, version: SHIPPED_PACK.version },
    areas: {
      lawn: {
        id: 'lawn',
        name: '',
        order: 1,
        plant: COOL_SEASON_LAWN.id,
        situation: 'established',
        clippings: 'unknown',
        shape: { kind: 'rectangle', length: '', width: '', diameter: '', squareFeet: '' },
      },
    },
    samples: { s1: { id: 's1', name: '', areaIds: ['lawn'], takenOn: '' } },
    reports: {
      r1: {
        id: 'r1',
        laboratory: '',
        date: '',
        depth: '',
        results: {
          s1: {
            'ph-water': emptyTyped('pH'),
            'ph-smp': emptyTyped('pH'),
            om: emptyTyped('%'),
            cec: emptyTyped('meq/100g'),
            texture: emptyTyped(''),
            'lime-rec': emptyTyped('lb/1000ft2', 'product'),
          },
        },
      },
    },
    past: {},
    labels: {},
    decisions: {},
  };
}
