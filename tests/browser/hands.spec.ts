import { atTheRound, expect, skipTo, test } from './desk'
import { allSent, asNew, logsOf, open, openAsNew, phase, shown, stage } from './floor'

test('a station wanted now, and a page that slept: nothing is on record that was not shown running', async ({
  page,
}) => {
  test.slow()
  await page.setViewportSize({ width: 390, height: 844 })
  await atTheRound(page)
  const { sessionId: visit } = await openAsNew(page, 'Rounds and the clock')
  const now = page.getByRole('region', { name: /^(Now|Next)$/ })
  // By the clock alone, ten seconds at a time.
  const until = async (wanted: RegExp | string) => {
    for (let look = 0; look < 20 && !(await now.getByText(wanted).isVisible()); look++)
      await page.clock.fastForward(5000)
    await expect(now).toContainText(wanted)
  }
  const doNow = async (name: string) => {
    await page.getByRole('button', { name: 'More', exact: true }).click()
    const left = page.getByRole('region', { name: 'More' }).getByRole('listitem').filter({ hasText: name }).first()
    await left.getByRole('button', { name: 'Do now' }).click()
  }
  await skipTo(page, 'Glute bridge')
  await page.getByRole('button', { name: /^Begin / }).click()
  await expect(stage(page)).toHaveAttribute('data-phase', 'work')
  await until('Clamshell')
  await expect.poll(() => phase(page)).toBe('rest')
  // The rest runs out, and the next station runs; then another one is wanted, and waits for a hand.
  await page.clock.fastForward(11_000)
  await page.clock.fastForward(8000)
  await expect(stage(page)).toHaveAttribute('data-phase', 'work')
  await doNow('Glute bridge')
  await expect(now).toContainText('round 2 of 2')
  await page.clock.fastForward(9000)
  await page.clock.fastForward(9000)
  expect(await phase(page)).not.toBe('work')
  await allSent(page)
  expect(logsOf(await shown(page, visit))).toHaveLength(1)

  // Begun, and then nobody looks for four minutes.
  await page.getByRole('button', { name: /^Begin / }).click()
  await expect(stage(page)).toHaveAttribute('data-phase', 'work')
  await page.clock.fastForward(240_000)
  const asked = page.getByRole('alertdialog', { name: 'What was done meanwhile?' })
  await expect(asked).toContainText('Glute bridge, round 2 of 2')
  await expect(asked).toBeFocused()
  await expect(page.getByRole('button', { name: /^(Begin|Stop)/ })).toHaveCount(0)
  await asked.getByRole('button', { name: 'None of it: go on from here' }).click()
  await expect(asked).toHaveCount(0)
  await page.clock.fastForward(60_000)
  await expect(stage(page)).not.toHaveAttribute('data-phase', 'work')
  await page.reload()
  await expect(page.getByRole('button', { name: /^Begin / })).toBeVisible()
  await allSent(page)
  expect(logsOf(await shown(page, visit))).toHaveLength(1)
})

test('two taps on one place are one; later is not left out, and both sides stay together', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await atTheRound(page)
  const { sessionId: visit } = await openAsNew(page, 'Rounds and the clock')
  const now = page.getByRole('region', { name: /^(Now|Next)$/ })
  const begin = page.getByRole('button', { name: /^Begin / })
  await expect(begin).toHaveAttribute('aria-disabled', 'false')
  /** As a thumb that trembles: the same place twice within 180 ms of the page’s clock. */
  const twice = async (name: RegExp | string) => {
    const box = await page.getByRole('button', { name }).boundingBox()
    if (box === null) throw new Error(`No ${String(name)} to touch.`)
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2]
    await page.clock.pauseAt(new Date((await page.evaluate(() => Date.now())) + 1000))
    await page.mouse.click(x, y)
    await page.clock.runFor(180)
    await page.mouse.click(x, y)
    await page.clock.runFor(1000)
    await page.clock.resume()
  }
  await twice(/^Begin /)
  await expect(stage(page)).toHaveAttribute('data-phase', 'work')
  await twice('Set done')
  await expect(stage(page)).toHaveAttribute('data-phase', 'rest')
  await expect(page.getByRole('region', { name: /^How squat went$/ })).toBeVisible()
  await allSent(page)
  expect(logsOf(await shown(page, visit))).toHaveLength(1)
  // The key that does it waits as well.
  await expect(begin).toHaveAttribute('aria-disabled', 'false')

  // The deadlift is done with one side, then the other: both wait, and come back in their order.
  await skipTo(page, 'Suitcase deadlift')
  await expect(now).toContainText('Left side')
  await page.getByRole('button', { name: 'Later', exact: true }).click()
  await expect(now).toContainText('Calf raise')
  await page.getByRole('button', { name: 'More', exact: true }).click()
  const right = page
    .getByRole('region', { name: 'More' })
    .getByRole('listitem')
    .filter({ hasText: /suitcase deadlift.*left/i })
    .first()
  await right.getByRole('button', { name: 'Do now' }).click()
  await expect(now).toContainText('Left side')
  await begin.click()
  await page.getByRole('button', { name: 'Set done' }).click()
  await expect(now).toContainText('Suitcase deadlift')
  await expect(now).toContainText('Right side')
  // The other side follows by itself; it has waited, and nothing else is called by that name.
  await page.getByRole('button', { name: 'Set done' }).click()
  await expect(now).toContainText('Calf raise')
  await expect(page.getByRole('button', { name: 'Later', exact: true })).toBeDisabled()
  await expect(page.getByRole('button', { name: 'Leave out', exact: true })).toBeEnabled()
  // What is left out is counted as its block is, in rounds, and waits under More.
  await page.getByRole('button', { name: 'Leave out', exact: true }).click()
  await expect(now).not.toContainText('Calf raise')
  await page.getByRole('button', { name: 'More', exact: true }).click()
  const left = page
    .getByRole('region', { name: 'More' })
    .getByRole('listitem')
    .filter({ hasText: /Calf raise, round 1/ })
  await expect(left.getByRole('button', { name: 'Put back' })).toBeVisible()
})

test('somebody who is warm leaves the warm-up in one tap, and has it back with Undo', async ({ page }) => {
  await atTheRound(page)
  const { sessionId } = await page.evaluate(async () => {
    const { visits } = (await (await fetch('/api/round', { headers: { Accept: 'application/json' } })).json()) as {
      visits: { clientName: string; sessionId: number }[]
    }
    return visits.find((visit) => visit.clientName === 'Orrin Kestlewick') ?? { sessionId: 0 }
  })
  await asNew(page, sessionId)
  await open(page, sessionId)
  const now = page.getByRole('region', { name: /^(Now|Next)$/ })
  await expect(now).toContainText('warm-up')
  await page.getByRole('button', { name: /^Leave the warm-up out, \d+ sets$/ }).click()
  await expect(now).not.toContainText('warm-up')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(now).toContainText('warm-up')
})
