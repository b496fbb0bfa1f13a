/** Hands a file of text to the browser to be saved. */
export function download(name: string, parts: readonly string[], type: string): void {
  downloadBlob(name, new Blob([...parts], { type }));
}

/** Hands a file of bytes to the browser to be saved. */
export function downloadBytes(name: string, bytes: Uint8Array, type: string): void {
  downloadBlob(name, new Blob([new Uint8Array(bytes)], { type }));
}

/** Hands a file to the browser to be saved. */
export function downloadBlob(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // The browser has taken the file by the next turn of its loop, also where it asks where to put it.
  setTimeout(() => URL.revokeObjectURL(url), 60_000);
}

/**
 * A file name of a title: letters and digits with hyphens.
 * @example fileName('Weir Cottage!', 'case') // 'weir-cottage'
 */
export function fileName(title: string, otherwise: string): string {
  const plain = title
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');
  return plain.slice(0, 60) || otherwise;
}
