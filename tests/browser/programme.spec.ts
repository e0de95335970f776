import { atTheRound, expect, inaccessible, signIn, test } from './desk'

test('a new client is planned for, kept as a draft and started from the keyboard; the first visit is on the Round', async ({
  page,
}, { retry }) => {
  const name = retry === 0 ? 'Thessaly Marrick' : 'Thessaly Marrick the second'
  await signIn(page, 'corvin@saltmarrow.example')
  await expect(page.getByRole('link', { name: 'Clients', exact: true })).toBeVisible()
  await page.goto('/clients/new')
  const person = page.getByRole('form', { name: 'A new client' })
  await person.getByLabel('Name').fill(name)
  await person.getByLabel('Height').fill('171')
  await person.getByLabel('Body mass').fill('69')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'No to all that are left' }).click()
  await page.getByRole('button', { name: 'Keep the answers' }).click()
  await expect(page.getByText('Nothing stands in the way of training today.')).toBeVisible()

  // From here on nothing but keys.
  await page.getByRole('link', { name: 'Programme' }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByText('No programme yet')).toBeVisible()
  const form = page.getByRole('form', { name: 'Plan a programme' })
  await form.getByLabel('Goal').focus()
  await page.keyboard.type('Health')
  await form.getByLabel('Weeks').focus()
  await page.keyboard.press('Control+A')
  await page.keyboard.type('0')
  // A first programme offers days from today on; whatever they are, it is to be these.
  for (const box of await form.getByRole('group', { name: /^Days/ }).getByRole('checkbox').all()) {
    const isWanted = ['Tuesday', 'Thursday'].includes((await box.getAttribute('aria-label')) ?? '')
    if ((await box.isChecked()) === isWanted) continue
    await box.focus()
    await page.keyboard.press('Space')
  }
  await form.getByRole('button', { name: 'Plan it for me' }).focus()
  await page.keyboard.press('Enter')
  await expect(form.getByText('A programme lasts 1 to 26 weeks.')).toBeVisible()
  await form.getByLabel('Weeks').focus()
  await page.keyboard.press('Control+A')
  await page.keyboard.type('5')
  await page.keyboard.press('Enter')

  const proposal = page.getByRole('region', { name: /^Health, 5 weeks/ })
  await expect(proposal.getByRole('heading', { name: /^Health, 5 weeks/ })).toBeFocused()
  await expect(proposal.getByText('proposed, not kept yet')).toBeVisible()
  await expect(proposal.getByRole('region', { name: 'Tuesday' })).toContainText('of 45 min')
  await expect(proposal.getByRole('region', { name: 'What held it back' })).toContainText('light on purpose')
  await expect(proposal.getByRole('region', { name: 'Working sets' })).toContainText('Quadriceps')

  // The weeks are walked by arrow; the fifth is lighter.
  await proposal.getByRole('radio', { name: 'Week 1' }).focus()
  for (let week = 2; week <= 5; week++) await page.keyboard.press('ArrowRight')
  await expect(proposal.getByRole('radio', { name: 'Week 5, lighter' })).toBeChecked()
  await expect(proposal.getByRole('status')).toContainText('lighter on purpose')
  await page.keyboard.press('ArrowRight')
  await expect(proposal.getByRole('radio', { name: 'Week 1' })).toBeChecked()

  // What is kept stays when the rest is planned again.
  const keep = proposal.getByRole('checkbox', { name: 'keep this when planning again' }).first()
  const kept = await proposal
    .getByRole('region', { name: 'Tuesday' })
    .getByRole('listitem')
    .first()
    .locator('strong')
    .first()
    .innerText()
  await keep.focus()
  await page.keyboard.press('Space')
  await expect(form.getByText('One exercise stays as chosen.')).toBeVisible()
  await form.getByRole('button', { name: 'Plan again' }).focus()
  await page.keyboard.press('Enter')
  await expect(form.getByRole('button', { name: 'Plan again' })).toBeEnabled()
  await expect(proposal.getByRole('region', { name: 'Tuesday' }).getByText(kept, { exact: true })).toBeVisible()

  await page.getByRole('button', { name: 'Keep as a draft' }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByText('a draft: it does not run yet')).toBeVisible()

  // It is changed by hand: a set more, a place down, joined with the next, and all of it taken back, also after a reload.
  await page.getByRole('link', { name: 'Change this week' }).focus()
  await page.keyboard.press('Enter')
  const tuesday = page.getByRole('region', { name: 'Tuesday' })
  const rows = tuesday
    .getByRole('button', { expanded: false })
    .and(page.locator('[data-slot]'))
    .filter({ visible: true })
  const first = (await rows.nth(0).getAttribute('data-slot')) ?? ''
  const row = page.locator(`[data-slot="${first}"]`)
  const said = page.getByRole('status').first()
  const before = await tuesday
    .locator('[data-slot]')
    .evaluateAll((all) => all.map((one) => one.getAttribute('data-slot')))
  const sets = Number(((await row.getAttribute('aria-label')) ?? '').replace(/^.*, (\d+) ×.*$/, '$1'))
  await row.focus()
  await page.keyboard.press('+')
  await expect(said).toContainText(`${sets + 1} × `)
  await expect(row).toBeFocused()
  await page.keyboard.press('Alt+ArrowDown')
  await expect(said).toContainText('moved down')
  await expect(row).toBeFocused()
  await page.keyboard.press('Alt+ArrowUp')
  await expect(said).toContainText('moved up')
  await page.keyboard.press('g')
  await expect(said).toContainText('done in turn')
  await expect(tuesday.getByRole('combobox', { name: 'Kind of Superset A' })).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(row).toHaveAttribute('aria-expanded', 'true')
  await expect(tuesday.getByRole('img')).toBeVisible()
  await page.keyboard.press('Control+z')
  await expect(said).toContainText('Undone: ')
  await expect(said).toContainText('The weeks after have followed.')
  await page.reload()
  await expect(row).toBeVisible()
  for (const undone of ['moved up', 'moved down', `${sets + 1} × `]) {
    await page.keyboard.press('Control+z')
    await expect(said).toContainText(undone)
  }
  await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled()
  expect(
    await tuesday.locator('[data-slot]').evaluateAll((all) => all.map((one) => one.getAttribute('data-slot'))),
  ).toEqual(before)
  await page.keyboard.press('Control+Shift+z')
  await expect(said).toContainText('Again: ')
  await page.getByRole('link', { name: 'Health, 5 weeks' }).focus()
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Start it' }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByText('running', { exact: true })).toBeVisible()
  const path = new URL(page.url()).pathname

  const visit = await page.evaluate(async (place) => {
    const answer = await fetch(`/api${place}s`, { headers: { Accept: 'application/json' } })
    const { shown } = (await answer.json()) as { shown: { startsOn: string } }
    const tuesday = new Date(`${shown.startsOn}T12:00:00Z`)
    tuesday.setUTCDate(tuesday.getUTCDate() + ((9 - tuesday.getUTCDay()) % 7))
    return tuesday.toISOString().slice(0, 10)
  }, path)
  await page.goto(`/?date=${visit}`)
  await expect(page.getByRole('heading', { name, exact: true })).toBeVisible()
  await expect(
    page.getByRole('listitem').filter({ has: page.getByRole('heading', { name, exact: true }) }),
  ).toContainText('09:00')

  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(path)
  await expect(page.getByRole('region', { name: 'Tuesday' })).toBeVisible()
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  expect(await inaccessible(page, [path])).toEqual([])
})

test('a session is written as trainers scribble it and read line by line', async ({ page }) => {
  await atTheRound(page)
  await page.goto('/clients/1/programme')
  await page.getByRole('button', { name: 'Plan a new one' }).click()
  await page.getByText('Write it', { exact: true }).click()
  const field = page.getByLabel('The session, a line a block')
  const lines: [string, string][] = [
    ['goblet squat 3x10 12kg', 'Goblet squat: 3 × 10 repetitions'],
    ['A: floor press / row 3x12 rest 60', 'Floor press: 3 × 12 repetitions'],
    ['circuit 4 rounds 40/20: lunges, press-ups, band row, plank', '4 rounds, 40 s of work, 20 s of rest'],
    ['ladder 15-12-9-6 swings, goblet squat', 'ladder'],
    ['plank as long as clean', 'as long as clean'],
    ['curl 30s alternating + 30s both', 'two-phase set'],
    ['split squat 3x\n8 each side', 'Split squat: 3 × 8 repetitions per side'],
    ['circuit: squats, push ups, row, glute bridge\n3 rounds, last to failure', 'the last set to failure'],
    ['sqat 3x10', 'Squat: 3 × 10 repetitions'],
    ['RDL 4x8-10 rest 2 min', 'Romanian deadlift: 4 × 8–10 repetitions'],
    ['side plank 2x30s each side', 'Side plank: 2 × 30 s per side'],
    ['superset biceps curl + overhead triceps extension 3x12', 'superset'],
    ['dead bug 3x10, bird dog 2x8', 'Bird dog: 2 × 8 repetitions'],
    ['glute bridge 3x12 and plank 3x30s', 'Forearm plank: 3 × 30 s'],
    ['warm-up: arm circles, marching 60s', 'Marching on the spot: 1 × 60 s'],
    ['Lunges 2 sets 8 reps per leg', '2 × 8 repetitions per side'],
    ['3 rounds 30/15: push-ups, squats', '3 rounds, 30 s of work, 15 s of rest'],
    ['bridge hold 3x40s', 'Bridge hold: 3 × 40 s'],
    ['bent-knee calf raises 2x20', 'Bent-knee calf raise: 2 × 20 repetitions'],
    ['anvil toss 3x3', 'Which exercise is “anvil toss”?'],
  ]
  const reading = page.getByRole('region', { name: 'How it was read' })
  for (const [line, understood] of lines) {
    await field.fill(line)
    await expect(reading).toContainText(understood)
  }
  await field.fill('warm-up: wrist circles\ngoblet squat 3x10 10 kg\nfloor press / row 3x12\nplank as long as clean')
  const day = page.getByRole('region', { name: /^[A-Z][a-z]+day$/ }).first()
  await expect(day).toContainText('Goblet squat')
  await expect(page.getByRole('region', { name: 'Checks' })).toContainText('Frame')
  await page.getByRole('button', { name: 'Keep as a draft' }).click()
  await expect(page.getByText('a draft: it does not run yet')).toBeVisible()
  await expect(page.getByRole('navigation', { name: 'Other programmes' })).toContainText('running')

  // What stays of a draft that was kept is chosen in it, and the rest is planned again.
  const squat = day.getByRole('listitem').filter({ hasText: 'Goblet squat' })
  await squat.getByRole('checkbox', { name: 'keep this when planning again' }).check()
  await page.getByRole('button', { name: 'Plan the rest again' }).click()
  await expect(page.getByText('proposed, not kept yet')).toBeVisible()
  await expect(page.getByText('One exercise stays as chosen.')).toBeVisible()
  await expect(day).toContainText('Goblet squat')
  await expect(page.getByRole('region', { name: 'Score' })).toBeVisible()
})
