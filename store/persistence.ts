/** Asks the browser to keep this site's data; whether it will is read by `isKept`. */
export async function askToKeep(): Promise<void> {
  await navigator.storage?.persist?.();
}

/** Whether the browser has promised to keep the data. One that cannot be asked has not. */
export async function isKept(): Promise<boolean> {
  return (await navigator.storage?.persisted?.()) ?? false;
}

/** How much of what the browser gives is used, in millions of bytes. */
export interface SpaceUsed {
  readonly usedMb: number;
  readonly quotaMb: number;
}

/** The space that is used; nothing where the browser does not tell. */
export async function spaceUsed(): Promise<SpaceUsed | undefined> {
  const { usage, quota } = (await navigator.storage?.estimate?.()) ?? {};
  if (usage === undefined || quota === undefined) return undefined;
  return { usedMb: Math.ceil(usage / 1e6), quotaMb: Math.floor(quota / 1e6) };
}
