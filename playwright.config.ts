import { defineConfig } from '@playwright/test'

/** A demo and a server of its own for each of these, so that they run beside each other. */
const desks = [
  {
    name: 'desk',
    port: 8015,
    testIgnore: ['floor.spec.ts', 'hands.spec.ts', 'reach.spec.ts', 'visit.spec.ts', 'everyone.spec.ts'],
  },
  {
    name: 'floor',
    port: 8016,
    testMatch: ['floor.spec.ts', 'hands.spec.ts', 'reach.spec.ts', 'visit.spec.ts', 'everyone.spec.ts'],
  },
]

export default defineConfig({
  testDir: 'tests/browser',
  outputDir: 'tests/browser/results',
  // One demo serves all specs of a project; they use different clients of it and run one after the other.
  workers: desks.length,
  fullyParallel: false,
  // One more try, on a machine that may stand still; bin/test names every test that needed it.
  retries: 1,
  // Generous, because a shared machine may stand still for seconds; nothing here is a measure of speed.
  timeout: 150_000,
  expect: { timeout: 30_000 },
  use: {
    viewport: { width: 1280, height: 800 },
    reducedMotion: 'reduce',
    // The page comes from the server in every test but those that take the network away.
    serviceWorkers: 'block',
    trace: 'on-first-retry',
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
  projects: desks.map(({ port, ...desk }) => ({
    ...desk,
    workers: 1,
    use: { baseURL: `http://127.0.0.1:${port}` },
  })),
  webServer: desks.map(({ name, port }) => ({
    command: `bash tests/browser/serve ${name} ${port}`,
    url: `http://127.0.0.1:${port}/up`,
    // The demo is lived through where nobody has made it today.
    timeout: 600_000,
    reuseExistingServer: false,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 3000 },
  })),
})
