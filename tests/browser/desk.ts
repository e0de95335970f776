import { copyFileSync, renameSync, rmSync } from 'node:fs'
import AxeBuilder from '@axe-core/playwright'
import { expect, test as base, type Page } from '@playwright/test'

const kept = 'storage/setup/browser'

/** What a first try has left is nobody’s beginning: a second one starts with the demo as it was made. */
function begunAnew(desk: string): void {
  const base = `${kept}/${desk}.sqlite`
  for (const beside of ['-wal', '-shm']) rmSync(base + beside, { force: true })
  copyFileSync(`${kept}/${desk}.untouched`, `${base}.new`)
  renameSync(`${base}.new`, base)
}

/** Every test checks on the side that no request leaves the machine and that the page throws nothing. */
export const test = base.extend<{ begun: undefined; watched: undefined }>({
  begun: [
    // eslint-disable-next-line no-empty-pattern
    async ({}, use, { project, retry }) => {
      if (retry > 0) begunAnew(project.name)
      await use(undefined)
    },
    { auto: true },
  ],
  watched: [
    async ({ page }, use) => {
      const left: string[] = []
      const thrown: string[] = []
      page.on('request', (request) => {
        const url = new URL(request.url())
        if (!['127.0.0.1', 'localhost'].includes(url.hostname) && !['data:', 'blob:'].includes(url.protocol)) {
          left.push(request.url())
        }
      })
      page.on('pageerror', (error) => thrown.push(error.message))
      await use(undefined)
      expect(left, 'requests that left the machine').toEqual([])
      expect(thrown, 'errors the page threw').toEqual([])
    },
    { auto: true },
  ],
})

export { expect }

export async function signIn(page: Page, email = 'isaura@saltmarrow.example', password = 'cargo-bike') {
  await page.goto('/sign-in')
  await page.getByLabel('E-mail address').fill(email)
  await page.getByLabel('Password').fill(password)
  await page.getByRole('button', { name: 'Sign in' }).click()
}

export async function atTheRound(page: Page) {
  await signIn(page)
  await expect(page.getByRole('heading', { name: 'Orrin Kestlewick' })).toBeVisible()
}

/** Goes to one client's place by way of the list. */
export async function openClient(page: Page, name: string, place?: 'Health' | 'Limits and room' | 'Shelf' | 'Ledger') {
  await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'Clients' }).click()
  // Until then the page that was left is still there, with links of the same name.
  await expect(page).toHaveURL(/\/clients$/)
  await expect(page.getByRole('heading', { level: 1, name: 'Clients' })).toBeVisible()
  await page.getByRole('link', { name: new RegExp(name) }).click()
  if (place) await page.getByRole('navigation', { name }).getByRole('link', { name: place }).click()
}

interface Visit {
  sessionId: number
  items: { id: number; name: string }[]
}

/** Today's visit to a client, with its exercises. */
export async function visitTo(page: Page, client: string): Promise<Visit> {
  return page.evaluate(async (name) => {
    const get = async <T>(path: string) =>
      (await (await fetch(`/api/${path}`, { headers: { Accept: 'application/json' } })).json()) as T
    const { visits } = await get<{ visits: { clientName: string; sessionId: number }[] }>('round')
    const sessionId = visits.find((visit) => visit.clientName === name)?.sessionId ?? 0
    const { blocks } = await get<{ blocks: { items: { id: number; name: string }[] }[] }>(`sessions/${sessionId}`)
    return { sessionId, items: blocks.flatMap((block) => block.items) }
  }, client)
}

/** Leaves out what comes before, until an exercise is next; says how many sets are through by then. */
export async function skipTo(page: Page, wanted: string | RegExp): Promise<number> {
  const movement = page.getByRole('region', { name: /^(Now|Next)$/ })
  const sought =
    typeof wanted === 'string'
      ? movement.getByRole('heading', { level: 1, name: wanted, exact: true })
      : movement.getByText(wanted)
  const progress = page.getByRole('img', { name: /^\d+ of \d+ sets through/ })
  await progress.waitFor()
  const through = async () => Number(/^\d+/.exec((await progress.getAttribute('aria-label')) ?? '')?.[0])
  for (let i = 0; !(await sought.isVisible()) && i < 20; i++) {
    const before = await through()
    await page.getByRole('button', { name: 'More', exact: true }).click()
    await page.getByRole('button', { name: /^Leave .* out$/ }).click()
    await expect.poll(through).toBeGreaterThan(before)
  }
  await expect(sought).toBeVisible()
  return through()
}

/** Begins the set that is next, and says that it is done. */
export async function doSet(page: Page) {
  await page.getByRole('button', { name: /^Begin / }).click()
  await page.getByRole('button', { name: 'Set done' }).click()
}

/** WCAG 2.2 at levels A and AA. */
export const byRule = ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']

/** What keeps someone from using the page as it stands, by the rules of WCAG 2.2 AA. */
export async function violations(page: Page, where: string): Promise<string[]> {
  const found = await new AxeBuilder({ page }).withTags(byRule).analyze()
  return found.violations.map(
    ({ id, nodes }) => `${where} ${id}: ${nodes.map((node) => node.target.join(' ')).join(', ')}`,
  )
}

/** The same of some places, one after the other. */
export async function inaccessible(page: Page, paths: string[]): Promise<string[]> {
  const found: string[] = []
  for (const path of paths) {
    await page.goto(path)
    await expect(page.getByRole('heading').first()).toBeVisible()
    await page.waitForLoadState('networkidle')
    found.push(...(await violations(page, path)))
  }
  return found
}

/** Colours that are on their way from one to the other are neither. */
export const turn = (page: Page, theme: string) =>
  page.evaluate(async (to) => {
    document.documentElement.dataset.theme = to
    const turning = () => document.getAnimations().filter((one) => one instanceof CSSTransition)
    // Some begin only once others have; where something moves all the time, no more than three rounds are waited for.
    for (let round = 0; round < 3; round++) {
      await Promise.allSettled(turning().map((one) => one.finished))
      await new Promise((drawn) => requestAnimationFrame(drawn))
    }
  }, theme)
