import { spawn } from 'node:child_process';
import { setTimeout as sleep } from 'node:timers/promises';

/** Runs something with the built server at a port, with an empty Desk. */
export async function withServer(
  port: number,
  run: (origin: string) => Promise<void>,
): Promise<void> {
  const next = ['node_modules/next/dist/bin/next', 'start', '-p', String(port)];
  const server = spawn(process.execPath, next, { env: { ...process.env, AGROLOGOS_EMPTY: '1' } });
  const origin = `http://localhost:${port}`;
  try {
    for (let tries = 0; tries < 50; tries += 1) {
      await sleep(200);
      const answer = await fetch(origin).catch(() => undefined);
      if (answer?.ok) break;
    }
    await run(origin);
  } finally {
    server.kill();
  }
}
