import type { NextConfig } from 'next';
import { fileURLToPath } from 'node:url';

const config: NextConfig = {
  transpilePackages: ['@tavu/core', '@tavu/player'],
  poweredByHeader: false,
  // Pictures are the project's own and shown as they are; nothing is fetched and made smaller here.
  images: { unoptimized: true },
  devIndicators: false,
  // `npm run types` checks them, once.
  typescript: { ignoreBuildErrors: true },
  turbopack: { root: fileURLToPath(new URL('../..', import.meta.url)) },
};

export default config;
