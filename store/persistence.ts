/** Asks the browser to keep this site's data; whether it will is read by `isKept`. */
export async function askToKeep(): Promise<void> {
  await navigator.storage?.persist?.();
}

/** Whether the browser has promised to keep the data. One that cannot be asked has not. */
export async function isKept(): Promise<boolean> {
  return (await navigator.storage?.persisted?.()) ?? false;
}
