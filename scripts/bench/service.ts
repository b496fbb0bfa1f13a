/**
 * The route as a service, of the built server: plans a second by a batch, against one after another on this thread, and how
 * long a health check takes meanwhile against one that is alone.
 */
import { spawn } from 'node:child_process';
import { availableParallelism } from 'node:os';
import { demoCounty } from '../../demo/county';
import { answerPlan } from '../../files/planApi/answer';
import { median, tell } from './timing';

const PORT = 3220;
const BASE = `http://127.0.0.1:${PORT}`;
const TIMES = 20;

async function healthMs(): Promise<number> {
  const started = performance.now();
  await (await fetch(`${BASE}/api/health`)).arrayBuffer();
  return performance.now() - started;
}

async function batch(cases: readonly string[]): Promise<void> {
  const headers = { 'content-type': 'application/x-ndjson' };
  const answer = await fetch(`${BASE}/api/plans`, {
    method: 'POST',
    headers,
    body: cases.join('\n'),
  });
  const lines = (await answer.text()).trim().split('\n');
  const wrong = lines.filter((line) => !/^\{"line":\d+,"status":200/.test(line));
  if (wrong.length > 0 || lines.length !== cases.length) throw new Error('a case was not answered');
}

async function main(): Promise<void> {
  const next = ['node_modules/next/dist/bin/next', 'start', '-p', `${PORT}`, '-H', '127.0.0.1'];
  const server = spawn('node', next, { stdio: ['ignore', 'pipe', 'inherit'] });
  await new Promise<void>((resolve) => {
    server.stdout.on('data', (said: Buffer) => {
      if (said.toString().includes('Ready')) resolve();
    });
  });
  try {
    const county = demoCounty('2027-10-04').map((file) => JSON.stringify(file));
    const cases = Array.from({ length: TIMES }, () => county).flat();
    const bytes = cases.map((text) => new TextEncoder().encode(text));
    await batch(county.concat(county));
    const alone: number[] = [];
    for (let time = 0; time < 30; time += 1) alone.push(await healthMs());
    bytes.slice(0, county.length * 2).forEach((each) => answerPlan(each, 'us'));
    const here = performance.now();
    bytes.forEach((each) => answerPlan(each, 'us'));
    const oneThread = performance.now() - here;
    // The server has closed meanwhile what lay idle: let that be seen here.
    await new Promise((resolve) => setTimeout(resolve, 100));
    const started = performance.now();
    let done = false;
    const work = batch(cases).then(() => (done = true));
    const under: number[] = [];
    while (!done) {
      under.push(await healthMs());
      await new Promise((resolve) => setTimeout(resolve, 20));
    }
    await work;
    const whole = performance.now() - started;
    const cores = availableParallelism();
    const aSecond = (cases.length * 1000) / whole;
    console.log(
      `${cases.length} cases of the demo county in a batch: ${aSecond.toFixed(0)} plans a second, ${(aSecond / cores).toFixed(0)} a core of ${cores}`,
    );
    console.log(
      `health alone ${median(alone).toFixed(1)} ms; under a batch ${median(under).toFixed(1)} ms, at the most ${Math.max(...under).toFixed(0)} ms`,
    );
    tell('batch ÷ one thread without a server, lower is better', whole / oneThread);
  } finally {
    server.kill('SIGTERM');
  }
}

void main();
