import { ChangedMeanwhile } from '../../store/changedMeanwhile';

/** Takes something back as one: not where anything of it was changed since. */
export type Undo = () => Promise<'undone' | 'changed' | 'failed'>;

/** Why something did not come about: what it rests on was changed meanwhile, or anything else. */
export function failureOf(error: unknown): 'changed' | 'failed' {
  return error instanceof ChangedMeanwhile ? 'changed' : 'failed';
}

/** Goes a way back. */
export async function backAgain(way: () => Promise<void>): ReturnType<Undo> {
  try {
    await way();
    return 'undone';
  } catch (error) {
    return failureOf(error);
  }
}
