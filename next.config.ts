import type { NextConfig } from 'next';

/** Said with every answer; what a page may load is said by src/proxy.ts. */
const HEADERS = [
  { key: 'X-Content-Type-Options', value: 'nosniff' },
  { key: 'X-Frame-Options', value: 'DENY' },
  { key: 'Referrer-Policy', value: 'no-referrer' },
  {
    key: 'Permissions-Policy',
    value: ['camera', 'geolocation', 'microphone', 'payment', 'usb'].map((what) => `${what}=()`).join(', '),
  },
];

const config: NextConfig = {
  // Two builds side by side, for a release under an open page (scripts/faults-browser.mjs).
  distDir: process.env.RILLBANK_DIST ?? '.next',
  reactStrictMode: true,
  poweredByHeader: false,
  headers: async () => [{ source: '/:path*', headers: HEADERS }],
  devIndicators: false,
  // Names this build for the service worker, which keeps pages of this one and of the one before.
  env: { NEXT_PUBLIC_BUILD: process.env.RILLBANK_BUILD ?? Date.now().toString(36) },
};

export default config;
