import type { Mapping } from '../core/site/report/mapping';
import { own } from '../core/kernel/typed/own';
import { db, type AgrologosDb } from './db';

/** Where they are stored among the settings. */
export const MAPPINGS_KEY = 'tableMappings';
/** So many papers are remembered; the oldest is forgotten first. */
const MOST = 50;

/** How tables were read before, by the signature of their heads. */
export async function readMappings(base = db): Promise<Record<string, Mapping>> {
  const stored = (await base.settings.get(MAPPINGS_KEY))?.value;
  return stored ? (JSON.parse(stored) as Record<string, Mapping>) : {};
}

/** Remembers how a table with these heads is read. */
export async function rememberMapping(
  signature: string,
  mapping: Mapping,
  base = db,
): Promise<void> {
  await base.transaction('rw', base.settings, async () => {
    const { [signature]: _before, ...others } = await readMappings(base);
    await write([...Object.entries(others), [signature, mapping]], base);
  });
}

async function write(
  entries: readonly (readonly [string, Mapping])[],
  { settings }: AgrologosDb,
): Promise<void> {
  const value = JSON.stringify(Object.fromEntries(entries.slice(-MOST)));
  await settings.put({ key: MAPPINGS_KEY, value });
}

/** Brings in how another desk read tables; what was read here stays as it was read last. */
export async function bringInMappings(
  theirs: Readonly<Record<string, Mapping>>,
  base = db,
): Promise<void> {
  const ours = await readMappings(base);
  const fresh = Object.entries(theirs).filter(([signature]) => !own(ours, signature));
  if (fresh.length > 0) await write([...fresh, ...Object.entries(ours)], base);
}
