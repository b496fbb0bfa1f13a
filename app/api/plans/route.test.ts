import { readFileSync } from 'node:fs';
import { lawnCase, ORACLE } from '../../../test/cases';
import { POST as ONE } from '../plan/route';
import * as route from './route';

interface Answered {
  readonly line: number;
  readonly status: number;
  readonly answer: unknown;
}

const GOOD = JSON.stringify(lawnCase(ORACLE));
const encoder = new TextEncoder();

function ask(body: BodyInit, type = 'application/x-ndjson', query = ''): Response {
  const init = { method: 'POST', headers: { 'content-type': type }, body, duplex: 'half' };
  return route.POST(new Request(`http://localhost/api/plans${query}`, init as RequestInit));
}

async function answered(body: BodyInit): Promise<Answered[]> {
  const text = await ask(body).text();
  expect(text.endsWith('\n') || text === '').toBe(true);
  return text.split('\n').flatMap((line) => (line ? [JSON.parse(line) as Answered] : []));
}

test('each line is answered in its order by what the route for one case says', async () => {
  const request = readFileSync('files/planApi/fixtures/request-v1.json', 'utf8');
  const cases = [GOOD, JSON.stringify(JSON.parse(request)), '{"format":"agrologos-case"}', GOOD];
  const got = await answered(cases.join('\n'));
  expect(got.map(({ line, status }) => [line, status])).toEqual([
    [1, 200],
    [2, 200],
    [3, 400],
    [4, 200],
  ]);
  for (const [at, body] of cases.entries()) {
    const headers = { 'content-type': 'application/json' };
    const one = await ONE(
      new Request('http://localhost/api/plan', { method: 'POST', headers, body }),
    );
    expect(got[at]?.answer).toEqual(await one.json());
  }
});

test('a line at fault keeps no other from its answer; empty lines count and are left out', async () => {
  const huge = ' '.repeat(1_000_001);
  const body = `\n${GOOD}\r\n{"half\n\n${huge}\n"\u{1F331}"\n${GOOD}\n`;
  const got = await answered(body);
  expect(got.map(({ line, status }) => [line, status])).toEqual([
    [2, 200],
    [3, 400],
    [5, 413],
    [6, 400],
    [7, 200],
  ]);
  expect(got[2]?.answer).toEqual({ error: 'more than 1000000 bytes' });
});

test.each([
  ['no line at all', ''],
  ['empty lines', '\n\n \r\n'],
])('%s has no answers', async (_name, body) => {
  expect(await answered(body)).toEqual([]);
});

test('lines that are cut anywhere come to the same', async () => {
  const bytes = encoder.encode(`${GOOD}\n{}\n`);
  const whole = await answered(bytes);
  for (const size of [1, 7, 1000]) {
    let at = 0;
    const stream = new ReadableStream<Uint8Array>({
      pull(controller) {
        if (at >= bytes.length) return controller.close();
        controller.enqueue(bytes.slice(at, (at += size)));
      },
    });
    expect(await answered(stream)).toEqual(whole);
  }
});

test('no more lines are read than answers are taken, and who goes away ends the reading', async () => {
  let given = 0;
  let cancelled = false;
  const stream = new ReadableStream<Uint8Array>(
    {
      pull(controller) {
        given += 1;
        controller.enqueue(encoder.encode('{}\n'));
      },
      cancel() {
        cancelled = true;
      },
    },
    { highWaterMark: 0 },
  );
  const reader = ask(stream).body?.getReader();
  await reader?.read();
  await new Promise((resolve) => setTimeout(resolve, 20));
  const first = given;
  expect(first).toBeLessThanOrEqual(6);
  await reader?.read();
  await new Promise((resolve) => setTimeout(resolve, 20));
  expect(given).toBeLessThanOrEqual(first + 2);
  await reader?.cancel();
  expect(cancelled).toBe(true);
});

test('an answer comes as soon as it is ready, though the body goes on', async () => {
  const { readable, writable } = new TransformStream<Uint8Array, Uint8Array>();
  const writer = writable.getWriter();
  const reader = ask(readable).body?.getReader();
  void writer.write(encoder.encode('{}\n'));
  const { value } = (await reader?.read()) ?? {};
  expect(JSON.parse(new TextDecoder().decode(value))).toMatchObject({ line: 1, status: 400 });
  await writer.close();
  expect((await reader?.read())?.done).toBe(true);
});

test('another type, other units, another method', async () => {
  expect(ask(GOOD, 'application/json').status).toBe(415);
  expect(ask(GOOD, undefined, '?units=stones').status).toBe(400);
  expect([route.GET().status, route.GET().headers.get('allow')]).toEqual([405, 'POST']);
});
