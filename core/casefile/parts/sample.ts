import { id, list, object, oneOf, text, type Of } from '../../kernel/typed/spec';

/** One composite of soil; it may speak for several areas, and an area may have several. */
export const SAMPLE = object({
  id,
  name: text,
  areaIds: list(id, 200),
  takenOn: text,
  /** Whether a test for lead is asked for, on the outside of the bag too. */
  lead: oneOf(['', 'yes']),
});
export interface Sample extends Of<typeof SAMPLE> {}

/** A sample of some areas, not named and not dated. */
export function newSample(sampleId: string, areaIds: readonly string[]): Sample {
  return { id: sampleId, name: '', areaIds, takenOn: '', lead: '' };
}

/** The sample that speaks for an area: the first that names it. None: nothing was tested. */
export function sampleOf(
  { samples }: { readonly samples: Readonly<Record<string, Sample>> },
  areaId: string,
): Sample | undefined {
  return Object.values(samples).find(({ areaIds }) => areaIds.includes(areaId));
}
