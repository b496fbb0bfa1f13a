/** Bodies of requests, read no faster than they are worked out, and never more of them than is allowed. */

/** Most bytes of a case. */
export const MOST_BYTES = 1_000_000;

/** A client that has not sent its case, or its next line, by then is not waited for. */
const PATIENCE_MS = 15_000;

type Body = ReadableStream<Uint8Array> | null;
type Chunk = ReadableStreamReadResult<Uint8Array> | 'tooSlow';

/** The next chunk, or that it did not come in time. */
async function next(
  reader: ReadableStreamDefaultReader<Uint8Array>,
  patienceMs: number,
): Promise<Chunk> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<'tooSlow'>((resolve) => {
    timer = setTimeout(() => resolve('tooSlow'), patienceMs);
  });
  try {
    // A client that went away will not send it either.
    const chunk = reader.read().catch((): Chunk => 'tooSlow');
    return await Promise.race([chunk, late]);
  } finally {
    clearTimeout(timer);
  }
}

function joined(chunks: readonly Uint8Array[]): Uint8Array {
  const all = new Uint8Array(chunks.reduce((sum, { byteLength }) => sum + byteLength, 0));
  let at = 0;
  for (const chunk of chunks) {
    all.set(chunk, at);
    at += chunk.byteLength;
  }
  return all;
}

/** Reads a body and counts its bytes itself: no length, or a wrong one, makes no difference. */
export async function readBody(
  body: Body,
  patienceMs = PATIENCE_MS,
): Promise<Uint8Array | 'tooLarge' | 'tooSlow'> {
  if (!body) return new Uint8Array();
  const chunks: Uint8Array[] = [];
  let size = 0;
  const reader = body.getReader();
  const until = Date.now() + patienceMs;
  for (;;) {
    const chunk = await next(reader, Math.max(0, until - Date.now()));
    if (chunk !== 'tooSlow' && chunk.done) return joined(chunks);
    if (chunk !== 'tooSlow') {
      chunks.push(chunk.value);
      size += chunk.value.byteLength;
    }
    if (chunk === 'tooSlow' || size > MOST_BYTES) {
      void reader.cancel().catch(() => undefined);
      return chunk === 'tooSlow' ? chunk : 'tooLarge';
    }
  }
}

/** One line of a body: its number from 1, and what stands in it. */
export interface Line {
  readonly line: number;
  readonly bytes: Uint8Array | 'tooLarge' | 'tooSlow';
}

const NEW_LINE = 10;
const RETURN = 13;
const SPACE = 32;

function isBlank(bytes: Uint8Array): boolean {
  return bytes.every((byte) => byte === RETURN || byte === SPACE);
}

/**
 * The lines of a body as they come, empty ones left out. One that is too large comes as such and the next one follows;
 * a client that is waited for in vain is the last. Nothing is read before the line is asked for.
 */
export async function* linesOf(body: Body, patienceMs = PATIENCE_MS): AsyncGenerator<Line> {
  if (!body) return;
  const reader = body.getReader();
  let line = 1;
  let parts: Uint8Array[] = [];
  let size = 0;
  const ended = (): Line | undefined => {
    const bytes = size > MOST_BYTES ? 'tooLarge' : joined(parts);
    const is: Line = { line, bytes };
    line += 1;
    parts = [];
    size = 0;
    return bytes !== 'tooLarge' && isBlank(bytes) ? undefined : is;
  };
  const add = (part: Uint8Array): void => {
    size += part.byteLength;
    // The rest of a line that is too large is only counted.
    if (size > MOST_BYTES) parts = [];
    else parts.push(part);
  };
  try {
    for (;;) {
      const chunk = await next(reader, patienceMs);
      if (chunk === 'tooSlow') {
        yield { line, bytes: 'tooSlow' };
        return;
      }
      if (chunk.done) break;
      let from = 0;
      for (let at = chunk.value.indexOf(NEW_LINE); at >= 0;) {
        add(chunk.value.subarray(from, at));
        from = at + 1;
        const whole = ended();
        if (whole) yield whole;
        at = chunk.value.indexOf(NEW_LINE, from);
      }
      add(chunk.value.subarray(from));
    }
    const last = ended();
    if (last) yield last;
  } finally {
    void reader.cancel().catch(() => undefined);
  }
}
