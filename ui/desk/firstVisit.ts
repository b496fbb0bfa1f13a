import { readSetting } from '../../store/settings';
import { localDay } from '../format/date';

/**
 * At the first visit of a browser asks the server whether to show the demo county, and puts it onto
 * the Desk. A server that does not answer shows none.
 */
export async function welcome(): Promise<void> {
  if ((await readSetting('demoSeeded')) !== undefined) return;
  const answer = await fetch('/api/demo').catch(() => undefined);
  const { demo } = answer?.ok ? ((await answer.json()) as { demo: boolean }) : { demo: false };
  if (!demo) return;
  const [{ demoCounty }, { seedDemo }] = await Promise.all([
    import('../../demo/county'),
    import('../../store/demo'),
  ]);
  const now = new Date();
  await seedDemo(demoCounty(localDay(now)), now.getTime());
}
