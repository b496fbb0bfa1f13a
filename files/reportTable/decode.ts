/** Letters of a file are looked at up to here to tell UTF-16 without its mark. */
const SAMPLE_BYTES = 1000;

function zeros(bytes: Uint8Array, first: number): number {
  let count = 0;
  for (let at = first; at < Math.min(bytes.length, SAMPLE_BYTES); at += 2) {
    if (bytes[at] === 0) count += 1;
  }
  return count;
}

function encodingOf(bytes: Uint8Array): string {
  const [a, b] = bytes;
  if (a === 0xff && b === 0xfe) return 'utf-16le';
  if (a === 0xfe && b === 0xff) return 'utf-16be';
  // Latin letters in UTF-16 are half zeros, in the second or in the first byte of each pair.
  const half = Math.min(bytes.length, SAMPLE_BYTES) / 4;
  if (zeros(bytes, 1) > half) return 'utf-16le';
  if (zeros(bytes, 0) > half) return 'utf-16be';
  return 'utf-8';
}

/**
 * The text of a file, whether a spreadsheet wrote it in UTF-8, in UTF-16 with or without its mark, or
 * in the old code page of western Windows.
 */
export function decodeText(bytes: Uint8Array): string {
  try {
    return new TextDecoder(encodingOf(bytes), { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}
