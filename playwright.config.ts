import { defineConfig } from '@playwright/test'

const port = 8015

export default defineConfig({
  testDir: 'tests/browser',
  outputDir: 'tests/browser/results',
  // One demo database serves all; the specs use different clients of it and run one after the other.
  workers: 1,
  fullyParallel: false,
  // One more try, on a machine that may stand still; bin/test names every test that needed it.
  retries: 1,
  // Generous, because a shared machine may stand still for seconds; nothing here is a measure of speed.
  timeout: 150_000,
  expect: { timeout: 30_000 },
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    reducedMotion: 'reduce',
    // The page comes from the server in every test but those that take the network away.
    serviceWorkers: 'block',
    trace: 'retain-on-failure',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  webServer: {
    command: `bash tests/browser/serve ${port}`,
    url: `http://127.0.0.1:${port}/up`,
    // The demo is lived through where nobody has made it today.
    timeout: 600_000,
    reuseExistingServer: false,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 3000 },
  },
})
