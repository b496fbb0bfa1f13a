/** Files part by part, so that none is ever whole in the page's memory. */

/** A file's text, part by part. @param onRead hears how many of its bytes were read so far */
export async function* textOf(
  file: Blob,
  onRead: (bytes: number) => void = () => undefined,
): AsyncGenerator<string> {
  const reader = file.stream().getReader();
  const decoder = new TextDecoder();
  let bytes = 0;
  try {
    for (;;) {
      const { done, value } = await reader.read();
      if (done) break;
      bytes += value.length;
      onRead(bytes);
      yield decoder.decode(value, { stream: true });
    }
    yield decoder.decode();
  } finally {
    await reader.cancel();
  }
}

/** The lines of a text that comes in parts, as `split` gives them: what follows the last newline is the last, empty or not. */
export async function* linesOf(parts: AsyncIterable<string>): AsyncGenerator<string> {
  // A line as long as the file would be copied with each part, were it put together before its end.
  let begun: string[] = [];
  for await (const part of parts) {
    const lines = part.split('\n');
    for (const line of lines.slice(0, -1)) {
      yield begun.length === 0 ? line : begun.join('') + line;
      begun = [];
    }
    begun.push(lines.at(-1) ?? '');
  }
  yield begun.join('');
}
