import type { Page } from '@playwright/test'
import { atTheRound, doSet, expect, skipTo, test } from './desk'

interface Planned {
  clientId: number
  clientName: string
  state: string
  swapsNeeded: number
}

/** Goes to the first later day with a visit that has not begun and needs a swap, which no other test touches. */
async function aLaterVisit(page: Page, nth = 0) {
  await atTheRound(page)
  const found: { date: string; visit: Planned }[] = []
  for (let days = 1; days < 8; days++) {
    const date = new Date(Date.now() + days * 86_400_000).toISOString().slice(0, 10)
    const visits = await page.evaluate(
      async (day) =>
        (
          (await (await fetch(`/api/round?date=${day}`, { headers: { Accept: 'application/json' } })).json()) as {
            visits: Planned[]
          }
        ).visits,
      date,
    )
    found.push(
      ...visits.filter((visit) => visit.state === 'planned' && visit.swapsNeeded > 0).map((visit) => ({ date, visit })),
    )
  }
  const { date, visit } = found[nth] ?? { date: '', visit: { clientName: '', clientId: 0 } }
  await page.goto(`/?date=${date}`)
  return {
    clientId: visit.clientId,
    visit: page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: visit.clientName }) }),
  }
}

test('a thing is missing: every exercise that needs it in one list, changed and taken back', async ({ page }) => {
  const { visit, clientId } = await aLaterVisit(page)
  await visit.getByRole('link', { name: 'Missing kit' }).click()
  await expect(page.getByRole('heading', { name: 'Change today’s session' })).toBeVisible()

  // Nothing is said yet; then one thing after another, until something is needed.
  const things = page.getByRole('group', { name: 'What is not there today?' })
  const plan = page.getByRole('region', { name: 'The changed session' })
  await expect(plan).toBeHidden()
  await things.locator('label').first().waitFor()
  for (const thing of await things.locator('label').all()) await thing.click()
  await expect(plan.getByRole('checkbox').first()).toBeChecked()
  await expect(plan.getByRole('checkbox').nth(1)).toBeChecked()
  await page.waitForLoadState('networkidle')
  const changed = await plan.getByRole('checkbox').count()
  await expect(plan).toContainText('min of work, rest and setting up')

  // One is not wanted; the others go in, and come back.
  await plan.getByRole('checkbox').first().uncheck()
  await page.getByRole('button', { name: new RegExp(`Change (this|these ${changed - 1}) exercises? today`) }).click()
  await expect(page.getByRole('heading', { name: 'Lay out first' })).toBeVisible()
  await expect(page.getByText(/left out|instead of/).first()).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText(/left out|instead of/)).toHaveCount(0)

  // The ledger remembers both.
  await page.goto(`/clients/${clientId}/ledger`)
  await expect(page.getByRole('heading', { name: 'Swaps' })).toBeVisible()
  await expect(page.getByText('taken back').first()).toBeVisible()
})

test('less time and a sore part, on a phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  const { visit } = await aLaterVisit(page)
  await visit.getByRole('link', { name: 'Less time' }).click()
  const plan = page.getByRole('region', { name: 'The changed session' })
  await page.getByLabel('Minutes there are').fill('3')
  await expect(page.getByRole('alert')).toContainText('Between 5 and 180 minutes.')
  await page.getByText('10 min', { exact: true }).click()
  await expect(plan.getByRole('heading', { name: 'Only 10 minutes' })).toBeVisible()
  await expect(plan).toContainText('instead of')
  await page.getByText('Something is sore').click()
  await page.getByText('Knee', { exact: true }).click()
  await expect(page.getByText('ask a clinician')).toBeVisible()
  await expect(plan.getByRole('heading', { name: 'Sore knee' })).toBeVisible()
  expect(await page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true)
})

test('the tempo is set by hand and reaches the Floor', async ({ page }) => {
  const { visit } = await aLaterVisit(page, 1)
  await visit.getByRole('link', { name: /needs? a swap/ }).click()
  const lowering = page.getByRole('region', { name: 'Change the setting' }).getByRole('slider', { name: 'Lowering' })
  await lowering.focus()
  await page.keyboard.press('End')
  await expect(page.getByText('6 s down', { exact: false }).first()).toBeVisible()
  await page.getByRole('button', { name: /Use this today/ }).click()
  await expect(page.getByText('in use').first()).toBeVisible()
  await page.getByRole('link', { name: 'Open the Floor' }).click()
  await expect(page.getByText(/6 s down/).first()).toBeVisible()
})

test('a swap for the next set only goes when the set is logged', async ({ page }) => {
  const { visit } = await aLaterVisit(page, 2)
  await visit.getByRole('link', { name: 'Open the Floor' }).click()
  await page.getByRole('button', { name: 'Start the session' }).click()
  await skipTo(page, /^set 1 of [2-9] /)
  const name = page.getByRole('region', { name: /^(Now|Next)$/ }).getByRole('heading', { level: 1 })
  const written = (await name.textContent()) ?? ''
  await page.getByRole('button', { name: 'Swap', exact: true }).click()
  await page.getByRole('link', { name: 'All swaps with their curves' }).click()
  const candidates = page.getByRole('region', { name: 'Candidates' }).getByRole('button', { name: /% match/ })
  await candidates.first().waitFor()
  const other = candidates.filter({ hasNotText: written }).filter({ hasNotText: 'each side' }).first()
  await other.click()
  await page.keyboard.press('s')
  // Back on the Floor by itself.
  await expect(page.getByRole('button', { name: 'Begin set 1' })).toBeVisible()
  await expect(name).not.toHaveText(written)
  await doSet(page)
  await page.getByRole('button', { name: '2 in reserve' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'sent' })).toHaveText('Everything is sent.')
  await page.reload()
  await expect(page.getByText('set 2 of').first()).toBeVisible()
  await expect(name).toHaveText(written)
})
