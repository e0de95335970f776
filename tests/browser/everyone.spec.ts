import AxeBuilder from '@axe-core/playwright'
import { atTheRound, byRule, expect, test, turn, visitTo } from './desk'
import type { Page } from '@playwright/test'

/*
 * Every view by the rules of WCAG 2.2 AA: on a laptop and on a phone, by day and in the evening, with dialogs open and with
 * what is wrong standing beside its field.
 */

const sizes = { laptop: { width: 1280, height: 800 }, phone: { width: 390, height: 844 } }

/** The colours alone: the evening has others, and nothing else that is. */
async function colours(page: Page, where: string): Promise<string[]> {
  await turn(page, 'evening')
  const found = await looking(page).withRules(['color-contrast']).analyze()
  await turn(page, 'linen')
  return said(found.violations, where)
}

/** Everything but the colours, which are the same on a phone. */
async function shape(page: Page, where: string): Promise<string[]> {
  const found = await looking(page).withTags(byRule).disableRules(['color-contrast']).analyze()
  return said(found.violations, where)
}

/** Of exercises there are hundreds that look alike: the first few of each pattern stand for them. */
const looking = (page: Page) => new AxeBuilder({ page }).exclude('.exercise-card:nth-child(n + 4)')

const said = (found: { id: string; nodes: { target: unknown[] }[] }[], where: string) =>
  found.map(({ id, nodes }) => `${where} ${id}: ${nodes.map((node) => node.target.join(' ')).join(', ')}`)

type View = [path: string, state?: string, act?: (page: Page) => Promise<void>]

const submit = (name: string) => async (page: Page) => {
  await page.getByRole('button', { name }).first().click()
  await expect(page.locator('[aria-invalid="true"]').first()).toBeVisible()
}

async function looked(page: Page, views: View[]): Promise<string[]> {
  const found: string[] = []
  for (const [path, state = '', act] of views) {
    await page.setViewportSize(sizes.laptop)
    await page.goto(path)
    await expect(page.getByRole('heading').first()).toBeVisible()
    await page.waitForLoadState('networkidle')
    await act?.(page)
    const where = `${path} ${state}`
    const all = await looking(page).withTags(byRule).analyze()
    found.push(...said(all.violations, `${where}, laptop`), ...(await colours(page, `${where}, evening`)))
    await page.setViewportSize(sizes.phone)
    found.push(...(await shape(page, `${where}, phone`)))
  }
  return found
}

test('every place of the desk can be used by everyone, with its dialogs and its errors', async ({ page }) => {
  test.slow()
  await atTheRound(page)
  const { sessionId, items } = await visitTo(page, 'Marisol Tangwynne')
  const squat = items.find((item) => item.name === 'Goblet squat')?.id ?? 0
  expect(squat).toBeGreaterThan(0)
  const key = (name: string, shown: string) => async (there: Page) => {
    await there.keyboard.press(name)
    await expect(there.getByRole('dialog', { name: shown })).toBeVisible()
  }
  const found = await looked(page, [
    ['/'],
    ['/', 'list of keys', key('?', 'Keys and words')],
    ['/', 'jump', key('/', 'Jump to a place')],
    ['/?add=visit'],
    ['/clients'],
    ['/clients?q=zzzz', 'nobody'],
    ['/clients/new'],
    ['/clients/new', 'wrong', submit('Go on to the health questions')],
    ['/settings'],
    ['/settings', 'wrong', submit('Change the password')],
    ['/catalogue'],
    ['/catalogue/goblet-squat'],
    ['/catalogue/anvil-toss', 'not there'],
    [`/swap/${squat}`],
    [`/replan/${sessionId}?for=sore`],
    [`/floor/${sessionId}`],
    ['/nowhere'],
  ])
  expect(found).toEqual([])
})

test('every place of a client can be used by everyone, with its errors', async ({ page }) => {
  test.slow()
  await atTheRound(page)
  const found = await looked(page, [
    ['/clients/1'],
    ['/clients/1', 'measuring', async (there) => there.getByRole('button', { name: 'Measure again' }).click()],
    ['/clients/1/health'],
    ['/clients/1/room'],
    ['/clients/1/shelf'],
    ['/clients/1/shelf', 'wrong', submit('Put it on the shelf')],
    ['/clients/1/shelf/print'],
    ['/clients/4/bench'],
    ['/clients/1/rail'],
    ['/clients/1/programme'],
    ['/clients/1/ledger'],
    ['/clients/999', 'not there'],
  ])
  expect(found).toEqual([])
})
