import { atTheRound, expect, openClient, test, visitTo } from './desk'
import { keyWalk } from './walk'

test('a page’s keys act only where nothing that has the focus needs them, and never through a dialog', async ({
  page,
}) => {
  await atTheRound(page)
  const { items } = await visitTo(page, 'Orrin Kestlewick')
  await page.goto(`/swap/${items[0]?.id ?? 0}`)
  const first = page.getByRole('button', { name: /^1 / }).or(page.locator('#candidate-1')).first()
  await expect(first).toBeVisible()
  const asked: string[] = []
  page.on('request', (request) => {
    if (request.method() !== 'GET' && request.url().includes('/swaps')) asked.push(request.url())
  })

  // The list of keys lies over the page: what is pressed there is not the page's.
  await page.keyboard.press('?')
  const list = page.getByRole('dialog', { name: 'Keys and words' })
  await expect(list).toBeVisible()
  for (const key of ['2', 'Enter', 'u', 'p']) {
    if (key !== 'Enter') await page.keyboard.press(key)
  }
  await expect(list).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(list).toBeHidden()
  expect(asked).toEqual([])

  // Letters switched off: nothing happens by them, and arrows still walk.
  await page.goto('/settings')
  await page.getByText('Single letters, digits and signs act as keys').click()
  await page.goto(`/swap/${items[0]?.id ?? 0}`)
  await expect(first).toBeVisible()
  await page.keyboard.press('2')
  await page.keyboard.press('?')
  await page.keyboard.press('/')
  await expect(page.getByRole('dialog')).toHaveCount(0)
  expect(asked).toEqual([])
  await page.goto('/settings')
  await page.getByText('Single letters, digits and signs act as keys').click()

  // Enter on a link follows the link and swaps nothing.
  await page.goto(`/swap/${items[0]?.id ?? 0}`)
  await expect(first).toBeVisible()
  await page.getByRole('link', { name: 'Open the Floor' }).focus()
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/\/floor\/\d+$/)
  expect(asked).toEqual([])

  // The same list and the same jump on the Floor.
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible()
  await expect
    .poll(async () => {
      await page.keyboard.press('?')
      return list.isVisible()
    })
    .toBe(true)
  await page.keyboard.press('Escape')
  await expect(list).toBeHidden()
  await page.keyboard.press('/')
  await page.getByPlaceholder('A client, a session, an exercise or a thing to do…').fill('Settings')
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/\/settings$/)
})

test('each place names its window and its heading, and whoever goes there finds the focus on it', async ({ page }) => {
  await atTheRound(page)
  await expect(page).toHaveTitle(/^Round · /)
  const heading = page.getByRole('heading', { level: 1 })
  // After the sign-in the focus is on the page that came, not nowhere.
  await expect(heading).toBeFocused()
  await openClient(page, 'Orrin Kestlewick')
  await expect(page).toHaveTitle('Person · Orrin Kestlewick · Nimble Shelf')
  await expect(heading).toBeFocused()
  for (const [link, title] of [
    ['Shelf', 'Shelf · Orrin Kestlewick'],
    ['Ledger', 'Ledger · Orrin Kestlewick'],
    ['Limits and room', 'Limits and room · Orrin Kestlewick'],
  ] as const) {
    await page.getByRole('navigation', { name: 'Orrin Kestlewick' }).getByRole('link', { name: link }).click()
    await expect(page).toHaveTitle(`${title} · Nimble Shelf`)
    await expect(heading).toHaveCount(1)
    await expect(heading).toHaveText(`Orrin Kestlewick · ${link}`)
    await expect(heading).toBeFocused()
  }
  // A jump by keys arrives the same way.
  await page.keyboard.press('/')
  await page.getByPlaceholder('A client, a session, an exercise or a thing to do…').fill('Catalogue')
  await page.keyboard.press('Enter')
  await expect(page).toHaveTitle('Catalogue · Nimble Shelf')
  await expect(heading).toBeFocused()
})

test('Enter and Space do what the element under them says, on everything of every place', async ({ page }) => {
  test.slow()
  await atTheRound(page)
  const { sessionId, items } = await visitTo(page, 'Orrin Kestlewick')
  const clientId = await page.evaluate(async (id) => {
    const session = (await (await fetch(`/api/sessions/${id}`)).json()) as { clientId: number }
    return session.clientId
  }, sessionId)
  const programmes = await page.evaluate(
    async (id) =>
      (await (await fetch(`/api/clients/${id}/programmes`, { headers: { Accept: 'application/json' } })).json()) as {
        shown: { id: number } | null
      },
    clientId,
  )
  const at = `/clients/${clientId}`
  const places = [
    '/',
    '/?add=visit',
    '/clients',
    '/clients/new',
    '/settings',
    '/catalogue',
    '/catalogue/goblet-squat',
    at,
    `${at}/health`,
    `${at}/room`,
    `${at}/shelf`,
    `${at}/bench`,
    `${at}/rail`,
    `${at}/programme`,
    `${at}/ledger`,
    ...(programmes.shown === null ? [] : [`${at}/programme/${programmes.shown.id}/week/1`]),
    `/swap/${items[0]?.id ?? 0}`,
    `/replan/${sessionId}?for=less-time`,
    `/floor/${sessionId}`,
  ]
  let pressed = 0
  const wrong: string[] = []
  for (const place of places) {
    await page.goto(place)
    await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible()
    await page.waitForLoadState('networkidle')
    const walked = await keyWalk(page, place)
    expect(walked.pressed, place).toBeGreaterThan(10)
    pressed += walked.pressed
    wrong.push(...walked.wrong)
  }
  expect(wrong).toEqual([])
  expect(pressed).toBeGreaterThan(600)
})
