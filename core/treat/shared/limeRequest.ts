import type { TreatInput } from './input';

/** What lime asks the scheduler under: fertilizer keeps its distance from its days. */
export function limeRequestId(areaId: string): string {
  return `${areaId}/lime`;
}

/**
 * Whether lime is dated before the fertilizer. On ground that is worked it goes under first; where a plant stands and its
 * year is known the nitrogen has its weeks, and lime on top can wait for three.
 */
export function limeGoesFirst({ area, climate }: Pick<TreatInput, 'area' | 'climate'>): boolean {
  return !climate || area.situation === 'tilled';
}
