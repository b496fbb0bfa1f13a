/** The whole browser is killed while somebody types, as a laptop whose battery gives out. */
import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type Browser } from '@playwright/test';
import { App, expect, test } from './app';
import { CHROMIUM } from './browser';
import { seeded } from './seeded';

/** The long form kills it 50 times: `KILLS=50 npm run browser`. */
const KILLS = Number(process.env['KILLS'] ?? 3);
/** What was typed longer ago than this has to be there: asked in the long form alone, since it is about time. */
const OLDEST_MS = process.env['KILLS'] ? 1000 : Infinity;

interface Running {
  readonly process: ChildProcess;
  readonly browser: Browser;
}

/** A browser of its own, with a profile that outlives it. */
async function start(profile: string): Promise<Running> {
  const own = ['--headless', '--remote-debugging-port=0', `--user-data-dir=${profile}`];
  const process = spawn(CHROMIUM.executablePath, [...CHROMIUM.args, ...own, 'about:blank'], {
    detached: true,
    stdio: ['ignore', 'ignore', 'pipe'],
  });
  const address = await new Promise<string>((resolve) => {
    let said = '';
    process.stderr.on('data', (part: Buffer) => {
      said += part.toString();
      const found = /DevTools listening on (\S+)/.exec(said)?.[1];
      if (found) resolve(found);
    });
  });
  return { process, browser: await chromium.connectOverCDP(address) };
}

/** Ends all of it at once, with nothing said to it. */
async function kill({ process: root }: Running): Promise<void> {
  const { pid } = root;
  if (pid === undefined) throw new Error('the browser did not start');
  const gone = new Promise((resolve) => root.once('exit', resolve));
  process.kill(-pid, 'SIGKILL');
  await gone;
}

test('a browser that is killed at seeded moments keeps what it called saved', async ({
  baseURL,
}) => {
  test.setTimeout(1_800_000);
  const random = seeded(50);
  const profile = mkdtempSync(join(tmpdir(), 'killed-'));
  let url = '';
  let typed: { readonly text: string; readonly at: number }[] = [];
  let saved = '';
  for (let turn = 0; turn <= KILLS; turn += 1) {
    const running = await start(profile);
    const [context] = running.browser.contexts();
    if (!context) throw new Error('the browser has no page');
    const app = new App(await context.newPage());
    const { page } = app;
    const title = app.field('Name of the case');
    if (url === '') {
      await page.goto(String(baseURL));
      await page.getByRole('button', { name: /^New case/ }).click();
      await title.waitFor();
      await app.saved();
      url = page.url();
    } else {
      await page.goto(url);
      await title.waitFor();
    }
    const before = await title.inputValue();
    expect(before.startsWith(saved)).toBe(true);
    const old = typed.findLast(({ at }) => at < -OLDEST_MS)?.text ?? '';
    expect(before.startsWith(old)).toBe(true);
    await expect(page.getByRole('navigation', { name: 'Steps' })).toBeVisible();
    if (turn === KILLS) {
      await kill(running);
      break;
    }
    // The page tells what stood in the field when it said so.
    await page.exposeFunction('saidSaved', (text: string) => (saved = text));
    await page.evaluate(() => {
      const told = window as unknown as { saidSaved: (text: string) => void };
      const status = document.querySelector('[data-save]');
      const field = document.querySelector<HTMLInputElement>('#worksheet input');
      if (!status || !field) throw new Error('the worksheet is not there');
      new MutationObserver(() => {
        if (status.getAttribute('data-save') === 'saved') told.saidSaved(field.value);
      }).observe(status, { attributes: true });
    });
    await title.focus();
    await page.keyboard.press('End');
    const moments: { text: string; at: number }[] = [];
    let ended = false;
    const typing = (async () => {
      let text = before;
      for (const letter of 'abcdefghijklmnopqrstuvwxyz') {
        if (ended) return;
        await page.keyboard.press(letter);
        text += letter;
        moments.push({ text, at: performance.now() });
        await page.waitForTimeout(random() * 120);
      }
    })().catch(() => undefined);
    await new Promise((resolve) => setTimeout(resolve, random() * 4000));
    const now = performance.now();
    typed = moments.map(({ text, at }) => ({ text, at: at - now }));
    ended = true;
    await kill(running);
    await typing;
  }
  rmSync(profile, { recursive: true, force: true });
});
