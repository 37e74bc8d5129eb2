import type { NextConfig } from 'next';
import { fileURLToPath } from 'node:url';

const config: NextConfig = {
  transpilePackages: ['@tavu/core', '@tavu/player'],
  poweredByHeader: false,
  devIndicators: false,
  // `npm run types` checks them, once.
  typescript: { ignoreBuildErrors: true },
  turbopack: { root: fileURLToPath(new URL('../..', import.meta.url)) },
};

export default config;
