import { id, object, oneOf, record, text, type Of } from '../../kernel/typed/spec';
import { TYPED } from './typed';

/** What is asked of the last twelve months. */
export const PAST_KINDS = ['lime', 'sulfur', 'fertilizer', 'compost'] as const;

/** How it came about: told of the time before the plan; kept in the diary as done; or planned and left out. */
export const OUTCOMES = ['', 'done', 'left'] as const;

/** Most photos of one entry. */
export const MOST_PHOTOS = 6;

/** What was put on an area: before the plan as it was told, and since then as the diary keeps it. Everything as typed. */
export const PAST_ENTRY = object({
  id,
  areaId: id,
  kind: oneOf(PAST_KINDS),
  on: text,
  amount: TYPED,
  /** CCE of the lime, S of the sulfur or N of the fertilizer, in percent; a fertilizer may have its whole grade. */
  percent: text,
  outcome: oneOf(OUTCOMES),
  /** The application of a plan that it was, by its key, and the start of that plan as typed then; '' was not planned. */
  planned: text,
  plannedFrom: text,
  /** A material of the catalogue or of the case, by its id; '' is not said. */
  material: text,
  /** Who did it, as typed. */
  by: text,
  /** The weather, what was seen, or why it was left out. */
  note: text,
  /** What was photographed: attachments, by their ids. */
  photos: record(object({ id }), MOST_PHOTOS),
});
export interface PastEntry extends Of<typeof PAST_ENTRY> {}

/** An entry with nothing typed yet. */
export function newPastEntry(
  entry: Pick<PastEntry, 'id' | 'areaId' | 'kind'> & Partial<PastEntry>,
): PastEntry {
  return {
    on: '',
    amount: { text: '', unit: 'lb/1000ft2', method: '' },
    percent: '',
    outcome: '',
    planned: '',
    plannedFrom: '',
    material: '',
    by: '',
    note: '',
    photos: {},
    ...entry,
  };
}
