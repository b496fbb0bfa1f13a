import { expose } from 'comlink';

/** Longest edge of what is kept, pixels: a sheet's width at 200 dots to the inch. */
const EDGE = 1600;
/** Tried in turn until it is small enough; a photo of a yard at the first is some 300 kB. */
const QUALITIES = [0.8, 0.6, 0.4, 0.2] as const;

/** What became of a file that somebody took for a photo. */
export type Shrunk =
  | { readonly kind: 'photo'; readonly jpeg: Blob }
  /** The browser cannot read it: no picture, or of a kind that it does not know. */
  | { readonly kind: 'unread' };

async function drawn(picture: ImageBitmap, mostBytes: number): Promise<Blob> {
  const times = Math.min(1, EDGE / Math.max(picture.width, picture.height));
  const canvas = new OffscreenCanvas(
    Math.max(1, Math.round(picture.width * times)),
    Math.max(1, Math.round(picture.height * times)),
  );
  const pen = canvas.getContext('2d');
  if (!pen) throw new Error('photo.worker: nothing to draw with');
  // What is seen through stands on paper.
  pen.fillStyle = 'white';
  pen.fillRect(0, 0, canvas.width, canvas.height);
  pen.drawImage(picture, 0, 0, canvas.width, canvas.height);
  let jpeg: Blob | undefined;
  for (const quality of QUALITIES) {
    jpeg = await canvas.convertToBlob({ type: 'image/jpeg', quality });
    if (jpeg.size <= mostBytes) return jpeg;
  }
  throw new Error('photo.worker: it does not get small enough');
}

/**
 * Makes photos small. A new picture is drawn, so that nothing of what a camera writes beside it (place, time, device) comes along.
 */
const shrinker = {
  async shrink(file: Blob, mostBytes: number): Promise<Shrunk> {
    let picture: ImageBitmap;
    try {
      // Held upright as the camera says, since what says it is left behind.
      picture = await createImageBitmap(file, { imageOrientation: 'from-image' });
    } catch {
      return { kind: 'unread' };
    }
    try {
      return { kind: 'photo', jpeg: await drawn(picture, mostBytes) };
    } finally {
      picture.close();
    }
  },
};

export type Shrinker = typeof shrinker;

expose(shrinker);
