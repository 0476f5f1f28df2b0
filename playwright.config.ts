import { defineConfig } from '@playwright/test';

const start = (port: number, env: Record<string, string> = {}) => ({
  command: `npx next start -p ${port}`,
  url: `http://localhost:${port}`,
  reuseExistingServer: !process.env.CI,
  timeout: 60_000,
  env: { NEXT_TELEMETRY_DISABLED: '1', ...env },
});

/** Drawn plainly, as a machine without a graphics chip is best served; the first pot of all is drawn in full. */
const plainly = [4101, 4102].map((port) => ({
  origin: `http://localhost:${port}`,
  localStorage: [{ name: 'rillbank.pictures', value: 'plain' }],
}));

/** Two servers from one build: with the demo, and with an empty bench. */
export default defineConfig({
  testDir: 'e2e',
  timeout: 240_000,
  expect: { timeout: 30_000 },
  // A journey waits more than it works: two share the two cores well.
  workers: 2,
  // On a shared machine a journey may meet a timeout; the list says which needed a second go.
  retries: process.env.CI ? 1 : 0,
  reporter: 'list',
  use: {
    baseURL: 'http://localhost:4101',
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'Europe/London',
    storageState: { cookies: [], origins: plainly },
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--enable-unsafe-swiftshader',
      ],
    },
  },
  projects: [
    { name: 'light', testIgnore: 'dark.spec.ts', use: { colorScheme: 'light' } },
    { name: 'dark', testMatch: 'dark.spec.ts', use: { colorScheme: 'dark' } },
  ],
  webServer: [start(4101, { RILLBANK_DEMO: '1' }), start(4102)],
});
