import { atTheRound, doSet, expect, openClient, test, violations } from './desk'

/*
 * What somebody can do: told in words, or found out in a first session on the Floor, and what the programme makes of it.
 */

test('a first session finds out what somebody can do, and the draft follows', async ({ page }) => {
  test.slow()
  await atTheRound(page)
  await openClient(page, 'Rosalind Stroud')
  const places = page.getByRole('navigation', { name: 'Rosalind Stroud' })
  await places.getByRole('link', { name: 'Programme' }).click()
  await expect(page.getByText('Nothing is on record yet.')).toBeVisible()
  await page.getByRole('button', { name: 'Plan it for me' }).click()
  await page.getByRole('button', { name: 'Keep as a draft' }).click()
  await expect(page.getByRole('button', { name: 'Start it' })).toBeVisible()

  await places.getByRole('link', { name: 'Start' }).click()
  await expect(page.getByRole('heading', { name: 'Find the start' })).toBeVisible()
  const squat = page.getByRole('region', { name: 'What they can probably do' }).getByRole('listitem').first()
  await expect(squat).toContainText('from people like them')
  expect(await violations(page, 'start')).toEqual([])

  // What is known already: read before it is kept, refused with a reason, taken back and put back.
  const line = page.getByLabel('As you would say it')
  await line.fill('rows for ten')
  await expect(page.getByText('Bent-over row: with how many kilograms?')).toBeVisible()
  await line.fill('eight push-ups')
  await expect(page.getByRole('status').filter({ hasText: '8 repetitions, all there were' })).toBeVisible()
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Take back: eight push-ups' }).click()
  await page.getByRole('button', { name: 'Put it back' }).click()
  await expect(page.getByRole('button', { name: 'Take back: eight push-ups' })).toBeVisible()

  // Told is told: enough to plan by, and the session can be had all the same.
  await page.getByText('Find it anew').click()
  await page.getByRole('button', { name: 'Begin now' }).click()
  await expect(page).toHaveURL(/\/floor\/\d+$/)
  await page.getByRole('button', { name: 'Start the session' }).click()
  await page.getByRole('button', { name: /^Leave the warm-up out/ }).click()

  // Legs: the first step was easy, the second enough; what is heavier is not asked for.
  await expect(page.getByText(/step 1 of/).first()).toBeVisible()
  await doSet(page)
  await page.getByRole('button', { name: 'More: 5 or more in reserve' }).click()
  await expect(page.getByRole('button', { name: /^Begin step 2 of/ })).toBeVisible()
  await doSet(page)
  await page.getByRole('button', { name: '3 in reserve' }).click()
  await expect(page.getByRole('button', { name: /^Begin step 1 of/ })).toBeVisible()
  await expect(page.getByText('ramp, Pushing').first()).toBeVisible()
  // One Undo brings back what was not needed.
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('button', { name: /^Begin step 3 of/ })).toBeVisible()
  await doSet(page)
  await page.keyboard.press('2')
  await expect(page.getByText('ramp, Pushing').first()).toBeVisible()

  // To the end, whatever is done with both sides or one after the other: easy and enough by turns.
  const end = page.getByRole('button', { name: 'End the session' })
  const begin = page.getByRole('button', { name: /^Begin step/ })
  const done = page.getByRole('button', { name: 'Set done' })
  const more = page.getByRole('button', { name: 'More: 5 or more in reserve' })
  const through = () => page.getByRole('img', { name: /sets through/ }).getAttribute('aria-label')
  for (let turn = 0; turn < 60; turn++) {
    await expect(end.or(begin).or(done).first()).toBeVisible()
    const toSay = await more.count()
    if (toSay > 0 && !(await done.isVisible())) {
      await (turn % 2 === 0 ? more : page.getByRole('button', { name: '2 in reserve' })).first().click()
      await expect(more).toHaveCount(toSay - 1)
    } else if (await done.isVisible()) {
      const before = await through()
      await done.click()
      await expect.poll(through).not.toBe(before)
    } else if (await end.isVisible()) {
      break
    } else {
      await begin.click()
      await expect(done).toBeVisible()
    }
  }
  await end.click()
  await page.getByRole('link', { name: 'See what was found out' }).click()
  await expect(squat).toContainText('from sets of its own')
  await expect(squat).toContainText('was')
  await expect(page.getByRole('region', { name: 'In the programme' }).getByRole('listitem').first()).toContainText(
    'was',
  )
  await page.getByRole('link', { name: 'See it in the programme, or take it back there' }).click()
  await expect(page.getByText(/After what was found out/).first()).toBeVisible()
})
