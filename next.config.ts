import type { NextConfig } from 'next';

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  // `./check` checks the types in a step of its own, of all files and not only of those that are built.
  typescript: { ignoreBuildErrors: true },
};
export default config;
