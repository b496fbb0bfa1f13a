/** Port of the server under test; its own, so that a running `./start` is left alone. */
export const PORT = 3217;

/** Debian's Chromium, told not to call anybody. */
export const CHROMIUM = {
  executablePath: '/usr/bin/chromium',
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
