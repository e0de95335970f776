import type { Page } from '@playwright/test'
import { expect, inaccessible, signIn, test } from './desk'

const corvin = 'corvin@saltmarrow.example'

/** Says something to the API as the page would. */
async function tell<T>(page: Page, path: string, body: unknown): Promise<T> {
  return page.evaluate(
    async ([to, what]) => {
      const token = document.cookie.split('; ').find((part) => part.startsWith('XSRF-TOKEN='))
      const answer = await fetch(`/api/${to}`, {
        method: 'POST',
        headers: {
          Accept: 'application/json',
          'Content-Type': 'application/json',
          'X-XSRF-TOKEN': decodeURIComponent((token ?? '').slice('XSRF-TOKEN='.length)),
        },
        body: JSON.stringify(what),
      })
      if (!answer.ok) throw new Error(`${to}: ${answer.status} ${await answer.text()}`)
      return answer.json()
    },
    [path, body] as const,
  ) as Promise<T>
}

/** A client of Corvin's with two dumbbells and a tube, and a programme of three weeks on two days. */
async function programmed(page: Page, name: string) {
  await signIn(page, corvin)
  await expect(page.getByRole('link', { name: 'Clients', exact: true })).toBeVisible()
  const client = await tell<{ id: number }>(page, 'clients', { name, goal: 'muscle', heightCm: 172, bodyMassKg: 70 })
  for (const [kind, thing, count, measures] of [
    ['dumbbell', '6 kg dumbbell', 2, { massKg: 6 }],
    ['tube', 'red tube', 1, { restLengthCm: 130, forceAtDoubleN: 45 }],
  ] as const) {
    await tell(page, `clients/${client.id}/shelf-items`, { kind, name: thing, count, ...measures })
  }
  const programme = await tell<{ id: number }>(page, `clients/${client.id}/programmes`, {
    goal: 'muscle',
    experience: 'some',
    weeks: 3,
    order: 'compound-first',
    structure: 'straight',
    startsOn: '2030-01-07',
    days: [
      { weekday: 1, minutes: 45, time: '09:00' },
      { weekday: 4, minutes: 45, time: '17:30' },
    ],
    text: 'goblet squat 3x10 6 kg\nband bent-over row 3x12\nfloor press 3x10 6 kg\nforearm plank 2x30s',
  })
  return { client: client.id, programme: programme.id, week: `/clients/${client.id}/programme/${programme.id}/week/1` }
}

const rowOf = (page: Page, day: string, name: string) =>
  page.getByRole('region', { name: day }).getByRole('button', { name: new RegExp(`^${name},`) })

async function drag(page: Page, grip: string, to: ReturnType<typeof rowOf>) {
  const handle = page.locator(`[data-grip="${grip}"]`)
  // In the middle of the window nothing scrolls by itself.
  await to.evaluate((row) => row.scrollIntoView({ block: 'center' }))
  const from = await handle.boundingBox()
  if (!from) throw new Error('There is no handle to drag it by.')
  await page.mouse.move(from.x + 6, from.y + 6)
  await page.mouse.down()
  await page.mouse.move(from.x + 20, from.y + 20, { steps: 4 })
  const target = await to.boundingBox()
  if (!target) throw new Error('There is nowhere to drop it.')
  await page.mouse.move(target.x + 30, target.y - 3, { steps: 10 })
  await page.mouse.up()
}

test('a week is built by hand: dragged, written, shaped, asked for, and mended where trouble is', async ({ page }, {
  retry,
}) => {
  const { week } = await programmed(page, `Ansgar Lowell ${retry}`)
  await page.goto(week)
  const said = page.getByRole('status').first()

  // From one day to another, to the place it was dropped at.
  await drag(page, '1/1.1.1', rowOf(page, 'Thursday', 'Bent-over row'))
  await expect(said).toContainText('Goblet squat moved to Thursday')
  await expect(rowOf(page, 'Monday', 'Goblet squat')).toHaveCount(0)
  await expect(page.getByRole('region', { name: 'Thursday' }).locator('[data-slot]').nth(1)).toContainText(
    'Goblet squat',
  )

  // From the catalogue, a rung of this shelf.
  await page.getByLabel('From the catalogue').fill('biceps')
  await page.getByRole('button', { name: 'Loads of Biceps curl' }).click()
  const catalogue = page.getByRole('region', { name: 'Catalogue' })
  await expect(catalogue).toContainText('6 kg')
  await drag(page, 'exercise/biceps-curl', rowOf(page, 'Monday', 'Bent-over row'))
  await expect(said).toContainText('Biceps curl added on Monday')

  // Written, and what is not understood stays to be mended.
  const line = page.getByLabel('Write into Monday')
  await line.fill('anvil toss 3x3')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('alert')).toContainText('Which exercise is “anvil toss”?')
  await expect(line).toHaveValue('anvil toss 3x3')
  await line.fill('glute bridge 2x15')
  await page.keyboard.press('Enter')
  await expect(said).toContainText('Glute bridge written')
  await expect(line).toHaveValue('')

  // A circuit of all, by its rule.
  await rowOf(page, 'Monday', 'Biceps curl').focus()
  for (let i = 0; i < 3; i++) {
    await page.keyboard.press('g')
    await expect(said).toContainText('done in turn')
    await expect(rowOf(page, 'Monday', 'Biceps curl')).toBeFocused()
  }
  const monday = page.getByRole('region', { name: 'Monday' })
  const kind = monday.getByRole('combobox', { name: 'Kind of Circuit' })
  await kind.selectOption('Intervals')
  await expect(said).toContainText('as intervals')
  await monday.getByLabel('s work').fill('30')
  await page.keyboard.press('Enter')
  await expect(monday.getByLabel('s work')).toHaveValue('30')

  // A dose and the sides of one.
  await rowOf(page, 'Thursday', 'Floor press').press('Enter')
  const thursday = page.getByRole('region', { name: 'Thursday' })
  await thursday.getByRole('textbox', { name: 'Repetitions' }).fill('9')
  await page.keyboard.press('Enter')
  await expect(said).toContainText('3 × 9 repetitions')
  await thursday.getByRole('combobox', { name: 'Sides' }).selectOption('Sides alternating')
  await expect(thursday.getByRole('combobox', { name: 'Sides' })).toHaveValue('alternating')

  // Trouble has its button.
  await expect(thursday.getByText('There is no warm-up and cool-down.')).toBeVisible()
  await thursday.getByRole('button', { name: 'Choose warm-up and cool-down' }).click()
  await expect(thursday.getByText('There is no warm-up and cool-down.')).toHaveCount(0)
  await thursday.getByLabel('Minutes on Thursday').fill('15')
  await page.keyboard.press('Enter')
  await thursday.getByRole('button', { name: 'Cut it to 15 minutes' }).click()
  await expect(said).toContainText('Thursday cut to 15 minutes')
  await thursday.getByRole('button', { name: 'Lay out, minutes, less time' }).click()
  await expect(thursday.getByText('With less time')).toBeVisible()

  // The weeks after have followed.
  await expect(said).toContainText('The weeks after have followed.')
  await page.getByRole('navigation', { name: 'Weeks' }).getByRole('link', { name: '2', exact: true }).click()
  await expect(page.getByRole('heading', { name: /^Week 2 of 3/ })).toBeVisible()
  await expect(rowOf(page, 'Thursday', 'Floor press')).toBeVisible()
  await page.setViewportSize({ width: 390, height: 844 })
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  expect(await inaccessible(page, [week])).toEqual([])
})

test('two windows on one week do not overwrite each other', async ({ page, context }, { retry }) => {
  const { week } = await programmed(page, `Brunhild Ostrander ${retry}`)
  await page.goto(week)
  const other = await context.newPage()
  await other.goto(week)
  await expect(rowOf(other, 'Monday', 'Goblet squat')).toBeVisible()
  // While it is looked at nothing is read again by itself.
  await rowOf(page, 'Monday', 'Goblet squat').press('+')
  await expect(page.getByRole('status').first()).toContainText('4 × 10')
  await rowOf(other, 'Monday', 'Forearm plank').press('Delete')
  await expect(other.getByRole('alert')).toContainText('changed in another window')
  await expect(rowOf(other, 'Monday', 'Goblet squat')).toHaveAccessibleName(/4 × 10/)
  await expect(rowOf(other, 'Monday', 'Forearm plank')).toBeVisible()
  await other.getByRole('button', { name: 'Make it on this' }).click()
  await expect(other.getByRole('status').first()).toContainText('Forearm plank taken out')
  await expect(rowOf(other, 'Monday', 'Goblet squat')).toHaveAccessibleName(/4 × 10/)
})

test('a programme is mended in one list after the tube is lost, and copied to somebody else', async ({ page }, {
  retry,
}) => {
  const { client, programme } = await programmed(page, `Corwin Aldous ${retry}`)
  await page.goto(`/clients/${client}/programme?programme=${programme}`)
  await expect(page.getByRole('region', { name: 'Monday' })).toContainText('Bent-over row')
  await expect(page.getByText('not stand any more')).toHaveCount(0)
  await page.goto(`/clients/${client}/shelf`)
  await page
    .getByRole('button', { name: /red tube/ })
    .first()
    .click()
  await page.getByRole('button', { name: 'Take off the shelf' }).click()
  await expect(page.getByText('red tube is off the shelf')).toBeVisible()
  await page.goto(`/clients/${client}/programme?programme=${programme}`)
  await expect(page.getByText('2 exercises do not stand any more')).toBeVisible()
  await page.getByRole('link', { name: 'Look through and mend' }).click()
  const review = page.getByRole('region', { name: 'Review' })
  await expect(review.getByRole('checkbox')).toHaveCount(2)
  await expect(review).toContainText('The shelf does not hold what is written')
  await review.getByRole('button', { name: 'Mend 2 exercises' }).click()
  await expect(page.getByRole('heading', { name: /^Week 1 of 3/ })).toBeVisible()
  await expect(page.getByRole('region', { name: 'Monday' })).not.toContainText('tube')
  await page.goto(`/clients/${client}/programme/${programme}/review`)
  await expect(page.getByText('Everything stands')).toBeVisible()

  // A week of it goes to the sail mender, refitted to her shelf.
  await page.goto(`/clients/${client}/programme?programme=${programme}`)
  await page.getByText('Copy to another client, or keep as a template').click()
  await page.getByLabel('What').selectOption('Week 1')
  await page.getByRole('combobox', { name: /^For/ }).selectOption('Ottoline Fenwright')
  await page.getByRole('button', { name: 'Copy it' }).click()
  await expect(page.getByRole('heading', { name: 'Refitted to this shelf' })).toBeFocused()
  await expect(review.getByRole('checkbox')).not.toHaveCount(0)
  await review.getByRole('button', { name: /^Mend/ }).click()
  await expect(page.getByRole('heading', { name: /^Week 1 of 1/ })).toBeVisible()

  // A draft is thrown away, and put back.
  await page.getByRole('link', { name: /, week 1$/ }).click()
  await page.getByRole('button', { name: 'Throw away' }).click()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(
    page.getByRole('region', { name: /, week 1$/ }).or(page.getByRole('navigation', { name: 'Other programmes' })),
  ).toContainText('week 1')
  await expect(page.getByText('draft').first()).toBeVisible()

  // Two side by side, and a week on paper.
  await page.goto(`/clients/${client}/programme/${programme}/week/1/print`)
  await expect(page.getByRole('region', { name: 'Monday' }).getByRole('row', { name: /^Goblet squat/ })).toBeVisible()
  await page.goto(`/clients/${client}/programme/${programme}/with/${programme}`)
  await expect(page.getByRole('region', { name: 'Side by side' })).toContainText('checks good')
})
