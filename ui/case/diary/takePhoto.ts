import { wrap } from 'comlink';
import { MOST_PHOTO_BYTES } from '../../../core/casefile/parts/attachment';
import type { Shrinker } from '../../../workers/photo.worker';

/** A file beyond this is no photo that anybody took, bytes. */
const MOST_FILE = 60_000_000;

/** What became of a photo: its small picture as base64, or why there is none. */
export type Taken =
  | { readonly kind: 'photo'; readonly text: string }
  | { readonly kind: 'unread' | 'too-large' | 'broken' };

function base64(bytes: Uint8Array): string {
  let letters = '';
  for (const byte of bytes) letters += String.fromCharCode(byte);
  return btoa(letters);
}

/** Makes a photo small in a worker of its own, which ends with it. */
export async function takePhoto(file: File): Promise<Taken> {
  if (file.size > MOST_FILE) return { kind: 'too-large' };
  const worker = new Worker(new URL('../../../workers/photo.worker.ts', import.meta.url), {
    type: 'module',
  });
  const broken = new Promise<never>((_resolve, reject) => {
    worker.onerror = (event) => reject(new Error(event.message));
  });
  try {
    const shrunk = await Promise.race([
      wrap<Shrinker>(worker).shrink(file, MOST_PHOTO_BYTES),
      broken,
    ]);
    if (shrunk.kind === 'unread') return { kind: 'unread' };
    return { kind: 'photo', text: base64(new Uint8Array(await shrunk.jpeg.arrayBuffer())) };
  } catch {
    return { kind: 'broken' };
  } finally {
    worker.terminate();
  }
}
