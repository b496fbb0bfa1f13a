import { existsSync } from 'node:fs';

/** Port of the server under test; its own, so that a running `./start` is left alone. */
export const PORT = 3217;

/** Debian's Chromium without a window of its own, which takes two thirds of the work of the whole; else the whole. */
const SHELL = '/usr/bin/chromium-headless-shell';

/** Debian's Chromium, told not to call anybody. */
export const CHROMIUM = {
  executablePath: existsSync(SHELL) ? SHELL : '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
};

/** The production server; a first visit finds an empty Desk. */
export const SERVER = {
  command: `node node_modules/next/dist/bin/next start -p ${PORT}`,
  url: `http://localhost:${PORT}`,
  reuseExistingServer: false,
  env: { AGROLOGOS_EMPTY: '1' },
};
