import type { Page } from '@playwright/test';

/**
 * Copies the one line of the Desk so many times, each under a name of its own, straight into the
 * browser's database: a caseload that nobody could type.
 */
export function multiplyLines(page: Page, count: number): Promise<void> {
  return page.evaluate(async (many) => {
    const open = indexedDB.open('agrologos');
    const base = await new Promise<IDBDatabase>((resolve, reject) => {
      open.onsuccess = () => resolve(open.result);
      open.onerror = () => reject(open.error);
    });
    const write = base.transaction('caseIndex', 'readwrite');
    const lines = write.objectStore('caseIndex');
    const all = lines.getAll();
    all.onsuccess = () => {
      const [line] = all.result as Record<string, unknown>[];
      for (let number = 1; number <= many; number += 1) {
        const five = String(number).padStart(5, '0');
        lines.put({ ...line, id: `copy-${five}`, title: `Plot ${five}`, changedAt: number });
      }
    };
    await new Promise<void>((resolve, reject) => {
      write.oncomplete = () => resolve();
      write.onerror = () => reject(write.error);
    });
    base.close();
  }, count);
}
