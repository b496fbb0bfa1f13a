import { linesOf, readBody, type Line } from './body';

/** A body that sends something and then nothing more. */
function stalling(text: string): ReadableStream<Uint8Array> {
  return new ReadableStream({
    start: (controller) => controller.enqueue(new TextEncoder().encode(text)),
  });
}

test('a client that stops sending is not waited for for ever', async () => {
  expect(await readBody(stalling('{"format":'), 20)).toBe('tooSlow');
});

test('of lines, those that came are there before it is said', async () => {
  const lines: Line[] = [];
  for await (const line of linesOf(stalling('{}\n{'), 20)) lines.push(line);
  expect(lines.map(({ line, bytes }) => [line, typeof bytes])).toEqual([
    [1, 'object'],
    [2, 'string'],
  ]);
  expect(lines[1]?.bytes).toBe('tooSlow');
});

test('no body is an empty one', async () => {
  expect(await readBody(null)).toEqual(new Uint8Array());
  expect((await linesOf(null).next()).done).toBe(true);
});
