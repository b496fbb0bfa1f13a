/** What the browser says about keeping this site's data. */
export type Persistence = 'granted' | 'refused' | 'unknown';

/** Asks the browser to keep the data; a browser that cannot be asked counts as a refusal. */
export async function askPersistence(): Promise<Persistence> {
  if (!navigator.storage?.persist) return 'refused';
  const kept = (await navigator.storage.persisted()) || (await navigator.storage.persist());
  return kept ? 'granted' : 'refused';
}

/** Whether the data is already kept, without asking. */
export async function readPersistence(): Promise<Persistence> {
  if (!navigator.storage?.persisted) return 'unknown';
  return (await navigator.storage.persisted()) ? 'granted' : 'unknown';
}
