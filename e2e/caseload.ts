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
    const write = base.transaction('deskLines', 'readwrite');
    const lines = write.objectStore('deskLines');
    const all = lines.getAll();
    all.onsuccess = () => {
      const [bucket] = all.result as { bucket: number; lines: Record<string, unknown>[] }[];
      // Records of the size that the program itself makes of so many.
      const copies = new Map<number, Record<string, unknown>[]>();
      for (let number = 1; number <= many; number += 1) {
        const five = String(number).padStart(5, '0');
        const there = copies.get(number % 64) ?? [];
        there.push({
          ...bucket?.lines[0],
          id: `copy-${five}`,
          title: `Plot ${five}`,
          changedAt: number,
        });
        copies.set(number % 64, there);
      }
      for (const [at, rows] of copies) lines.put({ bucket: at + 1000, rev: 1, lines: rows });
    };
    await new Promise<void>((resolve, reject) => {
      write.oncomplete = () => resolve();
      write.onerror = () => reject(write.error);
    });
    base.close();
  }, count);
}

/** Copies a stored case with its line on the Desk so many times, straight into the browser's database. */
export function copyCase(page: Page, title: string, count: number): Promise<void> {
  return page.evaluate(
    async ([named, many]) => {
      const open = indexedDB.open('agrologos');
      const base = await new Promise<IDBDatabase>((resolve, reject) => {
        open.onsuccess = () => resolve(open.result);
        open.onerror = () => reject(open.error);
      });
      const write = base.transaction(['cases', 'deskLines'], 'readwrite');
      const [cases, lines] = [write.objectStore('cases'), write.objectStore('deskLines')];
      interface Stored {
        readonly id: string;
        readonly doc: { readonly title: string };
      }
      const stored = cases.getAll();
      stored.onsuccess = () => {
        const original = (stored.result as Stored[]).find(({ doc }) => doc.title === named);
        const all = lines.getAll();
        all.onsuccess = () => {
          const line = (all.result as { lines: { id: string }[] }[])
            .flatMap((bucket) => bucket.lines)
            .find(({ id }) => id === original?.id);
          const copies = Array.from({ length: many }, (_none, at) => `copy-${String(at + 1)}`);
          for (const id of copies) {
            cases.put({ ...original, id, doc: { ...original?.doc, id, title: `${named} ${id}` } });
          }
          const rows = copies.map((id) => ({ ...line, id, title: `${named} ${id}` }));
          lines.put({ bucket: 2000, rev: 1, lines: rows });
        };
      };
      await new Promise<void>((resolve, reject) => {
        write.oncomplete = () => resolve();
        write.onerror = () => reject(write.error);
      });
      base.close();
    },
    [title, count] as const,
  );
}
