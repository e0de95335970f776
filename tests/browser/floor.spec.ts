import { execFileSync } from 'node:child_process'
import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium, type BrowserContext, type Page } from '@playwright/test'
import { atTheRound, doSet, expect, signIn, skipTo, test, violations } from './desk'
import { allSent, ask, asNew, logsOf, looseVisit, open, openAsNew, phase, shown, stage } from './floor'
import { keyWalk } from './walk'
import config from '../../playwright.config'

async function signInAgain(page: Page) {
  const again = page.getByRole('form', { name: 'Sign in again' })
  await again.getByLabel('E-mail address').fill('isaura@saltmarrow.example')
  await again.getByLabel('Password').fill('cargo-bike')
  await again.getByRole('button', { name: 'Sign in' }).click()
  await expect(again).toHaveCount(0)
}

/** What is on the screen, in so few words that a change is seen. */
const scene = (page: Page) =>
  stage(page).evaluate((element) =>
    [
      element.getAttribute('data-phase'),
      element.querySelector('h1')?.textContent,
      element.querySelector('[role=img]')?.getAttribute('aria-label'),
    ].join(' '),
  )

/** Nobody touches anything; the page is looked at every ten seconds, until something else is on it or two minutes have passed. */
async function lookOn(page: Page, before: string): Promise<void> {
  for (let look = 0; look < 12 && (await scene(page)) === before; look++) await page.clock.fastForward(10_000)
}

/** Runs a session to its end as a trainer would; the clock is moved on where it decides. */
async function runToTheEnd(page: Page): Promise<string[]> {
  const seen: string[] = []
  const progress = page.getByRole('img', { name: /sets through/ })
  const movement = page.getByRole('region', { name: /^(Now|Next)$/ })
  for (let i = 0; i < 80; i++) {
    const now = await phase(page)
    seen.push(now)
    if (now === 'through') break
    const before = await scene(page)
    if (now === 'choose') {
      await page.getByRole('checkbox').first().waitFor()
      for (const box of (await page.getByRole('checkbox').all()).slice(0, 2)) await box.check()
      await page.getByRole('button', { name: 'Do these' }).click()
    } else if (now === 'work') {
      const stop = page.getByRole('button', { name: /^(Set done|No longer clean: stop)$/ })
      if (await stop.isVisible()) await stop.click()
      // The bell ends it.
      else await lookOn(page, before)
    } else {
      // Between two stations the clock goes on by itself; before the first it waits for a hand.
      const isByClock = now === 'rest' && (await movement.getByText(/intervals/).isVisible())
      if (isByClock) await lookOn(page, before)
      if ((await scene(page)) === before) await page.getByRole('button', { name: /^Begin / }).click()
    }
    await expect.poll(() => scene(page)).not.toBe(before)
  }
  await expect(progress).toHaveAttribute('aria-label', /^(\d+) of \1 sets through/)
  await page.getByRole('button', { name: 'End the session' }).click()
  await expect(page.getByRole('heading', { name: 'Done for today' })).toBeVisible()
  await allSent(page)
  return seen
}

test('a whole visit without a network, the browser killed twice on the way', async ({ baseURL }) => {
  test.slow()
  const dir = mkdtempSync(join(tmpdir(), 'floor-'))
  const launch = (): Promise<BrowserContext> =>
    chromium.launchPersistentContext(dir, {
      ...config.use?.launchOptions,
      baseURL: baseURL ?? '',
      viewport: { width: 390, height: 844 },
      reducedMotion: 'reduce',
      serviceWorkers: 'allow',
    })
  /** As when the battery falls out: nothing is closed, nothing is said goodbye to. */
  const kill = () => execFileSync('pkill', ['-9', '-f', `user-data-dir=${dir}`])
  let context = await launch()
  let page = await context.newPage()
  await signIn(page)
  await expect(page.getByRole('heading', { name: 'Orrin Kestlewick' })).toBeVisible()
  const sessionId = await looseVisit(page, 'Holding, and a choice')
  await asNew(page, sessionId)
  const before = logsOf(await shown(page, sessionId)).length
  expect(before).toBe(0)
  // Today and tomorrow are packed in the background; the page itself is kept by the browser.
  const packed = () =>
    page.evaluate(
      (path) =>
        new Promise<boolean>((resolve) => {
          const opening = indexedDB.open('nimble-shelf-floor')
          opening.onsuccess = () => {
            const keys = opening.result.transaction('answers').objectStore('answers').getAllKeys()
            keys.onsuccess = () => {
              opening.result.close()
              resolve(keys.result.some((key) => String(key).endsWith(path)))
            }
          }
          opening.onerror = () => resolve(false)
        }),
      `sessions/${sessionId}/alternatives`,
    )
  await page.goto('/')
  await expect.poll(packed, { timeout: 90_000 }).toBe(true)
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
  await expect
    .poll(() => page.evaluate(async () => (await caches.keys()).length), { timeout: 60_000 })
    .toBeGreaterThan(0)

  await context.setOffline(true)
  const progress = () => page.getByRole('img', { name: /sets through/ }).getAttribute('aria-label')
  await page.goto(`/floor/${sessionId}`)
  const more = page.getByRole('button', { name: 'More', exact: true })
  await expect(page.getByRole('button', { name: 'Start the session' }).or(more)).toBeVisible()
  if (await page.getByRole('button', { name: 'Start the session' }).isVisible()) {
    await page.getByRole('button', { name: 'Start the session' }).click()
  }
  await page.getByRole('button', { name: /^Begin / }).click()
  await page.getByRole('button', { name: 'No longer clean: stop' }).click()
  await expect(page.getByText(/things are not sent yet; they are kept on this device/)).toBeVisible()
  const first = await progress()

  for (let killed = 1; killed <= 2; killed++) {
    kill()
    context = await launch()
    await context.setOffline(true)
    page = await context.newPage()
    // The same page, from the device alone, with all that was done.
    await page.goto(`/floor/${sessionId}`)
    await expect(page.getByRole('button', { name: 'More', exact: true })).toBeVisible()
    if (killed === 1) expect(await progress()).toBe(first)
    await page.getByRole('button', { name: /^Begin / }).click()
    await page.getByRole('button', { name: 'Stop before the bell' }).click()
  }
  // A choice, a swap among what was fetched beforehand, an Undo and the end: all without a network, all said at once.
  await page.getByRole('checkbox').first().waitFor()
  for (const box of (await page.getByRole('checkbox').all()).slice(0, 2)) await box.check()
  await page.getByRole('button', { name: 'Do these' }).click()
  await page.getByRole('button', { name: 'Swap', exact: true }).click()
  const sheet = page.getByRole('region', { name: 'Swap' })
  const taken = (await sheet.getByRole('listitem').nth(1).locator('.font-display').textContent()) ?? ''
  await sheet.getByRole('listitem').nth(1).getByRole('button').click()
  await expect(page.getByRole('region', { name: 'Next' })).toContainText(taken.replace(/^(easier|harder)/, ''))
  const tapped = async () => {
    for (let i = 0; i < 30 && (await phase(page)) !== 'through'; i++) {
      const before = await progress()
      if ((await phase(page)) !== 'work') await page.getByRole('button', { name: /^Begin / }).click()
      await page.getByRole('button', { name: /^(Set done|Stop before the bell)$/ }).click()
      await expect.poll(progress).not.toBe(before)
    }
  }
  await tapped()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText('The last set is taken back')).toBeVisible()
  await tapped()
  const done = Number(/^\d+/.exec((await progress()) ?? '')?.[0])
  await page.getByRole('button', { name: 'End the session' }).click()
  await expect(page.getByRole('heading', { name: 'Done for today' })).toBeVisible()
  await page.getByRole('button', { name: '6 of 10' }).click()

  // The battery took the sign-in along, if the browser had not written it down yet: it is asked for, and nothing is lost.
  await context.setOffline(false)
  const again = page.getByRole('form', { name: 'Sign in again' })
  const sent = page.getByRole('status').filter({ hasText: 'Everything is sent.' })
  await expect(again.or(sent).first()).toBeAttached()
  if ((await again.count()) > 0) await signInAgain(page)
  await allSent(page)
  const session = await shown(page, sessionId)
  expect(session.state).toBe('done')
  expect(logsOf(session)).toHaveLength(done)
  expect(new Set(logsOf(session).map((log) => log.key)).size).toBe(done)
  await context.close()
})

const kinds = {
  'Pairs, a section and a ladder': ['superset', 'section', 'ladder', 'warm-up', 'cool-down'],
  'Rounds and the clock': ['circuit', 'intervals'],
  'Two ways, and layer on layer': ['two-phase', 'layered'],
  'Holding, and a choice': ['hold', 'menu'],
}

for (const [size, viewport] of Object.entries({
  laptop: { width: 1280, height: 800 },
  phone: { width: 390, height: 844 },
})) {
  for (const [name, blocks] of Object.entries(kinds)) {
    test(`${blocks.join(', ')}: run to the end on a ${size}`, async ({ page }) => {
      test.slow()
      await page.setViewportSize(viewport)
      await atTheRound(page)
      const { sessionId } = await openAsNew(page, name)
      await runToTheEnd(page)
      const session = await shown(page, sessionId)
      expect(session.state).toBe('done')
      expect(session.blocks.map((block) => block.kind)).toEqual(expect.arrayContaining(blocks.slice(0, 2)))
      // Every set was done once, and what was not chosen not at all.
      const done = session.blocks.flatMap((block) =>
        block.items.map((item) => ({
          kind: block.kind,
          sets: new Set(
            session.steps
              .filter((step) => step.kind === 'work' && step.itemId === item.id)
              .map((step) => `${step.setNumber}${step.side}`),
          ).size,
          logs: item.setLogs.length,
        })),
      )
      for (const { kind, sets, logs } of done) {
        if (kind === 'menu') expect([0, sets]).toContain(logs)
        else expect(logs, kind).toBe(sets)
      }
      const intervals = session.blocks.find((block) => block.kind === 'intervals')
      if (intervals !== undefined) {
        // To the tenth of a second, however seldom somebody looked: 30 s, 15 s of rest, twice 15 s, 45 s of rest, and again.
        const at = intervals.items
          .flatMap((item) => item.setLogs.map((log) => Date.parse(log.loggedAt)))
          .sort((one, two) => one - two)
        const gaps = at.slice(1).map((one, index) => one - (at[index] ?? 0))
        for (const [index, wanted] of [30_000, 15_000, 75_000, 30_000, 15_000].entries()) {
          expect(Math.abs((gaps[index] ?? 0) - wanted)).toBeLessThan(100)
        }
      }
    })
  }
}

test('a swap, harder in the middle of a set, once more, a set more, shorter, and all of it taken back', async ({
  page,
}) => {
  test.slow()
  await page.setViewportSize({ width: 390, height: 844 })
  await atTheRound(page)
  const { sessionId } = await openAsNew(page, 'Pairs, a section and a ladder')
  await skipTo(page, 'Push-up')
  const next = page.getByRole('region', { name: /^(Now|Next)$/ })
  const undo = page.getByRole('button', { name: 'Undo' })

  const easier = page.getByRole('button', { name: /^Easier/ })
  const asPlanned = (await easier.textContent()) ?? ''

  // A swap comes back to where it was, without a page in between; what is easier is so for what is shown.
  await page.getByRole('button', { name: 'Swap', exact: true }).click()
  const sheet = page.getByRole('region', { name: 'Swap' })
  await sheet.getByRole('listitem').filter({ hasNotText: 'Push-up' }).first().getByRole('button').click()
  await expect(sheet).toHaveCount(0)
  await expect(next.getByRole('heading', { level: 1 })).not.toHaveText('Push-up')
  await undo.click()
  await expect(next.getByRole('heading', { level: 1 })).toHaveText('Push-up')
  await expect(easier).toHaveText(asPlanned)

  // Counted by tapping, and easier in the middle: what was done so far is a set of its own.
  await page.getByRole('button', { name: 'Sound, hand and counting' }).click()
  await page.getByRole('button', { name: 'by tapping' }).click()
  await page.getByRole('button', { name: 'left hand' }).click()
  await page.getByRole('button', { name: 'Back' }).click()
  await expect(stage(page)).toHaveAttribute('data-hand', 'left')
  await page.getByRole('button', { name: 'Begin round 1 of 2' }).click()
  for (let i = 0; i < 4; i++) await page.getByRole('button', { name: /count one/ }).click()
  const words = await next.locator('.floor-words').textContent()
  await easier.click()
  await expect(next.locator('.floor-words')).not.toHaveText(words ?? '')
  // The way back is known without asking anybody.
  await expect(page.getByRole('button', { name: /^Harder/ })).toBeEnabled()
  await page.getByRole('button', { name: /count one/ }).click()
  await page.getByRole('button', { name: 'Set done' }).click()
  await allSent(page)
  const pushUps = async () =>
    (await shown(page, sessionId)).blocks.flatMap((block) => block.items).find((item) => item.name === 'Push-up')
  expect((await pushUps())?.setLogs.map((log) => log.reps)).toEqual([4, 1])

  // Once more, a round more; then there are only five minutes, and then there are not.
  const progress = page.getByRole('img', { name: /sets through/ })
  const sets = async () => Number(/of (\d+)/.exec((await progress.getAttribute('aria-label')) ?? '')?.[1])
  const planned = await sets()
  await page.getByRole('button', { name: 'More', exact: true }).click()
  await page.getByRole('button', { name: 'Push-up once more' }).click()
  await expect(next.getByRole('heading', { level: 1 })).toHaveText('Push-up')
  await undo.click()
  await page.getByRole('button', { name: 'More', exact: true }).click()
  await page.getByRole('button', { name: 'A round more' }).click()
  await expect.poll(sets).toBe(planned + 2)
  const through = async () => Number(/^\d+/.exec((await progress.getAttribute('aria-label')) ?? '')?.[0])
  const before = await through()
  await page.getByRole('button', { name: 'More', exact: true }).click()
  await page.getByRole('button', { name: 'Cut to 5 min' }).click()
  await expect.poll(through).toBeGreaterThan(before)
  await undo.click()
  await expect.poll(through).toBe(before)

  // Pain that has passed: lighter is lighter.
  await page.getByRole('button', { name: 'More', exact: true }).click()
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Push-up' })
    .getByRole('button', { name: 'Do now' })
    .first()
    .click()
  await page.getByRole('button', { name: /^Begin / }).click()
  await page.getByRole('button', { name: 'Pain' }).click()
  const stop = page.getByRole('alertdialog', { name: 'Pain' })
  await stop.getByRole('button', { name: 'elbow' }).click()
  await stop.getByRole('button', { name: 'Stop the movement and note it' }).click()
  const lighter = stop.getByRole('button', { name: /go on lighter/ })
  const to = ((await lighter.textContent()) ?? '').replace(/.*go on lighter, /, '')
  await lighter.click()
  await allSent(page)
  expect((await pushUps())?.words).toBe(to)

  // A rest goes on where the page is opened again, and is longer by what was added.
  await page.getByRole('button', { name: /^Begin / }).click()
  await page.getByRole('button', { name: 'Set done' }).click()
  const rest = page.getByRole('region', { name: 'Rest' })
  await page.getByRole('button', { name: '15 s longer' }).click()
  await page.reload()
  await expect(rest).toBeVisible()
  await page.getByRole('button', { name: 'Sound, hand and counting' }).click()
  await page.getByRole('button', { name: 'at the end' }).click()
})

test('what was really in the hand is put right, and what nobody owns is marked', async ({ page }) => {
  await atTheRound(page)
  const sessionId = await looseVisit(page, 'Rounds and the clock')
  await asNew(page, sessionId)
  // As where a thing has been lent since.
  await page.route(`**/api/sessions/${sessionId}`, async (route) => {
    const answer = await route.fetch()
    const session = (await answer.json()) as { blocks: { items: { servable: boolean; problems: string[] }[] }[] }
    for (const item of session.blocks[0]?.items ?? [])
      Object.assign(item, { servable: false, problems: ['It was lent.'] })
    await route.fulfill({ response: answer, json: session })
  })
  await open(page, sessionId)
  await expect(page.getByText('not on the shelf')).toBeVisible()
  await doSet(page)
  const rest = page.getByRole('region', { name: 'Rest' })
  await expect(rest).toContainText('(not on the shelf)')
  await rest.getByRole('button', { name: 'Something else was in the hand' }).click()
  const sheet = page.getByRole('region', { name: 'What was really in the hand?' })
  const other = sheet.getByRole('listitem').first().getByRole('button')
  const words = (await other.locator('.sentence').textContent()) ?? ''
  await other.click()
  await expect(rest).not.toContainText('(not on the shelf)')
  await expect(rest).toContainText(words)
  await allSent(page)
  await page.unrouteAll({ behavior: 'ignoreErrors' })
  expect(logsOf(await shown(page, sessionId)).map((log) => log.words)).toEqual([words])
})

test('signed out in the middle: the sign-in is asked for where one stands, and nothing is lost', async ({ page }) => {
  await atTheRound(page)
  const { sessionId } = await openAsNew(page, 'Rounds and the clock')
  // The sign-in has run out: whatever is asked for is refused, until somebody signs in again.
  const door = { isShut: true }
  await page.route('**/api/**', (route) => {
    if (route.request().url().endsWith('/sign-in')) door.isShut = false
    return door.isShut ? route.fulfill({ status: 401, json: { message: 'Unauthenticated.' } }) : route.continue()
  })
  await doSet(page)
  await expect(page.getByRole('form', { name: 'Sign in again' })).toBeVisible()
  await expect(page.getByRole('region', { name: 'Rest' })).toBeVisible()
  await expect(page.getByRole('status').filter({ hasText: 'sent' })).toContainText('not sent yet')
  await signInAgain(page)
  await allSent(page)
  await page.unrouteAll({ behavior: 'ignoreErrors' })
  expect(logsOf(await shown(page, sessionId))).toHaveLength(1)
})

test('two devices on one session: both are heard, and each is told of the other', async ({
  page,
  browser,
  baseURL,
}) => {
  test.slow()
  await atTheRound(page)
  const { sessionId, time } = await openAsNew(page, 'Rounds and the clock')
  const other = await browser.newContext({ ...config.use, baseURL })
  const second = await other.newPage()
  await second.clock.install({ time })
  await signIn(second)
  await expect(second.getByRole('heading', { name: 'Orrin Kestlewick' })).toBeVisible()
  await open(second, sessionId)
  await doSet(page)
  await allSent(page)
  // The other one does the same set, unaware, and hears of it then; both stand as they were tapped.
  await second.route('**/api/floor-events', (route) => route.abort())
  await doSet(second)
  await second.unroute('**/api/floor-events')
  await allSent(second)
  await expect(second.getByRole('alert')).toContainText('Another device runs this session too')
  await doSet(page)
  await expect(page.getByRole('alert')).toContainText('Another device runs this session too')
  await allSent(page)
  const session = await shown(page, sessionId)
  expect(logsOf(session)).toHaveLength(3)
  expect(new Set(logsOf(session).map((log) => log.key)).size).toBe(3)
  await other.close()
})

test('clear words where the device keeps nothing, its clock is set back, or the plan changes under the session', async ({
  page,
  browser,
  baseURL,
}) => {
  test.slow()
  await atTheRound(page)
  const { sessionId, time } = await openAsNew(page, 'Two ways, and layer on layer')

  // The clock is set back by ten minutes: the session goes on by the time it had.
  await page.clock.setSystemTime(time.getTime() - 600_000)
  await expect(page.getByRole('alert')).toContainText(/clock was set back by (9|10|11) minutes/)
  await page.clock.setSystemTime(time.getTime() + 60_000)
  await expect(page.getByRole('alert')).toHaveCount(0)

  // Somebody swaps a slot at the desk meanwhile; the Floor says so once it knows.
  const item = (await shown(page, sessionId)).blocks.flatMap((block) => block.items).find((one) => one.name === 'Squat')
  const changed = await page.evaluate(async (id) => {
    const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? '')
    const headers = { Accept: 'application/json', 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token }
    const { candidates } = (await (await fetch(`/api/items/${id}/swaps`, { headers })).json()) as {
      candidates: { key: string; words: string }[]
    }
    const body = JSON.stringify({ key: candidates[2]?.key })
    return (await fetch(`/api/items/${id}/swaps`, { method: 'POST', headers, body })).status
  }, item?.id)
  expect(changed).toBe(200)
  await page.getByRole('button', { name: 'Pause' }).click()
  await expect(page.getByRole('alert')).toContainText('Changed meanwhile: Squat')
  await page.getByRole('button', { name: 'I have read it' }).click()
  await expect(page.getByRole('alert')).toHaveCount(0)

  // The session is gone from the plan: what is done goes on.
  await page.route(`**/api/sessions/${sessionId}`, (route) => route.fulfill({ status: 404, json: { message: 'gone' } }))
  await page.getByRole('button', { name: 'Go on' }).click()
  await expect(page.getByRole('alert')).toContainText('taken off the plan')
  await expect(page.getByRole('button', { name: /^Begin / })).toBeVisible()

  // A window that keeps nothing says so, and sends all the same.
  const private_ = await browser.newContext({ ...config.use, baseURL })
  await private_.addInitScript(() => {
    Object.defineProperty(window, 'indexedDB', {
      value: {
        open: () => {
          throw new DOMException('not in private windows', 'SecurityError')
        },
      },
    })
  })
  const hidden = await private_.newPage()
  await hidden.clock.install({ time: new Date(time.getTime() + 120_000) })
  await signIn(hidden)
  await expect(hidden.getByRole('heading', { name: 'Orrin Kestlewick' })).toBeVisible()
  await open(hidden, sessionId)
  await hidden.getByRole('button', { name: 'Pause' }).click()
  await expect(hidden.getByRole('alert').first()).toContainText('This browser keeps nothing for this page')
  await allSent(hidden)
  await private_.close()
  const item2 = item?.id
  await page.evaluate(async (id) => {
    const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? '')
    await fetch(`/api/items/${id}/swaps`, {
      method: 'DELETE',
      headers: { Accept: 'application/json', 'X-XSRF-TOKEN': token },
    })
  }, item2)
})

for (const theme of ['linen', 'evening']) {
  test(`the Floor can be used by everyone while it runs, in the ${theme} colours`, async ({ page }) => {
    test.slow()
    await atTheRound(page)
    await page.evaluate((kept) => localStorage.setItem('nimble-shelf-theme', kept), theme)
    const sessionId = await looseVisit(page, 'Rounds and the clock')
    await asNew(page, sessionId)
    const path = `/floor/${sessionId}`
    const found: string[] = []
    const look = async (state: string) => found.push(...(await violations(page, `${path} ${state}`)))
    await open(page, sessionId)
    await look('ready')
    await page.getByRole('button', { name: /^Begin / }).click()
    await look('work')
    // Enter and Space on everything while a set runs: nothing but the element acts.
    if (theme === 'linen') {
      const walked = await keyWalk(page, `${path} work`)
      expect(walked.wrong).toEqual([])
      expect(walked.pressed).toBeGreaterThan(10)
      await page.reload()
    }
    await page.getByRole('button', { name: 'Set done' }).click()
    await look('rest')
    for (const sheet of ['Swap', 'More', 'Pain']) {
      await page.getByRole('button', { name: sheet, exact: true }).click()
      await look(sheet)
      await page.keyboard.press('Escape')
    }
    await page.getByRole('button', { name: 'Sound, hand and counting' }).click()
    await look('sound')
    expect(found).toEqual([])
    // The whole of it by keys: begin, done, said, taken back.
    await page.keyboard.press('Escape')
    await page.locator('body').click({ position: { x: 5, y: 400 } })
    await page.keyboard.press('2')
    await page.keyboard.press(' ')
    await expect(stage(page)).toHaveAttribute('data-phase', 'work')
    // One touch is one thing: the key waits as the button does.
    await expect(page.getByRole('button', { name: 'Set done' })).toHaveAttribute('aria-disabled', 'false')
    await page.keyboard.press('Enter')
    await expect(stage(page)).toHaveAttribute('data-phase', 'rest')
    await page.keyboard.press('u')
    await expect(page.getByText('The last set is taken back')).toBeVisible()
  })
}

test('two people with one kit: in turns, each with sets of their own', async ({ page }) => {
  test.slow()
  await page.setViewportSize({ width: 390, height: 844 })
  await atTheRound(page)
  const gideon = await looseVisit(page, 'Pairs, a section and a ladder')
  const rosalind = await looseVisit(page, 'Beside Gideon')
  await asNew(page, gideon)
  const { tomorrow } = await ask<{ tomorrow: string }>(page, 'round')
  await page.goto(`/?date=${tomorrow}`)
  const visit = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Rosalind Stroud' }) })
  await visit.getByRole('link', { name: 'Together with Gideon' }).click()
  await expect(page.getByText(/In turns about \d+ min for both/)).toBeVisible()
  await expect(page.getByText(/Both use: .*(loop|tube)/)).toBeVisible()

  // Whoever is touched is looked at; each begins a session of their own.
  const names = page.getByRole('group', { name: 'Who is looked at' })
  const more = page.getByRole('button', { name: 'More', exact: true })
  for (const name of ['Rosalind', 'Gideon']) {
    await names.getByRole('button', { name: new RegExp(`^${name}`) }).click()
    const start = page.getByRole('button', { name: 'Start the session' })
    await expect(start.or(more)).toBeVisible()
    if (await start.isVisible()) await start.click()
  }
  await expect(more).toBeVisible()
  const looked = () => names.locator('[aria-pressed=true]').textContent()
  const turns: string[] = []
  for (let i = 0; i < 4; i++) {
    turns.push(/^(Rosalind|Gideon)/.exec((await looked()) ?? '')?.[1] ?? '')
    await page.getByRole('button', { name: /^Begin / }).click()
    await page.getByRole('button', { name: /^(Set done|Stop before the bell)$/ }).click()
    await expect.poll(looked).not.toContain(turns[i] ?? '')
  }
  expect(turns[0]).not.toBe(turns[1])
  expect(turns.slice(2)).toEqual(turns.slice(0, 2))
  await allSent(page)
  expect(logsOf(await shown(page, gideon))).toHaveLength(2)
  expect(logsOf(await shown(page, rosalind))).toHaveLength(2)
})
