import type { Page } from '@playwright/test'
import { atTheRound, doSet, expect, skipTo, test, turn } from './desk'
import { openAsNew } from './floor'

const places = [
  '/',
  '/clients',
  '/clients/new',
  '/catalogue/squat',
  '/settings',
  '/clients/1',
  '/clients/1/health',
  '/clients/1/room',
  '/clients/1/shelf',
  '/clients/1/rail',
  '/clients/1/programme',
  '/clients/1/start',
  '/clients/9/start',
  '/clients/1/ledger',
]

/** Controls that are smaller than a thumb or a pointer needs; what stands in a line of text is measured by its line. */
const tooSmall = (page: Page, least: number) =>
  page.evaluate((min) => {
    const isSmall = (one: Element) => {
      const { width, height } = one.getBoundingClientRect()
      // A tick is as large as the words that belong to it.
      const isLabelled = one instanceof HTMLInputElement && one.closest('label') !== null
      const isHidden = width <= 1 || getComputedStyle(one).visibility === 'hidden'
      return !isHidden && !isLabelled && !one.matches('.term') && (width < min - 0.5 || height < min - 0.5)
    }
    return [...document.querySelectorAll('button, summary, input, select, textarea, a.btn')]
      .filter(isSmall)
      .map((one) => `${one.tagName} ${(one.getAttribute('aria-label') ?? one.textContent).trim().slice(0, 30)}`)
  }, least)

/** The weakest line round a field against what lies behind it; 3 is wanted. */
const weakestBorder = (page: Page) =>
  page.evaluate(() => {
    const context = document.createElement('canvas').getContext('2d', { willReadFrequently: true })
    const light = (color: string): number => {
      if (context === null) return 0
      context.fillStyle = color
      context.fillRect(0, 0, 1, 1)
      const part = (value: number) => {
        const share = value / 255
        return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4
      }
      const [red = 0, green = 0, blue = 0] = context.getImageData(0, 0, 1, 1).data
      return 0.2126 * part(red) + 0.7152 * part(green) + 0.0722 * part(blue)
    }
    const paper = light(getComputedStyle(document.body).backgroundColor)
    const ratios = [...document.querySelectorAll('.input, .select, .textarea')].map((field) => {
      const line = light(getComputedStyle(field).borderTopColor)
      return (Math.max(line, paper) + 0.05) / (Math.min(line, paper) + 0.05)
    })
    return Math.min(21, ...ratios)
  })

/** How far a page is wider than its window, pixels. */
const overTheSide = (page: Page) => page.evaluate(() => document.documentElement.scrollWidth - innerWidth)

const hasFocus = (page: Page) => page.evaluate(() => document.activeElement !== document.body)

test('everything can be hit, seen and read large, by day, in the evening and in the colours of the system', async ({
  page,
}) => {
  test.slow()
  await atTheRound(page)
  for (const path of [...places, '/catalogue', '/clients/1/bench']) {
    await page.goto(path)
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    await page.waitForLoadState('networkidle')
    await expect.poll(() => tooSmall(page, 24), { message: path }).toEqual([])
    for (const theme of ['linen', 'evening']) {
      await turn(page, theme)
      await expect.poll(() => weakestBorder(page), { message: `fields of ${path}, ${theme}` }).toBeGreaterThanOrEqual(3)
    }
    // Text twice as large, and everything four times as large, which is a window of 320: nothing goes off the side.
    const large = await page.addStyleTag({ content: 'html { font-size: 200% }' })
    await expect.poll(() => overTheSide(page), { message: `${path}, text at 200 %` }).toBeLessThanOrEqual(0)
    await large.evaluate((tag) => (tag as HTMLStyleElement).remove())
    await page.setViewportSize({ width: 320, height: 568 })
    await expect.poll(() => overTheSide(page), { message: `${path}, at 400 %` }).toBeLessThanOrEqual(0)
    await expect.poll(() => tooSmall(page, 24), { message: `${path}, at 400 %` }).toEqual([])
    await page.setViewportSize({ width: 1280, height: 800 })
  }
  // Where the system paints, the place one is at and the main button are told by a line.
  await page.emulateMedia({ forcedColors: 'active' })
  await page.goto('/clients/1/programme')
  const now = page.getByRole('navigation', { name: 'Places' }).locator('[aria-current]')
  await expect(now).toBeVisible()
  expect(await now.evaluate((one) => getComputedStyle(one).outlineStyle)).toBe('solid')
  const main = page.getByRole('button', { name: 'Plan a new one' })
  expect(await main.evaluate((one) => getComputedStyle(one).borderTopWidth)).toBe('3px')
})

test('the focus goes into what opens on the Floor, comes back, and is never nowhere; a thumb hits all of it', async ({
  page,
}) => {
  test.slow()
  await page.setViewportSize({ width: 390, height: 844 })
  await atTheRound(page)
  await openAsNew(page, 'Rounds and the clock')
  for (const [button, region] of [
    ['More', 'More'],
    ['Swap', 'Swap'],
    ['Sound, hand and counting', 'Sound, hand and counting'],
  ] as const) {
    const opener = page.getByRole('button', { name: button, exact: true })
    await opener.click()
    await expect(page.getByRole('region', { name: region })).toBeFocused()
    await expect.poll(() => tooSmall(page, 44), { message: button }).toEqual([])
    await page.keyboard.press('Escape')
    await expect(opener).toBeFocused()
  }
  const pain = page.getByRole('alertdialog', { name: 'Pain' })
  await page.getByRole('button', { name: 'Pain', exact: true }).click()
  await expect(pain).toBeFocused()
  await pain.getByRole('button', { name: 'It was not pain: back' }).click()
  await expect.poll(() => hasFocus(page)).toBe(true)
  await page.getByRole('button', { name: 'Swap', exact: true }).click()
  await page.getByRole('region', { name: 'Swap' }).getByRole('listitem').first().getByRole('button').click()
  await expect.poll(() => hasFocus(page)).toBe(true)
  for (const what of [/^Cut to/, 'End early']) {
    await page.getByRole('button', { name: 'More', exact: true }).click()
    const action = page.getByRole('region', { name: 'More' }).getByRole('button', { name: what }).first()
    if (!(await action.isVisible())) continue
    await action.click()
    await expect.poll(() => hasFocus(page)).toBe(true)
  }
  await expect(page.getByRole('heading', { name: 'Done for today' })).toBeVisible()
})

/** Words of our own, which no trainer brings along; places and plain words of the trade are none of them. */
const ourOwn = [
  /\brungs?\b/i,
  /\bpegs?\b/i,
  /\bmatch\b/i,
  /\bas in the\b/i,
  /\bbridged\b|\bbridges with\b/i,
  /\bstands in for\b/i,
  /\bpromised\b/i,
  /\bhard sets?\b/i,
  /\bplan anew\b/i,
  /\breckoned\b/i,
]

test('the Floor on a very small phone is one column, and lying down all of a rest is above the thumb', async ({
  page,
}) => {
  test.slow()
  await page.setViewportSize({ width: 320, height: 568 })
  await atTheRound(page)
  await openAsNew(page, 'Beside Gideon')
  const fits = async (what: string) =>
    await expect.poll(() => overTheSide(page), { message: what }).toBeLessThanOrEqual(0)
  await fits('get ready')
  for (const button of ['More', 'Swap', 'Pain', 'Sound, hand and counting']) {
    await page.getByRole('button', { name: button, exact: true }).click()
    await expect.poll(() => hasFocus(page)).toBe(true)
    await fits(button)
    await page.keyboard.press('Escape')
  }
  await skipTo(page, 'Knee push-up')
  await doSet(page)
  const reserve = page.getByRole('button', { name: '0 in reserve' }).first()
  await expect(reserve).toBeVisible()
  await fits('rest')
  await page.setViewportSize({ width: 844, height: 390 })
  await page.evaluate(() => scrollTo(0, 0))
  await expect(reserve).toBeInViewport({ ratio: 1 })
  const bar = await page.locator('.floor-bar').boundingBox()
  const last = await reserve.boundingBox()
  expect((last?.y ?? 0) + (last?.height ?? 0)).toBeLessThanOrEqual(bar?.y ?? 0)
  await fits('rest, lying down')
})

test('no page goes on for ever, at either size, none goes off the side, and each speaks as the trade does', async ({
  page,
}) => {
  test.slow()
  await atTheRound(page)
  const toSwap = await page.evaluate(async () => {
    const round = (await (await fetch('/api/round', { headers: { Accept: 'application/json' } })).json()) as {
      visits: { firstSwapItemId: number | null }[]
    }
    return round.visits.flatMap(({ firstSwapItemId }) => (firstSwapItemId === null ? [] : [firstSwapItemId]))
  })
  const long = [...places, '/catalogue', '/catalogue?fits=1', '/clients/8/programme', '/clients/8/shelf']
  const heights: string[] = []
  for (const [width, height, most] of [
    [1280, 800, 2500],
    [390, 844, 5000],
  ] as const) {
    await page.setViewportSize({ width, height })
    for (const path of [...long, ...toSwap.slice(0, 1).map((id) => `/swap/${id}`)]) {
      // The Ledger waits for an order of its own.
      if (path.endsWith('/ledger')) continue
      await page.goto(path)
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
      await page.waitForLoadState('networkidle')
      const size = await page.evaluate(() => [
        document.documentElement.scrollHeight,
        document.documentElement.scrollWidth,
      ])
      heights.push(`${width} ${path}: ${size[0]} px`)
      expect(size[1], `${path} at ${width}`).toBeLessThanOrEqual(width)
      expect(size[0], `${path} at ${width}`).toBeLessThanOrEqual(most)
      const text = await page.getByRole('main').innerText()
      expect(ourOwn.filter((word) => word.test(text)).length, `words of our own on ${path}`).toBeLessThanOrEqual(2)
    }
  }
  console.log(`Heights of pages\n${heights.join('\n')}\n`)
})

test('a figure that moves over and over can be stopped, and stays so', async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'no-preference' })
  await atTheRound(page)
  await page.goto('/catalogue/squat')
  const figure = page.getByRole('img', { name: 'Squat', exact: true })
  const drawn = () => figure.evaluate((one) => one.innerHTML)
  const before = await drawn()
  await expect.poll(drawn).not.toBe(before)
  await page.getByRole('button', { name: 'Stop the movement' }).click()
  const still = await drawn()
  // As many frames as would have moved it.
  await page.evaluate(
    () =>
      new Promise<void>((done) => {
        let left = 30
        const next = () => (left-- > 0 ? requestAnimationFrame(next) : done())
        next()
      }),
  )
  expect(await drawn()).toBe(still)
  await page.reload()
  await page.getByRole('button', { name: 'Let it move' }).click()
  await expect.poll(drawn).not.toBe(still)
})
