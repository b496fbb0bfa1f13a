import { db } from './db';

/** Settings of this browser, by name. */
export type SettingKey = 'letterKeys' | 'backedUpAt' | 'demoSeeded';

/** The value of a setting, or undefined where it was never set. */
export async function readSetting(key: SettingKey, base = db): Promise<string | undefined> {
  return (await base.settings.get(key))?.value;
}

/** Sets a setting. */
export async function writeSetting(key: SettingKey, value: string, base = db): Promise<void> {
  await base.settings.put({ key, value });
}
