import type { Progress } from '../../store/breath';

/** Long work tells how far it is, and can be given up. */
export interface LongWork {
  readonly onProgress: (progress: Progress) => void;
  readonly givenUp: AbortSignal;
}
