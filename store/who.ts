const KEY = 'agrologos-who';

/** Who works at this desk, as they are called here; '' while nobody has said. */
export function whoIsHere(): string {
  try {
    return globalThis.localStorage?.getItem(KEY) ?? '';
  } catch {
    // A browser that lets nothing be kept knows nobody.
    return '';
  }
}

/** Keeps who works at this desk from now on. */
export function keepWho(name: string): void {
  try {
    globalThis.localStorage?.setItem(KEY, name.trim());
  } catch {
    // See above.
  }
}
