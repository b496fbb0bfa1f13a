import type { NextConfig } from 'next';
import { version } from './package.json';

/** Headers of every answer, also of assets and redirects; the policy of pages is the proxy's. */
const SECURITY = [
  { key: 'X-Content-Type-Options', value: 'nosniff' },
  { key: 'Referrer-Policy', value: 'no-referrer' },
  { key: 'X-Frame-Options', value: 'DENY' },
  { key: 'Cross-Origin-Opener-Policy', value: 'same-origin' },
  { key: 'Cross-Origin-Resource-Policy', value: 'same-origin' },
  {
    key: 'Permissions-Policy',
    value: 'camera=(), microphone=(), geolocation=(), payment=(), usb=(), browsing-topics=()',
  },
];

const config: NextConfig = {
  poweredByHeader: false,
  // It starts threads from a file, which a bundle would hide from it.
  serverExternalPackages: ['workerpool'],
  reactStrictMode: true,
  // The proxy does it: a redirect of Next's own would come without the headers.
  skipTrailingSlashRedirect: true,
  headers: () =>
    Promise.resolve([
      { source: '/:path*', headers: SECURITY },
      // The policy of pages is the proxy's; what a route answers is no page.
      {
        source: '/api/:path*',
        headers: [{ key: 'Content-Security-Policy', value: "default-src 'none'" }],
      },
    ]),
  env: { NEXT_PUBLIC_VERSION: version },
  // `./check` checks the types in a step of its own, of all files and not only of those that are built.
  typescript: { ignoreBuildErrors: true },
};
export default config;
