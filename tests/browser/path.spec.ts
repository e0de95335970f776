import type { Locator } from '@playwright/test'
import { atTheRound, doSet, expect, openClient, signIn, skipTo, test, visitTo } from './desk'

/** Every setting of every exercise in the list. */
async function unfolded(candidates: Locator): Promise<void> {
  const more = candidates.getByRole('button', { name: /more settings? of it/ })
  await expect(more.first()).toBeVisible()
  while ((await more.count()) > 0) await more.first().click()
}

test('from today’s visits to a logged set in the ledger', async ({ page }) => {
  await atTheRound(page)
  const visit = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Orrin Kestlewick' }) })
  await expect(visit).toContainText(/needs? a swap/)

  // The client, and what is on the shelf.
  await visit.getByRole('link', { name: 'Orrin Kestlewick' }).click()
  await expect(page.getByText('178', { exact: true })).toBeVisible()
  await page.getByRole('navigation', { name: 'Orrin Kestlewick' }).getByRole('link', { name: 'Shelf' }).click()
  await expect(page.getByRole('button', { name: /ballast jug/ })).toBeVisible()

  // A prescribed exercise the shelf cannot serve as written.
  await page.getByRole('link', { name: 'Round', exact: true }).click()
  await visit.getByRole('link', { name: /needs? a swap/ }).click()
  await expect(page.getByRole('note', { name: 'Why it needs a swap' })).toContainText(
    'The shelf does not hold what is written',
  )

  await page.getByRole('link', { name: 'Open the Floor' }).click()
  await page.getByRole('button', { name: 'Swap half-kneeling press' }).click()
  await page.getByRole('link', { name: 'All swaps with their curves' }).click()

  // Ranked swaps with load, spread, reasons, cautions, two curves over each other, figures.
  const candidates = page.getByRole('region', { name: 'Candidates' })
  await expect(candidates.getByRole('button', { name: /% match/ }).nth(2)).toBeVisible()
  const curves = candidates.getByRole('img', { name: /Resistance over the lifting phase/ })
  await expect(curves.locator('[data-tone="wanted"]')).toHaveCount(1)
  await expect(curves.locator('[data-tone="offered"]')).toHaveCount(1)
  await unfolded(candidates)
  const kneeling = candidates.getByRole('button', { name: /Half-kneeling press.*ballast jugs/ })
  await kneeling.click()
  const panel = page.getByRole('region', { name: 'Half-kneeling press', exact: true })
  await expect(panel).toContainText('kg per hand')
  await expect(panel.getByRole('region', { name: 'Cautions' })).toBeVisible()
  await expect(panel).toContainText('The same exercise with what is here')
  await expect(panel.getByRole('img', { name: /Half-kneeling press/ })).toBeVisible()

  // Choose it, and be back on the Floor, where somebody is waiting.
  await panel.getByRole('button', { name: /Use this today/ }).click()
  await expect(page.getByText(/instead of .* today/)).toBeVisible()
  await expect(page.getByText(/instead of Half-kneeling press/)).toBeVisible()
  await page.getByRole('button', { name: 'Start the session' }).click()
  await skipTo(page, 'Rucksack squat')

  // The set is done; in the rest its count is put right and it is said how hard it was.
  await doSet(page)
  const rest = page.getByRole('region', { name: 'Rest' })
  await expect(rest).toBeVisible()
  await rest.getByLabel('Repetitions done').fill('9')
  await rest.getByRole('button', { name: '1 in reserve' }).click()
  await expect(rest.getByRole('button', { name: '1 in reserve' })).toHaveCount(0)

  // The rest shows what comes next; the next set begins.
  await expect(page.getByText('Next', { exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'Begin set 2 of 3' }).click()
  await expect(page.getByText('set 2 of 3')).toBeVisible()
  await page.getByRole('button', { name: 'More' }).click()
  await page.getByRole('button', { name: 'End early' }).click()
  await page.getByRole('button', { name: '7 of 10' }).click()

  // The ledger has the set, and the next target on the shelf's own rungs.
  await page.getByRole('link', { name: 'See it in the Ledger' }).click()
  const row = page.getByRole('row').nth(1)
  await expect(row).toContainText('Rucksack squat')
  await expect(row).toContainText('9 reps')
  await page.getByRole('tab', { name: 'Squat' }).click()
  const squat = page.getByRole('region', { name: 'Squat' })
  await expect(squat).toContainText('Next time')
  await expect(
    squat
      .getByRole('group', { name: /Loads for Squat/ })
      .getByRole('button')
      .first(),
  ).toBeVisible()
})

test('a swap by keyboard only, undone by keyboard', async ({ page }) => {
  await atTheRound(page)
  await page.keyboard.press('/')
  await page.getByPlaceholder('A client, a session, an exercise or a thing to do…').fill('Marisol person')
  await expect(page.getByRole('option', { name: 'Marisol Tangwynne · Person' })).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Marisol Tangwynne' })).toBeVisible()
  await page.getByRole('link', { name: 'Round', exact: true }).focus()
  await page.keyboard.press('Enter')
  const visit = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Marisol Tangwynne' }) })
  await visit.getByRole('link', { name: /needs? a swap/ }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Goblet squat' }).first()).toBeVisible()
  await page.keyboard.press('2')
  await expect(page.locator('#candidate-2')).toContainText('in use')
  await page.keyboard.press('u')
  await expect(page.locator('#candidate-2')).not.toContainText('in use')
  await page.keyboard.press('ArrowUp')
  await expect(page.locator('#candidate-1')).toHaveAttribute('aria-pressed', 'true')
  await page.keyboard.press('Enter')
  await expect(page.locator('#candidate-1')).toContainText('in use')
  await page.keyboard.press('u')
  await expect(page.locator('#candidate-1')).not.toContainText('in use')
  await page.keyboard.press('p')
  await expect(page.getByText(/instead of .* from here on/)).toBeVisible()
  await expect(page.locator('#candidate-1')).toContainText('in use')
  await page.keyboard.press('u')
  await expect(page.getByText('The prescription stands again, here and in later sessions')).toBeVisible()
  await expect(page.locator('#candidate-1')).not.toContainText('in use')
  await page.keyboard.press('?')
  await expect(page.getByRole('heading', { name: 'Keys' })).toBeVisible()
})

test('candidates stand by exercise, and the next exercise that needs a swap is a step away', async ({ page }) => {
  await atTheRound(page)
  const { items } = await visitTo(page, 'Orrin Kestlewick')
  await page.goto(`/swap/${items.find((item) => item.name === 'Half-kneeling press')?.id}`)
  const candidates = page.getByRole('region', { name: 'Candidates' })
  const rows = candidates.getByRole('button', { name: /% match/ })
  await expect(rows.first()).toBeVisible()
  // Another test may have swapped it, and what is in use is never folded away.
  const undo = page.getByRole('button', { name: 'Undo the swap' })
  if (await undo.isVisible()) {
    await undo.click()
    await expect(undo).toHaveCount(0)
    await page.reload()
  }
  await expect(rows.first()).toContainText(/than asked|as heavy as asked/)
  const names = await rows.locator('.font-display').allTextContents()
  expect(new Set(names).size).toBe(names.length)
  const more = candidates.getByRole('button', { name: /more settings? of it/ }).first()
  await more.focus()
  await page.keyboard.press('Enter')
  await expect(candidates.getByRole('button', { name: 'Fewer settings' })).toBeFocused()
  expect(await rows.count()).toBeGreaterThan(names.length)
  await page.keyboard.press('Enter')
  await expect(rows).toHaveCount(names.length)
  await expect(page.getByText('1 of 2', { exact: true })).toBeVisible()
  await page.getByRole('link', { name: 'Next to swap: Lateral raise' }).click()
  await expect(page.getByText('2 of 2', { exact: true })).toBeVisible()
  await expect(page.getByRole('region', { name: 'Prescribed' })).toContainText('Lateral raise')
})

test('a setting moved by hand changes number, curve and words together', async ({ page }) => {
  await atTheRound(page)
  const { items } = await visitTo(page, 'Orrin Kestlewick')
  await page.goto(`/swap/${items.find((item) => item.name === 'Half-kneeling press')?.id}`)
  const candidates = page.getByRole('region', { name: 'Candidates' })
  await unfolded(candidates)
  await candidates.getByRole('button', { name: /Floor press.*Red tube/ }).click()
  const panel = page.getByRole('region', { name: 'Floor press', exact: true })
  const number = panel.locator('.figure-number').first()
  const curve = candidates.locator('[data-tone="offered"]')
  const before = { number: await number.textContent(), curve: await curve.getAttribute('d') }
  const grip = panel.getByRole('slider', { name: 'Hands below the ends' })
  await grip.focus()
  await page.keyboard.press('Home')
  for (let i = 0; i < 2; i++) await page.keyboard.press('ArrowRight')
  await expect(panel).toContainText('hands 2 cm below the ends')
  await expect(number).not.toHaveText(before.number ?? '')
  await expect.poll(() => curve.getAttribute('d')).not.toBe(before.curve)
  await panel.getByRole('checkbox', { name: 'Folded double' }).check()
  await grip.focus()
  await page.keyboard.press('End')
  await expect(panel.getByRole('alert')).toBeVisible()
  await expect(panel.getByRole('button', { name: /Use this today/ })).toBeDisabled()
  await panel.getByRole('button', { name: 'As offered' }).click()
  await expect(number).toHaveText(before.number ?? '')
  await grip.focus()
  await page.keyboard.press('Home')
  for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowRight')
  await expect(panel).toContainText('hands 3 cm below the ends')
  await panel.getByRole('button', { name: /Use this today/ }).click()
  await page.getByRole('link', { name: 'Open the Floor' }).click()
  await expect(page.getByText(/hands 3 cm below the ends/)).toBeVisible()
})

test('pain stops the movement and offers a safe way on', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await atTheRound(page)
  const visit = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Hollis Varnham' }) })
  await visit.getByRole('link', { name: 'Open the Floor' }).click()
  await page.getByRole('button', { name: 'Start the session' }).click()
  await skipTo(page, 'Squat')
  const begin = page.getByRole('button', { name: 'Begin set 1 of 3' })
  await expect(begin).toBeInViewport()
  await begin.click()
  await page.getByRole('button', { name: 'Pain' }).click()
  const stop = page.getByRole('alertdialog', { name: 'Pain' })
  await expect(stop).toContainText('Stop squat')
  await stop.getByLabel('Where, in words').fill('right knee')
  await stop.getByRole('button', { name: 'sharp' }).click()
  await stop.getByRole('button', { name: 'Stop the movement and note it' }).click()
  await expect(stop.getByRole('button', { name: /^Instead: / }).first()).toBeVisible()
  await stop.getByRole('button', { name: 'Leave squat out today' }).click()
  await expect(page.getByRole('heading', { name: 'Push-up' })).toBeVisible()
  // Undo brings back what was left out with the choice that was made, and then takes back the set.
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText('What was left out is back')).toBeVisible()
  await expect(page.getByRole('heading', { name: 'Squat', exact: true })).toBeVisible()
  await expect(stop.getByRole('button', { name: 'Leave squat out today' })).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText('The last set is taken back')).toBeVisible()
  await expect(begin).toBeVisible()
})

test('a set that cannot be sent is kept, rests at once, and is sent once', async ({ page }) => {
  await atTheRound(page)
  const visit = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Marisol Tangwynne' }) })
  await visit.filter({ hasText: 'Legs, push and pull' }).getByRole('link', { name: 'Open the Floor' }).click()
  await page.getByRole('button', { name: 'Start the session' }).click()
  const warmedUp = await skipTo(page, 'Goblet squat')
  const unsent = page.getByRole('status').filter({ hasText: 'sent' })
  await expect(unsent).toHaveText('Everything is sent.')
  await page.route('**/api/floor-events', (route) => route.abort())
  await doSet(page)

  // The rest begins without an answer, and goes on where the page is left and opened again.
  const rest = page.getByRole('region', { name: 'Rest' })
  await expect(rest).toBeVisible()
  await expect(unsent).toContainText('2 things are not sent yet')
  await page.reload()
  await expect(rest).toBeVisible()
  await expect(unsent).toContainText('2 things are not sent yet')
  await rest.getByRole('button', { name: '3 in reserve' }).click()

  // What is put off comes later, and Undo takes that back, not the set.
  const next = page.getByRole('region', { name: 'Next' })
  await expect(next).toContainText('set 2 of 3')
  await page.getByRole('button', { name: 'Later', exact: true }).click()
  await expect(next).not.toContainText('Goblet squat')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(next).toContainText('set 2 of 3')
  await expect(unsent).toContainText(/\d+ things are not sent yet/)
  await page.unroute('**/api/floor-events')
  await page.getByRole('button', { name: 'More' }).click()
  await page.getByRole('button', { name: 'Leave goblet squat out' }).click()
  await expect(unsent).toHaveText('Everything is sent.')

  // What was kept is there on any device: one set, the others left out.
  await page.evaluate(async () => {
    for (const { name } of await indexedDB.databases()) if (name !== undefined) indexedDB.deleteDatabase(name)
  })
  await page.reload()
  await expect(page.getByRole('img', { name: new RegExp(`^${warmedUp + 3} of \\d+ sets through`) })).toBeVisible()

  // What is left unsent on the Floor leaves from any other place.
  await page.route('**/api/floor-events', (route) => route.abort())
  await page.getByRole('button', { name: 'Leave out', exact: true }).click()
  await expect(unsent).toContainText(/(One thing|things) (is|are) not sent yet/)
  await page.goto('/')
  await expect(page.getByRole('heading', { name: 'Orrin Kestlewick' })).toBeVisible()
  const sent = page.waitForResponse('**/api/floor-events')
  await page.unroute('**/api/floor-events')
  expect((await sent).ok()).toBe(true)
})

test('what one trainer left unsent waits for them, and is not sent as somebody else', async ({ page }) => {
  let who = 'Isaura'
  const senders: string[] = []
  await page.route('**/api/floor-events', (route) => route.abort())
  await atTheRound(page)
  const visit = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Marisol Tangwynne' }) })
  await visit.getByRole('link', { name: 'Back to the Floor' }).click()
  await page.getByRole('button', { name: 'Leave out', exact: true }).click()
  await expect(page.getByRole('status').filter({ hasText: 'sent' })).toContainText(
    /(One thing|things) (is|are) not sent yet/,
  )
  await page.goto('/')
  await page.getByRole('button', { name: 'Sign out' }).click()
  await expect(page).toHaveURL(/sign-in/)

  who = 'Corvin'
  await page.unroute('**/api/floor-events')
  page.on('request', (request) => void (request.url().endsWith('/api/floor-events') && senders.push(who)))
  await signIn(page, 'corvin@saltmarrow.example')
  await openClient(page, 'Ottoline Fenwright')
  await page.getByRole('button', { name: 'Sign out' }).click()
  await expect(page).toHaveURL(/sign-in/)

  who = 'Isaura'
  const sent = page.waitForResponse('**/api/floor-events')
  await atTheRound(page)
  expect((await sent).ok()).toBe(true)
  expect(senders).toEqual(['Isaura'])
})
