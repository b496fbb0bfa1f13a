/**
 * Writes `.next/csp.json`: the Content-Security-Policy of this build.
 *
 * Next's static pages carry small inline bootstrap scripts. Nonces would force every page to be
 * rendered per request, so the scripts are hashed once, after the build, and proxy.ts sends the
 * hashes. Run by `npm run build`.
 */
import { createHash } from 'node:crypto';
import path from 'node:path';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';

const INLINE_SCRIPT = /<script(?![^>]*\ssrc=)[^>]*>([\s\S]*?)<\/script>/g;

function hashesOf(html: string): string[] {
  return [...html.matchAll(INLINE_SCRIPT)].map(
    ([, body]) =>
      `'sha256-${createHash('sha256')
        .update(body ?? '')
        .digest('base64')}'`,
  );
}

const pages = readdirSync('.next/server/app', { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('.html'))
  .map((file) => path.join('.next/server/app', file));
if (pages.length === 0)
  throw new Error('write-csp-hashes: no built page found; run next build first');
const hashes = [...new Set(pages.flatMap((page) => hashesOf(readFileSync(page, 'utf8'))))].sort();

const policy = [
  "default-src 'self'",
  `script-src 'self' ${hashes.join(' ')}`,
  "style-src 'self'",
  "img-src 'self' data:",
  "font-src 'self'",
  "connect-src 'self'",
  "worker-src 'self'",
  "object-src 'none'",
  "base-uri 'none'",
  "form-action 'self'",
  "frame-ancestors 'none'",
].join('; ');
writeFileSync('.next/csp.json', JSON.stringify({ policy }));
console.log(`Content-Security-Policy: ${hashes.length} script hashes from ${pages.length} pages`);
