import type { Page } from '@playwright/test'
import { atTheRound, expect, openClient, signIn, test, violations } from './desk'

/** Puts somebody to try things on there, or takes them away, without a page for it. */
async function tryClient(page: Page, method: 'POST' | 'DELETE') {
  const status = await page.evaluate(async (how) => {
    const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? '')
    return (
      await fetch('/api/demo-client', { method: how, headers: { Accept: 'application/json', 'X-XSRF-TOKEN': token } })
    ).status
  }, method)
  expect([201, 204]).toContain(status)
}

test('a visit is moved, cancelled with why and brought back, added and taken out, and the day is printed', async ({
  page,
}) => {
  await signIn(page, 'newcomer@saltmarrow.example', 'wet oar, dry oar')
  await expect(page.getByRole('heading', { level: 1, name: /^Round/ })).toBeVisible()
  await tryClient(page, 'DELETE')
  await tryClient(page, 'POST')
  await page.reload()
  const visits = page.getByRole('listitem')
  const visit = visits
    .filter({ has: page.getByRole('heading', { name: 'Marisol Tangwynne' }) })
    .filter({ hasNotText: 'once more than the programme says' })
  const change = page.getByRole('form', { name: 'Move or cancel the visit to Marisol Tangwynne' })
  const time = async () => (await visit.locator('.figure-number').first().textContent()) ?? ''
  const before = await time()

  // Moved within the day, it says where it was; Undo puts it back.
  await visit.getByRole('button', { name: 'Move or cancel' }).click()
  await expect(change.getByLabel('Day')).toBeFocused()
  await change.getByLabel('Time').fill('22:45')
  await change.getByLabel('Why').fill('A delivery')
  expect(await violations(page, 'moving a visit')).toEqual([])
  await change.getByRole('button', { name: 'Move it' }).click()
  await expect(visit.getByText(/^Moved/)).toBeVisible()
  await expect(visit).toContainText(`${before}: A delivery`)
  expect(await time()).toBe('22:45')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(visit.getByText(/^Moved/)).toHaveCount(0)
  expect(await time()).toBe(before)

  // A day that is over is refused beside its field, and what was entered stays.
  await visit.getByRole('button', { name: 'Move or cancel' }).click()
  await change.getByLabel('Day').fill('2020-01-01')
  await change.getByRole('button', { name: 'Move it' }).click()
  await expect(change.getByText(/that day is over/)).toBeVisible()
  await expect(change.getByLabel('Day')).toBeFocused()
  await expect(change.getByLabel('Day')).toHaveValue('2020-01-01')
  await change.getByRole('button', { name: 'Leave it as it is' }).click()

  // Cancelled with why, and brought back.
  await visit.getByRole('button', { name: 'Move or cancel' }).click()
  await change.getByRole('button', { name: 'Cancel the visit' }).click()
  // What is missing is said where the hand is, before anything is sent.
  await expect(change.getByText('Say in a few words why it is cancelled.')).toBeVisible()
  await expect(change.getByLabel('Why')).toBeFocused()
  await change.getByLabel('Why').fill('A cold')
  await change.getByRole('button', { name: 'Cancel the visit' }).click()
  const cancelled = visits.filter({ hasText: 'Bring the visit back' })
  await expect(cancelled).toContainText('Marisol Tangwynne')
  await expect(cancelled).toContainText('A cold')
  const back = cancelled.getByRole('button', { name: 'Bring the visit back' })
  await expect(back).toBeFocused()
  await back.click()
  await expect(visit.getByRole('button', { name: 'Move or cancel' })).toBeFocused()

  // A session of the programme once more today, which stands beside another visit.
  await page.getByRole('button', { name: 'Add a visit' }).click()
  const add = page.getByRole('form', { name: 'Add a visit' })
  await add.getByLabel('Client').selectOption({ label: 'Marisol Tangwynne' })
  await add.getByLabel('Time').fill(before)
  await add.getByRole('button', { name: 'Add the visit' }).click()
  await expect(page.getByRole('button', { name: 'Add a visit' })).toBeFocused()
  const added = visits.filter({ hasText: 'once more than the programme says' })
  await expect(added).toContainText('Same time')
  await expect(added).toContainText(`Marisol Tangwynne, ${before}`)
  await added.getByRole('button', { name: 'Move or cancel' }).click()
  await page.getByRole('button', { name: 'Take it out' }).click()
  await expect(added).toHaveCount(0)

  await page.getByRole('link', { name: 'Print the day' }).click()
  const paper = page.getByRole('region', { name: 'The day on paper' })
  await expect(paper.getByRole('region', { name: 'Marisol Tangwynne' })).toContainText('Lay out:')
  await expect(page.getByRole('button', { name: 'Print it' })).toBeEnabled()
  expect(await violations(page, 'the day on paper')).toEqual([])
  await tryClient(page, 'DELETE')
})

test('a talk every week, and time that is not free, stand on the Round and come off again', async ({ page }) => {
  await atTheRound(page)
  await page.getByRole('button', { name: 'Add a visit' }).click()
  const kinds = page.getByRole('region', { name: 'Add to the Round' })
  await kinds.getByText('A talk').click()
  const form = page.getByRole('form', { name: 'Add without a session' })
  await form.getByRole('button', { name: 'Put it on the Round' }).click()
  await expect(form.getByLabel('Time')).toBeFocused()
  await form.getByLabel('Client').selectOption({ label: 'Philippa Roe' })
  await form.getByLabel('Time').fill('06:10')
  await form.getByLabel('What about').fill('The next weeks')
  await form.getByLabel('Again').selectOption('every week')
  const inThreeWeeks = new Date(Date.now() + 21 * 86_400_000).toISOString().slice(0, 10)
  await form.getByLabel('Until').fill(inThreeWeeks)
  await form.getByRole('button', { name: 'Put it on the Round' }).click()
  const row = page.getByRole('listitem').filter({ hasText: 'The next weeks' })
  await expect(row).toContainText('Philippa Roe')
  await expect(row).toContainText('Repeats')
  expect(await violations(page, 'a Round with a talk')).toEqual([])

  // At the same time as something else, which both say.
  await page.getByRole('button', { name: 'Add a visit' }).click()
  await kinds.getByText('Time that is not free').click()
  await form.getByLabel('Time').fill('06:30')
  await form.getByLabel('What it is').fill('Errands')
  await form.getByRole('button', { name: 'Put it on the Round' }).click()
  const errands = page.getByRole('listitem').filter({ hasText: 'Errands' })
  await expect(errands).toContainText('Philippa Roe, Talk, 06:10')
  await expect(row).toContainText('Not free, 06:30')

  // Another hour for it, then off; each can be taken back.
  await errands.getByRole('button', { name: /Change or take off/ }).click()
  await page.getByRole('form', { name: 'Change it' }).getByLabel('Time').fill('07:30')
  await page.getByRole('button', { name: 'Keep the change' }).click()
  await expect(errands).toContainText('07:30')
  await expect(errands).not.toContainText('Same time')
  await row.getByRole('button', { name: /Change or take off/ }).click()
  await page.getByRole('button', { name: 'Take off this one and all after it' }).click()
  await expect(row).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).first().click()
  await expect(row).toHaveCount(1)
})

test('what falls due leads to where it is dealt with', async ({ page }) => {
  await atTheRound(page)
  const due = page.getByRole('region', { name: 'Falls due' })
  await expect(due).toContainText('Look over: black tube')
  await due
    .getByRole('listitem')
    .filter({ hasText: 'Look over: black tube' })
    .getByRole('link', { name: 'Gideon Stroud' })
    .click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Gideon Stroud · Shelf')
})

test('an exercise that is looked at goes into a session from there, and out again', async ({ page }) => {
  await atTheRound(page)
  await page.goto('/catalogue/glute-bridge')
  await page.getByRole('button', { name: 'Put this into a session' }).click()
  await page.getByLabel('Client', { exact: true }).selectOption({ label: 'Tamsin Aldercott' })
  const form = page.getByRole('form', { name: 'Put Glute bridge into a session' })
  await form.getByText('In the weeks after it too').click()
  expect(await violations(page, 'putting into a session')).toEqual([])
  await form.getByRole('button', { name: 'Put it in' }).click()
  await expect(page.getByText(/Glute bridge is in /)).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await page.getByRole('button', { name: 'Put this into a session' }).click()
  await expect(form.getByRole('link', { name: /Look at week/ })).toBeVisible()
})

test('a thing is lent and comes back, and a scale of one’s own is typed', async ({ page }) => {
  await atTheRound(page)
  await openClient(page, 'Orrin Kestlewick', 'Shelf')
  const jug = page.getByRole('button', { name: /ballast jug/ })
  await jug.click()
  await page.getByLabel('Lend it to…').selectOption({ label: 'Marisol Tangwynne' })
  const lent = page.getByRole('region', { name: 'Lent' })
  await expect(lent).toContainText('is with Marisol Tangwynne')
  await expect(jug).toHaveCount(0)
  // What had the focus is gone with the thing; the next key still goes on from the page.
  await expect(page.getByRole('main')).toBeFocused()
  await lent.getByRole('button', { name: 'It is back' }).click()
  await expect(jug).toBeVisible()
  await expect(lent).toHaveCount(0)
  await page.getByLabel('Order').selectOption('lightest first')
  await page.getByRole('link', { name: 'Print as a list' }).click()
  await expect(page.getByRole('region', { name: 'The shelf on paper' }).getByRole('row')).not.toHaveCount(0)
  expect(await violations(page, 'the shelf on paper')).toEqual([])

  await page.getByRole('navigation', { name: 'Orrin Kestlewick' }).getByRole('link', { name: 'Bench' }).click()
  await page.getByLabel('Hang on the scale').selectOption({ label: 'canvas rucksack' })
  await page.getByRole('button', { name: 'Hang it' }).click()
  await page.getByRole('button', { name: 'A scale of your own' }).click()
  const own = page.getByRole('form', { name: 'Readings of your own scale' })
  await own.getByRole('button', { name: 'Write the weight down' }).click()
  await expect(own.getByText('What does the scale show?')).toBeVisible()
  await expect(own.getByLabel('Reading')).toBeFocused()
  await own.getByLabel('Reading').fill('a lot')
  await own.getByRole('button', { name: 'Write the weight down' }).click()
  await expect(own.getByText(/is no reading of a scale/)).toBeVisible()
  expect(await violations(page, 'a reading that is none')).toEqual([])
  await own.getByLabel('Reading').fill('0,9 0,9')
  await own.getByRole('button', { name: 'Write the weight down' }).click()
  await expect(page.getByText('Weighed; the shelf is surer of it')).toBeVisible()
})

test('what is half-typed is there again after going elsewhere and after signing out, and for nobody else', async ({
  page,
}) => {
  const form = page.getByRole('form', { name: 'A new client' })
  await atTheRound(page)
  await page.getByRole('link', { name: 'Clients', exact: true }).click()
  await page.getByRole('link', { name: 'A new client' }).click()
  await form.getByLabel('Name').fill('Wilhelmina')
  await form.getByLabel('Note').fill('A shoulder that clicks')
  await page.getByRole('link', { name: 'Round', exact: true }).click()
  await page.getByRole('button', { name: 'Sign out' }).click()
  const signed = async (email: string) => {
    await page.getByLabel('E-mail address').fill(email)
    await page.getByLabel('Password').fill('cargo-bike')
    await page.getByRole('button', { name: 'Sign in' }).click()
    await page.getByRole('link', { name: 'Clients', exact: true }).click()
    await page.getByRole('link', { name: 'A new client' }).click()
  }
  await signed('corvin@saltmarrow.example')
  await expect(form.getByLabel('Name')).toHaveValue('')
  await page.getByRole('button', { name: 'Sign out' }).click()
  await signed('isaura@saltmarrow.example')
  await expect(page.getByText('What you had begun is still here.')).toBeVisible()
  await expect(form.getByLabel('Name')).toHaveValue('Wilhelmina')
  await expect(form.getByLabel('Note')).toHaveValue('A shoulder that clicks')
  await page.getByRole('button', { name: 'Begin anew' }).click()
  await expect(form.getByLabel('Name')).toHaveValue('')
})

test('words are said as the trainer says them', async ({ page }) => {
  await signIn(page, 'corvin@saltmarrow.example')
  await page.getByRole('link', { name: 'Settings' }).click()
  const settings = page.getByRole('form', { name: 'Settings' })
  const say = async (word: string) => {
    await settings.getByLabel('From the hands, face down').selectOption(word)
    await settings.getByRole('button', { name: 'Keep the settings' }).click()
    await expect(page.getByText('Kept', { exact: true })).toBeVisible()
  }
  await say('press-up')
  await page.goto('/catalogue')
  await page.getByLabel('Search the catalogue').fill('pushup')
  await expect(page.getByRole('link', { name: /^Press-up/ }).first()).toBeVisible()
  await expect(page.getByRole('link', { name: /^Push-up/ })).toHaveCount(0)
  await page.goto('/settings')
  await say('push-up')
})
