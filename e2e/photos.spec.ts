import type { Page } from '@playwright/test';
import { App, expect, test } from './app';

/** A picture of so many pixels as a JPEG, drawn by the browser itself. */
async function jpegOf(page: Page, wide: number, high: number): Promise<Buffer> {
  const base64 = await page.evaluate(
    ([w, h]) => {
      const canvas = document.createElement('canvas');
      [canvas.width, canvas.height] = [w, h];
      const pen = canvas.getContext('2d');
      if (!pen) throw new Error('nothing to draw with');
      for (let at = 0; at < 200; at += 1) {
        pen.fillStyle = `hsl(${at * 7}, 60%, 50%)`;
        pen.fillRect((at * 97) % w, (at * 61) % h, w / 9, h / 9);
      }
      return canvas.toDataURL('image/jpeg', 0.9).split(',')[1] ?? '';
    },
    [wide, high] as const,
  );
  return Buffer.from(base64, 'base64');
}

/** The same with what a camera writes beside it, its place among it: an APP1 segment after the first marker. */
function withPlace(jpeg: Buffer): Buffer {
  const told = Buffer.from('Exif\0\0GPSLatitude 41.5 GPSLongitude 93.6');
  const head = Buffer.from([0xff, 0xe1, 0, told.length + 2]);
  return Buffer.concat([jpeg.subarray(0, 2), head, told, jpeg.subarray(2)]);
}

/** A bitmap of 24 bits without compression, 30 MB and more. */
function largeBitmap(): Buffer {
  const [wide, high] = [3200, 3200];
  const head = Buffer.alloc(54);
  head.write('BM');
  head.writeUInt32LE(54 + wide * high * 3, 2);
  head.writeUInt32LE(54, 10);
  head.writeUInt32LE(40, 14);
  head.writeInt32LE(wide, 18);
  head.writeInt32LE(high, 22);
  head.writeUInt16LE(1, 26);
  head.writeUInt16LE(24, 28);
  return Buffer.concat([head, Buffer.alloc(wide * high * 3, 0x60)]);
}

/** The pictures as they are stored. */
async function stored(page: Page): Promise<Buffer[]> {
  const texts = await page.evaluate(
    () =>
      new Promise<string[]>((resolve, reject) => {
        const asked = indexedDB.open('agrologos');
        asked.onerror = () => reject(new Error('no database'));
        asked.onsuccess = () => {
          const all = asked.result.transaction('attachments').objectStore('attachments').getAll();
          all.onsuccess = () => {
            asked.result.close();
            const rows = all.result as { attachment: { text: string } }[];
            resolve(rows.map(({ attachment }) => attachment.text));
          };
        };
      }),
  );
  return texts.map((text) => Buffer.from(text, 'base64'));
}

const give = (page: Page, name: string, mimeType: string, buffer: Buffer) =>
  page.locator('input[type="file"][accept="image/*"]').setInputFiles({ name, mimeType, buffer });

async function record(page: Page): Promise<App> {
  const app = new App(page);
  await app.typeLawn({ ph: '6.5', squareFeet: '5000', planFrom: '1 Mar 2026' });
  await app.go('Diary');
  await page.getByRole('button', { name: 'Add lime' }).click();
  return app;
}

test('a photo is made small and loses its place; it opens, comes off, comes back, and is there after a reload', async ({
  page,
}) => {
  const app = await record(page);
  await give(page, 'yard.jpg', 'image/jpeg', withPlace(await jpegOf(page, 3000, 2000)));
  const photo = page.getByRole('button', { name: 'Open photo 1' });
  await expect(photo).toBeVisible();
  const [kept] = await stored(page);
  expect(kept!.subarray(0, 2)).toEqual(Buffer.from([0xff, 0xd8]));
  expect(kept!.length).toBeLessThan(450_000);
  expect(kept!.includes('GPS') || kept!.includes('Exif')).toBe(false);
  await photo.click();
  const large = page.getByRole('dialog').getByRole('img');
  const { wide, high } = await large.evaluate((each: HTMLImageElement) => ({
    wide: each.naturalWidth,
    high: each.naturalHeight,
  }));
  expect([wide, high]).toEqual([1600, 1067]);
  await page.getByRole('button', { name: 'Take it off' }).click();
  await expect(photo).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(photo).toBeVisible();
  await app.saved();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Open photo 1' })).toBeVisible();
});

test('thirty megabytes are taken; HEIC, a text that is called .jpg, and no room are told, and nothing is lost', async ({
  page,
}) => {
  const app = await record(page);
  await give(page, 'large.bmp', 'image/bmp', largeBitmap());
  await expect(page.getByRole('button', { name: 'Open photo 1' })).toBeVisible();
  const unread = page.getByText(/^That is no picture that this browser can read/);
  const heic = Buffer.concat([Buffer.from([0, 0, 0, 24]), Buffer.from('ftypheic0000mif1heic')]);
  await give(page, 'yard.heic', 'image/heic', heic);
  await expect(unread).toBeVisible();
  await give(page, 'yard.jpg', 'image/jpeg', await jpegOf(page, 40, 30));
  await expect(page.getByRole('button', { name: 'Open photo 2' })).toBeVisible();
  await expect(unread).toHaveCount(0);
  await give(page, 'notes.jpg', 'image/jpeg', Buffer.from('Lime, 40 lb, dry.'));
  await expect(unread).toBeVisible();
  await page.evaluate(() => {
    for (const how of ['add', 'put'] as const) {
      const kept = IDBObjectStore.prototype[how];
      IDBObjectStore.prototype[how] = function (...all) {
        if (this.name === 'attachments') throw new DOMException('no space', 'QuotaExceededError');
        return kept.apply(this, all);
      };
    }
  });
  await give(page, 'yard.jpg', 'image/jpeg', await jpegOf(page, 40, 30));
  await expect(page.getByText(/^There was no room for the photo/)).toBeVisible();
  await expect(page.getByRole('button', { name: /^Open photo/ })).toHaveCount(2);
  expect(await stored(page)).toHaveLength(2);
  await app.saved();
});
