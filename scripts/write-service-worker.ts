/**
 * Writes `public/service-worker.js`: the service worker of this build with the list of what it keeps. Run by `npm run
 * build`, after Next's own build and the policy.
 */
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { buildSync } from 'esbuild';

interface Kept {
  readonly url: string;
  /** None where the name changes with what is in the file. */
  readonly revision: string | null;
}

function filesIn(folder: string): string[] {
  return readdirSync(folder, { recursive: true, withFileTypes: true, encoding: 'utf8' })
    .filter((entry) => entry.isFile())
    .map((entry) => path.relative(folder, path.join(entry.parentPath, entry.name)));
}

function hashOf(text: string | Buffer): string {
  return createHash('sha256').update(text).digest('hex').slice(0, 16);
}

const APP = '.next/server/app';
// An answer is kept with its headers: a page whose policy has changed is another page.
const policy = readFileSync('.next/csp.json');

const pages = filesIn(APP)
  .filter((file) => file.endsWith('.html') && !file.startsWith('_'))
  .map((file): Kept => {
    const name = file.replace(/\.html$/, '');
    const html = readFileSync(path.join(APP, file));
    return {
      url: name === 'index' ? '/' : `/${name}`,
      revision: hashOf(Buffer.concat([html, policy])),
    };
  });
const bodies = filesIn(APP)
  .filter((file) => file.endsWith('.body'))
  .map((file): Kept => {
    const body = readFileSync(path.join(APP, file));
    return { url: `/${file.replace(/\.body$/, '')}`, revision: hashOf(body) };
  });
const icons = filesIn('public/icons').map((file): Kept => {
  const icon = readFileSync(path.join('public/icons', file));
  return { url: `/icons/${file}`, revision: hashOf(icon) };
});
const assets = filesIn('.next/static')
  .filter((file) => !/\.(?:map|ts)$/.test(file))
  .map((file): Kept => ({ url: `/_next/static/${file}`, revision: null }));
const files = [...pages, ...bodies, ...icons, ...assets].sort((a, b) => (a.url < b.url ? -1 : 1));
if (pages.length === 0)
  throw new Error('write-service-worker: no built page found; run next build first');

buildSync({
  entryPoints: ['workers/program.sw.ts'],
  outfile: 'public/service-worker.js',
  bundle: true,
  minify: true,
  format: 'iife',
  target: 'es2022',
  define: {
    FILES: JSON.stringify(files),
    BUILD: JSON.stringify(hashOf(JSON.stringify(files))),
    'process.env.NODE_ENV': '"production"',
  },
});
console.log(`Service worker: keeps ${files.length} files`);
