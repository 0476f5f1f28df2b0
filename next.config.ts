import type { NextConfig } from 'next';

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  devIndicators: false,
  // Names this build for the service worker, which keeps pages of this one and of the one before.
  env: { NEXT_PUBLIC_BUILD: process.env.RILLBANK_BUILD ?? Date.now().toString(36) },
};

export default config;
