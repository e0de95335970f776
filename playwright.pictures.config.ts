import usual from './playwright.config'

/** The same server and browser as the tests; the pictures go to docs/screenshots. */
export default { ...usual, testDir: 'docs/screenshots', testMatch: '*.pictures.ts' }
