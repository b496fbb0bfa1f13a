/**
 * What a record holds itself under a name: `constructor` and `toString` are names like any other, of which a record
 * holds nothing. The one way to look up a name that is not known while the program is written; lint sees to it.
 * @example own({ a: 1 }, 'constructor') // undefined
 */
export function own<T>(record: Readonly<Record<string, T>>, name: string): T | undefined {
  return Object.hasOwn(record, name) ? record[name] : undefined;
}

/** Whether a name is one of a record's own. */
export function isOwn<K extends string>(
  record: Readonly<Record<K, unknown>>,
  name: string,
): name is K {
  return Object.hasOwn(record, name);
}
