import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { readFileSync } from 'node:fs';
import { connect } from 'node:net';
import { expect, test } from '@playwright/test';
import { PORT } from './browser';

const CASE = JSON.stringify(
  JSON.parse(readFileSync('files/planApi/fixtures/request-v1.json', 'utf8')) as object,
);
const JSON_TYPE = { 'content-type': 'application/json' };
const NDJSON = { 'content-type': 'application/x-ndjson' };

test('with many cases and slow clients at work, health and pages are answered first', async () => {
  const baseURL = `http://localhost:${PORT}`;
  // Clients that say that they will send a case and never do.
  const slow = Array.from({ length: 20 }, () => {
    const socket = connect(PORT, 'localhost');
    socket.write(
      'POST /api/plan HTTP/1.1\r\nhost: x\r\ncontent-type: application/json\r\ncontent-length: 5000\r\n\r\n{',
    );
    return socket;
  });
  let open = 0;
  const plans = Array.from({ length: 40 }, async () => {
    open += 1;
    const answer = await fetch(`${baseURL}/api/plan`, {
      method: 'POST',
      headers: JSON_TYPE,
      body: CASE,
    });
    await answer.arrayBuffer();
    open -= 1;
    return answer.status;
  });
  const health = await fetch(`${baseURL}/api/health`);
  expect([200, 503]).toContain(health.status);
  expect(await health.json()).toMatchObject({ planApi: 1, version: expect.any(String) });
  expect((await fetch(`${baseURL}/bench`)).status).toBe(200);
  expect(open).toBeGreaterThan(0);
  const statuses = await Promise.all(plans);
  expect(statuses.filter((status) => status === 200).length).toBeGreaterThan(0);
  expect(statuses.filter((status) => status !== 200 && status !== 503)).toEqual([]);
  slow.forEach((socket) => socket.destroy());
});

test('a batch is answered line by line, streamed, by threads beside the server', async ({
  request,
}) => {
  const lines = [CASE, 'nonsense', CASE, CASE, CASE, CASE].join('\n');
  const answer = await request.post('/api/plans', { headers: NDJSON, data: lines });
  expect(answer.headers()['content-type']).toBe(NDJSON['content-type']);
  const got = (await answer.text())
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line) as { line: number; status: number });
  expect(got.map(({ line, status }) => [line, status])).toEqual(
    [200, 400, 200, 200, 200, 200].map((status, at) => [at + 1, status]),
  );
});

test('the service describes itself, and its answers carry their headers', async ({ request }) => {
  const described = await request.get('/api/openapi.json');
  expect(await described.json()).toMatchObject({ openapi: '3.1.0' });
  for (const path of ['/api/openapi.json', '/api/health', '/api/plan']) {
    const headers = (await request.get(path)).headers();
    expect([path, headers['content-security-policy']]).toEqual([path, "default-src 'none'"]);
    expect([path, headers['x-content-type-options']]).toEqual([path, 'nosniff']);
  }
});

test('it ends when it has answered what it was asked', async () => {
  const next = 'node_modules/next/dist/bin/next';
  const server = spawn('node', [next, 'start', '-p', '3219', '-H', '127.0.0.1'], {
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise<void>((resolve) => {
    server.stdout.on('data', (said: Buffer) => {
      if (said.toString().includes('Ready')) resolve();
    });
  });
  const ended = once(server, 'exit');
  const body = new TransformStream<Uint8Array, Uint8Array>();
  const writer = body.writable.getWriter();
  const encoder = new TextEncoder();
  void writer.write(encoder.encode(`${CASE}\n`));
  const answer = await fetch('http://127.0.0.1:3219/api/plans', {
    method: 'POST',
    headers: NDJSON,
    body: body.readable,
    duplex: 'half',
  } as RequestInit);
  const reader = answer.body!.getReader();
  const first = await reader.read();
  expect(new TextDecoder().decode(first.value)).toContain('{"line":1,"status":200');
  // Asked to end in the midst of it: the rest is answered, and then it ends.
  server.kill('SIGTERM');
  void writer.write(encoder.encode(`${CASE}\n`));
  void writer.close();
  let rest = '';
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    rest += new TextDecoder().decode(value);
  }
  expect(rest).toContain('{"line":2,"status":200');
  expect(await ended).toEqual([143, null]);
});
