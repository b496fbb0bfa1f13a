import type { Mapping } from '../core/site/report/mapping';
import { db } from './db';

const KEY = 'tableMappings';
/** So many papers are remembered; the oldest is forgotten first. */
const MOST = 50;

/** How tables were read before, by the signature of their heads. */
export async function readMappings(base = db): Promise<Record<string, Mapping>> {
  const stored = (await base.settings.get(KEY))?.value;
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
    const entries = [...Object.entries(others), [signature, mapping] as const].slice(-MOST);
    await base.settings.put({ key: KEY, value: JSON.stringify(Object.fromEntries(entries)) });
  });
}
