import { isNode, overEach, type Node } from './nodes';

const SHAPE = {
  perimeter: '',
  sideA: '',
  sideB: '',
  sideC: '',
  sideD: '',
  diagonal: '',
  height: '',
  inner: '',
  depth: '',
  offsets: '',
  points: '',
  outline: '',
};

const REPORT = {
  source: 'laboratory',
  layout: '',
  resolution: '',
  cost: '',
  days: '',
  readings: {},
};

const SITE = { slope: '', drainage: '', spots: '', clues: '', note: '' };

/**
 * Schema 3: ground of all kinds, in parts, with how it was measured; what was seen on it; what a
 * test costs and how long it takes; readings of kits and probes; layouts of reports; paragraphs of the office's own on the client's page.
 */
export function toSchema3(document: Node): Record<string, unknown> {
  return {
    ...document,
    areas: overEach(document['areas'], (area) => ({
      ...area,
      shape: isNode(area['shape']) ? { ...area['shape'], ...SHAPE } : area['shape'],
      parts: {},
      measuredBy: '',
      offBy: '',
      pace: '',
      site: SITE,
    })),
    samples: overEach(document['samples'], (sample) => ({ ...sample, lead: '' })),
    reports: overEach(document['reports'], (report) => ({ ...report, ...REPORT })),
    paragraphs: {},
    sampling: { fee: '', days: '' },
  };
}
