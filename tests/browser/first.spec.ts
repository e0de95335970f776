import { expect, test } from './desk'
import type { Locator, Page } from '@playwright/test'

/*
 * A stranger’s first quarter of an hour, with every click and every word typed counted.
 */

function counting(page: Page) {
  let actions = 0
  return {
    count: () => actions,
    click: async (what: Locator) => {
      actions++
      await what.click()
    },
    fill: async (what: Locator, words: string) => {
      actions++
      await what.fill(words)
    },
    press: async (key: string) => {
      actions++
      await page.keyboard.press(key)
    },
  }
}

async function signInAsNew(page: Page, does: ReturnType<typeof counting>) {
  await page.goto('/sign-in')
  await does.fill(page.getByLabel('E-mail address'), 'newcomer@saltmarrow.example')
  await does.fill(page.getByLabel('Password'), 'wet oar, dry oar')
  await does.press('Enter')
}

/** A swap that can be defended: the load it comes to with its spread, why, and what is lost, beside the sum of the match. */
async function defended(page: Page, does: ReturnType<typeof counting>) {
  const first = page.locator('#candidate-1')
  await expect(first).toBeVisible()
  await expect(
    page
      .getByText(/likely|spread below/)
      .locator('visible=true')
      .first(),
  ).toBeVisible()
  await expect(page.getByText(/% match/).first()).toBeVisible()
  await does.click(page.getByRole('button', { name: /Use this today/ }).first())
  await expect(page.getByText(/instead of .* today/)).toBeVisible()
}

/** Somebody new with a small shelf, at the page where a programme is made. */
async function withAShelf(page: Page, does: ReturnType<typeof counting>, name: string) {
  await does.fill(page.getByLabel('Height'), '171,5')
  await does.fill(page.getByLabel('Body mass'), '64')
  await does.fill(page.getByRole('textbox', { name: 'Name' }), name)
  await does.click(page.getByRole('button', { name: 'Go on to the health questions' }))
  const health = page.getByRole('form', { name: 'Health questions' })
  await does.click(health.getByRole('button', { name: 'No to all that are left' }))
  await does.click(health.getByRole('button', { name: 'Keep the answers' }))
  await expect(page.getByText('Nothing stands in the way of training today.')).toBeVisible()
  await does.click(page.getByRole('navigation', { name: name }).getByRole('link', { name: 'Shelf' }))
  const line = page.getByRole('form', { name: 'Put something on the shelf' }).getByLabel('In plain words')
  for (const thing of [
    'pair of 6kg dumbells',
    'kettlebell 16',
    'red resistance band 1.2m with handles',
    'kitchen chair 45 cm',
    'mat',
  ]) {
    await does.fill(line, thing)
    await does.press('Enter')
    await expect(line).toHaveValue('')
  }
  await does.click(page.getByRole('navigation', { name: name }).getByRole('link', { name: 'Programme' }))
}

test('somebody who has just come tries a client, and makes a first swap that can be defended', async ({ page }) => {
  const does = counting(page)
  await signInAsNew(page, does)
  const began = Date.now()
  await does.click(page.getByRole('button', { name: 'Try a client' }))
  await does.click(page.getByRole('link', { name: /needs? a swap/ }).first())
  await defended(page, does)
  console.log(
    `First defended swap with a client to try: ${does.count()} actions, ${Math.round((Date.now() - began) / 1000)} s`,
  )
  expect(does.count()).toBeLessThanOrEqual(10)

  // Gone at a touch, with all that was done.
  await page.goto('/')
  await page.getByRole('button', { name: 'take her away' }).click()
  await expect(page.getByRole('button', { name: 'Try a client' })).toBeVisible()
  await expect(page.getByRole('listitem').filter({ hasText: 'Marisol Tangwynne' })).toHaveCount(0)
})

test('somebody who has just come writes down a client of their own, up to the first defended swap', async ({
  page,
}) => {
  test.slow()
  const does = counting(page)
  await signInAsNew(page, does)
  const began = Date.now()
  await does.click(page.getByRole('link', { name: 'Write down a first client' }))
  await withAShelf(page, does, 'Wilhelmina Ostrander')
  const plan = page.getByRole('form', { name: 'Plan a programme' })
  await does.click(plan.getByRole('button', { name: 'Plan it for me' }))
  await does.click(page.getByRole('button', { name: 'Start it' }).first())
  await does.click(page.getByRole('link', { name: 'Round', exact: true }))
  const next = page.getByRole('button', { name: /^Next visits/ })
  const open = page.getByRole('link', { name: 'Open the Floor' })
  await expect(next.or(open).first()).toBeVisible()
  if (await next.isVisible()) await does.click(next)
  await does.click(open.first())
  // Something with a load, so that there is one to compare.
  const loaded = page
    .getByRole('listitem')
    .filter({ hasText: /\bkg\b/ })
    .first()
  await does.click(loaded.getByRole('button', { name: /^Swap/ }))
  await does.click(page.getByRole('link', { name: 'All swaps with their curves' }))
  await defended(page, does)
  const seconds = (Date.now() - began) / 1000
  console.log(`First defended swap with a client of one’s own: ${does.count()} actions, ${Math.round(seconds)} s`)
  expect(does.count()).toBeLessThanOrEqual(32)

  // On to the first set that counts: the programme began today, and the Floor is where the swap was asked for.
  await does.click(page.getByRole('button', { name: 'Start the session' }))
  await does.click(page.getByRole('button', { name: /^Leave the warm-up out/ }))
  await does.click(page.getByRole('button', { name: /^Begin / }))
  await does.click(page.getByRole('button', { name: 'Set done' }))
  await does.click(page.getByRole('button', { name: '2 in reserve' }))
  await expect(page.getByRole('status').filter({ hasText: 'sent' })).toHaveText('Everything is sent.')
  console.log(`First counted set with a client of one’s own: ${does.count()} actions`)
  expect(does.count()).toBeLessThanOrEqual(40)
})

test('ten things from the keyboard', async ({ page }) => {
  await signInAsNew(page, counting(page))
  await page.getByRole('link', { name: 'Clients', exact: true }).click()
  await page
    .getByRole('link', { name: /Wilhelmina Ostrander/ })
    .first()
    .click()
  await page.getByRole('navigation', { name: 'Wilhelmina Ostrander' }).getByRole('link', { name: 'Shelf' }).click()
  const line = page.getByRole('form', { name: 'Put something on the shelf' }).getByLabel('In plain words')
  const standing = page.getByRole('button', { pressed: false }).filter({ has: page.locator('strong') })
  await expect(standing.first()).toBeVisible()
  const before = await standing.count()
  await line.focus()
  const began = Date.now()
  for (const thing of [
    'pair of 8kg dumbells',
    'ten litre bucket of sand',
    '1.5l water bottles x6',
    'foam roller',
    'weight vest 8kg',
    'ankle weights 2x1.5kg',
    'medicine ball 4kg',
    'suitcase 18kg',
    'rucksack 1.1 kg up to 20 kg',
    'table 74 cm',
  ]) {
    await page.keyboard.type(thing)
    await page.keyboard.press('Enter')
    await expect(line).toHaveValue('')
    await expect(line).toBeFocused()
  }
  console.log(`Ten things from the keyboard: ${Math.round((Date.now() - began) / 1000)} s of machine time`)
  await expect.poll(() => standing.count()).toBeGreaterThanOrEqual(before + 10)
})

test('a session is typed and pasted, two questions are answered by keyboard, and it runs on the Floor', async ({
  page,
}) => {
  test.slow()
  const does = counting(page)
  await signInAsNew(page, does)
  await expect(page.getByRole('navigation', { name: 'Places' })).toBeVisible()
  await page.goto('/clients/new')
  await withAShelf(page, does, 'Ottoline Farthing')
  await page.getByText('Write it', { exact: true }).click()
  const field = page.getByLabel('The session, a line a block')
  const reading = page.getByRole('region', { name: 'How it was read' })
  await field.click()
  await page.keyboard.type('goblet squat 16kg 3 x 10, 90s rest, 2 RIR\npress 3x8')
  await expect(reading).toContainText('Goblet squat: 3 × 10 repetitions')
  await expect(reading).toContainText('One thing is asked')
  // What is asked is underlined where it stands, and nothing else.
  await expect(page.locator('.scribble-marks mark')).toHaveText(['press'])

  // A paste lands all at once, with a word nobody knows and a remark that is none of its business.
  await page.keyboard.insertText('\nanvil toss 2x5\nrows 3x12 with band, keep neck long\nplank 2x20s')
  await expect(reading).toContainText('2 things are asked')
  await expect(reading).toContainText('Left alone: “keep neck long”')
  await expect(page.locator('.scribble-marks mark')).toHaveText(['press', 'anvil toss'])
  await page.getByRole('button', { name: 'Start it' }).click()
  // The refusal takes the hand and leads back to the text.
  await page.getByRole('button', { name: 'Go to the text' }).click()

  // Answered without leaving the field: the first question first.
  await expect(field).toBeFocused()
  await page.keyboard.press('Alt+2')
  await expect(field).toHaveValue(/\nfloor press 3x8\n/)
  await expect(reading).toContainText('Which exercise is “anvil toss”?')
  await expect(reading).toContainText('One thing is asked')
  await page.keyboard.press('Alt+1')
  await expect(field).not.toHaveValue(/anvil/)
  await expect(reading).not.toContainText('asked')
  await expect(page.locator('.scribble-marks mark')).toHaveCount(0)
  await page.getByRole('button', { name: 'Start it' }).click()
  await expect(page.getByText('Week 1').first()).toBeVisible()

  await page.getByRole('link', { name: 'Round', exact: true }).click()
  const visit = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Ottoline Farthing' }) })
  const next = page.getByRole('button', { name: /^Next visits/ })
  await expect(next.or(visit).first()).toBeVisible()
  if (!(await visit.isVisible())) await next.click()
  await visit.getByRole('link', { name: 'Open the Floor' }).click()
  await page.getByRole('button', { name: 'Start the session' }).click()
  await expect(page.getByText('Goblet squat').first()).toBeVisible()
})
