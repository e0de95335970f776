import { test } from '@playwright/test'
import { atTheRound, skipTo, visitTo } from '../../tests/browser/desk'

/** The main views, in the order of a trainer's path; names are the files. */
const views = [
  ['round', '/'],
  ['health', '/clients/7/health'],
  ['shelf', '/clients/5/shelf'],
  ['catalogue', '/catalogue'],
  ['exercise', '/catalogue/split-squat'],
  ['rail', '/clients/4/rail?pattern=squat'],
  ['ledger', '/clients/2/ledger'],
  ['start', '/clients/9/start'],
] as const

test('the main views', async ({ page }) => {
  test.setTimeout(180_000)
  const picture = (name: string) => page.screenshot({ path: `docs/screenshots/${name}.png` })
  await atTheRound(page)
  for (const [name, path] of views) {
    await page.goto(path)
    await page.waitForLoadState('networkidle')
    await picture(name)
  }
  const orrin = await visitTo(page, 'Orrin Kestlewick')
  const marisol = await visitTo(page, 'Marisol Tangwynne')
  const swap = (visit: typeof orrin, exercise: string) =>
    `/swap/${visit.items.find((item) => item.name === exercise)?.id}`
  await page.goto(swap(orrin, 'Half-kneeling press'))
  await page.waitForLoadState('networkidle')
  await picture('swap-desk')
  await page.goto('/clients/4/shelf')
  await page.getByRole('region', { name: 'Coverage' }).scrollIntoViewIfNeeded()
  await page.getByText('Every pattern, with its loads').click()
  await page.getByText('Trying one thing after the other').waitFor({ state: 'hidden' })
  await page.getByRole('heading', { name: 'Coverage' }).evaluate((heading) => heading.scrollIntoView())
  await picture('coverage')
  await page.goto('/clients/1/programme')
  await page.getByRole('region', { name: 'Forecast' }).waitFor()
  await page.waitForLoadState('networkidle')
  await page.getByRole('heading', { name: 'Muscle, 10 weeks' }).evaluate((heading) => heading.scrollIntoView())
  await picture('programme')
  await page.getByRole('button', { name: 'Plan a new one' }).click()
  await page.getByRole('button', { name: 'Plan it for me' }).click()
  await page.getByRole('region', { name: 'Checks' }).waitFor()
  await page.getByRole('region', { name: /^Muscle, 6 weeks/ }).evaluate((region) => region.scrollIntoView())
  await picture('programme-draft')
  await page.goto('/clients/1/programme')
  await page.getByRole('link', { name: 'Change this week' }).click()
  const squat = page.locator('[data-slot]').filter({ visible: true, hasText: 'Rucksack squat' }).first()
  await squat.press('Enter')
  await page.getByRole('heading', { name: /^Week 7 of/ }).waitFor()
  await squat.evaluate((row) => row.scrollIntoView({ block: 'center' }))
  await page.waitForLoadState('networkidle')
  await picture('programme-week')
  await page.goto('/clients/8/bench')
  await page.getByRole('button', { name: 'Hang it' }).click()
  for (const length of ['163', '195', '228', '260']) {
    await page.getByRole('button', { name: `${length} cm`, exact: true }).click()
    await page.waitForTimeout(3000)
    await page.getByRole('button', { name: /Take the point/ }).click()
    await page.waitForTimeout(1000)
  }
  await page.evaluate(() => scrollTo(0, 0))
  await picture('bench')
  await page.goto(`/replan/${marisol.sessionId}?for=missing`)
  await page.getByText('12 kg kettlebell', { exact: true }).click()
  await page.getByRole('region', { name: 'The changed session' }).waitFor()
  await page.waitForLoadState('networkidle')
  await picture('replan')
  await page.goto(`/floor/${marisol.sessionId}`)
  await page.getByRole('button', { name: 'Start the session' }).click()
  await skipTo(page, 'Goblet squat')
  // On a busy machine the figure follows the words, and the main button wakes half a second after a change.
  await page.locator('.floor-figure').waitFor()
  await page.locator('.floor-main:not([aria-disabled="true"])').first().waitFor()
  await picture('floor')
  await page.setViewportSize({ width: 390, height: 844 })
  await page.locator('.floor-figure').waitFor()
  await picture('floor-phone')
  await page.goto('/')
  await page.waitForLoadState('networkidle')
  await picture('round-phone')
  await page.setViewportSize({ width: 1280, height: 800 })
  await page.evaluate(() => localStorage.setItem('nimble-shelf-theme', 'evening'))
  await page.goto('/clients/1/programme')
  await page.getByRole('button', { name: 'Plan a new one' }).click()
  await page.getByText('Write it', { exact: true }).click()
  const session = page.getByLabel('The session, a line a block')
  await session.fill(
    'warm-up: marching 1 min\nA1 floor press 3x8-10\nA2 band row 3x12\npress 3x10, keep ribs down\n' +
      'split squat 3x8/leg @ 8\npyramid 6-8-10-8-6 press ups\nplank 3x45s',
  )
  await page.getByText('2 things are asked').waitFor()
  await page.waitForLoadState('networkidle')
  await session.evaluate((field) => field.scrollIntoView())
  await page.evaluate(() => window.scrollBy(0, -60))
  await picture('written-evening')
})
