import usual from './playwright.config'

/** The first server and the browser of the tests; the pictures go to docs/screenshots. */
export default {
  ...usual,
  testDir: 'docs/screenshots',
  projects: usual.projects?.slice(0, 1).map(({ use }) => ({ use, testMatch: '*.pictures.ts' })),
  webServer: Array.isArray(usual.webServer) ? usual.webServer[0] : usual.webServer,
}
