import { USUAL_OFFICE, type Office } from '../core/casefile/office';
import { db } from './db';
import { keepUnits } from './units';

/** Where the office lies among the settings. */
export const OFFICE_KEY = 'office';

/** The office as it was decided; what was never decided is as usual. */
export async function readOffice(base = db): Promise<Office> {
  const stored = (await base.settings.get(OFFICE_KEY))?.value;
  if (!stored) return USUAL_OFFICE;
  const office = { ...USUAL_OFFICE, ...(JSON.parse(stored) as Partial<Office>) };
  // Paragraphs of before pages had a second language have no words in it.
  const paragraphs = Object.fromEntries(
    Object.entries(office.paragraphs).map(([id, each]) => [
      id,
      { ...each, spanish: each.spanish ?? '' },
    ]),
  );
  return { ...office, paragraphs };
}

/** Whether anything was ever decided for this office. */
export async function hasOffice(base = db): Promise<boolean> {
  return (await base.settings.get(OFFICE_KEY)) !== undefined;
}

/** Changes the stored office in one transaction, so that two pages do not undo one another. */
export async function changeOffice(
  change: (office: Office) => Partial<Office>,
  base = db,
): Promise<void> {
  await base.transaction('rw', base.settings, async () => {
    const office = await readOffice(base);
    const value = JSON.stringify({ ...office, ...change(office) });
    await base.settings.put({ key: OFFICE_KEY, value });
  });
  keepUnits((await readOffice(base)).units);
}
