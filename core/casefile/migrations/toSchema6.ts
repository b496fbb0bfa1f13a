import { overEach, type Node } from './nodes';

/** Schema 6: how each plant is grown, local rules, days that were set by hand, and what of the calendar went out. */
export function toSchema6(document: Node): Record<string, unknown> {
  const growing = { form: '', level: '', watered: '', shade: '', years: '', trunk: '' };
  const areas = overEach(document['areas'], (area) => ({ ...area, growing }));
  return { ...document, areas, rules: {}, pins: {}, exported: {} };
}
