import { execFileSync } from 'node:child_process'
import { atTheRound, expect, openClient, test, violations } from './desk'

/** What the simulated scale hides, asked of the application on the side. */
function hiddenBand(itemId: number): { force_at_double_n: number } {
  const answer = execFileSync('php', ['artisan', 'nimble:stand-in'], {
    input: JSON.stringify({ item_id: itemId }),
    env: { ...process.env, DB_DATABASE: `${process.cwd()}/storage/setup/browser/${test.info().project.name}.sqlite` },
  })
  return JSON.parse(answer.toString()) as { force_at_double_n: number }
}

test('a first visit: from nothing to a filled, tested shelf', async ({ page }) => {
  test.slow()
  await atTheRound(page)

  // Who it is; what is wrong stands beside its field, and nothing is lost.
  await page.getByRole('link', { name: 'Clients', exact: true }).click()
  await page.getByRole('link', { name: 'A new client' }).click()
  await page.getByRole('textbox', { name: 'Name' }).fill('Wilhelmina Ostrander')
  await page.getByLabel('Height').fill('17')
  await page.getByRole('button', { name: 'Go on to the health questions' }).click()
  await expect(page.getByText('Height: between 100 and 230 cm.')).toBeVisible()
  await expect(page.getByText('What does the client weigh? Every sum needs it.')).toBeVisible()
  await expect(page.getByLabel('Name')).toHaveValue('Wilhelmina Ostrander')
  // Whoever puts one field right is not led away from it by the next that is wrong.
  const height = page.getByLabel('Height')
  await height.fill('')
  await height.pressSequentially('166')
  await expect(height).toBeFocused()
  await expect(height).toHaveValue('166')
  await page.getByLabel('Body mass').fill('70')
  await page.getByLabel('What they do').fill('map engraver')
  await page.getByRole('button', { name: 'Go on to the health questions' }).click()

  // The screening sets a limit; an unanswered question is named.
  await expect(page.getByText('The health questions have not been asked.')).toBeVisible()
  const form = page.getByRole('form', { name: 'Health questions' })
  await form.getByRole('button', { name: 'Keep the answers' }).click()
  await expect(form.getByText('Not answered yet.').first()).toBeVisible()
  await form
    .getByRole('group', { name: /Low bone density/ })
    .getByText('Yes')
    .click()
  await form.getByRole('button', { name: 'No to all that are left' }).click()
  await form.getByRole('button', { name: 'Keep the answers' }).click()
  await expect(page.getByText('Nothing stands in the way of training today.')).toBeVisible()
  await expect(page.getByRole('region', { name: 'Limits in force' })).toContainText('Low bone density')

  // The limit says what it switches off; another one shows the difference at once.
  const places = page.getByRole('navigation', { name: 'Wilhelmina Ostrander' })
  await places.getByRole('link', { name: 'Limits and room' }).click()
  await page.getByRole('checkbox', { name: 'No kneeling' }).check()
  await expect(page.getByRole('status').filter({ hasText: 'No kneeling on' })).toContainText('exercises fewer')
  await page.getByLabel('Ceiling').fill('235')
  await page.getByRole('button', { name: 'Keep the room' }).click()
  await expect(page.getByText('Ceiling at 2.35 m')).toBeVisible()

  // Coverage names the missing pull before anything is there.
  await places.getByRole('link', { name: 'Shelf' }).click()
  await expect(page.getByText('The shelf is empty')).toBeVisible()
  await expect(page.getByRole('region', { name: 'Coverage' })).toContainText(/cannot train:[^.]*horizontal pull/)

  // A line in plain words, shown as understood, corrected before it stands on the shelf.
  const add = page.getByRole('form', { name: 'Put something on the shelf' })
  const line = add.getByLabel('In plain words')
  await line.fill('4 bottles of water 1.5 L 900')
  await expect(add.getByText('900: not understood')).toBeVisible()
  await expect(add.getByLabel('One piece')).toHaveValue('1.58')
  await add.getByLabel('Name').fill('water bottle')
  await add.getByLabel('One piece').fill('1.55')
  await add.getByRole('button', { name: 'Put it on the shelf' }).click()
  await expect(page.getByRole('button', { name: /4 × water bottle 1.55 kg each/ })).toBeVisible()
  await expect(line).toHaveValue('')

  // The connection is lost while adding: a clear message, and the line is still there after a reload.
  await line.fill('6 packs of rice 1 kg')
  await expect(add.getByLabel('One piece')).toHaveValue('1.03')
  await add.getByLabel('Name').fill('flour pack')
  await page.route('**/shelf-items', (route) =>
    route.request().method() === 'POST' ? route.abort() : route.continue(),
  )
  await add.getByRole('button', { name: 'Put it on the shelf' }).click()
  await expect(add.getByRole('alert')).toContainText('cannot be reached')
  await page.unroute('**/shelf-items')
  await page.reload()
  await expect(line).toHaveValue('6 packs of rice 1 kg')
  await expect(add.getByLabel('Name')).toHaveValue('flour pack')
  await add.getByRole('button', { name: 'Put it on the shelf' }).click()
  await expect(page.getByRole('button', { name: /6 × flour pack/ })).toBeVisible()

  // A name twice is said beside the field.
  await line.fill('flour pack 2 kg')
  await add.getByLabel('Name').fill('flour pack')
  await add.getByRole('button', { name: 'Put it on the shelf' }).click()
  await expect(add.getByText('There is already a thing of that name on this shelf.')).toBeVisible()

  for (const [words, name] of [
    ['25 L rucksack', 'rucksack'],
    ['red tube 120 cm', 'red tube'],
    ['28 mm broom handle 150 cm', 'broom handle'],
  ] as const) {
    await line.fill(words)
    await expect(add.getByLabel('Name')).toHaveValue(name)
    await add.getByRole('button', { name: 'Put it on the shelf' }).click()
    await expect(page.getByRole('button', { name: new RegExp(name) }).first()).toBeVisible()
    await expect(line).toHaveValue('')
  }

  // Nine kilograms out of bottles and packs.
  const fill = page.getByRole('form', { name: 'Fill' })
  await fill.getByLabel('Should weigh').fill('9')
  await fill.getByRole('button', { name: 'Find the recipe' }).click()
  const recipe = page.getByRole('region', { name: 'Recipe' })
  await expect(recipe).toContainText('water bottle')
  await expect(recipe).toContainText('flour pack')
  const total = Number(await recipe.locator('.figure-number').textContent())
  expect(Math.abs(total - 9)).toBeLessThan(0.4)

  // The broom handle is refused as a bar, with its sum.
  await page.getByRole('button', { name: /broom handle/ }).click()
  const hold = page.getByRole('form', { name: 'Will it hold?' })
  await hold.getByRole('button', { name: 'Reckon it' }).click()
  await expect(hold.getByText('How high does it lie, in centimetres?')).toBeVisible()
  await hold.getByLabel('Supports apart').fill('80')
  await hold.getByLabel('Lies at').fill('75')
  await hold.getByRole('button', { name: 'Reckon it' }).click()
  const verdict = page.getByRole('region', { name: 'Will it hold?' }).getByRole('status')
  await expect(verdict).toContainText('Do not')
  await expect(verdict).toContainText('MPa')
  await expect(verdict.getByRole('img')).toBeVisible()

  // The tube on the bench; unplugged half way, nothing is lost.
  await page.getByRole('button', { name: /red tube/ }).click()
  await page.getByRole('link', { name: 'Test on the Bench' }).click()
  await page.getByRole('button', { name: 'Hang it' }).click()
  await page.getByLabel('Set the length').fill('900')
  await page.getByRole('button', { name: 'Set it' }).click()
  await expect(page.getByText(/Between 121 and 300 cm/)).toBeVisible()
  const scale = page.getByRole('group', { name: 'Scale' })
  const take = page.getByRole('button', { name: /Take the point/ })
  let taken = 0
  for (const length of ['150', '180', '210', '240', '276']) {
    await page.getByRole('button', { name: `${length} cm`, exact: true }).click()
    await expect(page.getByRole('button', { name: `${length} cm`, exact: true })).toHaveAttribute(
      'aria-pressed',
      'true',
    )
    await page.waitForTimeout(2500)
    await expect(scale).toContainText('Steady')
    await take.click()
    taken += 1
    await expect(page.getByRole('heading', { name: new RegExp(`^${taken} of 5 points`) })).toBeVisible()
    if (taken === 2) {
      await page.getByRole('button', { name: 'Unplug the stand-in' }).click()
      await expect(scale).toContainText('does not answer')
      await expect(take).toBeDisabled()
      await page.getByRole('button', { name: 'Plug it in again' }).click()
      await expect(page.getByRole('heading', { name: /^2 of 5 points/ })).toBeVisible()
    }
  }
  await page.getByRole('button', { name: 'Finish the test' }).click()
  await expect(page.getByRole('region', { name: 'What it gives this client' }).locator('.figure-number')).toHaveCount(3)
  const tests = await page.getByRole('region', { name: 'Tests so far' }).textContent()
  const clientId = Number(/clients\/(\d+)/.exec(page.url())?.[1])
  const shelf = await page.evaluate(async (id) => {
    const answer = await fetch(`/api/clients/${id}/shelf-items`, { headers: { Accept: 'application/json' } })
    return (await answer.json()) as { items: { id: number; name: string }[] }
  }, clientId)
  const tube = shelf.items.find((item) => item.name === 'red tube')
  const found = Number(/: (\d+) N at twice/.exec(tests ?? '')?.[1])
  expect(Math.abs(found / hiddenBand(tube?.id ?? 0).force_at_double_n - 1)).toBeLessThan(0.05)

  // And the shelf is surer of it.
  await places.getByRole('link', { name: 'Shelf' }).click()
  await page.getByRole('button', { name: /red tube/ }).click()
  await expect(page.getByRole('region', { name: 'red tube' })).toContainText('measured, ±5 %')
  await expect(page.getByRole('region', { name: 'Coverage' })).not.toContainText(/cannot train:[^.]*horizontal pull/)
})

test('a rail of sixty rungs, walked and zoomed by keyboard', async ({ page }) => {
  await atTheRound(page)
  await openClient(page, 'Anselm Coppergate')
  await page.getByRole('navigation', { name: 'Anselm Coppergate' }).getByRole('link', { name: 'Rail' }).click()
  await page.getByLabel('Pattern').selectOption({ label: 'Squat' })
  const status = page.getByRole('status').filter({ hasText: 'settings on this' })
  await expect(status).toContainText(/\d{2,3} of \d{2,3} settings.* on this rail.*, in kg on the shoulders/)
  const rail = page.getByRole('group', { name: /^Rail: Squat/ })
  await expect(rail).toContainText('wanted for health')
  await expect(rail.locator('.rail-rung-now').first()).toBeVisible()
  const lookedAt = page
    .getByRole('region')
    .filter({ has: page.getByRole('img', { name: /Resistance over the lifting phase/ }) })
    .last()
  await expect(lookedAt).toContainText(/Inside the wanted window|the wanted window/)
  const panel = page.getByRole('region', { name: (await lookedAt.getAttribute('aria-label')) ?? '', exact: true })
  // Closer, the axis counts in smaller steps, whatever the number of pegs.
  const axis = await rail.locator('.plot-number').allTextContents()
  expect(axis.length).toBeGreaterThan(2)
  await page.locator('h1').click()
  await page.keyboard.press('+')
  await page.keyboard.press('+')
  await expect.poll(() => rail.locator('.plot-number').allTextContents()).not.toEqual(axis)
  await page.keyboard.press('End')
  await expect(panel).toHaveCount(0)
  await page.keyboard.press('0')
  await page.keyboard.press('Home')
  await page.getByLabel('With').selectOption({ label: 'body weight' })
  await expect(status).toContainText(/^\d of/)
  await page.getByText(/cannot be used here, and why/).click()
  await expect(
    page
      .getByRole('listitem')
      .filter({ hasText: /It needs|Grip tires/ })
      .first(),
  ).toBeVisible()
})

test('a yes that matters locks the Floor until a clearance is noted', async ({ page }) => {
  await atTheRound(page)
  await openClient(page, 'Philippa Roe', 'Health')
  await page.getByRole('button', { name: 'Ask again' }).click()
  const form = page.getByRole('form', { name: 'Health questions' })
  await form
    .getByRole('group', { name: /Fainted/ })
    .getByText('Yes')
    .click()
  await form.getByRole('button', { name: 'No to all that are left' }).click()
  await form.getByLabel('Resting pressure, upper').fill('80')
  await form.getByLabel('Lower').fill('120')
  await form.getByRole('button', { name: 'Keep the answers' }).click()
  await expect(form.getByText('these two look swapped')).toBeVisible()
  await form.getByLabel('Resting pressure, upper').fill('120')
  await form.getByLabel('Lower').fill('80')
  await form.getByRole('button', { name: 'Keep the answers' }).click()
  await expect(page.getByRole('region', { name: 'Locked' })).toContainText('112')

  const places = page.getByRole('navigation', { name: 'Philippa Roe' })
  await places.getByRole('link', { name: 'Person' }).click()
  await page.getByRole('link', { name: 'Open the Floor' }).first().click()
  await expect(page.getByRole('button', { name: 'Start the session' })).toBeDisabled()
  await page.getByRole('link', { name: 'To the health page' }).click()

  const clearance = page.getByRole('form', { name: 'Clearance' })
  await clearance.getByRole('button', { name: 'Note the clearance' }).click()
  await expect(clearance.getByText('Who gave it?')).toBeVisible()
  await clearance.getByLabel('Given on').fill(new Date().toISOString().slice(0, 10))
  await clearance.getByLabel('By whom').fill('Dr Quill')
  await clearance.getByLabel('What it allows').fill('All training; sit down at once when dizzy')
  await clearance.getByRole('button', { name: 'Note the clearance' }).click()
  await expect(page.getByText('Nothing stands in the way of training today.')).toBeVisible()
  await expect(page.getByRole('region', { name: 'Clearances' })).toContainText('Dr Quill')
  await expect(page.getByRole('region', { name: 'Who looked' })).toContainText('noted a clearance')
})

test('checks propose a limit and the trainer accepts it', async ({ page }) => {
  await atTheRound(page)
  await openClient(page, 'Gideon Stroud', 'Health')
  const checks = page.getByRole('form', { name: 'Movement checks' })
  await checks.getByLabel('On the left leg').fill('3')
  await checks.getByRole('button', { name: 'Keep what was seen' }).click()
  await page.getByRole('button', { name: 'Set this limit' }).click()
  await expect(page.getByRole('region', { name: 'Limits in force' })).toContainText('Needs a support to hold')
})

test('a joint is named, and the limits for it are set where it is asked', async ({ page }) => {
  await atTheRound(page)
  await openClient(page, 'Philippa Roe', 'Health')
  await page.getByRole('button', { name: 'Ask again' }).click()
  const form = page.getByRole('form', { name: 'Health questions' })
  await form
    .getByRole('group', { name: /A joint that hurts/ })
    .getByText('Yes')
    .click()
  await form.getByRole('button', { name: 'No to all that are left' }).click()
  await form.getByRole('button', { name: 'Keep the answers' }).click()
  await expect(form.getByText('Which joint?')).toBeVisible()
  await form.getByLabel('Which joint').selectOption('Knee')
  await form.getByLabel('Side').selectOption('left')
  await form.getByLabel('Replaced in').fill('2021')
  await expect(form.getByRole('checkbox', { name: /No kneeling/ })).toBeChecked()
  await form.getByRole('checkbox', { name: /No jumping/ }).uncheck()
  expect(await violations(page, 'a joint that is named')).toEqual([])
  await form.getByRole('button', { name: 'Keep the answers' }).click()
  await expect(page.getByRole('region', { name: 'Answers' })).toContainText('Knee, left, replaced in 2021')
  const limits = page.getByRole('region', { name: 'Limits in force' })
  await expect(limits).toContainText('No kneeling')
  await expect(limits).not.toContainText('No jumping')
  await page.getByRole('link', { name: 'What the limits switch off' }).click()
  await expect(page.getByRole('checkbox', { name: 'No kneeling' })).toBeChecked()
})

test('nobody is asked what cannot be, and what is not a switch does not look like one', async ({ page }) => {
  await atTheRound(page)
  await openClient(page, 'Anselm Coppergate', 'Health')
  await page.getByRole('button', { name: 'Ask again' }).click()
  const form = page.getByRole('form', { name: 'Health questions' })
  await expect(form.getByText('Fainted, or had dizzy spells')).toBeVisible()
  await expect(form.getByText('Pregnant?')).toHaveCount(0)
  await openClient(page, 'Leonie Marchbank', 'Limits and room')
  const limits = page.getByRole('region', { name: 'Limits' })
  await expect(limits.getByRole('checkbox', { name: 'No kneeling' })).toBeEnabled()
  // From the health answers: it is changed there.
  await expect(limits.getByRole('checkbox', { name: 'First year after birth' })).toHaveCount(0)
  await limits.getByRole('listitem').filter({ hasText: 'First year after birth' }).getByRole('link').click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Health')
  expect(await page.getByRole('checkbox', { disabled: true }).count()).toBe(0)
})
