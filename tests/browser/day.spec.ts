import type { Page } from '@playwright/test'
import { atTheRound, expect, signIn, test } from './desk'

interface Answer {
  id: number
  [field: string]: unknown
}

/** Says something to the application as whoever is signed in. */
const send = (page: Page, method: string, path: string, body: object = {}): Promise<Answer> =>
  page.evaluate(
    async ([how, to, what]) => {
      const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? '')
      const answer = await fetch(`/api/${to}`, {
        method: how,
        headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token },
        ...(how === 'GET' ? {} : { body: JSON.stringify(what) }),
      })
      if (!answer.ok) throw new Error(`${to}: ${answer.status} ${await answer.text()}`)
      return (answer.status === 204 ? {} : await answer.json()) as Answer
    },
    [method, path, body] as const,
  )

/** A client of somebody who works for real, with health answered and a small shelf. */
async function aClientOfOnesOwn(page: Page, name: string): Promise<number> {
  await signIn(page, 'walker@saltmarrow.example', 'wet oar, dry oar')
  await expect(page).not.toHaveURL(/sign-in/)
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  const { id } = await send(page, 'POST', 'clients', {
    name,
    goal: 'health',
    heightCm: 172,
    bodyMassKg: 70,
    experience: 'beginner',
    daysPerWeek: 3,
    minutes: 30,
  })
  const { questions } = (await send(page, 'GET', `clients/${id}/health`)) as unknown as { questions: { id: string }[] }
  await send(page, 'POST', `clients/${id}/screenings`, {
    answers: Object.fromEntries(questions.map((question) => [question.id, false])),
  })
  const things = [
    { kind: 'dumbbell', name: '4 kg pair', count: 2, massKg: 4 },
    { kind: 'tube', name: 'red tube', count: 1, restLengthCm: 120, forceAtDoubleN: 60 },
    { kind: 'chair', name: 'kitchen chair', count: 1, massKg: 6 },
    { kind: 'wall', name: 'hall wall', count: 1 },
  ]
  for (const thing of things) await send(page, 'POST', `clients/${id}/shelf-items`, thing)
  return id
}

test('what was said is not asked again; starting asks when what runs ends, and is taken back whole', async ({
  page,
}) => {
  const client = await aClientOfOnesOwn(page, 'Berit Quist')
  await page.goto(`/clients/${client}/programme`)
  const form = page.getByRole('form', { name: 'Plan a programme' })
  await expect(form.getByLabel('Experience')).toHaveValue('new')
  await expect(form.getByLabel(/^Minutes on /)).toHaveCount(3)
  for (const minutes of await form.getByLabel(/^Minutes on /).all()) await expect(minutes).toHaveValue('30')
  await form.getByRole('button', { name: 'Plan it for me' }).click()
  await page.getByRole('button', { name: 'Start it' }).click()
  const whole = page.getByRole('region', { name: 'The programme as a whole' })
  await expect(whole).toContainText(/Started .*visits put on the Round/)

  // Another one: it is kept, and asked about before anything ends.
  await page.getByRole('button', { name: 'Plan a new one' }).click()
  await form.getByRole('button', { name: 'Plan it for me' }).click()
  await page.getByRole('button', { name: 'Start it' }).click()
  const asked = page.getByRole('form', { name: 'Start it' })
  await expect(asked.getByRole('heading')).toBeFocused()
  await expect(asked.getByRole('heading')).toContainText('runs, week 1 of 6')
  await expect(asked).toContainText(/\d+ visits of it go:/)
  await asked.getByRole('button', { name: /^Start it, and end the other on / }).click()
  await expect(page.getByText('started: it waits for its first day')).toBeVisible()
  await page.getByRole('button', { name: 'Take that back' }).click()
  await expect(page.getByText('a draft: it does not run yet')).toBeVisible()
  await page.goto(`/clients/${client}/programme`)
  await expect(page.getByText('running', { exact: true })).toBeVisible()
  await expect(whole).not.toContainText('ends on')

  // A holiday that is known beforehand, and the way back from it.
  await page.getByRole('button', { name: 'Pause', exact: true }).click()
  const pause = page.getByRole('form', { name: 'Pause the programme' })
  await expect(pause.getByLabel('First day away')).toBeFocused()
  const last = await pause.getByLabel('Last day away').inputValue()
  await pause.getByLabel('Last day away').fill('2020-01-01')
  await pause.getByRole('button', { name: 'Pause it' }).click()
  await expect(pause.getByLabel('Last day away')).toBeFocused()
  await expect(pause).toContainText('The last day away comes before the first.')
  await pause.getByLabel('Last day away').fill(last)
  await pause.getByRole('button', { name: 'Pause it' }).click()
  await expect(whole).toContainText('paused until')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(whole).not.toContainText('paused until')

  // A text with a line that cannot be read: the reason stands beside what was pressed, with the way to the line.
  await page.getByRole('button', { name: 'Plan a new one' }).click()
  await page.getByText('Write it', { exact: true }).click()
  const text = page.getByLabel('The session, a line a block')
  await text.fill('squat 3x8\nzzyzx 3x8')
  await page.getByRole('button', { name: 'Start it' }).click()
  const refused = page
    .getByRole('alert')
    .filter({ hasText: 'zzyzx' })
    .filter({ has: page.getByRole('button') })
  await expect(refused).toBeFocused()
  await expect(refused).toBeInViewport()
  await refused.getByRole('button', { name: 'Go to the text' }).click()
  await expect(text).toBeFocused()
})

test('outside the demo the simulated scale is practice, and one’s own comes first', async ({ page }) => {
  const client = await aClientOfOnesOwn(page, 'Sunniva Rask')
  await page.goto(`/clients/${client}/bench`)
  await page.getByLabel('Hang on the scale').selectOption({ label: 'red tube' })
  await page.getByRole('button', { name: 'Hang it' }).click()
  await expect(page.getByRole('button', { name: 'A scale of your own' })).toHaveAttribute('aria-pressed', 'true')
  await page.getByRole('button', { name: 'The simulated scale' }).click()
  await expect(page.getByRole('note')).toContainText('made up by the simulated scale')
  for (const cm of ['150 cm', '180 cm', '210 cm']) {
    await page.getByRole('button', { name: cm, exact: true }).click()
    const row = page.getByRole('row', { name: new RegExp(cm) })
    // It swings for a while.
    await expect(async () => {
      await page.getByRole('button', { name: /^Take the point/ }).click()
      await expect(row).toContainText('simulated', { timeout: 1500 })
    }).toPass()
  }
  await expect(page.getByRole('button', { name: 'Practice: nothing to keep' })).toBeDisabled()
  await page.getByRole('button', { name: 'A scale of your own' }).click()
  const own = page.getByRole('form', { name: 'Readings of your own scale' })
  for (const [cm, kg] of [
    ['150', '2.1'],
    ['180', '3.9'],
    ['210', '5.4'],
  ] as const) {
    await own.getByLabel('Length').fill(cm)
    await own.getByLabel('Reading').fill(kg)
    await own.getByRole('button', { name: 'Write the point down' }).click()
    await expect(page.getByRole('row', { name: new RegExp(`${cm} cm`) })).toContainText(`${kg} kg`)
  }
  await expect(page.getByRole('row', { name: /simulated/ })).toHaveCount(0)
  await page.getByRole('button', { name: 'Finish the test' }).click()
  await expect(page.getByRole('region', { name: 'Tests so far' })).toBeVisible()
})

test('a plan made anew is said yes to with Enter; the choice after pain comes back with Undo', async ({ page }) => {
  const client = await aClientOfOnesOwn(page, 'Torvald Brekke')
  const { days, startsOn } = (await send(page, 'GET', `clients/${client}/programmes`)) as unknown as {
    days: object[]
    startsOn: string
  }
  await send(page, 'POST', `clients/${client}/programmes`, {
    goal: 'health',
    experience: 'some',
    weeks: 2,
    order: 'compound-first',
    structure: 'straight',
    startsOn,
    days,
    start: true,
  })
  const { visits } = (await send(page, 'GET', 'round')) as unknown as {
    visits: { clientName: string; sessionId: number }[]
  }
  const visit = visits.find(({ clientName }) => clientName === 'Torvald Brekke')?.sessionId ?? 0
  await page.goto(`/replan/${visit}?for=sore`)
  // Whatever was planned, something of it is done with the arms.
  await page.getByText('Shoulder', { exact: true }).click()
  const plan = page.getByRole('region', { name: 'The changed session' })
  const tick = plan.getByRole('checkbox').first()
  await expect(tick).toBeChecked()
  await expect(page.getByRole('button', { name: /^Change (this|these)/ })).toBeEnabled()
  await tick.focus()
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(new RegExp(`/floor/${visit}`))
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('button', { name: 'Start the session' })).toBeVisible()

  await page.getByRole('button', { name: 'Start the session' }).click()
  await page.getByRole('button', { name: /^Leave the warm-up out/ }).click()
  await page.getByRole('button', { name: /^Begin / }).click()
  const pain = page.getByRole('alertdialog', { name: 'Pain' })
  await page.getByRole('button', { name: 'Pain', exact: true }).click()
  await expect(pain).toBeFocused()
  await pain.getByRole('button', { name: 'Knee' }).click()
  await pain.getByRole('button', { name: 'Stop the movement and note it' }).click()
  const leaveOut = pain.getByRole('button', { name: /^Leave .* out today$/ })
  await leaveOut.click()
  await expect(pain).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(leaveOut).toBeVisible()
  await leaveOut.click()
  await expect(pain).toHaveCount(0)
})

test('what the device kept is shown as such while the application is slow, and never instead of it', async ({
  page,
}) => {
  await atTheRound(page)
  const date = page.getByRole('heading', { level: 1 })
  await expect(date).toBeVisible()
  let answer = () => undefined as void
  const gate = new Promise<void>((resolve) => {
    answer = resolve
  })
  await page.route('**/api/round', async (route) => {
    await gate
    await route.continue()
  })
  await page.reload()
  const asOf = page.getByRole('status').filter({ hasText: 'As of' })
  await expect(asOf).toContainText(/As of \d\d:\d\d, asking\./)
  await expect(page.getByRole('heading', { name: 'Orrin Kestlewick' })).toBeVisible()
  answer()
  await expect(asOf).toHaveCount(0)
  await expect(page.getByRole('heading', { name: 'Orrin Kestlewick' })).toBeVisible()
  await page.unroute('**/api/round')

  // No network at all: said so, with a way to ask again.
  await page.route('**/api/round', (route) => route.abort())
  await page.reload()
  await expect(asOf).toContainText('The application cannot be reached')
  await page.unroute('**/api/round')
  await asOf.getByRole('button', { name: 'Ask again' }).click()
  await expect(asOf).toHaveCount(0)
})
