/**
 * What stands for words that nobody has: a fault of the program, that is thrown while it is worked on. A line that was
 * stored by another version may have such an id, and is no reason for a page to end.
 */
export function missingWords(id: string): string {
  if (process.env.NODE_ENV !== 'production') {
    throw new Error(`The catalogue has no '${id}'.`);
  }
  return '–';
}
