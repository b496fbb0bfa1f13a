/** Thrown where something was changed since it was looked at, or taken in: nothing was done then. */
export class ChangedMeanwhile extends Error {
  override readonly name = 'ChangedMeanwhile';
}
